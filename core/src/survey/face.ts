import type { UnitSystem } from '../quantity/unit-system.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import type { TakeOff } from '../takeoff/take-off.ts';
import type { EntityId } from './entity-id.ts';
import type { Finding } from './finding.ts';
import { keptList } from './kept-list.ts';
import type { Scope } from './scope.ts';
import type { Surface } from './surface.ts';
import type { Survey } from './survey.ts';
import type { Zone } from './zone.ts';

/** What is treated as one: a surface without its zones, or one zone of it. */
export interface Face extends Surface {
  readonly zoneOf: EntityId | null;
  readonly inScope: boolean;
  readonly scopeReason: string;
  readonly nothingFound: boolean;
  /** Its area with the sum; zones are taken off the surface that they lie on. */
  readonly takeOff: TakeOff;
}

/** A survey whose surfaces are faces: what every step of planning works on. */
export interface FacedSurvey extends Omit<Survey, 'surfaces'> {
  readonly surfaces: readonly Face[];
}

/** Every zone made a face of its own; findings and choices follow to it. */
export function faced(survey: Survey): FacedSurvey {
  return {
    ...survey,
    surfaces: facesOf(survey),
    findings: survey.findings.map((f): Finding => (f.zone === null ? f : { ...f, surface: f.zone })),
  };
}

/** The faces of every surface: the surface first, then its zones. */
export function facesOf(survey: Survey): readonly Face[] {
  const scopes = new Map(survey.scopes.map((s) => [s.surface as string, s]));
  const { units } = survey.job;
  const zonesOn = new Map<string, Zone[]>();
  for (const zone of survey.zones) zonesOn.set(zone.surface, [...(zonesOn.get(zone.surface) ?? []), zone]);
  const faces = survey.surfaces.flatMap((surface) => {
    const zones = zonesOn.get(surface.id) ?? [];
    const scope = scopes.get(surface.id);
    const before = made.get(surface);
    const same =
      before?.units === units &&
      before.scope === scope &&
      before.zones.length === zones.length &&
      before.zones.every((zone, i) => zone === zones[i]);
    if (same) return before.faces;
    const now = facesOn(surface, zones, scope, units);
    made.set(surface, { zones, scope, units, faces: now });
    return now;
  });
  return keptList(faces);
}

interface MadeFaces {
  readonly zones: readonly Zone[];
  readonly scope: Scope | undefined;
  readonly units: UnitSystem;
  readonly faces: readonly Face[];
}

/** Faces stay the same objects while nothing of them changes: an edit of one surface measures only that one anew. */
const made = new WeakMap<Surface, MadeFaces>();

function facesOn(
  surface: Surface,
  zones: readonly Zone[],
  scope: Scope | undefined,
  units: UnitSystem,
): readonly Face[] {
  const common = {
    inScope: scope?.inScope ?? true,
    scopeReason: scope?.scopeReason ?? '',
    nothingFound: scope?.nothingFound ?? false,
  };
  const feet = zones.filter((z) => z.lies === 'foot').map((z) => z.id);
  const rest: Face = {
    ...surface,
    ...common,
    zoneOf: null,
    takeOff: restTakeOff(surface, zones, units),
    drainsOnto: [...feet, ...surface.drainsOnto],
  };
  return [rest, ...zones.map((zone): Face => ({ ...zoneFace(surface, zone, units), ...common }))];
}

function zoneFace(
  surface: Surface,
  zone: Zone,
  units: UnitSystem,
): Omit<Face, 'inScope' | 'scopeReason' | 'nothingFound'> {
  const foot = zone.footMetres ?? surface.footMetres;
  return {
    ...surface,
    id: zone.id,
    position: surface.position,
    name: `${surface.name}: ${zone.name}`,
    zoneOf: surface.id,
    conditions: [...new Set([...surface.conditions, ...zone.conditions])],
    size: zone.size,
    girth: '',
    takeOff: takeOffFace({ size: zone.size, girth: '', reliefFactor: surface.reliefFactor }, units),
    footMetres: foot,
    topMetres: Math.max(foot, zone.topMetres ?? surface.topMetres),
    drainsOnto: zone.lies === 'foot' ? surface.drainsOnto : [surface.id],
    asset: null,
    past: [],
    note: zone.note,
  };
}

/** The area of a surface without its zones; a zone that is not measured yet is taken off once it is. */
function restTakeOff(surface: Surface, zones: readonly Zone[], units: UnitSystem): TakeOff {
  const whole = takeOffFace(surface, units);
  if (!whole.ok) return whole;
  const taken = zones.flatMap((zone) => {
    const off = takeOffFace({ size: zone.size, girth: '', reliefFactor: surface.reliefFactor }, units);
    return off.ok ? [{ zone, off }] : [];
  });
  if (taken.length === 0) return whole;
  const squareMetres = Number(
    (whole.squareMetres - taken.reduce((sum, t) => sum + t.off.squareMetres, 0)).toFixed(3),
  );
  if (squareMetres <= 0) {
    return {
      ok: false,
      fault: {
        message: `its zones are as large as the surface or larger: ${String(taken.length)} zones leave ${String(squareMetres)} m² of ${String(whole.squareMetres)} m²`,
        position: 0,
        length: surface.size.length,
      },
    };
  }
  const lines = taken.map(({ zone, off }) => `− zone ${zone.name} = ${String(off.squareMetres)} m²`);
  return { ok: true, squareMetres, sum: [...whole.sum, ...lines] };
}

import { keptBy } from '../quantity/kept.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import type { TakeOff } from '../takeoff/take-off.ts';
import { asBefore } from './as-before.ts';
import type { EntityId } from './entity-id.ts';
import type { Finding } from './finding.ts';
import { keptList } from './kept-list.ts';
import type { Scope } from './scope.ts';
import type { Surface } from './surface.ts';
import { ABSORPTION_TEST } from './surface-test.ts';
import type { SurfaceTest } from './surface-test.ts';
import type { Survey } from './survey.ts';
import { measuredAbsorption } from './water-absorption.ts';
import type { Zone } from './zone.ts';

/** What is treated as one: a surface without its zones, or one zone of it. */
export interface Face extends Surface {
  readonly zoneOf: EntityId | null;
  readonly inScope: boolean;
  readonly scopeReason: string;
  readonly nothingFound: boolean;
  /** How thirsty it is by a drop of water, kg/(m²·√s); null where nobody timed one. */
  readonly measuredSorptivity: number | null;
  /** Its area with the sum; zones are taken off the surface that they lie on. */
  readonly takeOff: TakeOff;
}

/** A survey whose surfaces are faces, with the company's catalogue: what every step of planning works on. */
export interface FacedSurvey extends Omit<Survey, 'surfaces'> {
  readonly surfaces: readonly Face[];
  /** The shipped catalogue with the company's own values, products, materials and methods worked in. */
  readonly catalogue: CompanyCatalogue;
}

/** Every zone made a face of its own, findings and choices following to it, and the catalogue completed. */
export function faced(asked: Survey): FacedSurvey {
  const survey = asBefore(asked);
  return {
    ...survey,
    catalogue: companyCatalogue(survey.handbook),
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
  const dropsOn = new Map<string, SurfaceTest[]>();
  for (const test of survey.tests)
    if (test.test === ABSORPTION_TEST)
      dropsOn.set(test.surface, [...(dropsOn.get(test.surface) ?? []), test]);
  const faces = survey.surfaces.flatMap((surface) => {
    const zones = zonesOn.get(surface.id) ?? [];
    const drops = dropsOn.get(surface.id) ?? [];
    return facesOn(surface, { zones, drops, scope: scopes.get(surface.id) ?? null, units });
  });
  return keptList(faces);
}

/** What a surface's faces are made from, besides itself. */
interface FaceSources {
  readonly zones: readonly Zone[];
  /** Absorption tests on it. */
  readonly drops: readonly SurfaceTest[];
  readonly scope: Scope | null;
  readonly units: UnitSystem;
}

/** Faces stay the same objects while nothing of them changes: an edit of one surface measures only that one anew. */
const facesOn = keptBy(
  (surface: Surface, { zones, drops, scope, units }: FaceSources) => [
    surface,
    units,
    scope,
    zones.length,
    ...zones,
    ...drops,
  ],
  measuredFaces,
);

function measuredFaces(surface: Surface, { zones, drops, scope, units }: FaceSources): readonly Face[] {
  const common = {
    inScope: scope?.inScope ?? true,
    scopeReason: scope?.scopeReason ?? '',
    nothingFound: scope?.nothingFound ?? false,
  };
  const own = measuredAbsorption(drops, surface.id, null);
  const thirst = (zone: string) => measuredAbsorption(drops, surface.id, zone) ?? own;
  const feet = zones.filter((z) => z.lies === 'foot').map((z) => z.id);
  const rest: Face = {
    ...surface,
    ...common,
    zoneOf: null,
    measuredSorptivity: own?.sorptivity ?? null,
    takeOff: restTakeOff(surface, zones, units),
    drainsOnto: [...feet, ...surface.drainsOnto],
  };
  return [
    rest,
    ...zones.map((zone): Face => ({
      ...zoneFace(surface, zone, units),
      ...common,
      measuredSorptivity: thirst(zone.id)?.sorptivity ?? null,
    })),
  ];
}

function zoneFace(
  surface: Surface,
  zone: Zone,
  units: UnitSystem,
): Omit<Face, 'inScope' | 'scopeReason' | 'nothingFound' | 'measuredSorptivity'> {
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
        message: `its zones are as large as the surface or larger: ${taken.length} zones leave ${squareMetres} m² of ${whole.squareMetres} m²`,
        position: 0,
        length: surface.size.length,
      },
    };
  }
  const lines = taken.map(({ zone, off }) => `− zone ${zone.name} = ${off.squareMetres} m²`);
  // From which of its pieces a zone is taken is not known.
  return { ok: true, squareMetres, sum: [...whole.sum, ...lines], pieces: null };
}

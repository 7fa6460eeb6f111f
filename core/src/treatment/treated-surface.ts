import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Schools } from '../catalogue/school.ts';
import type { Choice } from '../survey/choice.ts';
import type { Finding } from '../survey/finding.ts';
import type { TestPatch } from '../survey/test-patch.ts';
import { isShadySide } from '../survey/side.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import type { TakeOff } from '../takeoff/take-off.ts';
import { patchesOn } from './failed-patch.ts';
import { schoolsOn } from './school-stance.ts';
import { plausibleStates } from './surface-state.ts';
import type { SurfaceState } from './surface-state.ts';
import { surfaceTreatment } from './surface-treatment.ts';
import type { SurfaceTreatment } from './surface-treatment.ts';
import { strictestTolerances } from './tolerances.ts';
import type { Tolerance } from './tolerances.ts';

/** One surface measured and treated. */
export interface TreatedSurface {
  readonly surface: Face;
  readonly takeOff: TakeOff;
  /** Null while it is unmeasured or out of scope. */
  readonly treatment: SurfaceTreatment | null;
  readonly jetLimitKilopascal: number;
  readonly tolerances: readonly Tolerance[];
}

/** Everything that bears on the treatment of one face, and nothing else. */
interface FaceInputs {
  readonly surface: Face;
  readonly shaded: boolean;
  readonly findings: readonly Finding[];
  readonly choices: readonly Choice[];
  readonly patches: readonly TestPatch[];
  readonly states: readonly [SurfaceState, ...SurfaceState[]];
  readonly schools: Schools;
}

/**
 * Faces as they were treated last, by what bears on them. After an edit only the faces that it touches are treated anew; a
 * survey comes to the worker as a copy, so that the words tell what is the same, not the objects.
 */
const treatedLast = new WeakMap<Catalogue, Map<string, readonly TreatedBefore[]>>();

interface TreatedBefore {
  readonly key: string;
  readonly treated: TreatedSurface;
}

/** A question of what would be otherwise goes to and fro between two surveys. */
const WAYS_KEPT = 2;
/** More faces than one company looks at in a day. */
const MOST_KEPT = 3000;

/** Every face measured, and treated as ranked or chosen. */
export function treatedSurfaces(survey: FacedSurvey): readonly TreatedSurface[] {
  const catalogue = survey.catalogue;
  const kept = treatedLast.get(catalogue) ?? new Map<string, readonly TreatedBefore[]>();
  treatedLast.set(catalogue, kept);
  if (kept.size > MOST_KEPT) kept.clear();
  const findings = bySurface(survey.findings);
  const choices = bySurface(survey.choices);
  const sides = new Map(
    survey.sides.map((side) => [side.id as string, isShadySide(side, survey.property.place.latitude)]),
  );
  return survey.surfaces.map((surface) => {
    const inputs: FaceInputs = {
      surface,
      shaded: sides.get(surface.side ?? '') ?? false,
      findings: findings.get(surface.id) ?? [],
      choices: choices.get(surface.id) ?? [],
      patches: patchesOn(surface, survey.testPatches),
      states: plausibleStates(surface, survey),
      schools: schoolsOn(surface, survey.job.house, catalogue),
    };
    const key = JSON.stringify({
      ...inputs,
      states: inputs.states.map((s) => [s.drainsToWater, s.temperatureCelsius]),
    });
    const recent = kept.get(surface.id) ?? [];
    const same = recent.find((b) => b.key === key);
    const treated = same?.treated ?? treatedSurface(inputs, catalogue);
    if (recent[0]?.key !== key)
      kept.set(surface.id, [{ key, treated }, ...recent.filter((b) => b !== same)].slice(0, WAYS_KEPT));
    return treated;
  });
}

function bySurface<Item extends { readonly surface: string }>(
  items: readonly Item[],
): ReadonlyMap<string, readonly Item[]> {
  const lists = new Map<string, Item[]>();
  for (const item of items) {
    const list = lists.get(item.surface);
    if (list) list.push(item);
    else lists.set(item.surface, [item]);
  }
  return lists;
}

function treatedSurface({ states, ...inputs }: FaceInputs, catalogue: Catalogue): TreatedSurface {
  const { surface } = inputs;
  const { takeOff } = surface;
  const [state, ...otherStates] = states;
  const measured = {
    surface,
    takeOff,
    jetLimitKilopascal: Math.min(...states.map((s) => s.jetLimitKilopascal)),
    tolerances: strictestTolerances(states),
  };
  if (!takeOff.ok || !surface.inScope) return { ...measured, treatment: null };
  const treatment = surfaceTreatment({
    ...inputs,
    temperatureCelsius: state.temperatureCelsius,
    ammonia: inputs.findings.some((f) => contaminantById(f.contaminant).ammonia === true),
    areaSquareMetres: takeOff.squareMetres,
    state,
    otherStates,
    catalogue,
  });
  return { ...measured, treatment };
}

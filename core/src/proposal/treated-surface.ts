import equal from 'fast-deep-equal';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Schools } from '../catalogue/school.ts';
import type { Choice } from '../survey/choice.ts';
import type { Finding } from '../survey/finding.ts';
import type { TestPatch } from '../survey/test-patch.ts';
import { isShadySide } from '../survey/side.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import type { TakeOff } from '../takeoff/take-off.ts';
import type { FaceAir } from '../wetting/face-air.ts';
import { patchesOn } from './failed-patch.ts';
import { schoolsOn } from './school-stance.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';
import { combinationWeights, treatmentBy } from './surface-treatment.ts';
import type { SurfaceTreatment } from './surface-treatment.ts';
import { findingOptions, washedWhereFinished } from './face-options.ts';
import type { FindingOptions, TreatmentInput } from './face-options.ts';
import { faceVariants } from './face-variants.ts';
import type { FaceVariant } from './face-variants.ts';
import { propertyChoice } from './property-choice.ts';
import { basins } from '../survey/run-off-paths.ts';
import { togetherIn, usersOf } from './together.ts';
import { surroundings } from './surroundings.ts';
import type { Surroundings } from './surroundings.ts';
import { strictestTolerances } from '../treatment/tolerances.ts';
import type { Tolerance } from '../treatment/tolerances.ts';

/** One surface measured and treated. */
export interface TreatedSurface {
  readonly surface: Face;
  readonly takeOff: TakeOff;
  /** Null while it is unmeasured or out of scope. */
  readonly treatment: SurfaceTreatment | null;
  readonly jetLimitKilopascal: number;
  readonly tolerances: readonly Tolerance[];
}

/** Everything that bears on what may be done on one face, and nothing else. */
interface FaceInputs {
  readonly surface: Face;
  readonly shaded: boolean;
  readonly findings: readonly Finding[];
  readonly choices: readonly Choice[];
  readonly patches: readonly TestPatch[];
  readonly states: readonly [SurfaceState, ...SurfaceState[]];
  readonly schools: Schools;
  readonly air: FaceAir;
  readonly surroundings: Surroundings;
}

/** A face with the ways to treat it, and the treatments that came of them. */
export interface OpenFace {
  readonly inputs: FaceInputs;
  readonly measured: Omit<TreatedSurface, 'treatment'>;
  /** Null while the face is unmeasured or out of scope. */
  readonly input: TreatmentInput | null;
  readonly options: readonly FindingOptions[];
  readonly variants: readonly FaceVariant[];
  readonly treated: Map<string, TreatedSurface>;
}

/**
 * Faces as they were last looked at, by what bears on them. After an edit only the faces that it touches are looked at anew; a
 * survey comes to the worker as a copy, so that the words tell what is the same, not the objects.
 */
const openedLast = new WeakMap<Catalogue, Map<string, readonly OpenFace[]>>();

/** A question of what would be otherwise goes to and fro between two surveys. */
const WAYS_KEPT = 2;
const TREATMENTS_KEPT = 8;
/** More faces than one company looks at in a day. */
const MOST_KEPT = 3000;

/**
 * Every face measured, and treated as is best for the property as a whole, or as a person has picked.
 * @param airOf in which air a face is worked, in its hardest hour: how long a method takes hangs on it
 */
export function treatedSurfaces(
  survey: FacedSurvey,
  airOf: (face: Face) => FaceAir,
): readonly TreatedSurface[] {
  const faces = openFaces(survey, airOf);
  const chosen = chosenVariants(faces, survey);
  const users = usersOf(faces, chosen);
  return faces.map((face) => {
    const { surface } = face.measured;
    const variant = chosen.get(surface.id);
    if (!face.input || !variant) return unTreated(face);
    const together = togetherIn(face, variant, users);
    const key = `${face.variants.indexOf(variant)} ${together?.text ?? ''}`;
    const known = face.treated.get(key);
    if (known) return known;
    const picks = { options: face.options, combination: variant.combination, together };
    const treated = { ...face.measured, treatment: treatmentBy(picks, face.input) };
    // What others do words it anew with every edit: the last few are enough.
    if (face.treated.size >= TREATMENTS_KEPT) face.treated.clear();
    face.treated.set(key, treated);
    return treated;
  });
}

function unTreated(face: OpenFace): TreatedSurface {
  const known = face.treated.get('');
  if (known) return known;
  const treated = { ...face.measured, treatment: null };
  face.treated.set('', treated);
  return treated;
}

/** Every face with the ways to treat it: those that are as they were when they were last looked at are the same objects. */
export function openFaces(survey: FacedSurvey, airOf: (face: Face) => FaceAir): readonly OpenFace[] {
  const catalogue = survey.catalogue;
  const kept = openedLast.get(catalogue) ?? new Map<string, readonly OpenFace[]>();
  openedLast.set(catalogue, kept);
  if (kept.size > MOST_KEPT) kept.clear();
  const findings = bySurface(survey.findings);
  const choices = bySurface(survey.choices);
  const sides = new Map(
    survey.sides.map((side) => [side.id as string, isShadySide(side, survey.property.place.latitude)]),
  );
  const around = surroundings(survey);
  return survey.surfaces.map((surface) => {
    const inputs: FaceInputs = {
      surface,
      shaded: sides.get(surface.side ?? '') ?? false,
      findings: findings.get(surface.id) ?? [],
      choices: choices.get(surface.id) ?? [],
      patches: patchesOn(surface, survey.testPatches),
      states: plausibleStates(surface, survey),
      schools: schoolsOn(surface, survey.job.house, catalogue),
      air: airOf(surface),
      surroundings: around(surface),
    };
    const recent = kept.get(surface.id) ?? [];
    const same = recent.find((known) => equal(known.inputs, inputs));
    const face = same ?? openFace(inputs, catalogue);
    if (!same || recent[0] !== same)
      kept.set(surface.id, [face, ...recent.filter((b) => b !== same)].slice(0, WAYS_KEPT));
    return face;
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

function openFace(bearing: FaceInputs, catalogue: Catalogue): OpenFace {
  const { states, ...inputs } = bearing;
  const { surface } = inputs;
  const { takeOff } = surface;
  const [state, ...otherStates] = states;
  const measured = {
    surface,
    takeOff,
    jetLimitKilopascal: Math.min(...states.map((s) => s.jetLimitKilopascal)),
    tolerances: strictestTolerances(states),
  };
  const treated = new Map<string, TreatedSurface>();
  if (!takeOff.ok || !surface.inScope)
    return { inputs: bearing, measured, input: null, options: [], variants: [], treated };
  const input: TreatmentInput = {
    ...inputs,
    temperatureCelsius: state.temperatureCelsius,
    ammonia: inputs.findings.some((f) => contaminantById(f.contaminant).ammonia === true),
    areaSquareMetres: takeOff.squareMetres,
    state,
    otherStates,
    catalogue,
  };
  const options = inputs.findings.map((finding) => findingOptions(finding, null, input));
  const variants = faceVariants(
    washedWhereFinished(options),
    combinationWeights(catalogue),
    catalogue.weight('most-loss').value,
    catalogue,
  );
  return { inputs: bearing, measured, input, options, variants, treated };
}

/** The way of each face that is best for all of them together. */
export function chosenVariants(
  faces: readonly OpenFace[],
  { surfaces, catalogue }: FacedSurvey,
): ReadonlyMap<string, FaceVariant> {
  const basin = basins(surfaces);
  return propertyChoice(
    faces
      .filter(({ input }) => input !== null)
      .map(({ measured: { surface }, variants }) => ({
        id: surface.id,
        basin: basin.get(surface.id) ?? surface.id,
        variants,
      })),
    {
      agent: catalogue.weight('agent').value,
      opposed: catalogue.weight('opposed').value,
      visit: catalogue.weight('property-visit').value,
    },
    catalogue,
  );
}

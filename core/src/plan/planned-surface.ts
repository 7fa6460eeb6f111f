import { isShadySide } from '../survey/side.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import type { TakeOff } from '../takeoff/take-off.ts';
import { houseCatalogue } from '../house/house-catalogue.ts';
import { patchesOn } from '../treatment/failed-patch.ts';
import { schoolsOn } from '../treatment/school-stance.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import { surfaceTreatment } from '../treatment/surface-treatment.ts';
import type { SurfaceTreatment } from '../treatment/surface-treatment.ts';
import { strictestTolerances } from '../treatment/tolerances.ts';
import type { Tolerance } from '../treatment/tolerances.ts';
import type { PropertyVisit } from './property-visits.ts';
import { wetCyclePlan } from './wet-cycle-plan.ts';
import type { WetCyclePlan } from './wet-cycle-plan.ts';

/** One surface measured and treated. */
export interface TreatedSurface {
  readonly surface: Face;
  readonly takeOff: TakeOff;
  /** Null while it is unmeasured or out of scope. */
  readonly treatment: SurfaceTreatment | null;
  readonly jetLimitKilopascal: number;
  readonly tolerances: readonly Tolerance[];
}

/** One surface with its wet cycles cut into sections. */
export interface PlannedSurface extends TreatedSurface {
  readonly cycles: readonly WetCyclePlan[];
}

/** A surface measured, and treated as ranked or chosen. */
export function treatedSurface(surface: Face, survey: FacedSurvey): TreatedSurface {
  const { takeOff } = surface;
  const states = plausibleStates(surface, survey);
  const [state] = states;
  const measured = {
    surface,
    takeOff,
    jetLimitKilopascal: Math.min(...states.map((s) => s.jetLimitKilopascal)),
    tolerances: strictestTolerances(states),
  };
  if (!takeOff.ok || !surface.inScope) return { ...measured, treatment: null };
  const side = survey.sides.find((s) => s.id === surface.side);
  const catalogue = houseCatalogue(survey.handbook);
  const treatment = surfaceTreatment({
    surface,
    shaded: side ? isShadySide(side) : false,
    areaSquareMetres: takeOff.squareMetres,
    findings: survey.findings.filter((f) => f.surface === surface.id),
    choices: survey.choices.filter((c) => c.surface === surface.id),
    patches: patchesOn(surface, survey.testPatches),
    state,
    otherStates: states.slice(1),
    schools: schoolsOn(surface, survey.job.house, catalogue),
    catalogue,
  });
  return { ...measured, treatment };
}

/** A treated surface with the stages that belong to one visit; none where nothing is done on it then. */
export function inVisit(treated: TreatedSurface, visit: PropertyVisit | undefined): TreatedSurface {
  const { treatment } = treated;
  if (!treatment) return treated;
  const stages = visit?.parts.find((part) => part.surface === treated.surface.id)?.stages ?? [];
  return stages === treatment.stages ? treated : { ...treated, treatment: { ...treatment, stages } };
}

/** The wet cycles of a treated surface, cut into sections of a share of the greatest that the wet window allows. */
export function plannedSurface(
  treated: TreatedSurface,
  survey: FacedSurvey,
  sectionFactor: number,
): PlannedSurface {
  const stages = treated.treatment?.stages ?? [];
  const numbers = [...new Set(stages.flatMap((s) => (s.cycle === null ? [] : [s.cycle])))];
  const cycles = numbers.map((cycle) =>
    wetCyclePlan({
      surface: treated.surface,
      stages: stages.filter((s) => s.cycle === cycle),
      weather: survey.job.weather,
      catalogue: houseCatalogue(survey.handbook),
      alone: survey.job.house.crew.length === 1,
      sectionFactor,
    }),
  );
  return { ...treated, cycles };
}

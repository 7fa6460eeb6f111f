import { takeOffArea } from '../takeoff/take-off.ts';
import type { TakeOff } from '../takeoff/take-off.ts';
import { isShadySide } from '../survey/side.ts';
import type { Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import { surfaceState } from '../treatment/surface-state.ts';
import { surfaceTreatment } from '../treatment/surface-treatment.ts';
import type { SurfaceTreatment } from '../treatment/surface-treatment.ts';
import { wetCyclePlan } from './wet-cycle-plan.ts';
import type { WetCyclePlan } from './wet-cycle-plan.ts';

/** One surface through measuring, treating and cutting into sections. */
export interface PlannedSurface {
  readonly surface: Surface;
  readonly takeOff: TakeOff;
  /** Null while it is unmeasured or out of scope. */
  readonly treatment: SurfaceTreatment | null;
  readonly jetLimitKilopascal: number;
  readonly cycles: readonly WetCyclePlan[];
}

/** A surface measured, treated as ranked or chosen, and its wet cycles cut into sections. */
export function plannedSurface(surface: Surface, survey: Survey, sectionFactor: number): PlannedSurface {
  const takeOff = takeOffArea(surface.size, survey.job.units);
  const state = surfaceState(surface, survey);
  const findings = survey.findings.filter((f) => f.surface === surface.id);
  if (!takeOff.ok || !surface.inScope)
    return { surface, takeOff, treatment: null, jetLimitKilopascal: state.jetLimitKilopascal, cycles: [] };
  const side = survey.sides.find((s) => s.id === surface.side);
  const { house, weather } = survey.job;
  const treatment = surfaceTreatment({
    surface,
    shaded: side ? isShadySide(side) : false,
    preWet: house.schools['pre-wet'] ?? 'thirsty-only',
    areaSquareMetres: takeOff.squareMetres,
    findings,
    choices: survey.choices.filter((c) => c.surface === surface.id),
    state,
    schools: house.schools,
  });
  const numbers = [...new Set(treatment.stages.flatMap((s) => (s.cycle === null ? [] : [s.cycle])))];
  const cycles = numbers.map((cycle) =>
    wetCyclePlan({
      surface,
      stages: treatment.stages.filter((s) => s.cycle === cycle),
      weather,
      alone: house.crew.length === 1,
      sectionFactor,
    }),
  );
  return { surface, takeOff, treatment, jetLimitKilopascal: state.jetLimitKilopascal, cycles };
}

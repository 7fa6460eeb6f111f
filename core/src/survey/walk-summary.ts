import { word } from '../language/in-language.ts';
import type { Face, FacedSurvey } from './face.ts';

/** 0 for a face on which nothing was found. */
export type WorstSeverity = 0 | 1 | 2 | 3 | 4;

export interface SideSum {
  /** Null for surfaces without a side. */
  readonly id: string | null;
  readonly name: string;
  /** m² by the worst severity of each face. */
  readonly bySeverity: Readonly<Record<WorstSeverity, number>>;
}

/** What a walk came to, in m²; faces that are left out or not measured are named instead of summed. */
export interface WalkSummary {
  readonly squareMetres: number;
  readonly faces: number;
  /** Largest area first. */
  readonly byMaterial: readonly {
    readonly id: string;
    readonly squareMetres: number;
    readonly faces: number;
  }[];
  /** The area that each contaminant covers: the surface times its share. Largest first. */
  readonly byContaminant: readonly {
    readonly id: string;
    readonly squareMetres: number;
    readonly faces: number;
    readonly worst: WorstSeverity;
  }[];
  /** In walking order; sides without a face are left away. */
  readonly bySide: readonly SideSum[];
  readonly notMeasured: readonly Face[];
  readonly leftOut: readonly Face[];
  /** In scope, looked at or not, with nothing found on it. */
  readonly withoutFinding: readonly Face[];
}

/**
 * The sums of a walk. Each face counts once by side and severity, with its worst finding, so that the areas of a side
 * add up to the side; by contaminant a face counts for each of its findings.
 */
export function walkSummary(survey: FacedSurvey): WalkSummary {
  const leftOut = survey.surfaces.filter((face) => !face.inScope);
  const inScope = survey.surfaces.filter((face) => face.inScope);
  const measured = inScope.flatMap((face) =>
    face.takeOff.ok
      ? [
          {
            face,
            area: face.takeOff.squareMetres,
            found: survey.findings.filter((f) => f.surface === face.id),
          },
        ]
      : [],
  );
  const contaminants = measured.flatMap(({ area, found }) =>
    found.map(({ contaminant, share, severity }) => ({ id: contaminant, area: area * share, severity })),
  );
  return {
    squareMetres: sum(measured.map((m) => m.area)),
    faces: measured.length,
    byMaterial: summed(measured.map(({ face, area }) => ({ id: face.material, area }))),
    byContaminant: summed(contaminants).map((entry) => ({
      ...entry,
      worst: worstOf(contaminants.filter((c) => c.id === entry.id).map((c) => c.severity)),
    })),
    bySide: [...survey.sides, { id: null, name: word('No side') }].flatMap(({ id, name }) => {
      const here = measured.filter(({ face }) => face.side === id);
      return here.length === 0 ? [] : [{ id, name, bySeverity: severities(here) }];
    }),
    notMeasured: inScope.filter((face) => !face.takeOff.ok),
    leftOut,
    withoutFinding: inScope.filter((face) => !survey.findings.some((f) => f.surface === face.id)),
  };
}

interface MeasuredFace {
  readonly area: number;
  readonly found: FacedSurvey['findings'];
}

function severities(faces: readonly MeasuredFace[]): Readonly<Record<WorstSeverity, number>> {
  const sums: Record<WorstSeverity, number> = { 0: 0, 1: 0, 2: 0, 3: 0, 4: 0 };
  for (const { area, found } of faces) sums[worstOf(found.map((f) => f.severity))] += area;
  return sums;
}

function worstOf(severity: readonly WorstSeverity[]): WorstSeverity {
  return severity.reduce<WorstSeverity>((worst, s) => (s > worst ? s : worst), 0);
}

function summed(
  entries: readonly { readonly id: string; readonly area: number }[],
): readonly { readonly id: string; readonly squareMetres: number; readonly faces: number }[] {
  const sums = new Map<string, { squareMetres: number; faces: number }>();
  for (const { id, area } of entries) {
    const sum = sums.get(id) ?? { squareMetres: 0, faces: 0 };
    sums.set(id, { squareMetres: sum.squareMetres + area, faces: sum.faces + 1 });
  }
  return [...sums].map(([id, entry]) => ({ id, ...entry })).sort((a, b) => b.squareMetres - a.squareMetres);
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}

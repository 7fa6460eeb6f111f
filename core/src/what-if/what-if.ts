import { isReadyToUse } from '../catalogue/agent.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { coverLitres } from '../takeoff/coats.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { methodFigures } from '../proposal/method-figures.ts';
import { derivedFigures } from '../plan/derivation.ts';
import type { FiguredPlan } from '../plan/derivation.ts';
import { supplyFigures } from './supply-figures.ts';
import type { SupplyFigures } from './supply-figures.ts';
import { stageMinutes } from '../plan/visit-outline.ts';

/** What a job takes over all its visits, before anybody looks for a sequence. */
export interface JobFigures {
  readonly visits: number;
  /** Days from the first visit to the last at the earliest. */
  readonly days: number;
  readonly handsOnMinutes: number;
  /** Of the visit that is planned, without what is ready to use. */
  readonly mixes: number;
  /** Litres of mix that come onto faces. */
  readonly mixLitres: number;
  /** Litres through hoses and lances. */
  readonly waterLitres: number;
  /** Grades of 5, the mean over all that is treated by its area; null where nothing is. */
  readonly faceRisk: number | null;
  readonly harmAround: number | null;
  /** Findings for which nothing is permitted. */
  readonly open: number;
}

/** One finding that would be treated otherwise. */
export interface ChangedTreatment {
  readonly surface: string;
  readonly name: string;
  readonly contaminant: string;
  /** Names of methods; null where nothing is permitted, or the finding is not there. */
  readonly from: string | null;
  readonly to: string | null;
}

export interface WhatIf {
  readonly before: JobFigures;
  readonly after: JobFigures;
  readonly changed: readonly ChangedTreatment[];
  readonly supply: { readonly before: SupplyFigures; readonly after: SupplyFigures };
}

/** What a change of a survey would change in the work, before it is made. */
export function whatIf(survey: Survey, changed: Survey): WhatIf {
  const [was, becomes] = [faced(survey), faced(changed)];
  const [before, after] = [derivedFigures(was), derivedFigures(becomes)];
  const methods = [methodsIn(before), methodsIn(after)] as const;
  const keys = [...new Set(methods.flatMap((m) => [...m.keys()]))];
  return {
    supply: { before: supplyFigures(before, was), after: supplyFigures(after, becomes) },
    before: jobFigures(before, survey),
    after: jobFigures(after, changed),
    changed: keys.flatMap((key) => {
      const [one, other] = [methods[0].get(key), methods[1].get(key)];
      const about = other ?? one;
      if (!about || one?.method === other?.method) return [];
      const { surface, name, contaminant } = about;
      return [{ surface, name, contaminant, from: one?.method ?? null, to: other?.method ?? null }];
    }),
  };
}

interface Treated {
  readonly surface: string;
  readonly name: string;
  readonly contaminant: string;
  readonly method: string | null;
}

function methodsIn({ surfaces }: FiguredPlan): ReadonlyMap<string, Treated> {
  return new Map(
    surfaces.flatMap(({ surface, treatment }) =>
      (treatment?.proposals ?? []).map((p) => [
        `${surface.id} ${p.finding.contaminant}`,
        {
          surface: surface.id,
          name: surface.name,
          contaminant: p.finding.contaminant,
          method: p.chosen?.method.name ?? null,
        },
      ]),
    ),
  );
}

/** The figures of a derivation, all visits together. */
export function jobFigures(derivation: FiguredPlan, survey: Survey): JobFigures {
  const catalogue = companyCatalogue(survey.handbook);
  const stages = derivation.visits.flatMap((visit) => visit.parts.flatMap((part) => part.stages));
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
  const treated = derivation.surfaces.flatMap(({ takeOff, treatment }) =>
    (treatment?.proposals ?? []).flatMap(({ chosen, finding }) =>
      chosen && takeOff.ok
        ? [{ method: chosen.method, severity: finding.severity, area: takeOff.squareMetres * finding.share }]
        : [],
    ),
  );
  const area = sum(treated.map((t) => t.area));
  const mean = (grade: (t: (typeof treated)[number]) => number) =>
    area === 0 ? null : sum(treated.map((t) => t.area * grade(t))) / area;
  return {
    visits: derivation.visits.length,
    days: derivation.visits.at(-1)?.fromDay ?? 0,
    handsOnMinutes: sum(stages.map(stageMinutes)),
    mixes: derivation.mixes.filter(({ agent }) => !isReadyToUse(catalogue.agent(agent))).length,
    mixLitres: sum(
      stages.map(({ apply, areaSquareMetres }) => (apply ? coverLitres(apply) * areaSquareMetres : 0)),
    ),
    waterLitres: sum(
      treated.map((t) => methodFigures(t.method, t.severity, catalogue).waterLitresPerSquareMetre * t.area),
    ),
    faceRisk: mean((t) => t.method.surfaceRisk),
    harmAround: mean((t) => t.method.harmAround),
    open: derivation.surfaces.reduce(
      (count, p) => count + (p.treatment?.proposals ?? []).filter((x) => x.chosen === null).length,
      0,
    ),
  };
}

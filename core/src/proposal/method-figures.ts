import { kept } from '../quantity/kept.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method, WorkedTemplate } from '../catalogue/method.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { nozzleFlow } from '../jet/surface-pressure.ts';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { coverLitres } from '../takeoff/coats.ts';

/** What a method takes on one square metre, whoever does it and wherever. */
export interface MethodFigures {
  /** One person's hours on 100 m² at the median rates, dwell not counted. */
  readonly hoursPerHundredSquareMetres: number;
  /** L/m² through hoses and lances. */
  readonly waterLitresPerSquareMetre: number;
  /** L/m² of mix, all coats. */
  readonly mixLitresPerSquareMetre: number;
  /** Money on a square metre, by usual prices or the company's own. */
  readonly costPerSquareMetre: number;
}

/** The figures of a method at a severity; worked out once for each catalogue. */
export const methodFigures = kept(
  (method: Method, severity: Severity, catalogue: Catalogue): MethodFigures => {
    const stages = workedStages(method);
    const sum = (of: (stage: WorkedTemplate) => number) => stages.reduce((total, s) => total + of(s), 0);
    return {
      hoursPerHundredSquareMetres: sum((s) => 100 * hoursOf(s)),
      waterLitresPerSquareMetre: sum((s) => 60 * flowOf(s, catalogue) * hoursOf(s)),
      mixLitresPerSquareMetre: sum(mixOf),
      costPerSquareMetre: sum((s) => costOf(s, severity, catalogue)),
    };
  },
);

/** Hours on one square metre. */
function hoursOf(stage: WorkedTemplate): number {
  const { lowSquareMetresPerHour: low, highSquareMetresPerHour: high } = stage.rate;
  return (stage.kind === 'apply' ? stage.coats : 1) / Math.sqrt(low * high);
}

/** L/min. */
function flowOf(stage: WorkedTemplate, catalogue: Catalogue): number {
  const { jet } = catalogue.tool(stage.tool);
  return jet ? jet.nozzles * nozzleFlow(jet.orifice, jet.psi) : 0;
}

function mixOf(stage: WorkedTemplate): number {
  if (stage.kind === 'apply') return coverLitres(stage);
  return stage.kind === 'neutralise' ? stage.litresPerSquareMetre : 0;
}

/** Of an application; what brings it to rest costs next to nothing beside it. */
function costOf(stage: WorkedTemplate, severity: Severity, catalogue: Catalogue): number {
  if (stage.kind !== 'apply') return 0;
  const price = catalogue.stockPrice(stage.agent);
  const { stock } = catalogue.agent(stage.agent);
  const grams = stage.strengthGramsPerLitre[severity - 1] ?? stage.strengthGramsPerLitre[0];
  const stockPerLitre = stock.form === 'powder' ? grams / 1000 : grams / gramsPerLitre(stock.strength);
  return price * mixOf(stage) * (stock.form === 'ready' ? 1 : stockPerLitre);
}

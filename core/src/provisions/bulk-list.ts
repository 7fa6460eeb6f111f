import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Plan } from '../plan/plan.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { roundUpToStep } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import { formatMass, formatVolume } from '../quantity/shown-quantity.ts';
import type { Survey } from '../survey/survey.ts';

/** One sort of solid that a visit brings onto faces, or carries off them. */
export interface BulkLine {
  readonly what: string;
  readonly way: 'brought' | 'carried-off';
  readonly where: string;
  /** Waste with what is brought. */
  readonly litres: number;
  /** Null for what is carried off wet. */
  readonly kilograms: number | null;
  /** Full bags of what is brought, or sacks for what is carried off. */
  readonly bags: number;
  readonly bagSize: string;
  readonly leftOverKilograms: number;
  /** By face, then the whole. */
  readonly sums: readonly string[];
}

/** Sand and solids of a visit, in whole bags, in the order in which they come. */
export function bulkList(plan: Plan, { job }: Survey): readonly BulkLine[] {
  const { wasteShare } = job.house;
  const stages = plan.surfaces.flatMap(({ surface, treatment }) =>
    (treatment?.stages ?? []).flatMap((stage) =>
      stage.bulk ? [{ bulk: stage.bulk, fills: stage.kind === 'fill', name: surface.name }] : [],
    ),
  );
  const sorts = [...new Set(stages.map((s) => s.bulk.what))];
  return sorts.map((what) => {
    const of = stages.filter((s) => s.bulk.what === what);
    const fills = of.some((s) => s.fills);
    const more = fills ? 1 + wasteShare : 1;
    const litres = of.reduce((sum, s) => sum + s.bulk.litres, 0) * more;
    const kilograms = fills ? of.reduce((sum, s) => sum + (s.bulk.kilograms ?? 0), 0) * more : null;
    const { sandBagKilograms, solidsSackLitres } = TRADE_DEFAULTS;
    const bags =
      kilograms === null
        ? Math.ceil(litres / solidsSackLitres - 1e-9)
        : Math.ceil(kilograms / sandBagKilograms - 1e-9);
    const whole = { litres: roundUpToStep(litres, 0.1), kilograms: roundUpToStep(kilograms ?? 0, 0.1) };
    const amount =
      kilograms === null
        ? formatVolume(whole.litres, job.units)
        : formatMass(1000 * whole.kilograms, job.units);
    return {
      what,
      way: fills ? 'brought' : 'carried-off',
      where: of[0]?.bulk.where ?? '',
      litres: whole.litres,
      kilograms: kilograms === null ? null : whole.kilograms,
      bags,
      bagSize: kilograms === null ? `${solidsSackLitres} L` : `${sandBagKilograms} kg`,
      leftOverKilograms: kilograms === null ? 0 : bags * sandBagKilograms - whole.kilograms,
      sums: [
        ...of.map((s) => say('bulk/of-surface', { place: s.name, sum: s.bulk.sum })),
        fills
          ? say('bulk/whole/waste', { percent: decimal(100 * wasteShare, 0), amount })
          : say('bulk/whole', { amount }),
      ],
    };
  });
}

/** @example bulkText(line) // "4 bags of 25 kg" */
export function bulkText({ way, bags, bagSize, what }: BulkLine): string {
  return way === 'brought'
    ? say('bulk/brought', { bags, size: bagSize })
    : say('bulk/carried-off', { bags, size: bagSize, what: lowerFirst(what) });
}

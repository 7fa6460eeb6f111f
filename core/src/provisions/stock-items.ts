import {
  POWDER_LITRES_PER_KILOGRAM,
  PRODUCT_KILOGRAMS_PER_LITRE,
  PRODUCT_LITRES_PER_LITRE,
  SACK_LOAD,
} from '../catalogue/data/load.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Plan } from '../plan/plan.ts';
import { say } from '../messages/message.ts';
import { formatStock, formatVolume } from '../quantity/shown-quantity.ts';
import { upperFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { bulkText } from './bulk-list.ts';
import type { BulkLine } from './bulk-list.ts';
import { packsInWords } from './stock-plan.ts';
import type { StockLine } from './stock-plan.ts';
import type { LoadItem } from './load-item.ts';

/** A mix that may be made at the yard, all fillings together; it then rides instead of its product. */
export interface YardMix {
  readonly agent: string;
  readonly name: string;
  readonly litres: number;
  readonly text: string;
}

export function productItems(stock: readonly StockLine[], { job }: FacedSurvey): readonly LoadItem[] {
  return stock.map((line) => {
    const used = line.lots
      .filter((l) => l.used > 0)
      .map(({ used: taken, lot: { lot, place } }) => {
        const amount = formatStock(taken, line.unit, job.units);
        const number = lot || say('order/lot-unnumbered');
        return place === ''
          ? say('stock/from-lot', { amount, lot: number })
          : say('stock/from-lot/place', { amount, lot: number, place });
      });
    // A company that writes no lots of it down is not told that one is short.
    const hasLots = line.lots.length > 0;
    const bought =
      line.toBuy.containers.length === 0 || hasLots
        ? []
        : [say('stock/in-packs', { packs: packsInWords(line.toBuy, line.unit) })];
    return {
      key: `product ${line.product}`,
      group: 'products',
      name:
        line.called === null
          ? line.name
          : say('stock/called', { called: line.called, product: line.name.toLowerCase() }),
      amount: [formatStock(line.needed, line.unit, job.units), ...used, ...bought].join('; '),
      kilograms: line.unit === 'kg' ? line.needed : line.needed * PRODUCT_KILOGRAMS_PER_LITRE,
      litres: line.needed * (line.unit === 'kg' ? POWDER_LITRES_PER_KILOGRAM : PRODUCT_LITRES_PER_LITRE),
      short: line.toBuy.containers.length === 0 || !hasLots ? null : line.text,
    };
  });
}

/** Sand comes along; for what is carried off the empty sacks do. */
export function bulkItem(line: BulkLine): LoadItem {
  const { what, way, bags, kilograms, litres } = line;
  const brought = way === 'brought';
  return {
    key: `bulk ${what}`,
    group: 'products',
    name: brought ? upperFirst(what) : say('load/sacks'),
    amount: bulkText(line),
    kilograms: brought ? (kilograms ?? 0) : bags * SACK_LOAD.kilograms,
    litres: brought ? litres : bags * SACK_LOAD.litres,
    short: null,
  };
}

/** Mixes that keep until they are used and may ride closed up: where water is scarce on site they are made before. */
export function yardMixes(plan: Plan, { job, catalogue }: FacedSurvey): readonly YardMix[] {
  const agents = [...new Set(plan.mixes.map((m) => m.agent))].map((id) => catalogue.agent(id));
  return agents.flatMap((agent): readonly YardMix[] => {
    const { hours, neverClosed } = mixLife(agent);
    if (neverClosed || hours < TRADE_DEFAULTS.yardMixHours || isReadyToUse(agent)) return [];
    const litres = plan.mixes.reduce((sum, m) => (m.agent === agent.id ? sum + m.litres : sum), 0);
    return [
      {
        agent: agent.id,
        name: agent.name,
        litres,
        text: say('stock/yard-mix', { amount: formatVolume(litres, job.units), hours }),
      },
    ];
  });
}

export function waterItems({ job }: FacedSurvey): readonly LoadItem[] {
  const { tank } = job.house.gear;
  const start = tank ? Math.min(tank.startLitres ?? tank.litres, tank.litres) : 0;
  return tank
    ? [
        {
          key: 'water tank',
          group: 'water',
          name: say('load/tank'),
          amount: say('load/tank-amount', {
            start: formatVolume(start, job.units),
            full: formatVolume(tank.litres, job.units),
          }),
          kilograms: start,
          litres: tank.litres,
          short: null,
        },
      ]
    : [];
}

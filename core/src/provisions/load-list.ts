import { CATALOGUE } from '../catalogue/catalogue.ts';
import {
  HOSE_LOAD_PER_METRE,
  MACHINE_LOADS,
  POWDER_LITRES_PER_KILOGRAM,
  PRODUCT_KILOGRAMS_PER_LITRE,
  PRODUCT_LITRES_PER_LITRE,
  PROTECTION_LOAD,
  SACK_LOAD,
  TOOL_LOAD,
  WEAR_LOAD,
} from '../catalogue/data/load.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { MACHINE_KINDS, MACHINE_NAMES } from '../catalogue/tool.ts';
import type { Plan } from '../plan/plan.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import { formatLength } from '../quantity/length.ts';
import { decimal } from '../quantity/rounding.ts';
import { formatStock } from '../quantity/stock-amount.ts';
import { formatVolume } from '../quantity/volume.ts';
import { upperFirst } from '../quantity/words.ts';
import { machineCounts } from '../survey/job-detail.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { bulkText } from './bulk-list.ts';
import type { BulkLine } from './bulk-list.ts';
import type { HoseList } from './hose-list.ts';
import type { StockLine } from './stock-plan.ts';

export const LOAD_GROUPS = [
  'products',
  'machines',
  'tools',
  'hoses',
  'protections',
  'wear',
  'water',
  'papers',
] as const;
export type LoadGroup = (typeof LOAD_GROUPS)[number];

/** One thing that goes onto the vehicle. */
export interface LoadItem {
  /** Keyed by meaning, so that a tick outlives a new plan. */
  readonly key: string;
  readonly group: LoadGroup;
  readonly name: string;
  readonly amount: string;
  readonly kilograms: number;
  readonly litres: number;
  /** What is short of it; null where nothing is. */
  readonly short: string | null;
}

/** A mix that may be made at the yard, all fillings together; it then rides instead of its product. */
export interface YardMix {
  readonly agent: string;
  readonly name: string;
  readonly litres: number;
  readonly text: string;
}

export interface LoadList {
  readonly items: readonly LoadItem[];
  /** Not counted in the load. */
  readonly yardMixes: readonly YardMix[];
  readonly kilograms: number;
  readonly litres: number;
  /** What does not go onto the vehicle, or is not there; empty where all is well. */
  readonly faults: readonly string[];
}

/** Everything that a visit needs on the vehicle, against what the house has and the vehicle carries. */
export function loadList(plan: Plan, survey: FacedSurvey, stock: readonly StockLine[], bulk: readonly BulkLine[], hoses: HoseList): LoadList {
  const items = [
    ...productItems(stock, survey),
    ...bulk.map(bulkItem),
    ...machineItems(plan, survey),
    ...toolItems(plan),
    ...hoseItems(hoses, survey),
    ...protectionItems(plan),
    ...wearItems(plan, survey),
    ...waterItems(survey),
    ...paperItems(plan, survey),
  ];
  const kilograms = items.reduce((sum, item) => sum + item.kilograms, 0);
  const litres = items.reduce((sum, item) => sum + item.litres, 0);
  const { vehicle } = survey.job.house.gear;
  const over = (what: string, load: number, carries: number, unit: string) =>
    load > carries
      ? [`The load ${what} about ${decimal(load, 0)} ${unit}, the vehicle carries ${decimal(carries, 0)} ${unit}: start with less water in the tank, or go twice.`]
      : [];
  return {
    items,
    yardMixes: yardMixes(plan, survey),
    kilograms,
    litres,
    faults: [
      ...items.flatMap((item) => (item.short === null ? [] : [`${item.name}: ${item.short}`])),
      ...(vehicle ? [...over('weighs', kilograms, vehicle.kilograms, 'kg'), ...over('takes', litres, vehicle.litres, 'L')] : []),
    ],
  };
} // prettier-ignore

function productItems(stock: readonly StockLine[], { job }: FacedSurvey): readonly LoadItem[] {
  return stock.map((line) => {
    const used = line.lots.filter((l) => l.used > 0).map((l) => `${formatStock(l.used, line.unit, job.units)} of lot ${l.lot.lot || 'without number'}${l.lot.place === '' ? '' : `, ${l.lot.place}`}`);
    // A house that writes no lots of it down is not told that one is short.
    const known = line.lots.length > 0;
    const bought = line.toBuy.containers.length === 0 || known ? [] : [packsOf(line)];
    return {
      key: `product ${line.product}`,
      group: 'products',
      name: line.called === null ? line.name : `${line.called} (${line.name.toLowerCase()})`,
      amount: [formatStock(line.needed, line.unit, job.units), ...used, ...bought].join('; '),
      kilograms: line.unit === 'kg' ? line.needed : line.needed * PRODUCT_KILOGRAMS_PER_LITRE,
      litres: line.needed * (line.unit === 'kg' ? POWDER_LITRES_PER_KILOGRAM : PRODUCT_LITRES_PER_LITRE),
      short: line.toBuy.containers.length === 0 || !known ? null : line.text,
    };
  });
} // prettier-ignore

/** Sand comes along; for what is carried off the empty sacks do. */
function bulkItem(line: BulkLine): LoadItem {
  const { what, way, bags, kilograms, litres } = line;
  const brought = way === 'brought';
  return {
    key: `bulk ${what}`,
    group: 'products',
    name: brought ? upperFirst(what) : 'Sacks',
    amount: bulkText(line),
    kilograms: brought ? (kilograms ?? 0) : bags * SACK_LOAD.kilograms,
    litres: brought ? litres : bags * SACK_LOAD.litres,
    short: null,
  };
}

/** Mixes that keep until they are used and may ride closed up: where water is scarce on site they are made before. */
function yardMixes(plan: Plan, { job, catalogue }: FacedSurvey): readonly YardMix[] {
  const agents = [...new Set(plan.mixes.map((m) => m.agent))].map((id) => catalogue.agent(id));
  return agents.flatMap((agent): readonly YardMix[] => {
    const { hours, neverClosed } = mixLife(agent.class);
    if (neverClosed || hours < TRADE_DEFAULTS.yardMixHours || isReadyToUse(agent)) return [];
    const litres = plan.mixes.reduce((sum, m) => (m.agent === agent.id ? sum + m.litres : sum), 0);
    return [{ agent: agent.id, name: agent.name, litres, text: `${formatVolume(litres, job.units)}, keeps ${String(hours)} h` }];
  });
} // prettier-ignore

function packsOf({ toBuy, unit }: StockLine): string {
  return `in ${toBuy.containers.map((c) => `${String(c.count)} × ${decimal(c.size, 1)} ${unit}`).join(' + ')}`;
}

function machineItems(plan: Plan, survey: FacedSurvey): readonly LoadItem[] {
  const counts = machineCounts(survey.job.house);
  const needed = new Set(plan.work.problem.operations.flatMap((o) => o.machines));
  return MACHINE_KINDS.filter((kind) => kind !== 'hose' && needed.has(kind)).map((kind) => ({
    key: `machine ${kind}`,
    group: 'machines',
    name: MACHINE_NAMES[kind],
    amount: String(counts[kind]),
    kilograms: counts[kind] * MACHINE_LOADS[kind].kilograms,
    litres: counts[kind] * MACHINE_LOADS[kind].litres,
    short: counts[kind] === 0 ? 'the house has none of it for this job' : null,
  }));
}

/** Tools by the methods that need them. */
function toolItems(plan: Plan): readonly LoadItem[] {
  const stages = plan.surfaces.flatMap((p) => p.treatment?.stages ?? []);
  const tools = [...new Set(stages.flatMap((s) => s.tool ?? []))].map(CATALOGUE.tool);
  return tools
    .filter((tool) => !tool.machines.some((m) => m === 'sprayer' || m === 'surface-cleaner'))
    .map((tool) => {
      const names = [...new Set(stages.filter((s) => s.tool === tool.id).map((s) => plan.surfaces.find((p) => p.surface.id === s.surface)?.surface.name ?? ''))];
      return {
        key: `tool ${tool.id}`,
        group: 'tools' as const,
        name: upperFirst(tool.name),
        amount: names.length > 3 ? `for ${String(names.length)} faces` : `for ${names.join(', ')}`,
        ...TOOL_LOAD,
        short: null,
      };
    });
} // prettier-ignore

function hoseItems({ totals }: HoseList, { job }: FacedSurvey): readonly LoadItem[] {
  return totals
    .filter((total) => total.neededMetres > 0)
    .map(({ use, neededMetres, ownedMetres, couplings }) => ({
      key: `hose ${use}`,
      group: 'hoses',
      name: use === 'pressure' ? 'Pressure hose' : 'Supply and rinse hose',
      amount: `${formatLength(Math.ceil(neededMetres), job.units)}, ${String(couplings)} ${couplings === 1 ? 'coupling' : 'couplings'}`,
      kilograms: neededMetres * HOSE_LOAD_PER_METRE[use].kilograms,
      litres: neededMetres * HOSE_LOAD_PER_METRE[use].litres,
      short:
        ownedMetres >= neededMetres
          ? null
          : `${formatLength(Math.ceil(neededMetres), job.units)} are laid, the house has ${formatLength(ownedMetres, job.units)}: borrow ${formatLength(Math.ceil(neededMetres - ownedMetres), job.units)}`,
    }));
} // prettier-ignore

function protectionItems(plan: Plan): readonly LoadItem[] {
  const places = new Map<string, Set<string>>();
  for (const { material, placeName } of plan.protections)
    if (material !== null) places.set(material, (places.get(material) ?? new Set()).add(placeName));
  return [...places].map(([material, names]) => ({
    key: `protection ${material}`,
    group: 'protections',
    name: upperFirst(material),
    amount: `for ${names.size > 3 ? `${String(names.size)} places` : [...names].join(', ')}`,
    ...PROTECTION_LOAD,
    short: null,
  }));
}

function wearItems(plan: Plan, survey: FacedSurvey): readonly LoadItem[] {
  const { catalogue } = survey;
  const worn = new Set(
    plan.surfaces.flatMap((p) =>
      (p.treatment?.stages ?? []).flatMap((s) => stageProtection(s, p.surface, catalogue)),
    ),
  );
  const people = survey.job.house.crew.length;
  return [...worn].map((what) => ({
    key: `wear ${what}`,
    group: 'wear',
    name: upperFirst(what),
    amount: `${String(people)} ×`,
    kilograms: people * WEAR_LOAD.kilograms,
    litres: people * WEAR_LOAD.litres,
    short: null,
  }));
}

function waterItems({ job }: FacedSurvey): readonly LoadItem[] {
  const { tank } = job.house.gear;
  const start = tank ? Math.min(tank.startLitres ?? tank.litres, tank.litres) : 0;
  return tank
    ? [
        {
          key: 'water tank',
          group: 'water',
          name: 'Water in the tank',
          amount: `${decimal(start, 0)} of ${decimal(tank.litres, 0)} L`,
          kilograms: start,
          litres: tank.litres,
          short: null,
        },
      ]
    : [];
}

function paperItems(plan: Plan, survey: FacedSurvey): readonly LoadItem[] {
  const { catalogue } = survey;
  const paper = (key: string, name: string, amount = '', short: string | null = null): LoadItem => ({
    key: `paper ${key}`, group: 'papers', name, amount, kilograms: 0, litres: 0, short,
  }); // prettier-ignore
  const agents = [...new Set(plan.mixes.map((m) => m.agent))];
  const sheets = agents.map((id) => {
    const product = catalogue.product(id);
    const name = `Safety data sheet: ${product?.name ?? catalogue.agent(id).name.toLowerCase()}`;
    return paper(`sheet ${id}`, name, product?.dataSheet?.name ?? 'from the supplier');
  });
  const permissions = survey.waterPoints
    .filter((point) => point.kind === 'hydrant')
    .map((point) => paper(`permission ${point.id}`, `Permission for ${point.name}`, '', point.permission === 'granted' ? null : 'not granted yet'));
  return [
    paper('order', 'Crew order, printed', 'phones die'),
    ...sheets,
    ...permissions,
    ...(survey.damages.length > 0 ? [paper('damage', 'Damage sheet, for the signature')] : []),
  ];
} // prettier-ignore

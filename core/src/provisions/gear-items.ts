import { CATALOGUE } from '../catalogue/catalogue.ts';
import {
  HOSE_LOAD_PER_METRE,
  MACHINE_LOADS,
  PROTECTION_LOAD,
  TOOL_LOAD,
  WEAR_LOAD,
} from '../catalogue/data/load.ts';
import { say } from '../messages/message.ts';
import { MACHINE_KINDS, MACHINE_NAMES } from '../catalogue/tool.ts';
import type { Plan } from '../plan/plan.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import { formatLength } from '../quantity/shown-quantity.ts';
import { upperFirst } from '../quantity/words.ts';
import { machineCounts } from '../survey/job-detail.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { HoseList } from './hose-list.ts';
import type { LoadItem } from './load-item.ts';

export function machineItems(plan: Plan, survey: FacedSurvey): readonly LoadItem[] {
  const counts = machineCounts(survey.job.house);
  const needed = new Set(plan.work.problem.operations.flatMap((o) => o.machines));
  return MACHINE_KINDS.filter((kind) => kind !== 'hose' && needed.has(kind)).map((kind) => ({
    key: `machine ${kind}`,
    group: 'machines',
    name: MACHINE_NAMES[kind],
    amount: String(counts[kind]),
    kilograms: counts[kind] * MACHINE_LOADS[kind].kilograms,
    litres: counts[kind] * MACHINE_LOADS[kind].litres,
    short: counts[kind] === 0 ? say('load/machine-missing') : null,
  }));
}

/** Tools by the methods that need them. */
export function toolItems(plan: Plan): readonly LoadItem[] {
  const stages = plan.surfaces.flatMap((p) => p.treatment?.stages ?? []);
  const tools = [...new Set(stages.flatMap((s) => s.tool ?? []))].map(CATALOGUE.tool);
  return tools
    .filter((tool) => !tool.machines.some((m) => m === 'sprayer' || m === 'surface-cleaner'))
    .map((tool) => {
      const names = [
        ...new Set(
          stages
            .filter((s) => s.tool === tool.id)
            .map((s) => plan.surfaces.find((p) => p.surface.id === s.surface)?.surface.name ?? ''),
        ),
      ];
      return {
        key: `tool ${tool.id}`,
        group: 'tools' as const,
        name: upperFirst(tool.name),
        amount:
          names.length > 3
            ? say('load/for-surfaces', { count: names.length })
            : say('load/for', { places: names.join(', ') }),
        ...TOOL_LOAD,
        short: null,
      };
    });
}

export function hoseItems({ totals }: HoseList, { job }: FacedSurvey): readonly LoadItem[] {
  const metres = (exact: number) => formatLength(Math.ceil(exact), job.units);
  return totals
    .filter((total) => total.neededMetres > 0)
    .map(({ use, neededMetres, ownedMetres, couplings }) => ({
      key: `hose ${use}`,
      group: 'hoses',
      name: say(`load/hose/${use}`),
      amount: say('load/hose-amount', { metres: metres(neededMetres), couplings }),
      kilograms: neededMetres * HOSE_LOAD_PER_METRE[use].kilograms,
      litres: neededMetres * HOSE_LOAD_PER_METRE[use].litres,
      short:
        ownedMetres >= neededMetres
          ? null
          : say('load/hose-short', {
              needed: metres(neededMetres),
              owned: formatLength(ownedMetres, job.units),
              more: metres(neededMetres - ownedMetres),
            }),
    }));
}

export function protectionItems(plan: Plan, { job }: Pick<FacedSurvey, 'job'>): readonly LoadItem[] {
  const places = new Map<string, { readonly names: Set<string>; metres: number }>();
  for (const { material, placeName, lengthMetres } of plan.protections) {
    if (material === null) continue;
    const at = places.get(material) ?? { names: new Set(), metres: 0 };
    places.set(material, { names: at.names.add(placeName), metres: at.metres + lengthMetres });
  }
  return [...places].map(([material, { names, metres }]) => ({
    key: `protection ${material}`,
    group: 'protections',
    name: upperFirst(material),
    amount: [
      ...(metres > 0 ? [formatLength(metres, job.units)] : []),
      names.size > 3
        ? say('load/for-places', { count: names.size })
        : say('load/for', { places: [...names].join(', ') }),
    ].join(' '),
    ...PROTECTION_LOAD,
    short: null,
  }));
}

export function wearItems(plan: Plan, survey: FacedSurvey): readonly LoadItem[] {
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
    amount: say('load/each', { people }),
    kilograms: people * WEAR_LOAD.kilograms,
    litres: people * WEAR_LOAD.litres,
    short: null,
  }));
}

export function paperItems(plan: Plan, survey: FacedSurvey): readonly LoadItem[] {
  const { catalogue } = survey;
  const paper = (key: string, name: string, amount = '', short: string | null = null): LoadItem => ({
    key: `paper ${key}`,
    group: 'papers',
    name,
    amount,
    kilograms: 0,
    litres: 0,
    short,
  });
  const agents = [...new Set(plan.mixes.map((m) => m.agent))];
  const sheets = agents.map((id) => {
    const product = catalogue.product(id);
    const name = say('load/data-sheet', { product: product?.name ?? catalogue.agent(id).name.toLowerCase() });
    return paper(`sheet ${id}`, name, product?.dataSheet?.name ?? say('load/data-sheet-from'));
  });
  const permissions = survey.waterPoints
    .filter((point) => point.kind === 'hydrant')
    .map((point) =>
      paper(
        `permission ${point.id}`,
        say('load/permission', { point: point.name }),
        '',
        point.permission === 'granted' ? null : say('load/permission-open'),
      ),
    );
  return [
    paper('order', say('load/order'), say('load/order-why')),
    ...sheets,
    ...permissions,
    ...(survey.damages.length > 0 ? [paper('damage', say('load/damage-sheet'))] : []),
  ];
}

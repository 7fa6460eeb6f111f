import { entryFaults } from '../catalogue/catalogue-check.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/method.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { overrideId } from './catalogue-override.ts';
import { LIST_OF_KIND, handbookValues } from './handbook-value.ts';
import { settingFault } from './setting.ts';
import { companyCatalogue, valueOf } from './company-catalogue.ts';
import type { CompanyHandbook } from './company-handbook.ts';
import type { OwnMaterial, OwnMethod } from './own-entry.ts';
import { productFaults } from './product.ts';
import { lotFaults } from './stock-lot.ts';

/** One fault of a handbook: where, and what to do. */
export interface HandbookFault {
  readonly path: string;
  readonly message: string;
}

/**
 * What is wrong with a handbook whose entries are sound one by one: what leads nowhere, lies past its bound or makes an
 * entry unsound.
 * @returns faults with path, value and the way out; empty when it is sound
 */
export function handbookFaults(handbook: CompanyHandbook): readonly HandbookFault[] {
  const catalogue = companyCatalogue(handbook);
  return [
    ...overrideFaults(handbook),
    ...allProductFaults(handbook),
    ...handbook.materials.flatMap((own, i) => ownMaterialFaults(own, `materials[${i}]`)),
    ...takenNames(handbook),
    ...handbook.methods.flatMap((own, i) => ownMethodFaults(own, catalogue, `methods[${i}]`)),
    ...changedEntryFaults(handbook, catalogue),
    ...handbook.lots.flatMap((lot, i) =>
      lotFaults(lot, handbook.products).map((f) => ({ ...f, path: `lots[${i}].${f.path}` })),
    ),
  ];
}

/** Values that are sound one by one may not go together: a dwell that ends before it begins. */
function changedEntryFaults(handbook: CompanyHandbook, catalogue: Catalogue): readonly HandbookFault[] {
  const changed = new Map(
    [
      ...handbook.overrides.map((o) => [LIST_OF_KIND[o.kind], o.entry] as const),
      ...handbook.materials.map((own) => ['materials', own.id] as const),
      ...handbook.methods.map((own) => ['methods', own.id] as const),
    ].map(([list, id]) => [`${list} ${id}`, { list, id }] as const),
  );
  return [...changed.values()].flatMap(({ list, id }) => {
    const own = list === 'methods' ? handbook.methods.find((m) => m.id === id) : undefined;
    const entry =
      catalogue[list].find((e) => e.id === id) ?? (own && { ...own.method, id, source: own.reason });
    return entry ? entryFaults(list, entry, catalogue).map((message) => ({ path: 'handbook', message })) : [];
  });
}

function overrideFaults({ overrides }: CompanyHandbook): readonly HandbookFault[] {
  return overrides.flatMap((override, i) => {
    const path = `overrides[${i}]`;
    if (override.id !== overrideId(override))
      return [{ path: `${path}.id`, message: `the id of this override is "${overrideId(override)}"` }];
    const value = valueOf(override);
    if (!value)
      return [
        {
          path,
          message: `the catalogue has no value "${override.path}" of ${override.kind} "${override.entry}" that can be set`,
        },
      ];
    const fault = settingFault(value, override.value);
    return fault === null ? [] : [{ path: `${path}.value`, message: fault }];
  });
}

function allProductFaults({ products }: CompanyHandbook): readonly HandbookFault[] {
  const taken = new Map<string, string>();
  return products.flatMap((product, i): readonly HandbookFault[] => {
    const path = `products[${i}]`;
    const agent = CATALOGUE.agents.find((a) => a.id === product.agent);
    if (!agent) return [{ path: `${path}.agent`, message: `the catalogue has no agent "${product.agent}"` }];
    if (agent.specialistOnly !== null)
      return [
        {
          path: `${path}.agent`,
          message: `${agent.name} is explained here and never scheduled: ${agent.specialistOnly}`,
        },
      ];
    const other = product.inUse ? taken.get(product.agent) : undefined;
    if (product.inUse) taken.set(product.agent, product.name);
    return [
      ...productFaults(product, agent).map((f) => ({ ...f, path: `${path}.${f.path}` })),
      ...(other === undefined
        ? []
        : [
            {
              path: `${path}.inUse`,
              message: `“${other}” is in use as ${agent.name.toLowerCase()}: take it out of use first`,
            },
          ]),
    ];
  });
}

function ownMaterialFaults(own: OwnMaterial, at: string): readonly HandbookFault[] {
  if (!CATALOGUE.materials.some((m) => m.id === own.like))
    return [{ path: `${at}.like`, message: `the catalogue has no material "${own.like}" to be like` }];
  const values = handbookValues('material', own.like, CATALOGUE);
  return Object.entries(own.values).flatMap(([path, setting]) => {
    const value = values.find((v) => v.path === path);
    const fault = value ? settingFault(value, setting) : `a material has no value "${path}" that can be set`;
    return fault === null ? [] : [{ path: `${at}.values.${path}`, message: fault }];
  });
}

/** Two materials of one name could not be told apart by whoever reads it. */
function takenNames({ materials }: CompanyHandbook): readonly HandbookFault[] {
  const plain = (text: string) => text.trim().toLowerCase();
  const names = new Map<string, { readonly id: string; readonly name: string }>(
    CATALOGUE.materials.flatMap((m) => [m.name, ...m.synonyms].map((n) => [plain(n), m] as const)),
  );
  return materials.flatMap((own, i) =>
    [own.name, ...own.synonyms].flatMap((name) => {
      const other = names.get(plain(name));
      names.set(plain(name), own);
      return other === undefined || other.id === own.id
        ? []
        : [
            {
              path: `materials[${i}].name`,
              message: `“${name}” is what “${other.name}” is called: give it another name`,
            },
          ];
    }),
  );
}

function ownMethodFaults({ method }: OwnMethod, catalogue: Catalogue, at: string): readonly HandbookFault[] {
  return method.stages.flatMap((stage, i): readonly HandbookFault[] => {
    const path = `${at}.method.stages[${i}]`;
    if (stage.kind !== 'apply' && stage.kind !== 'neutralise') return [];
    const agent = catalogue.agents.find((a) => a.id === stage.agent);
    // What leads nowhere is told with all else that does.
    if (!agent) return [];
    const faults: HandbookFault[] = [];
    if (agent.specialistOnly !== null)
      faults.push({
        path: `${path}.agent`,
        message: `${agent.name} is explained and never scheduled: ${agent.specialistOnly}`,
      });
    if (stage.kind === 'apply') {
      const greatest = Math.max(...stage.strengthGramsPerLitre);
      const most = agent.strengthSpan.to;
      if (!isReadyToUse(agent) && greatest > most)
        faults.push({
          path: `${path}.strengthGramsPerLitre`,
          message: `${greatest} g/L is stronger than the ${most} g/L at which ${agent.name.toLowerCase()} is of use: take at most that`,
        });
      if (staysOn(method, i))
        faults.push({
          path,
          message: `nothing takes ${agent.name.toLowerCase()} off: add a rinse or a wash after it, or let it be one that stays on`,
        });
    }
    return faults;
  });
}

/** Whether an application that is to be rinsed off has no rinse or wash before the next one, or the end. */
export function staysOn({ stages }: Pick<Method, 'stages'>, index: number): boolean {
  const stage = stages[index];
  if (stage?.kind !== 'apply' || stage.leaveOn) return false;
  const after = stages.slice(index + 1);
  const next = after.findIndex((s) => s.kind === 'apply');
  const until = next < 0 ? after : after.slice(0, next);
  return !until.some((s) => s.kind === 'rinse' || s.kind === 'wash');
}

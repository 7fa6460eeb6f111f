import { kept, keptBy } from '../quantity/kept.ts';
import { CATALOGUE, catalogueOf } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Material } from '../catalogue/material.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { QuickTest } from '../catalogue/look-alike.ts';
import type { CatalogueOverride } from './catalogue-override.ts';
import { LIST_OF_KIND, handbookValues } from './handbook-value.ts';
import { settingFault, settingInWords } from './setting.ts';
import type { ChangedKind } from './handbook-value.ts';
import type { HandbookValue } from './setting.ts';
import { EMPTY_HANDBOOK } from './company-handbook.ts';
import type { CompanyHandbook } from './company-handbook.ts';
import type { OwnMaterial } from './own-entry.ts';
import type { Product } from './product.ts';
import { labelLimits, labelNotes, labelledAgent, labelledStage } from './product-label.ts';
import type { LabelNote } from './product-label.ts';
import { withValueAt } from './value-path.ts';

/** Something about an override that a person must look at. */
export interface HandbookFlag {
  readonly override: CatalogueOverride;
  readonly rule: 'default-changed' | 'past-bound' | 'no-entry';
  readonly text: string;
}

/** The catalogue as one company has it: its values, products, materials and methods worked in. */
export interface CompanyCatalogue extends Catalogue {
  /** Overrides that hold, of one entry. */
  readonly overridesOf: (kind: ChangedKind, entry: string) => readonly CatalogueOverride[];
  /** The product that is taken for an agent; null where the company names none. */
  readonly product: (agent: string) => Product | null;
  readonly labelNotes: (agent: string) => readonly LabelNote[];
  readonly flags: readonly HandbookFlag[];
  /** Materials to choose from: without those you have put away. */
  readonly offeredMaterials: readonly Material[];
}

/**
 * A handbook that came once more over a worker's border is another object with the same in it. What lies on the shelf and
 * who works for the company change no value of the catalogue.
 */
const catalogueOfText = keptBy(
  (handbook: CompanyHandbook) => [JSON.stringify({ ...handbook, lots: [], people: [], profiles: [] })],
  worked,
  1,
);

/** The catalogue of a company; the same one for a handbook with the same in it. */
export const companyCatalogue = kept((handbook: CompanyHandbook): CompanyCatalogue =>
  catalogueOfText(handbook),
);

/** The catalogue as shipped, for whoever has no company. */
export const SHIPPED: CompanyCatalogue = companyCatalogue(EMPTY_HANDBOOK);

function worked(handbook: CompanyHandbook): CompanyCatalogue {
  const { applied, flags } = standing(handbook.overrides);
  const overridesOf = (kind: ChangedKind, entry: string) =>
    applied.filter((o) => o.kind === kind && o.entry === entry);
  const withOwn = <Entry extends { readonly id: string }>(kind: ChangedKind, entries: readonly Entry[]) =>
    applied.length === 0
      ? entries
      : entries.map((entry) =>
          overridesOf(kind, entry.id).reduce((own, { path, value }) => withValueAt(own, path, value), entry),
        );
  const products = new Map(handbook.products.filter((p) => p.inUse).map((p) => [p.agent, p]));
  const product = (agent: string) => products.get(agent) ?? null;
  const unlabelled = withOwn('agent', CATALOGUE.agents);
  const agents = unlabelled.map((agent) => {
    const taken = product(agent.id);
    return taken ? labelledAgent(agent, taken) : agent;
  });
  const notes = new Map(
    unlabelled.flatMap((agent) => {
      const taken = product(agent.id);
      return taken ? [[agent.id, labelNotes(agent, taken)] as const] : [];
    }),
  );
  const agentOf = new Map(agents.map((agent) => [agent.id, agent]));
  const methods = [...withOwn('method', CATALOGUE.methods), ...ownMethods(handbook)].map((method) =>
    cappedMethod(method, (stage) => {
      const agent = agentOf.get(stage.agent);
      return agent ? labelledStage(stage, agent, product(stage.agent)) : stage;
    }),
  );
  const materials = withOwn('material', CATALOGUE.materials);
  const like = new Map(materials.map((material) => [material.id, material]));
  const ownMaterials = (list: readonly OwnMaterial[]) =>
    list.flatMap((own) => {
      const material = like.get(own.like);
      return material ? [ownMaterial(own, material)] : [];
    });
  const limits = unlabelled.flatMap((agent) => {
    const taken = product(agent.id);
    return taken ? labelLimits(taken, agent) : [];
  });
  const ranksByOwnPrices = overridesOf('weight', 'cost').length > 0;
  const completed = catalogueOf({
    ...CATALOGUE,
    materials: [...materials, ...ownMaterials(handbook.materials)],
    conditions: withOwn('condition', CATALOGUE.conditions),
    agents,
    methods,
    schools: withOwn('school', CATALOGUE.schools),
    weights: withOwn('weight', CATALOGUE.weights),
    limits: limits.length === 0 ? CATALOGUE.limits : [...CATALOGUE.limits, ...limits],
    materialTests: handbook.materials.reduce<readonly QuickTest[]>(
      (tests, own) => tests.map((test) => testWithOwn(test, own)),
      CATALOGUE.materialTests,
    ),
  });
  return {
    ...completed,
    overridesOf,
    stockPrice: (agent) =>
      (ranksByOwnPrices ? leastPrice(product(agent)) : null) ?? completed.stockPrice(agent),
    product,
    labelNotes: (agent) => notes.get(agent) ?? [],
    flags,
    offeredMaterials: [...materials, ...ownMaterials(handbook.materials.filter((own) => !own.putAway))],
  };
}

function cappedMethod(
  method: Method,
  capped: (
    stage: Extract<Method['stages'][number], { kind: 'apply' }>,
  ) => Extract<Method['stages'][number], { kind: 'apply' }>,
): Method {
  const stages = method.stages.map((stage) => (stage.kind === 'apply' ? capped(stage) : stage));
  return stages.every((stage, i) => stage === method.stages[i]) ? method : { ...method, stages };
}

/** Money for a litre or a kilogram in the pack where it is least; null where no pack has a price. */
function leastPrice(product: Product | null): number | null {
  const prices = (product?.packs ?? []).flatMap(({ size, price }) => (price === null ? [] : [price / size]));
  return prices.length === 0 ? null : Math.min(...prices);
}

/** Overrides that hold, and what must be looked at: a newer catalogue may have another default, or none. */
function standing(overrides: readonly CatalogueOverride[]) {
  const applied: CatalogueOverride[] = [];
  const flags: HandbookFlag[] = [];
  for (const override of overrides) {
    const value = valueOf(override);
    const flag = (rule: HandbookFlag['rule'], text: string) => flags.push({ override, rule, text });
    if (!value) {
      flag('no-entry', 'The catalogue no longer has this value: remove yours.');
      continue;
    }
    const fault = settingFault(value, override.value);
    if (fault !== null) {
      flag('past-bound', `${fault}. The trade default applies until you change your value.`);
      continue;
    }
    applied.push(override);
    if (value.shipped !== override.replaced)
      flag(
        'default-changed',
        `The trade default was ${settingInWords(override.replaced, value.unit)} when this was set, and is ${settingInWords(value.shipped, value.unit)} now: keep your value, or go back to the default.`,
      );
  }
  return { applied, flags };
}

/** What an override is about; null for what the catalogue does not have. */
export function valueOf({
  kind,
  entry,
  path,
}: Pick<CatalogueOverride, 'kind' | 'entry' | 'path'>): HandbookValue | null {
  if (!CATALOGUE[LIST_OF_KIND[kind]].some((e) => e.id === entry)) return null;
  return handbookValues(kind, entry, CATALOGUE).find((v) => v.path === path) ?? null;
}

function ownMaterial(own: OwnMaterial, like: Material): Material {
  const valued = Object.entries(own.values).reduce(
    (made, [path, value]) => withValueAt(made, path, value),
    like,
  );
  return {
    ...valued,
    id: own.id,
    like: like.id,
    name: own.name,
    synonyms: own.synonyms,
    source: `company material, like ${like.name.toLowerCase()}: ${own.reason}`,
  };
}

/** Those that are offered; one with an agent or a tool that the catalogue does not have is left out. */
function ownMethods({ methods }: CompanyHandbook): readonly Method[] {
  const catalogueIds = new Set([...CATALOGUE.agents, ...CATALOGUE.tools].map((entry) => entry.id));
  return methods
    .filter((own) => !own.putAway)
    .filter(({ method }) =>
      workedStages(method).every(
        (stage) => catalogueIds.has(stage.tool) && (!('agent' in stage) || catalogueIds.has(stage.agent)),
      ),
    )
    .map((own) => ({ ...own.method, id: own.id, source: `company method: ${own.reason}` }));
}

/** A test that tells materials apart tells an own one as the one that it is like. */
function testWithOwn(test: QuickTest, { id, like }: OwnMaterial): QuickTest {
  const row = test.likelihood[like];
  return row ? { ...test, likelihood: { ...test.likelihood, [id]: row } } : test;
}

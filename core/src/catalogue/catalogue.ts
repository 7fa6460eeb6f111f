import type { Agent } from './agent.ts';
import type { Contaminant } from './contaminant.ts';
import { AGENTS } from './data/agents.ts';
import { CONTAMINANTS } from './data/contaminants.ts';
import { LIMITS } from './data/limits.ts';
import { LOOK_ALIKES } from './data/look-alikes.ts';
import { CONDITIONS } from './data/conditions.ts';
import { MATERIALS } from './data/materials.ts';
import { MATERIAL_TESTS } from './data/material-tests.ts';
import { METHODS } from './data/methods.ts';
import { PATCH_RULES } from './data/patch-rules.ts';
import { PERMANENT_MARKS } from './data/permanent-marks.ts';
import { QUICK_TESTS } from './data/quick-tests.ts';
import { RANKING_WEIGHTS, SCHOOLS } from './data/schools.ts';
import { TOOLS } from './data/tools.ts';
import type { Limit } from './limit.ts';
import type { LookAlike, QuickTest } from './look-alike.ts';
import type { Condition, Material } from './material.ts';
import type { Method } from './method.ts';
import type { PatchRule } from './patch-rule.ts';
import type { PermanentMark } from './permanent-mark.ts';
import type { RankingWeight, School } from './school.ts';
import type { Tool } from './tool.ts';

/** Part of every inputs hash: a plan made with another catalogue is stale. */
export const CATALOGUE_VERSION = '2026.12.9';

export interface CatalogueData {
  readonly materials: readonly Material[];
  readonly conditions: readonly Condition[];
  readonly contaminants: readonly Contaminant[];
  readonly agents: readonly Agent[];
  readonly tools: readonly Tool[];
  readonly limits: readonly Limit[];
  readonly methods: readonly Method[];
  readonly permanentMarks: readonly PermanentMark[];
  readonly lookAlikes: readonly LookAlike[];
  readonly quickTests: readonly QuickTest[];
  /** Tests that tell materials apart. */
  readonly materialTests: readonly QuickTest[];
  readonly patchRules: readonly PatchRule[];
  readonly schools: readonly School[];
  readonly weights: readonly RankingWeight[];
}

/** A catalogue with look-ups by id; each throws a RangeError for an id that it does not have. */
export interface Catalogue extends CatalogueData {
  readonly material: (id: string) => Material;
  readonly condition: (id: string) => Condition;
  readonly agent: (id: string) => Agent;
  readonly tool: (id: string) => Tool;
  readonly method: (id: string) => Method;
  readonly school: (id: string) => School;
  readonly weight: (id: string) => RankingWeight;
  /** Money for a litre or a kilogram of what an agent is bought as: the usual price, or the company's where it ranks by its own. */
  readonly stockPrice: (agent: string) => number;
}

function byId<Entry extends { readonly id: string }>(
  entries: readonly Entry[],
  what: string,
): (id: string) => Entry {
  const index = new Map(entries.map((entry) => [entry.id, entry]));
  return (id) => {
    const entry = index.get(id);
    if (!entry) throw new RangeError(`the catalogue has no ${what} "${id}"`);
    return entry;
  };
}

/** Catalogue data with its look-ups: the shipped one, or the same as a company has changed it. */
export function catalogueOf(data: CatalogueData): Catalogue {
  const agent = byId(data.agents, 'agent');
  return {
    ...data,
    material: byId(data.materials, 'material'),
    condition: byId(data.conditions, 'condition'),
    agent,
    tool: byId(data.tools, 'tool'),
    method: byId(data.methods, 'method'),
    school: byId(data.schools, 'school'),
    weight: byId(data.weights, 'weight'),
    stockPrice: (id) => agent(id).usualPrice,
  };
}

/** The shipped catalogue; `catalogueFaults` of it is empty, which a test sees to. */
export const CATALOGUE: Catalogue = catalogueOf({
  materials: MATERIALS,
  conditions: CONDITIONS,
  contaminants: CONTAMINANTS,
  agents: AGENTS,
  tools: TOOLS,
  limits: LIMITS,
  methods: METHODS,
  permanentMarks: PERMANENT_MARKS,
  lookAlikes: LOOK_ALIKES,
  quickTests: QUICK_TESTS,
  materialTests: MATERIAL_TESTS,
  patchRules: PATCH_RULES,
  schools: SCHOOLS,
  weights: RANKING_WEIGHTS,
});

/** What no company changes. */
export const contaminantById = byId(CONTAMINANTS, 'contaminant');
export const lookAlikeById = byId(LOOK_ALIKES, 'group of look-alikes');
export const quickTestById = byId([...QUICK_TESTS, ...MATERIAL_TESTS], 'test');

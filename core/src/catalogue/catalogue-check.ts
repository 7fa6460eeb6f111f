import Joi from 'joi';
import { AGENT_CLASSES } from './agent.ts';
import { CONTAMINANT_FAMILIES } from './contaminant.ts';
import { BEARINGS, BRUSHES, FINISHES, FOOT_TRAFFIC, MATERIAL_FAMILIES } from './material.ts';
import { pavingSchema } from '../takeoff/joint-sand.ts';
import { MACHINE_KINDS } from './tool.ts';
import { CHAIN_ORDER, WAITS_FOR, workedStages } from './method.ts';
import type { Method } from './method.ts';
import type { CatalogueData } from './catalogue.ts';

const id = Joi.string()
  .pattern(/^[a-z][a-z0-9-]*$/)
  .required();
const text = Joi.string().min(3).required();
const texts = Joi.array().items(Joi.string().min(3)).required();
const positive = Joi.number().positive();
const score = Joi.number().integer().min(1).max(5).required();
const rate = Joi.object({
  lowSquareMetresPerHour: positive.max(1000).required(),
  highSquareMetresPerHour: positive.max(1000).greater(Joi.ref('lowSquareMetresPerHour')).required(),
}).required();
const direction = Joi.valid('bottom-up', 'top-down').required();

const pH = Joi.number().min(0).max(14).required();
const bearing = Joi.valid(...BEARINGS).required();
const material = Joi.object({
  id, like: Joi.string(), name: text, synonyms: texts, source: text,
  family: Joi.valid(...MATERIAL_FAMILIES).required(),
  finishes: Joi.array().items(Joi.valid(...FINISHES)).min(1).unique().required(),
  calcareous: Joi.boolean().required(), saltSensitive: Joi.boolean().required(), rough: Joi.boolean().required(),
  sorptivity: Joi.object({ bare: positive.max(0.3).required(), painted: positive.max(0.3).required(), sealed: positive.max(0.3).required() }).required(),
  joints: Joi.valid('sand', 'cement', 'resin'), paving: pavingSchema, thirstFactor: positive.max(4).required(), jetLimitKilopascal: positive.max(1000).required(),
  conditions: Joi.array().items(Joi.string()).unique().required(),
  pH: Joi.array().ordered(pH, pH).required(), brush: Joi.valid(...BRUSHES).required(), foot: Joi.valid(...FOOT_TRAFFIC).required(),
  tolerates: Joi.object({ chlorine: bearing, peroxide: bearing, solvent: bearing, heat: bearing }).required(),
  handOver: Joi.string().min(3).allow(null).required(),
}); // prettier-ignore
const condition = Joi.object({
  id,
  name: text,
  synonyms: texts,
  cue: text,
  jetLimitKilopascal: positive.max(1000),
  brush: Joi.valid(...BRUSHES),
  tolerates: Joi.object({
    chlorine: Joi.valid(...BEARINGS),
    peroxide: Joi.valid(...BEARINGS),
    solvent: Joi.valid(...BEARINGS),
    heat: Joi.valid(...BEARINGS),
  }).min(1),
  pH: Joi.array().ordered(pH, pH),
  handOver: Joi.string().min(3),
});
const contaminant = Joi.object({
  id, name: text, ammonia: Joi.valid(true), synonyms: texts, family: Joi.valid(...CONTAMINANT_FAMILIES).required(),
  cues: Joi.array().items(text).length(4).required(), expectation: text,
}); // prettier-ignore
const strength = Joi.object({
  basis: Joi.valid('g/L', '% w/v', '% w/w').required(),
  value: positive.required(),
  densityKilogramsPerLitre: Joi.when('basis', {
    is: '% w/w',
    then: positive.max(2).required(),
    otherwise: Joi.forbidden(),
  }),
});
const agent = Joi.object({
  id, name: text, basis: text, source: text,
  class: Joi.valid(...AGENT_CLASSES).required(),
  stock: Joi.object({
    form: Joi.valid('liquid', 'powder', 'ready').required(),
    strength: Joi.when('form', { is: 'powder', then: Joi.forbidden(), otherwise: strength.required() }),
  }).required(),
  typicalPH: Joi.number().min(0).max(14).required(),
  surfactantMillilitresPerLitre: positive.max(50).allow(null).required(),
  containers: Joi.array().items(positive).min(1).sort().required(),
  opposedTo: Joi.array().items(Joi.valid(...AGENT_CLASSES)).required(),
  neutraliser: Joi.object({ agent: id, gramsPerGram: positive.max(10).required(), reading: text }).allow(null).required(),
  harmsPlants: Joi.boolean().required(), harmsWaterLife: Joi.boolean().required(), keepsToNextVisit: Joi.boolean().required(),
  protection: texts.min(1), cautions: texts.min(1), hazards: texts.min(1), attacks: texts.min(1), firstAid: text, storage: text,
  worksIn: Joi.valid('film', 'pores').required(), leaveOn: Joi.boolean().required(), coldestCelsius: Joi.number().min(-5).max(20).required(), usefulSquareMetresPerLitre: positive.max(50).allow(null).required(),
  strengthSpan: Joi.object({ from: positive.required(), to: positive.max(1000).min(Joi.ref('from')).required() }).required(),
  licence: Joi.string().min(3).allow(null).required(), specialistOnly: Joi.string().min(3).allow(null).required(),
}); // prettier-ignore
const tool = Joi.object({
  id, name: text, handling: text, hot: Joi.boolean().required(), abrasive: Joi.boolean().required(),
  machines: Joi.array().items(Joi.valid(...MACHINE_KINDS)).required(), scrubs: Joi.boolean().required(),
  harmedBy: Joi.array().items(Joi.valid(...AGENT_CLASSES)).required(), reachMetres: positive.max(30).required(),
  paceMetresPerMinute: Joi.array().ordered(positive.max(60), positive.max(60)).allow(null).required(),
  jet: Joi.object({ orifice: positive.required(), nozzles: positive.integer().required(), psi: positive.max(5000).required(), fanDegrees: positive.max(90).required(), standOffMetres: positive.max(3).required(), rotatingFactor: positive.max(50), barMetres: positive.max(2) }).allow(null).required(),
}); // prettier-ignore
const limit = Joi.object({
  id, text, whatCanHappen: text, source: text,
  standing: Joi.valid('floor', 'overridable').required(),
  when: Joi.array().min(1).items(
    Joi.object({ fact: Joi.string().required(), is: Joi.alternatives(Joi.string(), Joi.boolean()), oneOf: Joi.array().items(Joi.string()), includesAnyOf: Joi.array().items(Joi.string()), above: Joi.number(), aboveFact: Joi.string() })
      .xor('is', 'oneOf', 'includesAnyOf', 'above', 'aboveFact'),
  ).required(),
}); // prettier-ignore
const work = { tool: id, rate, direction, checks: texts };
const applyStage = Joi.object({
  kind: Joi.valid('apply').required(), agent: id, ...work,
  strengthGramsPerLitre: Joi.array().items(positive.max(1000)).length(4).sort().required(),
  dwellMinutes: Joi.object({ from: Joi.number().min(0).required(), to: positive.greater(Joi.ref('from')).required() }).required(),
  litresPerSquareMetre: positive.max(5).required(), coats: positive.integer().max(3).required(), nextCoatLitresPerSquareMetre: positive.max(5),
  leaveOn: Joi.boolean().required(), needs: Joi.valid('film', 'not-dry').required(), clings: Joi.boolean().required(), covered: Joi.boolean().required(),
  stopWhen: text, ifNotEnough: text,
}); // prettier-ignore
const preWetStage = Joi.object({ kind: Joi.valid('pre-wet').required(), tool: id, rate, minutes: positive.max(60).required(), onlyIfThirsty: Joi.boolean().required() }); // prettier-ignore
const neutraliseStage = Joi.object({ kind: Joi.valid('neutralise').required(), agent: id, tool: id, rate, litresPerSquareMetre: positive.max(5).required(), reading: text }); // prettier-ignore
const bulk = Joi.object({
  what: text, where: text,
  litresPerSquareMetre: Joi.array().items(positive.max(100)).length(4).sort(),
  jointShare: Joi.array().items(positive.max(1)).length(4).sort(),
}).xor('litresPerSquareMetre', 'jointShare'); // prettier-ignore
const workStage = Joi.object({ kind: Joi.valid('clear', 'agitate', 'wash', 'rinse', 'fill').required(), ...work, bulk, task: Joi.string().trim().min(3).max(60) }); // prettier-ignore
const waitStage = Joi.object({
  kind: Joi.valid('wait').required(), for: Joi.valid(...WAITS_FOR).required(), until: text,
  days: Joi.object({ from: Joi.number().min(0).max(90).required(), latest: Joi.number().min(Joi.ref('from')).max(90).allow(null).required() }).required(),
}); // prettier-ignore
/** By its kind, so that a fault names the field and not only the stage. */
const stage = Joi.alternatives().conditional('.kind', {
  switch: [
    { is: 'apply', then: applyStage },
    { is: 'pre-wet', then: preWetStage },
    { is: 'wait', then: waitStage },
    { is: 'neutralise', then: neutraliseStage, otherwise: workStage },
  ],
});
/** The shape and the spans of a method. */
export const methodSchema = Joi.object({
  id, name: text, why: text, source: text, expectation: Joi.string().allow(null).required(),
  treats: Joi.object().pattern(Joi.string(), Joi.number().integer().min(1).max(5)).min(1).required(),
  families: Joi.array().items(Joi.valid(...MATERIAL_FAMILIES)).min(1).required(),
  surfaceRisk: score, harmAround: score,
  // In own methods from before time was worked out from the rates.
  slowness: Joi.any().strip(),
  chainOrder: Joi.valid(...CHAIN_ORDER).required(),
  schools: Joi.object().pattern(Joi.string(), Joi.string()),
  dryFirst: Joi.object({ days: positive.max(60).required(), until: text }), onlyOn: Joi.array().items(Joi.string()).min(1),
  stages: Joi.array().items(stage).min(1).required(),
}); // prettier-ignore

const permanentMark = Joi.object({ id, name: text, cue: text, expectation: text });
const siteCue = Joi.object({
  families: Joi.array().items(Joi.valid(...MATERIAL_FAMILIES)).min(1),
  near: Joi.array().items(Joi.string()).min(1),
  shaded: Joi.boolean(), calcareous: Joi.boolean(), painted: Joi.boolean(), floor: Joi.boolean(),
}).min(1).required(); // prettier-ignore
const lookAlike = Joi.object({
  id, name: text, source: text, tests: Joi.array().items(id).min(1).unique().required(),
  candidates: Joi.array().min(2).unique('id').items(
    Joi.object({ id, weight: positive.max(100).required(), cues: Joi.array().items(Joi.object({ when: siteCue, factor: positive.max(20).required() })).required() }),
  ).required(),
}); // prettier-ignore
const quickTest = Joi.object({
  id, name: text, how: text, source: text, needs: texts, minutes: positive.max(60).required(),
  agentClass: Joi.valid(...AGENT_CLASSES, null).required(), never: Joi.string().min(3).allow(null).required(),
  outcomes: Joi.array().min(2).unique('id').items(Joi.object({ id, text })).required(),
  likelihood: Joi.object().pattern(Joi.string(), Joi.array().min(2).items(Joi.number().min(0).max(1)).custom(sumsToOne)).required(),
}); // prettier-ignore

const patchRule = Joi.object({
  id, text, source: text, unsure: Joi.valid(true), coated: Joi.valid(true),
  conditions: Joi.array().items(id).min(1), agentClasses: Joi.array().items(Joi.valid(...AGENT_CLASSES)).min(1),
  surfaceRiskFrom: Joi.number().integer().min(1).max(5),
}).or('unsure', 'conditions', 'coated', 'agentClasses', 'surfaceRiskFrom'); // prettier-ignore

function sumsToOne(row: readonly number[], helpers: Joi.CustomHelpers): unknown {
  const sum = row.reduce((a, b) => a + b, 0);
  return Math.abs(sum - 1) < 1e-9
    ? row
    : helpers.message({ custom: `{#label} sums to ${String(sum)}, not to 1` });
}

const school = Joi.object({
  id, name: text, source: text, setting: id,
  settings: Joi.array().min(2).unique('id').items(Joi.object({ id, name: text, when: text })).required(),
}); // prettier-ignore
const weight = Joi.object({ id, name: text, value: Joi.number().min(0).max(20).required(), per: text, why: text, source: text }); // prettier-ignore

const ENTRY = {
  materials: material,
  conditions: condition,
  contaminants: contaminant,
  agents: agent,
  tools: tool,
  limits: limit,
  methods: methodSchema,
  permanentMarks: permanentMark,
  lookAlikes: lookAlike,
  quickTests: quickTest,
  materialTests: quickTest,
  patchRules: patchRule,
  schools: school,
  weights: weight,
};

/**
 * Every fault in catalogue data: shape and spans of each entry, ids unique, references that lead somewhere.
 * @returns sentences naming entry, field, value and rule; empty when the data is sound
 */
export function catalogueFaults(data: CatalogueData): readonly string[] {
  const faults: string[] = [];
  for (const [list, schema] of Object.entries(ENTRY)) {
    const entries = data[list as keyof typeof ENTRY];
    const ids = new Set<string>();
    for (const entry of entries) {
      faults.push(...shapeFaults(list, schema, entry));
      if (ids.has(entry.id)) faults.push(`${list} ${entry.id}: the id is used twice`);
      ids.add(entry.id);
    }
  }
  return [...faults, ...danglingReferences(data)];
}

function shapeFaults(list: string, schema: Joi.Schema, entry: { readonly id: string }): readonly string[] {
  const { error } = schema.validate(entry, { abortEarly: false, convert: false });
  return (error?.details ?? []).map((detail) => `${list} ${entry.id}: ${detail.message}`);
}

/** The faults of one entry alone: its shape, its spans and where its references lead. */
export function entryFaults(
  list: 'materials' | 'conditions' | 'agents' | 'methods' | 'schools' | 'weights',
  entry: { readonly id: string },
  data: CatalogueData,
): readonly string[] {
  const alone = { ...data, materials: [], conditions: data.conditions, agents: data.agents, methods: [] };
  const shape = shapeFaults(list, ENTRY[list], entry);
  return list === 'methods' && shape.length === 0
    ? danglingReferences({ ...alone, lookAlikes: [], quickTests: data.quickTests, materialTests: [], methods: [entry as Method] })
    : shape;
} // prettier-ignore

function danglingReferences(data: CatalogueData): readonly string[] {
  const known = {
    agent: new Set(data.agents.map((a) => a.id)),
    tool: new Set(data.tools.map((t) => t.id)),
    contaminant: new Set(data.contaminants.map((c) => c.id)),
    condition: new Set(data.conditions.map((c) => c.id)),
    test: new Set(data.quickTests.map((t) => t.id)),
    material: new Set(data.materials.map((m) => m.id)),
    candidate: new Set([...data.contaminants, ...data.permanentMarks].map((c) => c.id)),
  };
  const faults: string[] = [];
  const need = (kind: keyof typeof known, wanted: string, from: string) => {
    if (!known[kind].has(wanted)) faults.push(`${from}: there is no ${kind} "${wanted}"`);
  };
  for (const m of data.materials) for (const c of m.conditions) need('condition', c, `materials ${m.id}`);
  for (const a of data.agents) if (a.neutraliser) need('agent', a.neutraliser.agent, `agents ${a.id}`);
  for (const group of data.lookAlikes) {
    for (const c of group.candidates) need('candidate', c.id, `lookAlikes ${group.id}`);
    for (const t of group.tests) need('test', t, `lookAlikes ${group.id}`);
  }
  for (const t of data.quickTests)
    for (const c of Object.keys(t.likelihood)) need('candidate', c, `quickTests ${t.id}`);
  for (const t of data.materialTests)
    for (const m of Object.keys(t.likelihood)) need('material', m, `materialTests ${t.id}`);
  for (const r of data.patchRules)
    for (const c of r.conditions ?? []) need('condition', c, `patchRules ${r.id}`);
  for (const s of data.schools)
    if (!s.settings.some((way) => way.id === s.setting))
      faults.push(`schools ${s.id}: there is no way "${s.setting}"`);
  for (const m of data.methods) {
    for (const [id, way] of Object.entries(m.schools ?? {}))
      if (!data.schools.some((s) => s.id === id && s.settings.some((w) => w.id === way)))
        faults.push(`methods ${m.id}: there is no way "${way}" in a school "${id}"`);
    for (const c of Object.keys(m.treats)) need('contaminant', c, `methods ${m.id}`);
    for (const c of m.onlyOn ?? []) need('condition', c, `methods ${m.id}`);
    for (const s of workedStages(m)) {
      need('tool', s.tool, `methods ${m.id}`);
      if (s.kind === 'apply' || s.kind === 'neutralise') need('agent', s.agent, `methods ${m.id}`);
    }
  }
  return faults;
}

import type Joi from 'joi';
import { agentSchema } from './agent-schema.ts';
import type { CatalogueData } from './catalogue.ts';
import { contaminantSchema, permanentMarkSchema } from './contaminant-schema.ts';
import { danglingReferences } from './dangling-references.ts';
import { limitSchema } from './limit-schema.ts';
import { conditionSchema, materialSchema } from './material-schema.ts';
import { methodSchema } from './method-schema.ts';
import type { Method } from './method.ts';
import { patchRuleSchema } from './patch-rule-schema.ts';
import { lookAlikeSchema, quickTestSchema } from './quick-test-schema.ts';
import { schoolSchema, weightSchema } from './school-schema.ts';
import { toolSchema } from './tool-schema.ts';

const ENTRY = {
  materials: materialSchema,
  conditions: conditionSchema,
  contaminants: contaminantSchema,
  agents: agentSchema,
  tools: toolSchema,
  limits: limitSchema,
  methods: methodSchema,
  permanentMarks: permanentMarkSchema,
  lookAlikes: lookAlikeSchema,
  quickTests: quickTestSchema,
  materialTests: quickTestSchema,
  patchRules: patchRuleSchema,
  schools: schoolSchema,
  weights: weightSchema,
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
  return [...faults, ...danglingReferences(data), ...data.methods.flatMap(bandFaults)];
}

function shapeFaults(list: string, schema: Joi.Schema, entry: { readonly id: string }): readonly string[] {
  const { error } = schema.validate(entry, { abortEarly: false, convert: false });
  return (error?.details ?? []).map((detail) => `${list} ${entry.id}: ${detail.message}`);
}

/** Bands of strength that do not hold the wanted one. */
function bandFaults({ id, stages }: Method): readonly string[] {
  return stages.flatMap((stage, i) => {
    if (stage.kind !== 'apply' || !stage.strengthBand) return [];
    const { weakest, strongest } = stage.strengthBand;
    return stage.strengthGramsPerLitre.flatMap((wanted, k) => {
      const [from = wanted, to = wanted] = [weakest[k], strongest[k]];
      return from <= wanted && wanted <= to
        ? []
        : [
            `methods ${id}: stages[${i}] wants ${wanted} g/L at severity ${k + 1}, outside its own band of ${from} to ${to} g/L`,
          ];
    });
  });
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
    ? [
        ...danglingReferences({
          ...alone,
          materials: data.materials,
          lookAlikes: [],
          quickTests: data.quickTests,
          materialTests: [],
          methods: [entry as Method],
        }),
        ...bandFaults(entry as Method),
      ]
    : shape;
}

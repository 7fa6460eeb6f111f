import type { CatalogueData } from './catalogue.ts';
import { workedStages } from './method.ts';

/** References of entries that lead nowhere, each in a sentence. */
export function danglingReferences(data: CatalogueData): readonly string[] {
  const ids = {
    agent: new Set(data.agents.map((a) => a.id)),
    tool: new Set(data.tools.map((t) => t.id)),
    contaminant: new Set(data.contaminants.map((c) => c.id)),
    condition: new Set(data.conditions.map((c) => c.id)),
    test: new Set(data.quickTests.map((t) => t.id)),
    material: new Set(data.materials.map((m) => m.id)),
    candidate: new Set([...data.contaminants, ...data.permanentMarks].map((c) => c.id)),
  };
  const faults: string[] = [];
  const need = (kind: keyof typeof ids, wanted: string, from: string) => {
    if (!ids[kind].has(wanted)) faults.push(`${from}: there is no ${kind} "${wanted}"`);
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
    for (const id of [...(m.onlyMaterials ?? []), ...(m.notMaterials ?? [])])
      need('material', id, `methods ${m.id}`);
    for (const s of workedStages(m)) {
      need('tool', s.tool, `methods ${m.id}`);
      if (s.kind === 'apply' || s.kind === 'neutralise') need('agent', s.agent, `methods ${m.id}`);
    }
  }
  return faults;
}

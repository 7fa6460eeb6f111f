import { say } from '../messages/message.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { LIST_OF_KIND } from '../company/handbook-value.ts';
import { settingInWords } from '../company/setting.ts';
import type { ChangedKind } from '../company/handbook-value.ts';
import { companyValues } from '../company/company-values.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/**
 * What the company's own handbook says of a plan: a product without its data sheet stops it, labels that bound the work are
 * told, and so is every value of the company that is looser than the trade default.
 */
export function companyWarnings(
  survey: FacedSurvey,
  surfaces: readonly TreatedSurface[],
): readonly Warning[] {
  const catalogue = survey.catalogue;
  const treated = surfaces.filter((p) => (p.treatment?.stages.length ?? 0) > 0);
  const stages = treated.flatMap((p) => p.treatment?.stages ?? []);
  const agents = [...new Set(stages.flatMap((s) => (s.apply ? [s.apply.agent] : [])))].sort();
  const warnings: Warning[] = [];

  for (const agent of agents) {
    const { name } = catalogue.agent(agent);
    const product = catalogue.product(agent);
    if (!product) continue;
    if (!product.dataSheet)
      warnings.push(
        warning('data-sheet-missing', 'stop', { product: product.name, agent: lowerFirst(name) }),
      );
    for (const note of catalogue.labelNotes(agent))
      warnings.push(warning(note.rule, 'note', { agent: name, note: note.text }));
  }

  const unnamed = agents.filter((agent) => !catalogue.product(agent));
  if (unnamed.length > 0) {
    const names = unnamed.map((id) =>
      say('shipped/as', { agent: lowerFirst(catalogue.agent(id).name), how: asShipped(id) }),
    );
    warnings.push(warning('no-product', 'note', { agents: names.join(', ') }));
  }

  const used: readonly (readonly [ChangedKind, readonly string[]])[] = [
    ['material', treated.map((p) => p.surface.material)],
    ['condition', treated.flatMap((p) => p.surface.conditions)],
    ['agent', agents],
    ['method', stages.map((s) => s.method)],
  ];
  for (const [kind, ids] of used)
    for (const id of [...new Set(ids)].sort())
      for (const { value, setting, direction, override } of companyValues(kind, id, survey.handbook)) {
        const by = override ?? survey.handbook.materials.find((own) => own.id === id);
        if (direction !== 'looser' || !by) continue;
        warnings.push(
          warning('house-value', 'warn', {
            entry: catalogue[LIST_OF_KIND[kind]].find((e) => e.id === id)?.name ?? id,
            value: lowerFirst(value.name),
            own: settingInWords(setting, value.unit),
            shipped: settingInWords(value.shipped, value.unit),
            by: by.by,
            reason: by.reason,
          }),
        );
      }
  return warnings;
}

function asShipped(agent: string): string {
  const shipped = CATALOGUE.agent(agent);
  const { stock } = shipped;
  if (stock.form === 'powder') return say('shipped/powder');
  return isReadyToUse(shipped)
    ? say('shipped/ready')
    : say('shipped/liquid', { strength: stock.strength.value, basis: stock.strength.basis });
}

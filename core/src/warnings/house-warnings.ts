import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { LIST_OF_KIND } from '../house/handbook-value.ts';
import { settingInWords } from '../house/setting.ts';
import type { ChangedKind } from '../house/handbook-value.ts';
import { houseValues } from '../house/house-values.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import type { Warning } from './warning.ts';

/**
 * What the house's own handbook says of a plan: a product without its data sheet stops it, labels that bound the work are
 * told, and so is every value of the house that is looser than the trade default.
 */
export function houseWarnings(survey: FacedSurvey, surfaces: readonly TreatedSurface[]): readonly Warning[] {
  const catalogue = survey.catalogue;
  const treated = surfaces.filter((p) => (p.treatment?.stages.length ?? 0) > 0);
  const stages = treated.flatMap((p) => p.treatment?.stages ?? []);
  const agents = [...new Set(stages.flatMap((s) => (s.apply ? [s.apply.agent] : [])))].sort();
  const warnings: Warning[] = [];
  const say = (rule: string, severity: Warning['severity'], text: string) =>
    warnings.push({ rule, severity, text, surface: null });

  for (const agent of agents) {
    const { name } = catalogue.agent(agent);
    const product = catalogue.product(agent);
    if (!product) continue;
    if (!product.dataSheet)
      say(
        'data-sheet-missing',
        'stop',
        `“${product.name}” (${name.toLowerCase()}) has no data sheet: add the file or its address in the handbook. Nothing goes on an order without one.`,
      );
    for (const note of catalogue.labelNotes(agent)) say(note.rule, 'note', `${name}. ${note.text}`);
  }

  const unnamed = agents.filter((agent) => !catalogue.product(agent));
  if (unnamed.length > 0)
    say(
      'no-product',
      'note',
      `No product of the house is named for ${unnamed.map((agent) => `${lowerFirst(catalogue.agent(agent).name)} (counted ${asShipped(agent)})`).join(', ')}. Name yours in the handbook: its label and data sheet come first.`,
    );

  const used: readonly (readonly [ChangedKind, readonly string[]])[] = [
    ['material', treated.map((p) => p.surface.material)],
    ['condition', treated.flatMap((p) => p.surface.conditions)],
    ['agent', agents],
    ['method', stages.map((s) => s.method)],
  ];
  for (const [kind, ids] of used)
    for (const id of [...new Set(ids)].sort())
      for (const { value, setting, direction, override } of houseValues(kind, id, survey.handbook)) {
        const by = override ?? survey.handbook.materials.find((own) => own.id === id);
        if (direction !== 'looser' || !by) continue;
        const called = catalogue[LIST_OF_KIND[kind]].find((e) => e.id === id)?.name ?? id;
        say(
          'house-value',
          'warn',
          `House value, looser than the trade default: ${called}, ${value.name.toLowerCase()} ${settingInWords(setting, value.unit)} instead of ${settingInWords(value.shipped, value.unit)}, by ${by.by}: “${by.reason}”.`,
        );
      }
  return warnings;
}

function asShipped(agent: string): string {
  const shipped = CATALOGUE.agent(agent);
  const { stock } = shipped;
  if (stock.form === 'powder') return 'as powder';
  return isReadyToUse(shipped) ? 'as it is sold' : `at ${stock.strength.value} ${stock.strength.basis}`;
}

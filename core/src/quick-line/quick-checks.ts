import { CATALOGUE, contaminantById } from '../catalogue/catalogue.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import type { QuickPart, QuickValue } from './quick-part.ts';
import { question, valueOf } from './quick-target.ts';
import type { Target } from './quick-target.ts';

const MOST_MATERIALS = 6;
type Finding = Extract<QuickValue, { readonly kind: 'finding' }>;

/**
 * What still stands against taking the parts over: a severity or material that is missing, a finish or condition that
 * the material does not have, heights the wrong way round. The parts with their questions; none changes what was said.
 */
export function checkedParts(
  parts: readonly QuickPart[],
  target: Target,
  survey: Survey,
  lineEnd: number,
): readonly QuickPart[] {
  if (target.kind === 'open') return [target.question, ...parts];
  const same = survey.surfaces.find((s) => s.id === valueOf(parts, 'same')?.id);
  const targets = target.kind === 'known' ? target.surfaces : [];
  const material = valueOf(parts, 'material')?.ids[0] ?? same?.material ?? targets[0]?.material;
  const checked = parts.map((part, i) =>
    checkedPart(twice(part, parts.slice(0, i)), material, targets, survey),
  );
  const placed = target.kind === 'known' || same !== undefined || valueOf(parts, 'place') !== undefined;
  return [
    ...(placed ? [] : [whichPlace(parts[0]?.at ?? 0)]),
    ...checked,
    ...(material === undefined ? [whichMaterial(survey, lineEnd)] : []),
  ];
}

/** A contaminant is found once on a surface. */
function twice(part: QuickPart, before: readonly QuickPart[]): QuickPart {
  const { value } = part;
  if (value?.kind !== 'finding' && value?.kind !== 'removal') return part;
  const again = before.some(
    (b) =>
      (b.value?.kind === 'finding' || b.value?.kind === 'removal') &&
      b.value.contaminant === value.contaminant,
  );
  const { name } = contaminantById(value.contaminant);
  return again
    ? { ...part, value: null, fault: `${name} is said twice of one surface: leave one out` }
    : part;
}

function checkedPart(
  part: QuickPart,
  material: string | undefined,
  targets: readonly Surface[],
  survey: Survey,
): QuickPart {
  const { value } = part;
  const refused = (fault: string, options: QuickPart['options'] = []): QuickPart => ({
    ...part,
    value: null,
    fault,
    options,
  });
  const of = material === undefined ? undefined : companyCatalogue(survey.handbook).material(material);
  if (value?.kind === 'finish' && of && !of.finishes.includes(value.finish))
    return refused(`${of.name} is ${of.finishes.join(' or ')}, not ${value.finish}`);
  if (value?.kind === 'condition' && of && !of.conditions.includes(value.id))
    return refused(
      `${of.name} is not noted as ${CATALOGUE.condition(value.id).name}; it can be ${of.conditions.map((c) => CATALOGUE.condition(c).name).join(', ')}`,
    );
  if (value?.kind === 'heights' && value.foot !== null && value.top !== null && value.foot > value.top)
    return refused('the foot lies above the top: say the lower height first');
  if (
    value?.kind === 'removal' &&
    targets.length > 0 &&
    !targets.some((s) => isNoted(value.contaminant, s, survey))
  )
    return refused(
      `${contaminantById(value.contaminant).name} is not noted there, so there is nothing to take away`,
    );
  if (value?.kind === 'finding' && value.severity === null && !goesOnWith(value, targets, survey))
    return refused(
      `How bad is it? ${contaminantById(value.contaminant).name}:`,
      severityOptions(part, value.contaminant),
    );
  return part;
}

/** A share or a doubt alone is enough where the finding is noted already. */
function goesOnWith(value: Finding, targets: readonly Surface[], survey: Survey): boolean {
  return (
    targets.length > 0 &&
    (value.share !== null || value.confidence < 1) &&
    targets.every((s) => isNoted(value.contaminant, s, survey))
  );
}

function isNoted(contaminant: string, { id }: Surface, { findings }: Survey): boolean {
  return findings.some((f) => f.surface === id && f.zone === null && f.contaminant === contaminant);
}

function severityOptions(part: QuickPart, contaminant: string): QuickPart['options'] {
  const at = part.at + part.length;
  return contaminantById(contaminant).cues.map((cue, i) => ({
    label: `${i + 1}: ${cue}`,
    at,
    length: 0,
    text: ` ${i + 1}`,
  }));
}

function whichPlace(at: number): QuickPart {
  return question(
    at,
    'Where does it lie? The height decides who works above whom.',
    ['roof', 'upper wall', 'wall', 'window', 'path'].map((noun) => ({
      label: noun,
      at,
      length: 0,
      text: `${noun}, `,
    })),
  );
}

/** The materials of the property first: the next surface is often made of the same. */
function whichMaterial(survey: Survey, at: number): QuickPart {
  const here = [...new Set(survey.surfaces.map((s) => s.material))];
  const catalogue = companyCatalogue(survey.handbook);
  const ids = [...here, ...catalogue.materials.map((m) => m.id).filter((id) => !here.includes(id))];
  return question(
    at,
    'What is it made of? It decides what is allowed.',
    ids.slice(0, MOST_MATERIALS).map((id) => {
      const { name } = catalogue.material(id);
      return { label: name, at, length: 0, text: `, ${name.toLowerCase()}` };
    }),
  );
}

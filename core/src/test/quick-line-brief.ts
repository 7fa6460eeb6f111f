import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readQuickLine } from '../quick-line/quick-line.ts';
import type { DraftChange } from '../survey/change.ts';
import type { Survey } from '../survey/survey.ts';

const SHOWN = [
  'rename',
  'side',
  'band',
  'material',
  'unsureBetween',
  'finish',
  'conditions',
  'size',
  'footMetres',
  'topMetres',
  'tiltDegrees',
  'drainsOnto',
  'beside',
  'below',
  'behind',
  'note',
];
/** What every new surface of a band has unless something else is said. */
const USUAL: Readonly<Record<string, readonly unknown[]>> = {
  footMetres: [0],
  topMetres: [0, 2.5],
  tiltDegrees: [0, 30, 90],
  size: [''],
};

/**
 * What a line comes to, in few words: `+Wall, north: side=north … | green-algae 3` for a new surface, `~` for one that
 * is changed, `?` with the parts that are open.
 */
export function briefReading(line: string, survey: Survey, selected: string | null = null): string {
  const ids = new Map<string, string>();
  let count = 0;
  const reading = readQuickLine(line, survey, {
    selected,
    makeId: () => {
      count += 1;
      return `made-${count}`;
    },
  });
  if (reading.drafts === null)
    return reading.surfaces
      .map(({ parts }) =>
        parts
          .filter((p) => p.fault !== null)
          .map(
            (p) =>
              `?${p.label === '' ? ((p.fault ?? '').split(/[?:]/)[0] ?? '') : p.label}${p.options.length > 0 ? `[${p.options.length}]` : ''}`,
          )
          .join(' '),
      )
      .filter((text) => text !== '')
      .join(' / ');
  for (const { kind, entity, fields } of reading.drafts)
    if (kind === 'side' || kind === 'feature') ids.set(entity, `new:${String(fields['name'])}`);
  const lines: string[] = [];
  for (const draft of reading.drafts) {
    if (draft.kind === 'side' || draft.kind === 'feature') continue;
    if (draft.kind === 'surface') lines.push(surfaceBrief(draft, survey, ids));
    else {
      const on = surfaceOf(draft, survey);
      const at = lines.findIndex((text) => text.startsWith(`${on}\t`));
      const brief = otherBrief(draft, survey);
      if (at < 0) lines.push(`${on}\t~${survey.surfaces.find((s) => s.id === on)?.name ?? on}: ${brief}`);
      else lines[at] = `${lines[at] ?? ''}${lines[at]?.endsWith(':') ? ' ' : ' | '}${brief}`;
    }
  }
  return lines.map((text) => text.split('\t')[1]).join(' / ');
}

function surfaceBrief(
  { entity, op, fields }: DraftChange,
  survey: Survey,
  ids: ReadonlyMap<string, string>,
): string {
  const surface = survey.surfaces.find((s) => s.id === entity);
  const name = op === 'create' ? `+${String(fields['name'])}` : `~${surface?.name ?? entity}`;
  const shown = SHOWN.flatMap((key) => {
    const value = key === 'rename' ? (op === 'patch' ? fields['name'] : undefined) : fields[key];
    if (value === undefined || value === null || (Array.isArray(value) && value.length === 0)) return [];
    if (op === 'create' && (USUAL[key] ?? []).includes(value)) return [];
    if (
      op === 'create' &&
      key === 'finish' &&
      CATALOGUE.material(text(fields['material'] ?? surface?.material)).finishes[0] === value
    )
      return [];
    const words = [value]
      .flat()
      .map((v) => ids.get(text(v)) ?? text(v))
      .join('+');
    return [
      key === 'side' || key === 'material' || key === 'size' || key === 'band' ? words : `${key}=${words}`,
    ];
  });
  return `${entity}\t${name}: ${shown.join(' ')}`.trimEnd();
}

function surfaceOf({ entity, fields }: DraftChange, survey: Survey): string {
  const there = [...survey.findings, ...survey.scopes].find((e) => e.id === entity);
  return text(fields['surface'] ?? there?.surface);
}

function otherBrief({ kind, op, entity, fields }: DraftChange, survey: Survey): string {
  if (kind === 'scope')
    return fields['nothingFound'] === true
      ? 'nothing found'
      : `left out${fields['scopeReason'] ? ` (${text(fields['scopeReason'])})` : ''}`;
  const contaminant = text(
    fields['contaminant'] ?? survey.findings.find((f) => f.id === entity)?.contaminant,
  );
  if (op === 'delete') return `-${contaminant}`;
  return [
    contaminant,
    ...(fields['severity'] === undefined ? [] : [text(fields['severity'])]),
    ...(fields['share'] === undefined || fields['share'] === 1
      ? []
      : [`${Math.round(Number(fields['share']) * 100)}%`]),
    ...(fields['confidence'] === undefined || fields['confidence'] === 1 ? [] : ['maybe']),
  ].join(' ');
}

function text(value: unknown): string {
  return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
    ? String(value)
    : '';
}

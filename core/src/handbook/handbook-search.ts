import { idInWords, word } from '../language/in-language.ts';
import { kept } from '../quantity/kept.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';

export const HANDBOOK_KINDS = [
  'materials',
  'contaminants',
  'agents',
  'tools',
  'methods',
  'limits',
  'tests',
  'schools',
  'weights',
] as const;
export type HandbookKind = (typeof HANDBOOK_KINDS)[number];

export interface HandbookEntry {
  readonly kind: HandbookKind;
  readonly id: string;
  readonly name: string;
  /** What it belongs to: family, class, standing. */
  readonly group: string;
  /** All words by which it is found, lower case. */
  readonly words: string;
}

const entry = (
  kind: HandbookKind,
  { id, name }: { readonly id: string; readonly name: string },
  group: string,
  words: readonly string[] = [],
): HandbookEntry => ({ kind, id, name, group, words: [id, name, group, ...words].join(' ').toLowerCase() });

/** Everything that the handbook has a page for. */
export const handbookEntries = kept((catalogue: Catalogue): readonly HandbookEntry[] => {
  return [
    ...catalogue.materials.map((m) => entry('materials', m, idInWords(m.family), m.synonyms)),
    ...catalogue.contaminants.map((c) => entry('contaminants', c, idInWords(c.family), c.synonyms)),
    ...catalogue.agents.map((a) => entry('agents', a, idInWords(a.class), [a.basis, ...a.hazards])),
    ...catalogue.tools.map((t) =>
      entry('tools', t, word(t.jet === null ? 'without a jet' : 'with a jet'), [t.handling]),
    ),
    ...catalogue.methods.map((m) => entry('methods', m, m.chainOrder, Object.keys(m.treats))),
    ...catalogue.limits.map((l) =>
      entry('limits', { id: l.id, name: l.text.replace(/\{\w+\}/g, '…') }, l.standing, [l.whatCanHappen]),
    ),
    ...[...catalogue.quickTests, ...catalogue.materialTests].map((t) =>
      entry('tests', t, t.agentClass === null ? word('without an agent') : idInWords(t.agentClass), [t.how]),
    ),
    ...catalogue.schools.map((s) =>
      entry(
        'schools',
        s,
        s.settings.find((way) => way.id === s.setting)?.name ?? s.setting,
        s.settings.map((way) => way.name),
      ),
    ),
    ...catalogue.weights.map((w) => entry('weights', w, `${w.value} for each ${w.per}`, [w.why])),
  ];
});

/** Entries in which every word of a search is found, those whose name begins with it first. */
export function handbookSearch(
  find: string,
  kind: HandbookKind | null,
  catalogue: Catalogue,
): readonly HandbookEntry[] {
  const words = find
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');
  const begins = (e: HandbookEntry) =>
    words[0] !== undefined && e.name.toLowerCase().startsWith(words[0]) ? 0 : 1;
  return handbookEntries(catalogue)
    .filter((e) => (kind === null || e.kind === kind) && words.every((w) => e.words.includes(w)))
    .map((e, i) => ({ e, i }))
    .sort((a, b) => begins(a.e) - begins(b.e) || a.i - b.i)
    .map(({ e }) => e);
}

/** A column of a list of surfaces: its header as we write it, and other words that people write over it. */
export interface SurfaceColumn {
  readonly key: string;
  readonly header: string;
  readonly words: readonly string[];
}

/** One row is one surface. Only `name`, `material` are needed; the rest has the defaults of a new surface. */
export const SURFACE_COLUMNS = [
  { key: 'id', header: 'id', words: ['key', 'reference', 'ref'] },
  { key: 'name', header: 'name', words: ['surface', 'area name', 'description', 'element'] },
  { key: 'side', header: 'side', words: ['elevation', 'facade', 'aspect', 'location'] },
  { key: 'band', header: 'band', words: ['height band', 'level', 'zone type'] },
  { key: 'material', header: 'material', words: ['substrate', 'finish material', 'made of'] },
  { key: 'finish', header: 'finish', words: ['coating'] },
  { key: 'conditions', header: 'conditions', words: ['condition', 'state'] },
  { key: 'size', header: 'size', words: ['area', 'measurement', 'dimensions', 'sqm', 'm2', 'sq ft'] },
  { key: 'girth', header: 'girth', words: ['width each', 'developed width'] },
  { key: 'reliefFactor', header: 'relief factor', words: ['relief'] },
  { key: 'footMetres', header: 'foot (m)', words: ['foot', 'bottom', 'from height'] },
  { key: 'topMetres', header: 'top (m)', words: ['top', 'height', 'to height'] },
  { key: 'tiltDegrees', header: 'tilt (deg)', words: ['tilt', 'pitch', 'slope'] },
  { key: 'drainsOnto', header: 'drains onto', words: ['drains', 'run-off to', 'runoff'] },
  { key: 'beside', header: 'beside', words: ['next to', 'adjacent'] },
  { key: 'inScope', header: 'in scope', words: ['scope', 'included'] },
  { key: 'scopeReason', header: 'scope reason', words: ['reason', 'why left out'] },
  { key: 'findings', header: 'findings', words: ['contaminants', 'dirt', 'soiling', 'found'] },
  { key: 'note', header: 'note', words: ['notes', 'remark', 'remarks', 'comment'] },
] as const satisfies readonly SurfaceColumn[];
export type SurfaceColumnKey = (typeof SURFACE_COLUMNS)[number]['key'];

/** Which column of a file holds what; a key that is missing is not in the file. */
export type ColumnMapping = Readonly<Partial<Record<SurfaceColumnKey, number>>>;

export const NEEDED_COLUMNS: readonly SurfaceColumnKey[] = ['name', 'material'];

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/**
 * The mapping that the headers of a file suggest: our own header, the key, or a word that people use.
 * @example proposedMapping(['Elevation', 'Surface', 'Substrate']) // { side: 0, name: 1, material: 2 }
 */
export function proposedMapping(headers: readonly string[]): ColumnMapping {
  const mapping: Partial<Record<SurfaceColumnKey, number>> = {};
  const taken = new Set<number>();
  const ways: readonly ((column: SurfaceColumn) => readonly string[])[] = [
    (column) => [column.header, column.key],
    (column) => column.words,
  ];
  for (const wordsOf of ways) {
    for (const column of SURFACE_COLUMNS) {
      if (mapping[column.key] !== undefined) continue;
      const words = wordsOf(column).map(plain);
      const index = headers.findIndex((header, i) => !taken.has(i) && words.includes(plain(header)));
      if (index < 0) continue;
      mapping[column.key] = index;
      taken.add(index);
    }
  }
  return mapping;
}

const NUMBER_KEYS: readonly SurfaceColumnKey[] = [
  'reliefFactor',
  'footMetres',
  'topMetres',
  'tiltDegrees',
  'size',
  'girth',
];

/** Whether the numbers of a file have a decimal comma: some do, and none has a point. */
export function hasDecimalComma(rows: readonly (readonly string[])[], mapping: ColumnMapping): boolean {
  const cells = rows.flatMap((row) =>
    NUMBER_KEYS.flatMap((key) => {
      const index = mapping[key];
      return index === undefined ? [] : [row[index] ?? ''];
    }),
  );
  return cells.some((cell) => /\d,\d/.test(cell)) && !cells.some((cell) => /\d\.\d/.test(cell));
}

/** The column that a path of a surface or finding belongs to. @example columnOfPath('surfaces[2].drainsOnto[0]') // 'drainsOnto' */
export function columnOfPath(path: string): SurfaceColumnKey {
  if (path.startsWith('findings')) return 'findings';
  const key = path.replace(/^surfaces\[\d+\]\./, '').replace(/[.[].*$/, '');
  return SURFACE_COLUMNS.find((column) => column.key === key)?.key ?? 'name';
}

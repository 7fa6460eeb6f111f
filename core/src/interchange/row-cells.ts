import type { Catalogue } from '../catalogue/catalogue.ts';
import { BANDS, BAND_NAMES } from '../survey/surface.ts';
import { SURFACE_COLUMNS } from './surface-columns.ts';
import type { ColumnMapping, SurfaceColumnKey } from './surface-columns.ts';

/** One thing wrong in a list: the line as a text editor counts it (the header is line 1), the column, what and why. */
export interface RowFault {
  readonly line: number;
  readonly column: string;
  readonly message: string;
  readonly value: string;
}

interface CellOptions {
  readonly mapping: ColumnMapping;
  readonly decimalComma: boolean;
  readonly catalogue: Catalogue;
}

/** Reads the cells of a list by the columns that they are mapped to, and gathers what is wrong in them. */
export class RowCells {
  readonly faults: RowFault[] = [];
  /** Ids by id, and by name in lower case, of what a cell may name. */
  readonly places = new Map<string, string>();
  private readonly options: CellOptions;

  constructor(options: CellOptions) {
    this.options = options;
  }

  /** The text of a cell; a cell that a spreadsheet was kept from reading as a formula is freed again. */
  text(row: readonly string[], key: SurfaceColumnKey): string {
    const index = this.options.mapping[key];
    return index === undefined ? '' : (row[index] ?? '').trim().replace(/^'(?=[=+\-@])/, '');
  }

  fault(index: number, column: SurfaceColumnKey, message: string, value = ''): void {
    this.faults.push({ line: index + 2, column: headerOf(column), message, value });
  }

  /** The fields of a surface that a row gives, apart from its side. */
  fields(row: readonly string[], index: number): Record<string, unknown> {
    const fields: Record<string, unknown> = {};
    for (const key of ['name', 'note'] as const) {
      const cell = this.text(row, key);
      if (cell !== '') fields[key] = cell;
    }
    this.words(row, index, fields);
    for (const key of ['size', 'girth'] as const) {
      const cell = this.text(row, key);
      if (cell !== '') fields[key] = this.options.decimalComma ? cell.replace(/(\d),(\d)/g, '$1.$2') : cell;
    }
    for (const key of ['reliefFactor', 'footMetres', 'topMetres', 'tiltDegrees'] as const) {
      const cell = this.text(row, key);
      if (cell === '') continue;
      const number = Number(this.options.decimalComma ? cell.replace(',', '.') : cell);
      if (Number.isFinite(number)) fields[key] = number;
      else this.fault(index, key, `"${cell}" is not a number`, cell);
    }
    for (const key of ['drainsOnto', 'beside'] as const) {
      const cell = this.text(row, key);
      if (cell !== '') fields[key] = this.placesIn(cell, index, key);
    }
    return fields;
  }

  private words(row: readonly string[], index: number, fields: Record<string, unknown>): void {
    const material = this.text(row, 'material');
    if (material !== '') {
      const found = this.options.catalogue.materials.find((m) => isCalled(m, material));
      if (found) fields['material'] = found.id;
      else
        this.fault(
          index,
          'material',
          `"${material}" is not a material of the catalogue: use its name, id or a synonym`,
          material,
        );
    }
    const band = this.text(row, 'band');
    if (band !== '') {
      const found = BANDS.find(
        (b) => b === band.toLowerCase() || BAND_NAMES[b].toLowerCase() === band.toLowerCase(),
      );
      if (found) fields['band'] = found;
      else this.fault(index, 'band', `"${band}" is not a band: ${BANDS.join(', ')}`, band);
    }
    const finish = this.text(row, 'finish');
    if (finish !== '') fields['finish'] = finish.toLowerCase();
    const conditions = this.text(row, 'conditions');
    if (conditions !== '')
      fields['conditions'] = listed(conditions).flatMap((word) => {
        const found = this.options.catalogue.conditions.find(
          (c) => c.id === word.toLowerCase() || c.name.toLowerCase() === word.toLowerCase(),
        );
        if (!found) this.fault(index, 'conditions', `"${word}" is not a condition of the catalogue`, word);
        return found ? [found.id] : [];
      });
  }

  private placesIn(cell: string, index: number, key: 'drainsOnto' | 'beside'): readonly string[] {
    return listed(cell).flatMap((word) => {
      const id = this.places.get(word) ?? this.places.get(word.toLowerCase());
      if (id === undefined) this.fault(index, key, `there is no surface or feature "${word}"`, word);
      return id === undefined ? [] : [id];
    });
  }
}

function listed(cell: string): readonly string[] {
  return cell
    .split(';')
    .map((word) => word.trim())
    .filter((word) => word !== '');
}

function isCalled(
  material: { readonly id: string; readonly name: string; readonly synonyms: readonly string[] },
  word: string,
): boolean {
  const lower = word.toLowerCase();
  return [material.id, material.name, ...material.synonyms].some((name) => name.toLowerCase() === lower);
}

function headerOf(key: SurfaceColumnKey): string {
  return SURFACE_COLUMNS.find((column) => column.key === key)?.header ?? key;
}

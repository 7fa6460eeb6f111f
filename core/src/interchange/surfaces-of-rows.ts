import { companyCatalogue } from '../company/company-catalogue.ts';
import { ON_TOP, applyChanges } from '../survey/change.ts';
import type { DraftChange } from '../survey/change.ts';
import type { MakeId } from '../survey/carried-over.ts';
import { referenceFaults } from '../survey/reference-faults.ts';
import { usualTilt, usualTop } from '../survey/surface.ts';
import type { Band, Surface } from '../survey/surface.ts';
import { surveyOf } from '../survey/survey-state.ts';
import type { SurveyState } from '../survey/survey-state.ts';
import { checkedDetail } from '../survey/survey.ts';
import type { Survey } from '../survey/survey.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import { MOST_LISTED } from '../survey/list-limits.ts';
import { RowCells } from './row-cells.ts';
import type { RowFault } from './row-cells.ts';
import { findingsIn } from './surface-rows.ts';
import { NEEDED_COLUMNS, columnOfPath } from './surface-columns.ts';
import type { ColumnMapping } from './surface-columns.ts';

export type RowsReading =
  | {
      readonly ok: true;
      readonly drafts: readonly DraftChange[];
      readonly added: number;
      readonly changed: number;
      readonly sides: number;
    }
  | { readonly ok: false; readonly faults: readonly RowFault[] };

export interface RowsOptions {
  readonly mapping: ColumnMapping;
  readonly decimalComma: boolean;
  readonly makeId: MakeId;
}

const MOST_FAULTS = 200;

/**
 * What a list of surfaces does to a survey: rows whose id, or name and side, are there change that surface, the others
 * add one; sides that are not there are made. All or nothing.
 *
 * @param rows the cells of every row below the header
 * @returns the changes for one batch, or every fault with its line (at most 200)
 */
export function surfacesOfRows(
  rows: readonly (readonly string[])[],
  state: SurveyState,
  options: RowsOptions,
): RowsReading {
  const missing = NEEDED_COLUMNS.filter((key) => options.mapping[key] === undefined);
  if (missing.length > 0)
    return {
      ok: false,
      faults: missing.map((key) => ({
        line: 1,
        column: key,
        message: `no column is mapped to ${key}: choose one`,
        value: '',
      })),
    };
  if (rows.length === 0)
    return {
      ok: false,
      faults: [{ line: 1, column: 'name', message: 'there is no row below the header', value: '' }],
    };
  if (rows.length > MOST_LISTED)
    return {
      ok: false,
      faults: [
        {
          line: MOST_LISTED + 2,
          column: 'name',
          message: `the list has ${rows.length} rows, the limit is ${MOST_LISTED}: split it by property or by side`,
          value: '',
        },
      ],
    };
  return new RowsReader(rows, state, options).read();
}

class RowsReader {
  private readonly rows: readonly (readonly string[])[];
  private readonly state: SurveyState;
  private readonly survey: Survey;
  private readonly options: RowsOptions;
  private readonly cells: RowCells;
  private readonly sides = new Map<string, string>();
  private readonly sideDrafts: DraftChange[] = [];

  constructor(rows: readonly (readonly string[])[], state: SurveyState, options: RowsOptions) {
    this.rows = rows;
    this.state = state;
    this.survey = surveyOf(state);
    this.options = options;
    this.cells = new RowCells({ ...options, catalogue: companyCatalogue(state.handbook) });
    for (const side of this.survey.sides) this.remember(this.sides, side);
    for (const feature of this.survey.features) this.remember(this.cells.places, feature);
    for (const surface of this.survey.surfaces) this.remember(this.cells.places, surface);
  }

  read(): RowsReading {
    const targets = this.rows.map((row, i) => this.target(row, i));
    const seen = new Map<string, number>();
    targets.forEach(({ id }, i) => {
      const earlierRow = seen.get(id);
      if (earlierRow !== undefined)
        this.cells.fault(i, 'name', `the same surface stands on line ${earlierRow + 2} already`);
      seen.set(id, i);
    });
    const drafts = this.rows.flatMap((row, i) => {
      const target = targets[i];
      return target ? this.rowDrafts(row, i, target) : [];
    });
    const whole = [...this.sideDrafts, ...drafts];
    if (this.cells.faults.length === 0) this.checkTogether(whole, targets);
    if (this.cells.faults.length > 0) {
      const faults = [...this.cells.faults].sort((a, b) => a.line - b.line);
      return { ok: false, faults: faults.slice(0, MOST_FAULTS) };
    }
    const added = targets.filter((t) => t.existing === null).length;
    return { ok: true, drafts: whole, added, changed: targets.length - added, sides: this.sideDrafts.length };
  }

  private remember(
    names: Map<string, string>,
    { id, name }: { readonly id: string; readonly name: string },
  ): void {
    names.set(id, id);
    if (!names.has(name.toLowerCase())) names.set(name.toLowerCase(), id);
  }

  /** Which surface a row speaks of, and where it stands. */
  private target(
    row: readonly string[],
    index: number,
  ): { readonly id: string; readonly existing: Surface | null; readonly side: string | null } {
    const side = this.side(this.cells.text(row, 'side'));
    const [id, name] = [this.cells.text(row, 'id'), this.cells.text(row, 'name')];
    const existing =
      this.survey.surfaces.find((s) =>
        id === '' ? s.name.toLowerCase() === name.toLowerCase() && s.side === side : s.id === id,
      ) ?? null;
    const own =
      existing?.id ??
      (/^[a-z0-9][a-z0-9-]{0,98}$/.test(id) && !this.state.entities.has(id) ? id : this.options.makeId());
    if (name === '' && !existing) this.cells.fault(index, 'name', 'a surface needs a name');
    this.remember(this.cells.places, { id: own, name: name === '' ? own : name });
    if (id !== '') this.cells.places.set(id, own);
    return { id: own, existing, side };
  }

  private side(name: string): string | null {
    if (name === '') return null;
    const sideId = this.sides.get(name) ?? this.sides.get(name.toLowerCase());
    if (sideId !== undefined) return sideId;
    const id = this.options.makeId();
    this.remember(this.sides, { id, name });
    const position = Math.max(0, ...this.survey.sides.map((s) => s.position)) + this.sideDrafts.length + 1;
    this.sideDrafts.push({ kind: 'side', entity: id, op: 'create', fields: { name, position } });
    return id;
  }

  private rowDrafts(
    row: readonly string[],
    index: number,
    { id, existing, side }: ReturnType<RowsReader['target']>,
  ): readonly DraftChange[] {
    const faultsBefore = this.cells.faults.length;
    const fields = {
      ...this.cells.fields(row, index),
      ...(this.options.mapping.side !== undefined && (side !== null || !existing) ? { side } : {}),
    };
    const detail = existing
      ? { ...this.state.entities.get(id)?.detail, ...fields }
      : { ...this.usual(fields), ...fields };
    const { position: _, ...checked } = detail as Record<string, unknown>;
    const result = checkedDetail('surface', checked);
    // A cell that was not understood is told once.
    if (!result.ok && this.cells.faults.length === faultsBefore)
      for (const fault of result.faults)
        this.cells.fault(
          index,
          columnOfPath(fault.path),
          fault.message,
          typeof fault.value === 'string' ? fault.value : JSON.stringify(fault.value ?? ''),
        );
    if (result.ok) this.checkSize(index, result.detail as unknown as Surface);
    const position = Math.max(0, ...this.survey.surfaces.map((s) => s.position)) + index + 1;
    const draft: DraftChange = existing
      ? { kind: 'surface', entity: id, op: 'patch', fields }
      : { kind: 'surface', entity: id, op: 'create', fields: { ...checked, position } };
    return [
      ...(Object.keys(draft.fields).length > 0 ? [draft] : []),
      ...this.scopeDrafts(row, index, id),
      ...this.findingDrafts(row, index, id),
    ];
  }

  /** What a new surface has where the list says nothing. */
  private usual(fields: Readonly<Record<string, unknown>>): Record<string, unknown> {
    const band = (fields['band'] ?? 'wall') as Band;
    const material = companyCatalogue(this.state.handbook).materials.find((m) => m.id === fields['material']);
    return {
      size: '',
      finish: material?.finishes[0],
      tiltDegrees: usualTilt(band),
      topMetres: Math.max(usualTop(band), Number(fields['footMetres'] ?? 0)),
    };
  }

  private scopeDrafts(row: readonly string[], index: number, surface: string): readonly DraftChange[] {
    const [cell, scopeReason] = [
      this.cells.text(row, 'inScope').toLowerCase(),
      this.cells.text(row, 'scopeReason'),
    ];
    if (cell === '' && scopeReason === '') return [];
    const yes = ['', 'yes', 'y', 'true', '1', 'in'].includes(cell);
    if (!yes && !['no', 'n', 'false', '0', 'out'].includes(cell)) {
      this.cells.fault(index, 'inScope', `"${cell}" is neither yes nor no`, cell);
      return [];
    }
    const existing = this.survey.scopes.find((s) => s.surface === surface);
    const fields = { surface, inScope: yes, scopeReason };
    if (existing) {
      const same = existing.inScope === yes && existing.scopeReason === scopeReason;
      return same ? [] : [{ kind: 'scope', entity: existing.id, op: 'patch', fields }];
    }
    return yes && scopeReason === ''
      ? []
      : [
          {
            kind: 'scope',
            entity: this.options.makeId(),
            op: 'create',
            fields: { ...fields, position: index },
          },
        ];
  }

  private findingDrafts(row: readonly string[], index: number, surface: string): readonly DraftChange[] {
    const cell = this.cells.text(row, 'findings');
    try {
      return findingsIn(cell).map(({ contaminant, severity, share }, k): DraftChange => {
        const existing = this.survey.findings.find(
          (f) => f.surface === surface && f.zone === null && f.contaminant === contaminant,
        );
        return existing
          ? { kind: 'finding', entity: existing.id, op: 'patch', fields: { severity, share } }
          : {
              kind: 'finding',
              entity: this.options.makeId(),
              op: 'create',
              fields: { surface, contaminant, severity, share, position: k },
            };
      });
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      this.cells.fault(index, 'findings', error.message, cell);
      return [];
    }
  }

  private checkSize(index: number, surface: Surface): void {
    if (surface.size === '') return;
    const measured = takeOffFace(surface, this.survey.job.units);
    if (!measured.ok)
      this.cells.fault(
        index,
        'size',
        `${measured.fault.message} (at character ${measured.fault.position + 1})`,
        surface.size,
      );
  }

  /** What only all rows together can break: a contaminant twice, run-off in a loop. */
  private checkTogether(drafts: readonly DraftChange[], targets: readonly { readonly id: string }[]): void {
    const changes = drafts.map((draft) => ({
      ...draft,
      id: this.options.makeId(),
      base: draft.op === 'create' ? 0 : ON_TOP,
    }));
    const outcome = applyChanges(this.state, changes);
    const lineOf = (entity: string | undefined) =>
      Math.max(
        0,
        targets.findIndex((t) => t.id === entity),
      );
    if (!outcome.ok) {
      for (const fault of outcome.faults) this.cells.fault(lineOf(fault.entity), 'name', fault.message);
      return;
    }
    const oldFaults = new Set(referenceFaults(this.survey).map((f) => f.message));
    for (const fault of referenceFaults(surveyOf(outcome.state))) {
      if (!oldFaults.has(fault.message))
        this.cells.fault(lineOf(fault.entity), columnOfPath(fault.path), fault.message);
    }
  }
}

import { describe, expect, it } from '@jest/globals';
import { ON_TOP, applyChanges } from '../survey/change.ts';
import { stateOf, surveyOf } from '../survey/survey-state.ts';
import type { SurveyState } from '../survey/survey-state.ts';
import { readJobFile } from './job-file.ts';
import { SURFACE_COLUMNS, hasDecimalComma, proposedMapping } from './surface-columns.ts';
import { findingsIn, surfaceRows } from './surface-rows.ts';
import { surfacesOfRows } from './surfaces-of-rows.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  sides: [{ id: 'north' }],
  site: { features: [{ id: 'pond', kind: 'pond', name: 'Newt pond' }] },
  surfaces: [
    {
      id: 'wall',
      name: 'Wall',
      side: 'north',
      material: 'painted-render',
      conditions: ['chalking'],
      size: '7.5x4',
      reliefFactor: 1.2,
      drainsOnto: ['yard', 'pond'],
      inScope: false,
      scopeReason: 'water creeps in',
      findings: [{ contaminant: 'green-algae', severity: 3, share: 0.8 }],
    },
    { id: 'yard', name: 'Yard', band: 'floor', material: 'concrete', size: '', findings: [] },
  ].map((s) => ({ ...s, size: s.size === '' ? '8x6' : s.size })),
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const state = stateOf('job', reading.survey);
let count = 0;
const makeId = () => {
  count += 1;
  return `00000000-0000-7000-8000-${String(count).padStart(12, '0')}`;
};
const take = (headers: readonly string[], rows: readonly (readonly string[])[], on: SurveyState = state) => {
  const mapping = proposedMapping(headers);
  return surfacesOfRows(rows, on, { mapping, decimalComma: hasDecimalComma(rows, mapping), makeId });
};
const taken = (headers: readonly string[], rows: readonly (readonly string[])[], on: SurveyState = state) => {
  const result = take(headers, rows, on);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  const outcome = applyChanges(
    on,
    result.drafts.map((d) => ({ ...d, id: makeId(), base: d.op === 'create' ? 0 : ON_TOP })),
  );
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return { ...result, survey: surveyOf(outcome.state) };
};
const faults = (headers: readonly string[], ...rows: readonly (readonly string[])[]) => {
  const result = take(headers, rows);
  return result.ok ? [] : result.faults.map((f) => `${f.line} ${f.column}: ${f.message}`);
};

describe('headers', () => {
  it('are known by our own words and by those that people use, each column once', () => {
    expect(proposedMapping(SURFACE_COLUMNS.map((c) => c.header))).toEqual(
      Object.fromEntries(SURFACE_COLUMNS.map((c, i) => [c.key, i])),
    );
    expect(proposedMapping(['Elevation', 'Surface', 'SUBSTRATE', 'Area', 'Top (m)', 'nonsense'])).toEqual({
      side: 0,
      name: 1,
      material: 2,
      size: 3,
      topMetres: 4,
    });
  });

  it('that map no name or material are asked for', () => {
    expect(faults(['Foo', 'Bar'], ['a', 'b'])).toEqual([
      '1 name: no column is mapped to name: choose one',
      '1 material: no column is mapped to material: choose one',
    ]);
  });
});

describe('a list that was written', () => {
  const { headers, rows } = surfaceRows(reading.survey);

  it('changes nothing when it is read again', () => {
    const again = taken(headers, rows);
    expect([again.added, again.changed, again.sides]).toEqual([0, 2, 0]);
    expect({ ...again.survey, scopes: [] }).toEqual({ ...reading.survey, scopes: [] });
    expect(again.survey.scopes).toMatchObject([
      { surface: 'wall', inScope: false, scopeReason: 'water creeps in' },
    ]);
  });

  it('makes the same surfaces on an empty property, by name where it has no ids', () => {
    const empty = stateOf('other', { ...reading.survey, surfaces: [], findings: [], scopes: [], sides: [] });
    const without = (cells: readonly string[]) => cells.slice(1);
    const made = taken(without(headers), rows.map(without), empty);
    expect([made.added, made.changed, made.sides]).toEqual([2, 0, 1]);
    expect(surfaceRows(made.survey).rows.map(without)).toEqual(rows.map(without));
  });
});

describe('a row', () => {
  it('with a decimal comma is read so, and the tape in it too', () => {
    const rows = [['Terrace', 'granite', '7,5x4 + tri(3,5; 2)', '2,25']];
    expect(taken(['name', 'material', 'size', 'top'], rows).survey.surfaces.at(-1)).toMatchObject({
      size: '7.5x4 + tri(3.5; 2)',
      topMetres: 2.25,
    });
  });

  it('changes the surface of its name and side, and leaves alone what the list does not have', () => {
    const { survey, changed } = taken(
      ['name', 'side', 'material', 'findings'],
      [['WALL', 'north', 'limestone', 'Green algae 1 50%; lichen 2']],
    );
    expect(changed).toBe(1);
    expect(survey.surfaces[0]).toMatchObject({
      id: 'wall',
      material: 'limestone',
      size: '7.5x4',
      conditions: ['chalking'],
    });
    expect(survey.findings.map((f) => [f.contaminant, f.severity, f.share])).toEqual([
      ['green-algae', 1, 0.5],
      ['lichen', 2, 1],
    ]);
  });

  it('may drain onto a surface of a later row', () => {
    const { survey } = taken(
      ['name', 'material', 'drains'],
      [
        ['Roof', 'granite', 'Gutter wall; Newt pond'],
        ['Gutter wall', 'concrete', ''],
      ],
    );
    const [roof, gutter] = survey.surfaces.slice(-2);
    expect(roof?.drainsOnto).toEqual([gutter?.id, 'pond']);
  });
});

describe('what is wrong is told with line and column, all of it, and nothing is taken', () => {
  const columns = [
    'name',
    'material',
    'size',
    'top',
    'drains onto',
    'findings',
    'in scope',
    'band',
    'conditions',
  ];
  it.each<[string, readonly string[], string]>([
    ['a material that is not there', ['A', 'cheese'], '2 material: "cheese" is not a material'],
    ['no name', ['', 'concrete'], '2 name: a surface needs a name'],
    ['a size that cannot be read', ['A', 'concrete', '7.5 and 4'], '2 size: "and" is not a unit'],
    ['a length', ['A', 'concrete', '12'], '2 size: this is a length'],
    ['a height that is none', ['A', 'concrete', '', 'high'], '2 top (m): "high" is not a number'],
    [
      'a place that is not there',
      ['A', 'concrete', '', '', 'sea'],
      '2 drains onto: there is no surface or feature "sea"',
    ],
    ['run-off in a loop', ['A', 'concrete', '', '', 'A'], '2 drains onto: run-off goes round in a loop'],
    [
      'a dirt that is not there',
      ['A', 'concrete', '', '', '', 'cheese 2'],
      '2 findings: "cheese" is not in the catalogue',
    ],
    [
      'a finding without severity',
      ['A', 'concrete', '', '', '', 'lichen'],
      '2 findings: "lichen" is no finding',
    ],
    ['a share of 300 %', ['A', 'concrete', '', '', '', 'lichen 2 300%'], '2 findings: a share of 300 %'],
    [
      'the same dirt twice',
      ['A', 'concrete', '', '', '', 'lichen 2; lichen 3'],
      '2 findings: "lichen" is found twice',
    ],
    [
      'a scope of maybe',
      ['A', 'concrete', '', '', '', '', 'maybe'],
      '2 in scope: "maybe" is neither yes nor no',
    ],
    ['a band that is none', ['A', 'concrete', '', '', '', '', '', 'attic'], '2 band: "attic" is not a band'],
    [
      'a condition that is none',
      ['A', 'concrete', '', '', '', '', '', '', 'tired'],
      '2 conditions: "tired" is not a condition',
    ],
  ])('%s', (_, row, fault) => {
    const found = faults(columns, row);
    expect(found.some((f) => f.startsWith(fault))).toBe(true);
  });

  it('in every row', () => {
    expect(faults(['name', 'material'], ['A', 'cheese'], ['B', 'concrete'], ['', 'soap'])).toHaveLength(3);
  });

  it('the same surface twice', () => {
    expect(faults(['name', 'material'], ['A', 'concrete'], ['B', 'concrete'], ['Wall', 'concrete'])).toEqual(
      [],
    );
    expect(faults(['id', 'name', 'material'], ['wall', 'A', 'concrete'], ['wall', 'B', 'concrete'])).toEqual([
      '3 name: the same surface stands on line 2 already',
    ]);
  });

  it('a hundred thousand rows, and none', () => {
    const many = Array.from({ length: 100_000 }, () => ['A', 'concrete']);
    expect(faults(['name', 'material'], ...many.slice(0, 0))).toEqual([
      '2 name: there is no row below the header'.replace('2', '1'),
    ]);
    const result = take(['name', 'material'], many);
    expect(!result.ok && result.faults).toMatchObject([
      { message: 'the list has 100000 rows, the limit is 5000: split it by property or by side' },
    ]);
  });
});

describe('findings in a cell', () => {
  it.each([
    ['', []],
    ['green-algae 3', [{ contaminant: 'green-algae', severity: 3, share: 1 }]],
    [
      'Green algae 3 12,5%; rust 1 5 %',
      [
        { contaminant: 'green-algae', severity: 3, share: 0.125 },
        { contaminant: 'surface-rust', severity: 1, share: 0.05 },
      ],
    ],
  ])('%j', (cell, findings) => {
    expect(findingsIn(cell)).toEqual(findings);
  });
});

import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { jobFileOf, readJobFile } from './job-file.ts';
import { planFileOf } from './plan-file.ts';

const read = (path: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../../${path}`, import.meta.url), 'utf8'));
const DEMOS = [
  'demo/hill-observatory.etappe.json',
  'demo/lock-cottage.etappe.json',
  'demo/tram-halt.etappe.json',
];
const ajv = new Ajv2020({ allErrors: true, strict: true, allowUnionTypes: true });
const jobSchema = ajv.compile(read('docs/formats/job-file.schema.json') as object);
const planSchema = ajv.compile(read('docs/formats/plan-file.schema.json') as object);
const minimal = {
  format: 'etappe-job',
  version: 1,
  surfaces: [{ id: 'wall', material: 'concrete', size: '3x2', findings: [] }],
};
const faultsOf = (file: unknown) => {
  const reading = readJobFile(file);
  return reading.ok ? [] : reading.faults.map((f) => f.path);
};

describe.each(DEMOS)('%s', (path) => {
  const reading = readJobFile(read(path));
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults, null, 1));

  it('is a job file by its schema', () => {
    expect([jobSchema(read(path)), jobSchema.errors]).toEqual([true, null]);
  });

  it('reads back the same after writing', () => {
    const again = readJobFile(JSON.parse(JSON.stringify(jobFileOf(reading.survey))));
    expect(again.ok && again.survey).toEqual(reading.survey);
    expect(again.ok && again.assumed).toEqual([]);
    expect([jobSchema(jobFileOf(reading.survey)), jobSchema.errors]).toEqual([true, null]);
  });

  it('gives a plan that can be issued, by the schema of plan files', () => {
    const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 2 });
    const file: unknown = JSON.parse(
      JSON.stringify(planFileOf(made, reading.survey, reading.assumed, '2026-05-04')),
    );
    expect([planSchema(file), planSchema.errors]).toEqual([true, null]);
    expect(made.warnings.filter((w) => w.severity === 'stop')).toEqual([]);
    expect(made.visit?.schedule.placements.length).toBeGreaterThan(5);
  });
});

describe('a minimal job file', () => {
  it('is completed, and everything assumed is listed', () => {
    const reading = readJobFile(minimal);
    expect(reading.ok && reading.assumed.map((a) => a.path)).toEqual(
      expect.arrayContaining(['weather', 'house', 'units', 'surfaces[0].finish']),
    );
  });

  it('takes trade synonyms for materials and contaminants', () => {
    const reading = readJobFile({
      ...minimal,
      surfaces: [
        {
          id: 'wall',
          material: 'stucco painted',
          size: '3x2',
          findings: [{ contaminant: 'rust', severity: 2 }],
        },
      ],
    });
    expect(
      reading.ok && [reading.survey.surfaces[0]?.material, reading.survey.findings[0]?.contaminant],
    ).toEqual(['painted-render', 'surface-rust']);
  });
});

describe('a faulty job file is refused whole, every fault with its path', () => {
  const [wall] = minimal.surfaces;
  it.each<[string, unknown, string[]]>([
    ['no object', 3, ['(file)']],
    ['a newer version', { ...minimal, version: 2 }, ['version']],
    ['another format', { ...minimal, format: 'other' }, ['format']],
    ['no surfaces', { ...minimal, surfaces: [] }, ['surfaces']],
    ['an unknown key', { ...minimal, colour: 'red' }, ['colour']],
    [
      'an unknown key in a surface',
      { ...minimal, surfaces: [{ ...wall, colour: 'red' }] },
      ['surfaces[0].colour'],
    ],
    [
      'two faults at once',
      { ...minimal, surfaces: [{ ...wall, material: 'cheese', footMetres: 'low' }] },
      ['surfaces[0].finish', 'surfaces[0].material', 'surfaces[0].footMetres'],
    ],
    ['a size that is none', { ...minimal, surfaces: [{ ...wall, size: '3 by 2' }] }, ['surfaces[0].size']],
    ['an id with capitals', { ...minimal, surfaces: [{ ...wall, id: 'Wall' }] }, ['surfaces[0].id']],
    ['an id twice', { ...minimal, surfaces: [wall, wall] }, ['surfaces[1].id']],
    [
      'a drain loop',
      { ...minimal, surfaces: [{ ...wall, drainsOnto: ['wall'] }] },
      ['surfaces[0].drainsOnto'],
    ],
    [
      'a drain that leads nowhere',
      { ...minimal, surfaces: [{ ...wall, drainsOnto: ['sea'] }] },
      ['surfaces[0].drainsOnto[0]'],
    ],
    [
      'a finding twice',
      {
        ...minimal,
        surfaces: [
          {
            ...wall,
            findings: [
              { contaminant: 'lichen', severity: 1 },
              { contaminant: 'lichen', severity: 2 },
            ],
          },
        ],
      },
      ['surfaces[0].findings[1].contaminant'],
    ],
    [
      'a place off the globe',
      { ...minimal, place: { latitude: 91, longitude: 0, timeZone: 'UTC' } },
      ['place.latitude'],
    ],
  ])('%s', (_, file, paths) => {
    expect(new Set(faultsOf(file))).toEqual(new Set(paths));
    expect(jobSchema(file) && !paths.some((p) => /size|drains|id$|contaminant/.test(p))).toBe(false);
  });
});

import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { upgradedFile } from './file-upgrades.ts';
import { jobFileOf, readJobFile } from './job-file.ts';
import { jobFileSchema } from './job-file-schema.ts';
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
  version: 2,
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

describe('the published schema', () => {
  it('is the one that the checks make: npm run formats writes it anew', () => {
    expect(read('docs/formats/job-file.schema.json')).toEqual(jobFileSchema());
  });
});

describe('a file of another version', () => {
  const upgrades = {
    1: ({ title, ...file }: Record<string, unknown>) => ({ ...file, name: title }),
    2: (file: Record<string, unknown>) => ({ ...file, units: 'metric' }),
  };

  it('that is older is brought up step by step', () => {
    expect(upgradedFile({ format: 'etappe-job', version: 1, title: 'Mill' }, upgrades, 3)).toEqual({
      ok: true,
      file: { format: 'etappe-job', version: 3, name: 'Mill', units: 'metric' },
    });
  });

  it('that is newer is refused with the way out', () => {
    expect(readJobFile({ ...minimal, version: 7 })).toMatchObject({
      ok: false,
      faults: [{ path: 'version', value: 7, message: expect.stringContaining('update Etappe') as unknown }],
    });
  });

  it('that never was is refused', () => {
    expect(upgradedFile({ ...minimal, version: 0.5 }, upgrades, 3)).toMatchObject({ ok: false });
  });
});

/** Every field of the model at once. */
const full = {
  ...minimal,
  name: 'Mill',
  customer: 'Mill Trust',
  event: 'Open day',
  eventDate: '2026-05-09',
  peoplePresent: 'School class on Tuesdays',
  property: {
    name: 'The mill',
    address: '1 Mill Lane',
    access: 'Gate code at the lodge',
    vehicleStand: 'Yard',
    power: '16 A at the pump house',
    hours: { from: '07:00', to: '18:00' },
    quietHours: [{ from: '12:00', to: '13:30' }],
  },
  site: {
    waterPoints: [
      {
        id: 'hydrant',
        kind: 'hydrant',
        buckets: [{ litres: 10, seconds: 20 }],
        pressureBar: 4,
        distanceMetres: 60,
        permission: 'asked',
        backflow: 'yes',
      },
    ],
    features: [
      { id: 'cellar-drain', kind: 'cellar-drain', leadsTo: 'foul-sewer', state: 'slow', owner: 'the mill' },
      { id: 'door', kind: 'door', behind: 'flour store' },
    ],
    longAssets: [{ id: 'dock', zeroAt: 'the lock gate', lengthMetres: 120 }],
    damages: [
      {
        id: 'chip',
        surface: 'wall',
        what: 'Chipped corner',
        where: 'left of the door',
        foundOn: '2026-04-01',
        shownOn: '2026-04-02',
        shownTo: 'the caretaker',
      },
    ],
    preconditions: [{ id: 'cars', what: 'Cars away', who: 'the caretaker', by: '2026-05-03', met: false }],
    answers: { windows: 'all shut' },
  },
  sides: [{ id: 'north', aspectDegrees: 0, shade: 'trees', routeMetres: 35 }],
  surfaces: [
    {
      id: 'wall',
      side: 'north',
      material: 'concrete',
      unsureBetween: ['limestone'],
      newSince: '2026-04-20',
      size: '24m',
      girth: '0.5',
      reliefFactor: 1.2,
      thinMember: true,
      asset: { asset: 'dock', part: 'left', fromMetres: 0, toMetres: 24 },
      below: ['cellar-drain'],
      behind: ['door'],
      past: [{ act: 'cleaned', date: '2024-05-01', how: 'soft wash' }],
      recurring: 'tags',
      note: 'soft corner',
      inScope: false,
      scopeReason: 'water creeps in',
      zones: [
        {
          id: 'foot',
          lies: 'foot',
          size: '2m2',
          conditions: [],
          findings: [{ contaminant: 'lichen', severity: 2, confidence: 0.6, note: 'discs' }],
        },
      ],
      findings: [{ id: 'growth', contaminant: 'green-algae', severity: 1 }],
    },
  ],
};

describe('a file with everything in it', () => {
  const reading = readJobFile(full);

  it('is a job file by the schema, and reads back the same after writing', () => {
    expect([jobSchema(full), jobSchema.errors]).toEqual([true, null]);
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    const written = jobFileOf(reading.survey);
    expect([jobSchema(written), jobSchema.errors]).toEqual([true, null]);
    const again = readJobFile(JSON.parse(JSON.stringify(written)));
    expect(again.ok && again.survey).toEqual(reading.survey);
    expect(again.ok && again.assumed).toEqual([]);
  });

  it('keeps what stands in zones with their surface', () => {
    expect(reading.ok && reading.survey.findings.map((f) => [f.id, f.surface, f.zone])).toEqual([
      ['growth', 'wall', null],
      ['foot-lichen', 'wall', 'foot'],
    ]);
    expect(reading.ok && reading.survey.scopes).toMatchObject([{ surface: 'wall', inScope: false }]);
  });

  it('tells a fault in a zone at its place', () => {
    const [wall] = full.surfaces;
    const broken = {
      ...wall,
      zones: [{ id: 'foot', size: '2', findings: [{ contaminant: 'cheese', severity: 2 }] }],
    };
    expect(faultsOf({ ...full, surfaces: [broken] })).toEqual([
      'surfaces[0].zones[0].findings[0].contaminant',
    ]);
    const unmeasured = { ...wall, zones: [{ id: 'foot', size: '2', findings: [] }] };
    const half = readJobFile({ ...full, surfaces: [unmeasured] });
    expect(half.ok && half.unmeasured.map((fault) => fault.path)).toEqual(['surfaces[0].zones[0].size']);
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
    ['a newer version', { ...minimal, version: 3 }, ['version']],
    ['another format', { ...minimal, format: 'other' }, ['format']],
    ['no list of surfaces', { format: 'etappe-job', version: 1 }, ['surfaces']],
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
    ['an id with capitals', { ...minimal, surfaces: [{ ...wall, id: 'Wall' }] }, ['surfaces[0].id']],
    [
      'an id that is an object',
      { ...minimal, surfaces: [{ ...wall, id: { toString: 1 } }] },
      ['surfaces[0].id'],
    ],
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

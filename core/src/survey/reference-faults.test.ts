import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_HOUSE, DEFAULT_WEATHER } from './job-detail.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { drainLoop, referenceFaults } from './reference-faults.ts';
import type { Surface } from './surface.ts';
import { checkedDetail } from './survey.ts';
import type { Survey } from './survey.ts';

const surveyOf = (surfaces: readonly object[], more: object = {}): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    surfaces: surfaces.map((s) => ({ material: 'concrete', size: '3x2', findings: [], ...s })),
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const base = surveyOf([{ id: 'x' }]);
const [plain] = base.surfaces;
if (!plain) throw new Error('there is a surface');
const surface = (id: string, drainsOnto: readonly string[] = [], more: Partial<Surface> = {}): Surface => ({
  ...plain,
  id,
  name: id,
  drainsOnto,
  ...more,
});
const surfaceless = (more: object) => surveyOf([], more);
const survey = (surfaces: readonly Surface[]): Survey => ({ ...base, surfaces });

describe('run-off', () => {
  it('in a loop is named with its whole way', () => {
    const loop = drainLoop(
      survey([surface('roof', ['wall']), surface('wall', ['yard']), surface('yard', ['wall'])]),
    );
    expect(loop).toHaveLength(3);
    expect(new Set(loop)).toEqual(new Set(['wall', 'yard']));
  });

  it('onto itself is a loop', () => {
    expect(drainLoop(survey([surface('yard', ['yard'])]))).toEqual(['yard', 'yard']);
  });

  it('that only ever runs on to later surfaces has none, however it branches', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.nat(30), { maxLength: 4 }), { maxLength: 30 }), (targets) => {
        const surfaces = targets.map((onto, i) =>
          surface(`s${i}`, [...new Set(onto.filter((t) => t > i).map((t) => `s${t}`))]),
        );
        expect(drainLoop(survey(surfaces))).toBeNull();
      }),
    );
  });
});

describe('references', () => {
  it('that lead nowhere are named by path', () => {
    const faults = referenceFaults(survey([surface('wall', ['pond'], { side: 'north' })]));
    expect(faults.map((f) => [f.path, f.message])).toEqual([
      ['surfaces[0].side', 'there is no side "north"'],
      ['surfaces[0].drainsOnto[0]', 'there is no surface or feature "pond"'],
    ]);
  });
});

describe('what a survey holds once', () => {
  const faulty = (more: Partial<Survey>) =>
    referenceFaults({ ...base, ...more }).map((f) => [f.path, f.message]);
  const scope = { id: 's1', position: 0, surface: 'x', inScope: false, scopeReason: '', nothingFound: false };
  const zone = {
    id: 'foot',
    position: 0,
    surface: 'x',
    name: 'Foot',
    lies: 'foot' as const,
    size: '1x1',
    conditions: [],
    footMetres: null,
    topMetres: null,
    note: '',
  };
  const finding = {
    id: 'f1',
    position: 0,
    surface: 'x',
    zone: null,
    contaminant: 'lichen',
    severity: 1 as const,
    share: 1,
    confidence: 1,
    note: '',
  };

  it('is the scope of a surface', () => {
    expect(faulty({ scopes: [scope, { ...scope, id: 's2' }] })).toEqual([
      ['scopes[1].surface', 'the scope of "x" is set twice: change the one that is there'],
    ]);
  });

  it('is a contaminant on a surface, and once more on each of its zones', () => {
    const inZone = { ...finding, id: 'f2', zone: 'foot' };
    expect(faulty({ zones: [zone], findings: [finding, inZone] })).toEqual([]);
    expect(faulty({ zones: [zone], findings: [inZone, { ...inZone, id: 'f3' }] })).toEqual([
      ['findings[1].contaminant', '"lichen" is found twice on "foot": change the one that is there'],
    ]);
  });

  it('is the surface of a zone', () => {
    const other = surface('y');
    expect(
      faulty({
        surfaces: [...base.surfaces, other],
        zones: [zone],
        findings: [{ ...finding, surface: 'y', zone: 'foot' }],
      }),
    ).toEqual([['findings[0].zone', 'the zone "foot" lies on "x", not on "y"']]);
  });

  it('names a feature where a side is due', () => {
    const features = surfaceless({ site: { features: [{ id: 'pond', kind: 'pond' }] } }).features;
    expect(faulty({ features, surfaces: [surface('x', [], { side: 'pond' })] })).toEqual([
      ['surfaces[0].side', 'there is no side "pond"'],
    ]);
  });
});

describe('a checked detail', () => {
  it.each<[string, Parameters<typeof checkedDetail>[0], object, string, RegExp]>([
    ['an empty name', 'side', { name: ' ' }, 'name', /empty|leading or trailing/],
    [
      'a material that is not there',
      'surface',
      { name: 'w', material: 'cheese', finish: 'bare', size: '3x2' },
      'material',
      /must be one of/,
    ],
    [
      'a top below its foot',
      'surface',
      { name: 'w', material: 'concrete', finish: 'bare', size: '3x2', footMetres: 3, topMetres: 1 },
      'topMetres',
      /below the foot/,
    ],
    [
      'a share of nothing',
      'finding',
      { surface: 'w', contaminant: 'lichen', severity: 2, share: 0 },
      'share',
      /greater than 0/,
    ],
    [
      'a severity of 9',
      'finding',
      { surface: 'w', contaminant: 'lichen', severity: 9 },
      'severity',
      /must be one of/,
    ],
    ['NaN', 'side', { name: 'n', aspectDegrees: Number.NaN }, 'aspectDegrees', /number/],
    ['a day that is none', 'job', { name: 'j', start: '2026-02-31' }, 'start', /not a day/],
    [
      'a time zone that is none',
      'property',
      { name: 'j', place: { latitude: 1, longitude: 1, timeZone: 'Moon/Base' } },
      'place.timeZone',
      /not a time zone/,
    ],
    [
      'hours that end before they begin',
      'property',
      { hours: { from: '17:00', to: '08:00' } },
      'hours',
      /end before they begin/,
    ],
    [
      'an hour that is none',
      'property',
      { quietHours: [{ from: '25:00', to: '26:00' }] },
      'quietHours.0.from',
      /hh:mm/,
    ],
    [
      'a bucket that takes no time',
      'water-point',
      { name: 't', buckets: [{ litres: 10, seconds: 0 }] },
      'buckets.0.seconds',
      /greater than 0/,
    ],
    [
      'a stretch that ends before it begins',
      'surface',
      {
        name: 'w',
        material: 'concrete',
        finish: 'bare',
        size: '3x2',
        asset: { asset: 'dock', part: 'top', fromMetres: 40, toMetres: 20 },
      },
      'asset.toMetres',
      /before it begins/,
    ],
    [
      'a relief that takes away',
      'surface',
      { name: 'w', material: 'concrete', finish: 'bare', size: '3x2', reliefFactor: 0.5 },
      'reliefFactor',
      /greater than or equal to 1/,
    ],
    ['damage that says nothing', 'damage', { what: '' }, 'what', /empty/],
    ['an unknown key', 'side', { name: 'n', colour: 'red' }, 'colour', /not allowed/],
  ])('names %s', (_, kind, detail, path, message) => {
    const checked = checkedDetail(kind, detail);
    if (checked.ok) throw new Error('was accepted');
    expect(checked.faults.map((f) => f.path)).toContain(path);
    expect(checked.faults.map((f) => f.message).join()).toMatch(message);
  });

  it('completes what was left out with the stated defaults', () => {
    const checked = checkedDetail('job', { name: 'j' });
    expect(checked.ok && checked.detail).toMatchObject({
      units: 'metric',
      weather: DEFAULT_WEATHER,
      house: DEFAULT_HOUSE,
    });
  });
});

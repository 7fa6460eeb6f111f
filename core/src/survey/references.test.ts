import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { drainLoop, referenceFaults } from './references.ts';
import type { Surface } from './surface.ts';
import { checkedDetail } from './survey.ts';
import type { Survey } from './survey.ts';
import { DEFAULT_HOUSE, DEFAULT_WEATHER } from './job-detail.ts';

const surface = (id: string, drainsOnto: readonly string[] = [], more: Partial<Surface> = {}): Surface => ({
  id, position: 0, name: id, side: null, band: 'wall', material: 'concrete', finish: 'bare', conditions: [], size: '3x2',
  footMetres: 0, topMetres: 2, tiltDegrees: 90, drainsOnto, beside: [], inScope: true, scopeReason: '', ...more,
}); // prettier-ignore
const survey = (surfaces: readonly Surface[]): Survey => ({
  job: { name: 'x', customer: '', place: { latitude: 0, longitude: 0, timeZone: 'UTC' }, units: 'metric', start: null, eventDate: null, weather: DEFAULT_WEATHER, house: DEFAULT_HOUSE, answers: {} },
  sides: [], surfaces, features: [], waterPoints: [], findings: [], choices: [],
}); // prettier-ignore

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
          surface(`s${String(i)}`, [...new Set(onto.filter((t) => t > i).map((t) => `s${String(t)}`))]),
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
      'job',
      { name: 'j', place: { latitude: 1, longitude: 1, timeZone: 'Moon/Base' } },
      'place.timeZone',
      /not a time zone/,
    ],
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

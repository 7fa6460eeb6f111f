import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { alikeFaces } from './alike-faces.ts';
import { plan } from '../plan/plan.ts';
import { whatIf } from './what-if.ts';

const surveyOf = (schools: object = {}): Survey => {
  const algae = { findings: [{ contaminant: 'green-algae', severity: 3 }] };
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site: { waterPoints: [{ id: 'tap' }] },
    house: { schools },
    surfaces: [
      { id: 'north', name: 'North wall', material: 'clay-brick', size: '6x3', topMetres: 3, ...algae },
      { id: 'east', name: 'East wall', material: 'clay-brick', size: '4x3', topMetres: 3, ...algae },
      {
        id: 'west',
        name: 'West wall',
        material: 'clay-brick',
        size: '4x3',
        topMetres: 3,
        conditions: ['historic'],
        ...algae,
      },
      {
        id: 'bay',
        name: 'Bay',
        material: 'block-paving',
        size: '4x3',
        tiltDegrees: 0,
        topMetres: 0,
        ...algae,
      },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};

describe('what if', () => {
  it('nothing changes: nothing is changed', () => {
    const { before, after, changed } = whatIf(surveyOf(), surveyOf());
    expect([after, changed]).toEqual([before, []]);
    expect(before).toMatchObject({ visits: 2, days: 2, open: 0 });
  });

  it('the house goes without chlorine: other methods, with less harm around', () => {
    const { before, after, changed } = whatIf(
      surveyOf(),
      surveyOf({ 'growth-chemistry': 'oxygen-or-neutral' }),
    );
    expect(changed.map((c) => c.name)).toContain('North wall');
    expect(changed.find((c) => c.surface === 'north')?.from).toBe('Soft wash with hypochlorite');
    expect(after.handsOnMinutes).not.toBe(before.handsOnMinutes);
    expect(after.harmAround ?? 9).toBeLessThan(before.harmAround ?? 0);
  });

  it('it seals what it fills: a visit more', () => {
    const { before, after } = whatIf(surveyOf(), surveyOf({ joints: 'sand-and-sealer' }));
    expect(after.visits).toBeGreaterThan(before.visits);
    expect(after.days).toBeGreaterThan(before.days);
  });

  it('it applies top down: a second pass, so more mix', () => {
    const { before, after } = whatIf(surveyOf(), surveyOf({ direction: 'top-down' }));
    expect(after.mixLitres).toBeGreaterThan(before.mixLitres);
  });
});

describe('faces alike', () => {
  it('are of the same material, finish and state; another method is told with whether it may be taken', () => {
    const made = plan(surveyOf(), { asOf: '2026-05-04', seed: 1, budget: 1 });
    const alike = (method: string) => alikeFaces(made, 'north', 'green-algae', method);
    expect(alike('peroxide-wash')).toEqual([
      { surface: 'east', name: 'East wall', now: 'Soft wash with hypochlorite', refused: null },
    ]);
    expect(alike('soft-wash-hypochlorite')).toEqual([]);
    expect(alike('pre-treat-and-surface-clean')[0]?.refused).toBe('Not for this surface.');
    expect(alikeFaces(made, 'nowhere', 'green-algae', 'peroxide-wash')).toEqual([]);
  });
});

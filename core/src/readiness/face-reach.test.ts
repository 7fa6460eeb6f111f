import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import { faceReaches } from './face-reach.ts';

/** Moss on a roof of a house, too high for the pole that is brought. */
function roofed(roof: object, crew: readonly { readonly tickets: readonly string[] }[]) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    sides: [{ id: 'north', aspectDegrees: 0, gapMetres: 2 }],
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 25 }] },
    surfaces: [
      {
        id: 'roof',
        name: 'Roof',
        side: 'north',
        band: 'roof',
        material: 'concrete-roof-tile',
        footMetres: 5,
        topMetres: 9,
        tiltDegrees: 40,
        size: '10x6',
        findings: [{ contaminant: 'moss', severity: 3 }],
        ...roof,
      },
    ],
    house: {
      crew: crew.map((member, i) => ({ id: 'ab'[i], name: ['Ada', 'Bo'][i], ...member })),
      gear: { longestPoleMetres: 4, ladderMetres: null },
    },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 20 });
  const [reach] = faceReaches(made.surfaces, reading.survey);
  const stopped = made.warnings.some(({ rule }) => rule === 'out-of-reach');
  return { made, reach, stopped };
}

describe('a roof that no pole reaches and no tower stands beside', () => {
  it('is out of reach where nobody of the crew may work on roofs', () => {
    const { reach, stopped } = roofed({}, [{ tickets: [] }, { tickets: ['Mobile towers'] }]);
    expect(reach).toMatchObject({ ok: false, ticket: null });
    expect(stopped).toBe(true);
  });

  it('is worked on by who has been trained for it, and by nobody else', () => {
    const { made, reach, stopped } = roofed({}, [
      { tickets: [] },
      { tickets: ['Roof work, fall protection'] },
    ]);
    expect(reach).toMatchObject({ ok: true, ticket: 'roof', by: 'on the roof, roped, Bo' });
    expect(stopped).toBe(false);
    const onRoof = new Set(
      made.work.planned
        .filter(({ task, parts }) => task !== 'mix' && parts.some(({ surface }) => surface === 'roof'))
        .map(({ id }) => id),
    );
    const people = (made.visit?.schedule.placements ?? [])
      .filter(({ operation }) => onRoof.has(operation))
      .map(({ person }) => person);
    expect(people.length).toBeGreaterThan(0);
    expect(new Set(people)).toEqual(new Set(['b']));
  });

  it('is walked on by nobody where it does not bear feet, whatever they hold', () => {
    for (const roof of [{ conditions: ['slipped'] }, { material: 'clear-glass' }]) {
      const { reach, stopped } = roofed(roof, [{ tickets: ['Roof work'] }]);
      expect(reach?.ticket ?? null).toBeNull();
      if (reach) expect([reach.ok, stopped]).toEqual([false, true]);
    }
  });
});

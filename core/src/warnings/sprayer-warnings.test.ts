import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import { demo } from '../test/demo-survey.ts';
import { sprayerLoads } from '../visit/sprayer-loads.ts';
import { rinsedSprayerWarnings } from './sprayer-warnings.ts';

/** Rules about sprayers, of a job with chlorine, an acid and an oxygen cleaner in it. */
const said = (sprayers: number) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    house: {
      machines: [
        { kind: 'sprayer', count: sprayers },
        { kind: 'hose', count: 1 },
        { kind: 'pressure-washer', count: 1 },
      ],
    },
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [
      {
        id: 'wall',
        material: 'painted-render',
        size: '4x2',
        findings: [{ contaminant: 'green-algae', severity: 2 }],
      },
      {
        id: 'steps',
        material: 'granite',
        size: '4x1',
        findings: [{ contaminant: 'surface-rust', severity: 2 }],
      },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 })
    .warnings.filter((w) => w.rule.startsWith('sprayer'))
    .map((w) => [w.rule, w.severity]);
};

describe('sprayers', () => {
  it('are enough where each agent has its own', () => {
    expect(said(9)).toEqual([]);
  });
  it('are enough where each mix that is in use has its own', () => {
    expect(said(2)).toEqual([]);
  });
  it('are never shared by agents that oppose each other', () => {
    expect(said(1)).toEqual([['sprayer-opposed', 'stop']]);
  });
  it('are rinsed out between mixes where fewer are there than are full at once, and it says when', () => {
    const survey = demo('hill-observatory');
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
    if (!made.visit) throw new Error('the demo has a visit');
    const { house } = survey.job;
    const machines = house.machines.map((m) => (m.kind === 'sprayer' ? { ...m, count: 4 } : m));
    // As where all that goes together may share: four do, and two more are full at the fullest moment.
    const loads = { ...sprayerLoads(made, made.visit.schedule, 6), count: 4, atOnce: 6, rinses: 3 };
    const found = rinsedSprayerWarnings(loads, made.surfaces, { ...house, machines });
    expect(found.map(({ rule, severity }) => [rule, severity])).toEqual([['sprayer-shared', 'warn']]);
    expect(found[0]?.text).toMatch(
      /^At \d\d:\d\d \d sprayers are full at once \(.*\), and you bring 4\. Bring \d more, or rinse/,
    );
  });
  it('stop where two people would need more of them at once for what may never meet', () => {
    const { job } = demo('hill-observatory');
    const mixes = { atOnce: 3, count: 4, fullest: { at: 0, mixes: [] }, rinses: 0, names: new Map() };
    const house = {
      ...job.house,
      machines: [{ ...job.house.machines[0], kind: 'sprayer' as const, count: 3 }],
    };
    const [found, ...more] = rinsedSprayerWarnings(mixes, [], house as typeof job.house);
    expect([found?.rule, found?.severity, more]).toEqual(['sprayer-opposed', 'stop', []]);
    expect(found?.text).toContain('Bring at least 4');
  });
});

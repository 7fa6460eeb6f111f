import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';

function told(eventDate: string | null, method: string) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    start: '2026-05-04',
    eventDate,
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [
      {
        id: 'steps',
        name: 'Steps',
        material: 'granite',
        size: '4x2',
        findings: [
          { contaminant: 'lichen', severity: 3 },
          { contaminant: 'surface-rust', severity: 2 },
        ],
      },
    ],
    choices: [{ surface: 'steps', contaminant: 'lichen', method, by: 'Ada', at: '2026-05-01T08:00:00Z' }],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 }).warnings.flatMap((w) =>
    w.rule === 'after-event' ? [w.text] : [],
  );
}

describe('what shows only after the event', () => {
  it('is told before it is proposed for a day that it misses: a later visit, a result over months', () => {
    expect(told('2026-05-04', 'leave-on-biocide')).toEqual([
      'The result shows after the event on 2026-05-04: visit 2 from 2026-05-05; Steps clears over months.',
    ]);
    expect(told('2026-06-01', 'leave-on-biocide')).toEqual([
      'The result shows after the event on 2026-06-01: Steps clears over months.',
    ]);
  });

  it('is nothing where all shows in time, or no day is aimed for', () => {
    expect(told('2026-06-01', 'steam-growth')).toEqual([]);
    expect(told('2027-06-01', 'leave-on-biocide')).toEqual([]);
    expect(told(null, 'leave-on-biocide')).toEqual([]);
  });
});

import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';

const pick = (method: string, contaminant = 'green-algae', reason = '') => ({
  surface: 'wall',
  contaminant,
  method,
  reason,
  by: 'Ada',
  at: '2026-05-01T08:00:00Z',
});
const planned = (
  choices: readonly object[],
  material = 'painted-render',
  contaminant = 'green-algae',
  severity = 2,
) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site: { waterPoints: [{ id: 'tap' }] },
    choices,
    surfaces: [
      {
        id: 'wall',
        name: 'Wall',
        material,
        size: '4x3',
        topMetres: 2,
        findings: [{ contaminant, severity }],
      },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
};
const said = (made: ReturnType<typeof planned>) =>
  made.warnings.filter((w) => w.rule.startsWith('choice')).map((w) => w.text);

describe('picks', () => {
  it('say nothing where they stand', () => {
    expect(said(planned([pick('peroxide-wash')]))).toEqual([]);
  });

  it('that contradict each other: the last one holds, and both are told', () => {
    const made = planned([pick('peroxide-wash'), pick('oxygen-wash-mineral')]);
    expect(said(made)).toEqual([
      'Wall: two choices for green algae: Ada peroxide wash, then Ada oxygen wash without chlorine. The last one counts.',
    ]);
    expect(made.surfaces[0]?.treatment?.stages[0]?.method).toBe('oxygen-wash-mineral');
  });

  it('whose finding is gone are kept and told', () => {
    expect(said(planned([pick('rust-oxalic', 'surface-rust')]))).toEqual([
      'Wall: Ada chose oxalic acid on rust for surface rust, which is no longer found here. The choice is kept in case it comes back.',
    ]);
  });

  it('that no longer fit the face do not apply and say why; nothing crashes', () => {
    const made = planned([pick('pre-treat-and-surface-clean')]);
    expect(said(made)[0]).toContain('does not apply any more');
    expect(made.surfaces[0]?.treatment?.stages.length).toBeGreaterThan(0);
  });

  it('against the safety floor are refused, whatever reason is given', () => {
    const made = planned([pick('soft-wash-hypochlorite', 'green-algae', 'we always do')], 'copper');
    expect(made.surfaces[0]?.treatment?.stages.some((s) => s.method === 'soft-wash-hypochlorite')).toBe(
      false,
    );
    expect(said(made)[0]).toContain('does not apply any more');
  });
});

describe('a property on which nothing is permitted', () => {
  it('is explained, and a person may hand it over', () => {
    // Nothing in the handbook oils lead.
    const made = planned([], 'lead', 'dry-timber');
    const proposal = made.surfaces[0]?.treatment?.proposals[0];
    expect(proposal?.chosen).toBeNull();
    expect(made.warnings.some((w) => w.rule === 'no-permitted-method' && w.severity === 'stop')).toBe(true);
    expect(proposal?.alternatives.map((a) => a.method.id)).toContain('hand-over');
    const handed = planned([pick('hand-over', 'dry-timber')], 'lead', 'dry-timber');
    expect(handed.surfaces[0]?.treatment?.proposals[0]?.chosen?.method.id).toBe('hand-over');
    expect(handed.warnings.some((w) => w.rule === 'by-others')).toBe(true);
  });

  it('stops what is for specialists until it is handed over', () => {
    const crusted = (choices: Parameters<typeof planned>[0]) =>
      planned(choices, 'concrete', 'bird-droppings', 4).warnings.filter((w) => w.rule === 'for-specialists');
    expect(crusted([]).map(({ severity, text }) => `${severity}: ${text}`)).toEqual([
      'stop: Wall: so much of bird droppings is for licensed specialists: its dust makes ill. Choose to hand it over; once they are done, survey what is left.',
    ]);
    expect(crusted([pick('hand-over', 'bird-droppings')])).toEqual([]);
  });
});

import { describe, expect, it } from '@jest/globals';
import { roundsInWords } from '../order/rounds-in-words.ts';
import { whyThen } from '../order/why-then.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { withPin } from '../survey/round-pin.ts';
import type { RoundPin } from '../survey/round-pin.ts';
import type { Survey } from '../survey/survey.ts';
import { demo } from '../test/demo-survey.ts';
import { workOf } from '../visit/pinned-work.ts';
import { pinTrial, withPinned } from './pin-trial.ts';
import type { PinTrial } from './pin-trial.ts';

const AS_OF = '2026-05-04';
const OPTIONS = { asOf: AS_OF, seed: 1, budget: 40 };
const survey = demo('hill-observatory');
/** Small: planned in no time. */
const halt = demo('tram-halt');
const pin = (work: readonly string[], more: Partial<RoundPin>): RoundPin => ({
  work,
  person: null,
  notBefore: null,
  name: work[0] ?? '',
  why: '',
  by: 'Ada',
  at: '2026-05-01T08:00:00Z',
  ...more,
});
function tried(of: Survey, one: RoundPin): PinTrial {
  const trial = pinTrial(of, one, AS_OF);
  let step = trial.next();
  while (!step.done) step = trial.next();
  return step.value;
}
/** The placements of a piece of the work once it is fixed. */
function placedWith(one: RoundPin) {
  const made = plan(withPinned(survey, one), OPTIONS);
  if (!made.visit) throw new Error(made.warnings.map(({ text }) => text).join('\n'));
  const ids = new Set(
    made.work.planned
      .filter((own) => own.task !== 'mix' && workOf(own).some((id) => one.work.includes(id)))
      .map(({ id }) => id),
  );
  expect(ids.size).toBeGreaterThan(0);
  expect(scheduleViolations(made.work.problem, made.visit.schedule)).toEqual([]);
  return { made, placed: made.visit.schedule.placements.filter(({ operation }) => ids.has(operation)) };
}

describe('what somebody has fixed', () => {
  it('is done by who it is fixed to, whoever it is, however it is cut', () => {
    for (const person of ['a', 'b', 'c'])
      for (const work of ['drum-north.cycle-1', 'path-north.cycle-1']) {
        const { placed } = placedWith(pin([work], { person }));
        expect([...new Set(placed.map((one) => one.person))]).toEqual([person]);
      }
  });

  it('is not begun before its time, with the mix made when it is wanted', () => {
    const { placed, made } = placedWith(pin(['glass-roof.cycle-1'], { notBefore: '14:00' }));
    const six = 6 * 3600;
    expect(Math.min(...placed.map(({ start }) => start))).toBeGreaterThanOrEqual(six);
    expect(made.work.problem.soon.length).toBeGreaterThan(0);
  });

  it('costs what the trial says, and nothing where it comes out so anyway', () => {
    const late = pin(['glass-roof.cycle-1'], { notBefore: '16:00' });
    const trial = tried(survey, late);
    const [before, after] = [plan(survey, OPTIONS), plan(withPinned(survey, late), OPTIONS)].map(
      ({ visit }) => visit?.schedule.makespan ?? NaN,
    );
    expect(trial.laterSeconds).toBe((after ?? NaN) - (before ?? NaN));
    expect(trial.finishSecondOfDay).toBe(8 * 3600 + (after ?? NaN));
    expect(trial.clashesWith).toEqual([]);
    expect(tried(survey, pin(['glass-roof.cycle-1'], { notBefore: '08:00' })).laterSeconds).toBe(0);
  });

  it('tells what the plan warns of with it: a neutraliser that is put off', () => {
    const early = withPinned(survey, pin(['glass-roof.cycle-1'], { notAfter: '12:30' }));
    const trial = tried(early, pin(['glass-roof.descale-sulfamic.3-neutralise'], { notBefore: '15:00' }));
    expect(trial.warnings).toContainEqual(
      expect.stringMatching(/^Glass roof of the hall is rinsed by .* neutralised only at 15:/),
    );
    expect(tried(survey, pin(['glass-roof.cycle-1'], { notBefore: '08:00' })).warnings).toEqual([]);
  });

  it('is told where it cannot hold, and is planned without it then: tickets come first', () => {
    const trial = tried(survey, pin(['drum-north.cycle-1'], { person: 'zed', name: 'Drum wall' }));
    expect(trial.void).toMatch(
      /^Drum wall was fixed to zed, who is not in the crew: it is planned without that\./,
    );
    expect(trial.laterSeconds).toBe(0);
  });

  it('names the pins that it clashes with, each of them needed, and none that is not', () => {
    // The drum is kept wet and finished by one person all the while: nobody is also elsewhere for the whole day.
    const { house } = survey.job;
    const leaves = {
      ...survey,
      job: {
        ...survey.job,
        house: { ...house, crew: house.crew.map((m) => (m.id === 'b' ? { ...m, until: '12:00' } : m)) },
      },
    };
    const harmless = pin(['path-north.cycle-1'], { person: 'c', name: 'Path' });
    const late = pin(['drum-north.cycle-1'], { notBefore: '12:30', name: 'Drum, late' });
    const stands = {
      ...leaves,
      job: { ...leaves.job, house: { ...leaves.job.house, pins: [harmless, late] } },
    };
    expect(plan(stands, OPTIONS).visit).not.toBeNull();
    // The drum's second cycle follows the first, and b is gone by then.
    const clash = tried(stands, pin(['drum-north.cycle-2'], { person: 'b', name: 'Rust of the drum' }));
    expect([clash.laterSeconds, clash.finishSecondOfDay]).toEqual([null, null]);
    expect(clash.clashesWith).toEqual(['Drum, late']);
  });

  it('is begun by its time, or comes before or after other work, and why is told', () => {
    const by = placedWith(pin(['glass-roof.cycle-1'], { notAfter: '10:30' }));
    expect(Math.min(...by.placed.map(({ start }) => start))).toBeLessThanOrEqual(2.5 * 3600);
    const windows = { work: ['gallery-windows.cycle-1'], name: 'Windows' };
    const after = placedWith(pin(['glass-roof.cycle-1'], { after: windows }));
    const at = (made: Plan, work: string, when: 'start' | 'finish') =>
      made.visit?.schedule.placements.flatMap((one) =>
        made.work.planned.some(
          (own) => own.id === one.operation && own.task !== 'mix' && workOf(own).includes(work),
        )
          ? [one[when]]
          : [],
      ) ?? [];
    expect(Math.min(...at(after.made, 'glass-roof.cycle-1', 'start'))).toBeGreaterThanOrEqual(
      Math.max(...at(after.made, 'gallery-windows.cycle-1', 'finish')),
    );
    const before = placedWith(pin(['glass-roof.cycle-1'], { before: windows }));
    expect(Math.max(...at(before.made, 'glass-roof.cycle-1', 'finish'))).toBeLessThanOrEqual(
      Math.min(...at(before.made, 'gallery-windows.cycle-1', 'start')),
    );
    const named = roundsInWords(before.made);
    const why = [
      ...whyThen(
        before.made,
        withPinned(survey, pin(['glass-roof.cycle-1'], { before: windows })),
        named,
      ).values(),
    ];
    expect(why).toHaveLength(named.length);
    expect(why.every((text) => text.endsWith('.') && !text.includes('{'))).toBe(true);
  });

  it('that cannot be is told as certain, with what comes before it or what waits for what', () => {
    const soon = tried(halt, pin(['canopy.cycle-1'], { notAfter: '06:40', name: 'Canopy' }));
    expect(soon.laterSeconds).toBeNull();
    expect(soon.impossible).toMatch(
      /^Metal canopy cannot be begun by 06:40: before it comes setting out, which takes until 0[67]:\d\d at the least\.$/,
    );
    expect(soon.clashesWith).toEqual([]);
    const first = pin(['platform-slab.cycle-1'], {
      after: { work: ['platform-slab.cycle-2'], name: 'Rust' },
    });
    expect(tried(halt, first).impossible).toBe(
      'Work on Platform slab would have to wait for what waits for it.',
    );
  });

  it('clashes for certain with pins each of which is needed', () => {
    // The slab lies under the canopy, and is begun after it.
    const early = pin(['platform-slab.cycle-1'], { notAfter: '08:15', name: 'Slab' });
    const stands = withPinned(
      withPinned(halt, early),
      pin(['platform-slab.cycle-2'], { person: 'a', name: 'Rust' }),
    );
    expect(plan(stands, OPTIONS).visit).not.toBeNull();
    const late = pin(['canopy.cycle-1'], { notBefore: '10:00', name: 'Canopy' });
    const clash = tried(stands, late);
    expect(clash.impossible).toMatch(
      /^Platform slab cannot be begun by 08:15: before it comes Metal canopy, /,
    );
    expect(clash.clashesWith).toEqual(['Slab']);
    expect(
      tried(withPinned(halt, late), pin(['platform-slab.cycle-2'], { person: 'a' })).impossible,
    ).toBeNull();
    const stopped = plan(withPinned(stands, late), OPTIONS).warnings;
    expect(stopped.map(({ rule, text }) => [rule, text])).toContainEqual([
      'no-sequence',
      expect.stringContaining('Let one of them go'),
    ]);
  });

  it('replaces what was fixed about the same work, and lets go of it with nothing', () => {
    const [one, other] = [pin(['x', 'y'], { person: 'a' }), pin(['z'], { person: 'b' })];
    const again = pin(['y'], { notBefore: '10:00' });
    expect(withPin([one, other], again)).toEqual([other, again]);
    expect(withPin([one, other], pin(['x'], {}))).toEqual([other]);
  });
});

import { describe, expect, it } from '@jest/globals';
import { judgedDay } from '../judge/day-judge.ts';
import type { LogEntry } from '../judge/day-log.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { demo, surveyOf } from '../test/demo-survey.ts';
import { randomProperty } from '../test/random-property.ts';
import { dayLog, judgedPlace } from './day-log.ts';
import { plan, planAround } from './plan.ts';
import type { Plan } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };

function dayOf(survey: Survey, made: Plan) {
  if (!made.visit) throw new Error('the plan has no visit');
  const faces = faced(survey);
  return { log: dayLog(made, made.visit.schedule, faces), place: judgedPlace(made, faces) };
}

describe('the days of 300 properties', () => {
  it('are sound where they are shown, and stopped in words where none is', () => {
    const count = { shown: 0, opposed: 0, gates: 0, staysDry: 0, laterVisits: 0, outlived: 0 };
    for (let seed = 1; seed <= 300; seed += 1) {
      const made = plan(surveyOf(randomProperty(seed)), OPTIONS);
      const stages = made.surfaces.flatMap((p) => p.treatment?.stages ?? []);
      if (made.visit) count.shown += 1;
      if (made.work.meetings.length > 0) count.opposed += 1;
      if (stages.some((s) => s.id.includes('.gate-'))) count.gates += 1;
      if (stages.some((s) => s.kind === 'fill' || s.apply?.leaveOn)) count.staysDry += 1;
      if (made.visitNumber > 1) count.laterVisits += 1;
      const stopped = made.warnings.filter((w) => w.rule === 'unsafe-sequence' || w.rule === 'no-sequence');
      expect(stopped.map(({ text }) => `${seed}: ${text}`)).toEqual([]);
      // A mix that stands too long on a day without end is what no sequence here mends: it is stopped in words.
      if (made.warnings.some((w) => w.rule === 'mix-outlived')) count.outlived += 1;
    }
    expect(count.outlived).toBeLessThan(9);
    expect(count.shown).toBeGreaterThan(250);
    for (const [what, least] of [
      ['opposed', 20],
      ['gates', 15],
      ['staysDry', 20],
      ['laterVisits', 15],
    ] as const)
      expect([what, count[what] >= least]).toEqual([what, true]);
  }, 120_000);
});

describe('a property that once had no sound day', () => {
  it.each([
    [23560, 'citric acid on a face after what it neutralises elsewhere'],
    [24148, 'opposed chemistries with a face between them that cannot be worked'],
    [25886, 'the rinse of a wall foot beside what must stay dry'],
    [103313, 'the rinse of a wall foot below a roof on which something is left'],
    [108153, 'two alkalis that one acid neutralises'],
    [114754, 'a gate behind an impregnation'],
    [115933, 'a gate behind filled joints'],
    [205112, 'an alkali that was not at rest before what neutralises another'],
  ])('has one: %i, %s', (seed) => {
    const made = plan(surveyOf(randomProperty(seed)), OPTIONS);
    expect(made.warnings.flatMap((w) => (w.rule.endsWith('-sequence') ? [w.text] : []))).toEqual([]);
    expect(made.visit).not.toBeNull();
  });
});

describe('a sound day, spoilt in one place', () => {
  const survey = demo('hill-observatory');
  const { log, place } = dayOf(survey, plan(survey, { ...OPTIONS, budget: 2 }));
  const rules = (spoilt: readonly LogEntry[]) => judgedDay(spoilt, place).map((u) => u.rule);
  const shifted = (wanted: (e: LogEntry) => boolean, seconds: number) =>
    log.map((e) => (wanted(e) ? { ...e, from: e.from + seconds, to: e.to + seconds } : e));
  const first = (wanted: (e: LogEntry) => boolean) => {
    const entry = log.find(wanted);
    if (!entry) throw new Error('the demo day has none');
    return entry;
  };

  it('is sound before', () => {
    expect(judgedDay(log, place)).toEqual([]);
    expect(log.length).toBeGreaterThan(150);
  });

  it('is caught with the acid before the reading of what it opposes', () => {
    const acid = first((e) => e.act === 'apply' && e.agent === 'oxalic-acid');
    const ofCycle = (e: LogEntry) =>
      e.cycle === acid.cycle && e.surfaces[0] === acid.surfaces[0] && e.act !== 'mix';
    expect(rules(shifted(ofCycle, -acid.from))).toContain('gate');
  });

  it('is caught with a dwell cut short, and one drawn out', () => {
    const apply = first((e) => e.dwell !== null);
    const finish = (e: LogEntry) =>
      e.cycle === apply.cycle && e.share.from === apply.share.from && (e.step ?? 0) > (apply.step ?? 0);
    expect(rules(shifted(finish, -600))).toContain('dwell');
    expect(rules(shifted(finish, 3600))).toContain('dwell');
  });

  it('is caught with two stages swapped', () => {
    const reading = first((e) => e.act === 'read' && (e.step ?? 0) > 2);
    expect(rules(shifted((e) => e === reading, -3 * 3600))).toContain('chain');
  });

  it('is caught with a rinse above moved to when the face below is treated', () => {
    const rinsed = [
      ...new Map(
        log.filter((e) => e.act === 'rinse' && e.step !== null).map((e) => [e.surfaces[0], e]),
      ).values(),
    ];
    const applied = [
      ...new Map(log.filter((e) => e.act === 'apply').map((e) => [e.surfaces[0], e])).values(),
    ];
    const caught = applied.some((below) =>
      rinsed.some(
        (rinse) =>
          rinse.surfaces[0] !== below.surfaces[0] &&
          rules(shifted((e) => e === rinse, below.from - rinse.from)).includes('run-down'),
      ),
    );
    expect(caught).toBe(true);
  });

  it('is caught with a mix that was made the day before, or by nobody', () => {
    const mix = first((e) => e.act === 'mix' && e.agent === 'hypochlorite');
    expect(rules(shifted((e) => e === mix, -25 * 3600))).toContain('mix');
    expect(rules(log.filter((e) => e !== mix))).toContain('mix');
  });

  it('is caught with one person where two are', () => {
    expect(rules(log.map((e) => ({ ...e, people: ['ada'] })))).toContain('two-places');
  });
});

describe('a schedule that was decided before', () => {
  it('is refused in the words of the judge once it is not sound', () => {
    const survey = demo('hill-observatory');
    const made = plan(survey, OPTIONS);
    if (!made.visit) throw new Error('the plan has no visit');
    const { fronts, schedule } = made.visit;
    expect(planAround(survey, { fronts, schedule }).violations).toEqual([]);
    const mixed = new Set(made.work.planned.flatMap((p) => (p.task === 'mix' ? [p.id] : [])));
    const spoilt = schedule.placements.map((p) =>
      mixed.has(p.operation) ? { ...p, start: p.start + 36_000, finish: p.finish + 36_000 } : p,
    );
    const { violations } = planAround(survey, {
      fronts,
      schedule: { ...schedule, placements: spoilt },
    });
    expect(violations[0]?.text).toMatch(/^No safe sequence: .* is put on before anybody has mixed it/);
  });
});

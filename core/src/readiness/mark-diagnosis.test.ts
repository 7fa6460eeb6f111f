import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { crewOrder } from '../order/crew-order.ts';
import type { Survey } from '../survey/survey.ts';
import { markDiagnosis } from './mark-diagnosis.ts';
import { openQuestions } from './open-questions.ts';
import { faced } from '../survey/face.ts';
import { plan } from '../plan/plan.ts';

const surveyOf = (
  lookAlike: string,
  tests: readonly object[] = [],
  more: Record<string, unknown> = {},
  mark: Record<string, unknown> = {},
): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: [{ id: 'north', aspectDegrees: 0 }],
    site: {
      marks: [{ id: 'm', surface: 'wall', lookAlike, ...mark }],
      tests: tests.map((t, i) => ({ id: `t-${i}`, surface: 'wall', mark: 'm', ...t })),
    },
    surfaces: [
      {
        id: 'wall',
        name: 'Wall',
        side: 'north',
        material: 'concrete',
        size: '4x3',
        findings: [{ contaminant: 'moss', severity: 2 }],
        ...more,
      },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const diagnosed = (survey: Survey, spot = '') => {
  const [mark] = survey.marks;
  const diagnosis = mark && markDiagnosis(mark, survey, spot);
  if (!diagnosis) throw new Error('the survey has its mark');
  return diagnosis;
};
const refusalOf = (survey: Survey, test: string, spot = '') =>
  diagnosed(survey, spot).tests.find((t) => t.test.id === test)?.refusal?.rule ?? null;

describe('a reddish tint', () => {
  it('is open at first, with the test that settles most in front', () => {
    const { decided, tests, candidates } = diagnosed(surveyOf('red-tint'));
    expect(decided).toBeNull();
    const gains = tests.filter((t) => t.refusal === null).map((t) => t.gainBits);
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
    expect(candidates.reduce((sum, c) => sum + c.probability, 0)).toBeCloseTo(1, 9);
  });

  it('is decided by two tests that agree, and is then a finding that can be treated', () => {
    const tests = [
      { test: 'look-above', outcome: 'metal' },
      { test: 'wet-smear', outcome: 'no' },
    ];
    const { decided, tests: left } = diagnosed(surveyOf('red-tint', tests));
    expect(decided).toMatchObject({ id: 'surface-rust', permanent: false });
    expect(left.map((t) => t.test.id)).not.toContain('look-above');
  });

  it('from steel inside is an expectation, not a stage', () => {
    const survey = surveyOf('red-tint', [], {}, { settledAs: 'steel-rust', where: 'beside the crack' });
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
    expect(made.surfaces[0]?.treatment?.stages.some((s) => s.apply?.agent === 'oxalic-acid')).toBe(false);
    expect(
      crewOrder(made, survey).expectations.find((e) => e.place === 'Comes back in time')?.text,
    ).toContain('rust from steel inside, until the concrete is repaired (Wall, beside the crack)');
  });
});

describe('a test is refused', () => {
  it('with acid on calcareous stone, and where the stone only may be it', () => {
    expect(refusalOf(surveyOf('red-tint', [], { material: 'limestone' }), 'oxalic-spot')).toBe(
      'no-acid-on-calcareous',
    );
    expect(refusalOf(surveyOf('red-tint', [], { unsureBetween: ['limestone'] }), 'oxalic-spot')).toBe(
      'no-acid-on-calcareous',
    );
    expect(refusalOf(surveyOf('red-tint'), 'oxalic-spot')).toBeNull();
  });

  it('with acid on the spot of a hypochlorite dab, not on another one', () => {
    const dabbed = surveyOf('red-tint', [
      { test: 'hypochlorite-dab', outcome: 'stays', where: 'Left of the door' },
    ]);
    expect(refusalOf(dabbed, 'oxalic-spot', 'left of the door')).toBe('opposed-test-spot');
    expect(refusalOf(dabbed, 'oxalic-spot', 'under the sill')).toBeNull();
  });

  it('where neither spot has a name, since it may be the same', () => {
    const dabbed = surveyOf('red-tint', [{ test: 'hypochlorite-dab', outcome: 'stays' }]);
    expect(refusalOf(dabbed, 'oxalic-spot')).toBe('opposed-test-spot');
  });

  it('is only advised against where a rule could be set aside, and comes after the others', () => {
    const { tests } = diagnosed(surveyOf('red-tint', [], { material: 'limestone' }));
    const dab = tests.find((t) => t.test.id === 'hypochlorite-dab');
    expect(dab?.refusal).toBeNull();
    expect(dab?.caution).toContain('its salts stay in the pores');
    expect(tests.map((t) => t.caution === null).slice(0, 2)).toEqual([true, true]);
  });

  it('and stands behind those that are allowed, however much it would settle', () => {
    const { tests } = diagnosed(surveyOf('red-tint', [], { material: 'limestone' }));
    expect(tests.at(-1)?.test.id).toBe('oxalic-spot');
  });
});

describe('an open mark', () => {
  const questions = (survey: Survey) =>
    openQuestions(faced(survey))
      .filter((q) => q.rule === 'mark-undecided')
      .map((q) => q.text);

  it('is an open question that names the next test, until it is settled', () => {
    expect(questions(surveyOf('red-tint'))).toEqual([
      expect.stringMatching(/^What is the red or brown tint on Wall\? Next test: /),
    ]);
    expect(questions(surveyOf('red-tint', [], {}, { settledAs: 'iron-clay' }))).toEqual([]);
  });

  it('says when it may be settled', () => {
    const tests = [
      { test: 'look-above', outcome: 'metal' },
      { test: 'wet-smear', outcome: 'no' },
    ];
    expect(questions(surveyOf('red-tint', tests))[0]).toContain('most likely surface rust: settle it');
  });

  it('asks nothing where the surface is left out', () => {
    expect(questions(surveyOf('red-tint', [], { inScope: false, scopeReason: 'later' }))).toEqual([]);
  });

  it('brings no agent onto the plan', () => {
    const options = { asOf: '2026-05-04', seed: 1, budget: 1 };
    const without = plan(surveyOf('red-tint'), options);
    expect(JSON.stringify(without.products)).not.toContain('oxalic');
  });
});

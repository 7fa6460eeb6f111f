import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { applyChanges } from './change.ts';
import type { SurveyChange } from './change.ts';
import { fieldIn, revisionOfField, withFields } from './keyed-field.ts';
import { stateOf } from './survey-state.ts';
import type { SurveyState } from './survey-state.ts';
import { inverseOf } from './undo.ts';

const JOB = '01900000-0000-7000-8000-000000000009';
const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  site: { answers: { windows: 'shut' } },
  surfaces: [],
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const begun = stateOf(JOB, reading.survey);

let ids = 0;
const answer = (base: number, fields: Readonly<Record<string, unknown>>): SurveyChange => {
  ids += 1;
  const id = `00000000-0000-7000-8000-${String(ids).padStart(12, '0')}`;
  return { id, kind: 'job', entity: JOB, op: 'patch', base, fields };
};
function applied(state: SurveyState, change: SurveyChange): SurveyState {
  const outcome = applyChanges(state, [change]);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.state;
}
const answers = ({ job }: SurveyState) => job.detail['answers'];

describe('answers to questions', () => {
  it('of two people to two questions both stand', () => {
    const one = applied(begun, answer(1, { 'answers.nest': 'empty' }));
    const both = applied(one, answer(1, { 'answers.water-point': 'the yard tap' }));
    expect(answers(both)).toEqual({ windows: 'shut', nest: 'empty', 'water-point': 'the yard tap' });
  });

  it('of two people to one question conflict, with both values', () => {
    const one = applied(begun, answer(1, { 'answers.windows': 'open' }));
    const other = applyChanges(one, [answer(1, { 'answers.windows': 'ajar' })]);
    expect(other).toMatchObject({
      ok: false,
      conflicts: [{ field: 'answers.windows', yours: 'ajar', theirs: 'open' }],
    });
  });

  it('all at once conflict with one of them, and the other way round', () => {
    const one = applied(begun, answer(1, { 'answers.nest': 'empty' }));
    expect(applyChanges(one, [answer(1, { answers: {} })]).ok).toBe(false);
    const all = applied(begun, answer(1, { answers: {} }));
    expect(applyChanges(all, [answer(1, { 'answers.nest': 'empty' })]).ok).toBe(false);
  });

  it('are taken back one by one', () => {
    const fields = { 'answers.nest': 'empty', 'answers.windows': null };
    const [back] = inverseOf(begun, [{ kind: 'job', entity: JOB, op: 'patch', fields }]);
    expect(back?.fields).toEqual({ 'answers.nest': null, 'answers.windows': 'shut' });
    const one = applied(begun, answer(1, fields));
    expect(answers(one)).toEqual({ nest: 'empty' });
    expect(answers(applied(one, answer(2, back?.fields ?? {})))).toEqual({ windows: 'shut' });
  });

  it('that are too long are refused with their key', () => {
    const outcome = applyChanges(begun, [answer(1, { 'answers.nest': 'x'.repeat(501) })]);
    expect(outcome.ok ? '' : outcome.faults[0]?.path).toBe(`${JOB}.answers.nest`);
  });
});

describe('other fields', () => {
  it('have no keys', () => {
    expect(withFields({ house: { dayHours: 8 } }, { 'house.dayHours': 9 })).toEqual({
      house: { dayHours: 8 },
      'house.dayHours': 9,
    });
    expect(fieldIn({ name: 'Mill' }, 'name')).toBe('Mill');
    expect(revisionOfField({ fieldRevisions: { name: 4, 'name.x': 9 } }, 'name')).toBe(4);
    expect(applyChanges(begun, [answer(1, { 'house.dayHours': 9 })]).ok).toBe(false);
  });
});

import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { crewOrder } from './crew-order.ts';
import type { Survey } from '../survey/survey.ts';
import { expectationsFor } from './expectations.ts';
import { isAcknowledged, toldHash } from './told-customer.ts';
import { inputsHash } from '../plan/inputs-hash.ts';
import { plan } from '../plan/plan.ts';

const surveyOf = (more: object = {}): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    start: '2026-05-04',
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [
      {
        id: 'steps',
        name: 'Landing',
        material: 'granite',
        size: '4x1',
        findings: [{ contaminant: 'lichen', severity: 3, share: 0.5 }],
      },
      {
        id: 'wall',
        name: 'Wall',
        material: 'limestone',
        size: '4x3',
        findings: [{ contaminant: 'green-algae', severity: 2, share: 0.5 }],
      },
      {
        id: 'bay',
        name: 'Bay',
        material: 'block-paving',
        size: '4x3',
        topMetres: 0,
        tiltDegrees: 0,
        findings: [{ contaminant: 'green-algae', severity: 2 }],
      },
      {
        id: 'roof',
        name: 'Roof',
        material: 'slate-roof',
        size: '4x3',
        inScope: false,
        scopeReason: 'Swifts nest there',
        findings: [],
      },
    ],
    choices: [
      {
        surface: 'steps',
        contaminant: 'lichen',
        method: 'leave-on-biocide',
        by: 'Ada',
        at: '2026-04-20T09:00:00Z',
      },
    ],
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const planOf = (survey: Survey) => plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
const said = (survey: Survey) => expectationsFor(planOf(survey), survey);
const find = (survey: Survey, key: string) => said(survey).find((e) => e.key.includes(key))?.text;

describe('what the customer is told', () => {
  it('has the facts of the job in it: dates, places, what is left out, and no word of what is not used', () => {
    const survey = surveyOf();
    expect(find(survey, 'slow-result')).toBe(
      'Landing: nothing shows at first. The growth turns brown and weathers off between 2026-10-31 and 2027-10-26.',
    );
    expect(find(survey, 'visit-2')).toBe('We come back from 2026-05-06 on for Bay.');
    expect(
      said(survey)
        .map((e) => e.text)
        .join(' '),
    ).not.toMatch(/not used|kPa/i);
    expect(find(survey, 'roof.left-out')).toBe('We leave it as it is: swifts nest there.');
    expect(find(survey, 'uneven-drying')).toContain('dries unevenly');
    expect(find(survey, 'colour')).toContain('lighter');
    expect(new Set(said(survey).map((e) => e.key)).size).toBe(said(survey).length);
    // What holds for several faces is said once.
    expect(said(survey).find((e) => e.key === 'expect-green-algae')).toMatchObject({
      place: 'Wall; Bay',
      surfaces: ['wall', 'bay'],
    });
  });

  it('is worded anew or left out, by what it is about, and the order says it so', () => {
    const survey = surveyOf({ wordings: { 'expect-lichen': 'Rings may stay.', 'slow-result': '' } });
    expect(said(survey).find((e) => e.key === 'expect-lichen')).toMatchObject({
      text: 'Rings may stay.',
      leftOut: false,
    });
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
    const texts = crewOrder(made, survey).expectations.map((e) => e.text);
    expect(texts.join()).toContain('Landing: Rings may stay.');
    expect(texts.join()).not.toContain('nothing shows at first');
  });

  it('is acknowledged by name as it stood: another sentence is not, and no order goes stale by it', () => {
    const survey = surveyOf();
    const hash = toldHash(planOf(survey), survey);
    const signed = surveyOf({ acknowledgement: { name: 'Grace', at: '2026-05-01T10:00:00Z', hash } });
    expect(isAcknowledged(planOf(signed), signed)).toBe(true);
    expect(inputsHash(signed)).toBe(inputsHash(survey));
    const made = plan(signed, { asOf: '2026-05-04', seed: 1, budget: 1 });
    expect(crewOrder(made, signed).acknowledged).toMatchObject({ name: 'Grace' });
    const later = surveyOf({
      acknowledgement: { name: 'Grace', at: '2026-05-01T10:00:00Z', hash },
      start: '2026-06-04',
    });
    expect(isAcknowledged(planOf(later), later)).toBe(false);
  });

  it('stays acknowledged where it was signed in the words of 2026-11, and asks again where a fact is another', () => {
    // By the engine of those days, of this very survey.
    const hash = 'bc4eb90dd6f1a544f7489670dd53ba0fb249fbfe413ee2c746612c434cc262b2';
    const acknowledgement = { name: 'Grace', at: '2026-05-01T10:00:00Z', hash };
    const signed = surveyOf({ acknowledgement });
    expect(isAcknowledged(planOf(signed), signed)).toBe(true);
    for (const more of [{ start: '2026-06-04' }, { wordings: { colour: 'Lighter, for a while.' } }]) {
      const changed = surveyOf({ acknowledgement, ...more });
      expect(isAcknowledged(planOf(changed), changed)).toBe(false);
    }
  });

  it('is hashed by rules and facts: the company’s own words are what was told', () => {
    const hashOf = (survey: Survey) => toldHash(planOf(survey), survey);
    const plain = hashOf(surveyOf());
    const part = hashOf(surveyOf({ wordings: { 'expect-lichen': 'In our words.' } }));
    const topic = hashOf(surveyOf({ wordings: { 'topic.looks': 'In our words.' } }));
    const without = hashOf(surveyOf({ wordings: { 'topic.looks': '' } }));
    expect(new Set([plain, part, topic, without]).size).toBe(4);
    expect(hashOf(surveyOf())).toBe(plain);
  });
});

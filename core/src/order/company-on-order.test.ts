import { describe, expect, it } from '@jest/globals';
import { handbookInFile } from '../interchange/file-handbook.ts';
import { inputsHash } from '../plan/inputs-hash.ts';
import { plan } from '../plan/plan.ts';
import { demo } from '../test/demo-survey.ts';
import { crewOrder } from './crew-order.ts';

const survey = demo('lock-cottage');
const profile = {
  id: 'company',
  name: 'Reed and Rill',
  phone: '555 01 20',
  mail: '',
  address: '',
  registration: [],
  emergencyLine: '112',
};
const ours = { ...survey, handbook: { ...survey.handbook, profiles: [profile] } };

describe('the company on its order', () => {
  it('is told with its phone and whom to call, and left out where it has written nothing', () => {
    const planned = plan(ours, { asOf: '2026-05-04', seed: 1, budget: 2 });
    const { id: _id, ...company } = profile;
    expect(crewOrder(planned, ours).company).toEqual(company);
    expect(crewOrder(planned, survey)).not.toHaveProperty('company');
  });

  it('makes no plan stale, and goes along in no job file', () => {
    expect(inputsHash(ours)).toBe(inputsHash(survey));
    expect(handbookInFile(ours.handbook).profiles).toEqual([]);
  });
});

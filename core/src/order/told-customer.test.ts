import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { OUTLOOKS } from '../catalogue/data/outlooks.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';
import { randomProperty } from '../test/random-property.ts';
import { toldCustomer } from './told-customer.ts';

const read = (file: unknown): Survey => {
  const reading = readJobFile(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const told = (survey: Survey) =>
  toldCustomer(plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 }), survey).filter((t) => !t.leftOut);
const house = (more: object) =>
  read({ format: 'etappe-job', version: 1, site: { waterPoints: [{ id: 'tap' }] }, ...more });
const textOf = (survey: Survey, topic: string) => told(survey).find((t) => t.topic === topic)?.text ?? '';

describe('what the customer reads', () => {
  it('is ten sentences at most on the demo, each with its places', () => {
    const demo = new URL('../../../demo/hill-observatory.etappe.json', import.meta.url);
    const all = told(read(JSON.parse(readFileSync(demo, 'utf8'))));
    expect(all.length).toBeGreaterThan(5);
    expect(all.length).toBeLessThanOrEqual(10);
    expect(all.flatMap((t) => t.text.match(/\.(?= [A-Z]|$)/g) ?? []).length).toBeLessThanOrEqual(10);
    expect(all.find((t) => t.topic === 'comes-back')?.text).toMatch(
      /growth where it stays damp and shady \(.*and \d+ more\); rust/i,
    );
    for (const { text } of all) expect(text).not.toMatch(/kPa|not used|\.\.|undefined|\(\)/);
  });

  it('loses nothing: each part that is not left out stands in a sentence or in the company’s words', () => {
    let parts = 0;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const survey = read(randomProperty(seed, 8));
        for (const topic of told(survey))
          for (const { clause } of topic.of) {
            if (clause === '') continue;
            parts += 1;
            expect(topic.text.toLowerCase()).toContain(clause.toLowerCase());
          }
      }),
      { numRuns: 40 },
    );
    expect(parts).toBeGreaterThan(100);
  });

  it('knows a clause for whatever the handbook tells', () => {
    const entries = [
      ...CATALOGUE.contaminants,
      ...CATALOGUE.permanentMarks,
      ...CATALOGUE.methods.filter((m) => m.expectation !== null),
    ];
    expect(entries.filter(({ id }) => !OUTLOOKS.has(id)).map(({ id }) => id)).toEqual([]);
    const ids = new Set(entries.map(({ id }) => id));
    expect([...OUTLOOKS.keys()].filter((id) => !ids.has(id))).toEqual([]);
  });

  it('speaks of what stands behind a door that wet work reaches, and of no other', () => {
    const wall = {
      id: 'wall',
      material: 'painted-render',
      size: '4x3',
      findings: [{ contaminant: 'green-algae', severity: 2 }],
    };
    const door = { id: 'door', name: 'Roller door', kind: 'door', behind: 'Stored oats' };
    const beside = house({
      site: { waterPoints: [{ id: 'tap' }], features: [door] },
      surfaces: [{ ...wall, drainsOnto: ['door'] }],
    });
    expect(textOf(beside, 'water')).toContain('moved: stored oats (Roller door)');
    const away = house({ site: { waterPoints: [{ id: 'tap' }], features: [door] }, surfaces: [wall] });
    expect(textOf(away, 'water')).toBe('');
  });

  it('says what stays in pores only where there are any', () => {
    const soot = [{ contaminant: 'traffic-soot', severity: 2 }];
    const of = (material: string) =>
      textOf(house({ surfaces: [{ id: 'a', material, size: '4x3', findings: soot }] }), 'may-stay');
    expect(of('limestone')).toContain('Soot that has set');
    expect(of('clear-glass')).toBe('');
  });

  it('does not promise that others’ work only gets better', () => {
    const survey = house({
      surfaces: [
        {
          id: 'a',
          name: 'Shed',
          material: 'fibre-cement',
          size: '4x3',
          findings: [{ contaminant: 'moss', severity: 3 }],
        },
      ],
    });
    expect(told(survey).map((t) => t.topic)).toContain('by-others');
    expect(told(survey).map((t) => t.topic)).not.toContain('lessened');
  });

  it('takes the company’s words for a topic, and leaves one out', () => {
    const surfaces = [
      { id: 'a', material: 'limestone', size: '4x3', findings: [{ contaminant: 'lichen', severity: 2 }] },
    ];
    expect(textOf(house({ surfaces, wordings: { 'topic.may-stay': 'Rings.' } }), 'may-stay')).toBe('Rings.');
    expect(textOf(house({ surfaces, wordings: { 'topic.may-stay': '' } }), 'may-stay')).toBe('');
    expect(textOf(house({ surfaces, wordings: { 'expect-lichen': '' } }), 'may-stay')).not.toContain(
      'lichen',
    );
  });
});

import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { whatIf } from './what-if.ts';
import { changedHouse, withSupplyChange } from './supply-change.ts';
import type { SupplyChange } from './supply-change.ts';

const read = (name: string) =>
  JSON.parse(readFileSync(new URL(`../../../demo/${name}`, import.meta.url), 'utf8')) as object;
const reading = readJobFile({ ...read('hill-observatory.etappe.json'), handbook: read('handbook.json') });
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { survey: shipped } = reading;
/** Its boards are washed with the lance. */
const boards = shipped.surfaces.find((s) => s.material === 'larch-boards');
if (!boards) throw new Error('the demo has boards');
const survey: Survey = {
  ...shipped,
  choices: [
    ...shipped.choices,
    {
      id: 'lance',
      position: 0,
      surface: boards.id,
      contaminant: 'green-algae',
      method: 'oxygen-wash-wood',
      by: 'Ada',
      reason: '',
      at: '2026-05-01T08:00:00Z',
    },
  ],
};
const supply = (change: SupplyChange) => whatIf(survey, withSupplyChange(survey, change)).supply;

describe('what the supply of the demo job would be', () => {
  it('on a hotter, clearer day: faces dry faster', () => {
    const { before, after } = supply({ temperatureC: 32, cloud: 0 });
    expect(after.fastestDrying).toBeGreaterThan(before.fastestDrying * 1.3);
    expect(after.leastWet?.squareMetres).toBeLessThanOrEqual(before.leastWet?.squareMetres ?? 0);
  });

  it('with older stock: more of it, and never less', () => {
    const { before, after } = supply({ stockDaysOlder: 120 });
    const chlorine = (figures: typeof before) =>
      figures.products.find((p) => p.product === 'hypochlorite')?.amount ?? 0;
    expect(chlorine(after)).toBeGreaterThan(chlorine(before));
    for (const product of before.products.filter(
      (p) => p.product !== 'hypochlorite' && p.product !== 'surfactant',
    ))
      expect(after.products).toContainEqual(product);
  });

  it('with a weaker pump: less water, and jets no harder', () => {
    const { before, after } = supply({ pumpBar: 80 });
    expect(after.jetsOverLimit).toBeLessThanOrEqual(before.jetsOverLimit);
    expect(after.waterLitres).toBeLessThanOrEqual(before.waterLitres);
  });

  it('with larger tips: more water, and more force on every face that is washed with the lance', () => {
    const { before, after } = supply({ tipOrifice: 6 });
    expect(after.waterLitres).toBeGreaterThan(before.waterLitres);
    expect(after.jetsOverLimit).toBeGreaterThanOrEqual(before.jetsOverLimit);
    expect(
      changedHouse(survey, { tipOrifice: 6 })
        .machines.filter((m) => m.tipOrifice === 6)
        .map((m) => m.kind),
    ).toEqual(['pressure-washer']);
  });

  it('by another school: as the what-if of the treatments has it', () => {
    const { before, after } = supply({ school: { id: 'pre-wet', setting: 'always' } });
    expect(after.waterLitres).toBeGreaterThanOrEqual(before.waterLitres);
  });

  it('with a weaker tap: the survey has it, and nothing else', () => {
    const changed = withSupplyChange(survey, { tapLitresPerMinute: 5 });
    expect(changed.waterPoints[0]).toMatchObject({ flowLitresPerMinute: 5, buckets: [] });
    expect({ ...changed, waterPoints: survey.waterPoints }).toEqual(survey);
    expect(withSupplyChange(survey, {})).toEqual(survey);
  });
});

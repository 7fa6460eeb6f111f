import { describe, expect, it } from '@jest/globals';
import { demo } from '../test/demo-survey.ts';
import { faceSun } from './face-sun.ts';
import { plan } from './plan.ts';

const survey = demo('hill-observatory');
const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });

describe('when the sun shines on the faces', () => {
  const sun = faceSun(made, survey);
  const of = (side: string) => sun?.sides.find((one) => one.side === side)?.spans ?? [];
  const hours = (side: string) => of(side).reduce((sum, { from, to }) => sum + (to - from) / 3600, 0);

  it('is the morning in the east, the afternoon in the west, most of the day in the south', () => {
    const at = (side: string) => of(side).map(({ from, to }) => [8 + from / 3600, 8 + to / 3600]);
    expect(Math.max(...at('east').flat())).toBeLessThanOrEqual(14);
    expect(Math.min(...at('west').flat())).toBeGreaterThanOrEqual(12);
    expect(hours('south')).toBeGreaterThan(hours('north'));
    expect(sun?.surfaces.size).toBe(made.surfaces.length);
  });

  it('is not under cloud, and not told where the light was typed in', () => {
    const { job } = survey;
    const weather = (more: object) => ({ ...survey, job: { ...job, weather: { ...job.weather, ...more } } });
    const dull = faceSun(made, weather({ cloud: 1 }));
    expect(dull?.sides.every(({ spans }) => spans.length === 0)).toBe(true);
    expect(faceSun(made, weather({ netRadiationWattsPerSquareMetre: 200 }))).toBeNull();
  });
});

import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import { visitOutlines } from '../plan/visit-outline.ts';
import type { Survey } from '../survey/survey.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 40 };
const algae = [{ contaminant: 'green-algae', severity: 3 }];

/** Walls of a terrace with a parapet above each, as one or more people wash them. */
function terrace(
  count: number,
  size: string,
  house: object = {},
  onIt: (i: number) => object[] = () => algae,
): Survey {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    start: '2026-05-04',
    sides: [{ id: 'north', aspectDegrees: 0 }],
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 25 }] },
    surfaces: Array.from({ length: count }, (_, i) => [
      {
        id: `wall-${i}`,
        name: `Wall ${i}`,
        side: 'north',
        material: 'painted-render',
        footMetres: 0,
        topMetres: 2.4,
        size,
        findings: onIt(i),
      },
      {
        id: `parapet-${i}`,
        name: `Parapet ${i}`,
        side: 'north',
        band: 'upper-wall',
        material: 'concrete',
        footMetres: 2.4,
        topMetres: 2.9,
        size: '8x0.5',
        drainsOnto: [`wall-${i}`],
        findings: onIt(i),
      },
    ]).flat(),
    house: { crew: [{ id: 'a' }], dayHours: 9, ...house },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}
const onVisit = (survey: Survey, visit: number) =>
  plan({ ...survey, job: { ...survey.job, visit } }, OPTIONS);
/** Area that is treated of each face over all visits, m². */
function treated(survey: Survey): ReadonlyMap<string, number> {
  const areas = new Map<string, number>();
  for (const { parts } of plan(survey, OPTIONS).visits)
    for (const { surface, stages } of parts)
      areas.set(
        surface,
        (areas.get(surface) ?? 0) + Math.max(...stages.map((stage) => stage.areaSquareMetres)),
      );
  return areas;
}

describe('a visit that one day has no room for', () => {
  const survey = terrace(16, '16x2.4');
  const first = onVisit(survey, 1);

  it('goes on the next day, each day with its own set-out, mixes and end within the working day', () => {
    expect(first.visits.length).toBeGreaterThan(1);
    expect(first.visits.map(({ goesOn }) => goesOn)).toEqual(first.visits.map((_, i) => i > 0));
    expect(first.visits.map(({ fromDay }) => fromDay)).toEqual(first.visits.map((_, i) => i));
    for (const { number, parts } of first.visits) {
      const made = onVisit(survey, number);
      expect(made.visit?.schedule.makespan ?? Infinity).toBeLessThanOrEqual(9 * 3600);
      expect(made.warnings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      expect(made.work.shares.every(({ secondsBefore }) => secondsBefore > 0)).toBe(true);
      expect(made.mixes.length).toBeGreaterThan(0);
      const worked = new Set(made.work.planned.flatMap((own) => own.parts.map(({ surface }) => surface)));
      expect([...worked].sort()).toEqual(parts.map(({ surface }) => surface).sort());
    }
  });

  it('has every face once, and what is above never after what is below it', () => {
    const faces = first.visits.flatMap(({ number, parts }) =>
      parts.map(({ surface }) => [surface, number] as const),
    );
    expect(faces).toHaveLength(survey.surfaces.length);
    const day = new Map(faces);
    for (let i = 0; i < 16; i += 1)
      expect(day.get(`parapet-${i}`)).toBeLessThanOrEqual(day.get(`wall-${i}`) ?? 0);
  });

  it('is one day where more people share it, and more days where part of each is kept free', () => {
    const days = (house: object) => onVisit(terrace(16, '16x2.4', house), 1).visits.length;
    const crew = ['a', 'b', 'c', 'd'].map((id) => ({ id }));
    expect(days({ crew, dayHours: 12 })).toBe(1);
    expect(days({ spareMinutes: 240 })).toBeGreaterThan(first.visits.length);
  });

  it('keeps together what takes the same products, so that each is mixed on as few days as can be', () => {
    const soot = [{ contaminant: 'traffic-soot', severity: 3 }];
    const { visits } = onVisit(
      terrace(12, '16x2.4', {}, (i) => (i % 2 ? soot : algae)),
      1,
    );
    const products = visits.map(
      ({ parts }) =>
        new Set(parts.flatMap(({ stages }) => stages.flatMap(({ apply }) => apply?.agent ?? []))),
    );
    expect(visits.length).toBeGreaterThan(1);
    expect(new Set(products.flatMap((own) => [...own])).size).toBeGreaterThan(1);
    expect(products.filter((own) => own.size > 1).length).toBeLessThanOrEqual(1);
  });

  it('shares out a face that alone is too much for a day, and tells the crew how much of it', () => {
    const large = terrace(1, '900x2.4');
    const outlines = visitOutlines(onVisit(large, 1), large);
    expect(
      outlines.filter(({ faces }) => faces.some(({ surface }) => surface === 'wall-0')).length,
    ).toBeGreaterThan(2);
    const whole = treated(large);
    expect(whole.get('wall-0')).toBeCloseTo(2160, 6);
    const [today] = onVisit(large, 1).visits.flatMap(({ parts }) =>
      parts.filter(({ surface }) => surface === 'wall-0'),
    );
    expect(today?.stages[0]?.checks[0]).toMatch(
      /^Today only [\d.]+ m² of the 2160 m² that are left, from the left/,
    );
  });

  it('leaves a face whole that is work for weeks, and says that the day is too long', () => {
    const vast = terrace(1, '90000x2.4');
    const made = onVisit(vast, 1);
    expect(made.visits.length).toBeLessThan(4);
    expect(made.warnings.some(({ severity }) => severity === 'stop')).toBe(true);
  });

  it('comes to an end where the walls drain onto each other, which is stopped for itself', () => {
    const loop = terrace(16, '16x2.4');
    const surfaces = loop.surfaces.map((surface, i, all) => ({
      ...surface,
      drainsOnto: [all[(i + 1) % all.length]?.id ?? surface.id],
    }));
    const made = onVisit({ ...loop, surfaces }, 1);
    expect(made.visits.length).toBeGreaterThan(1);
    expect(made.visits.flatMap(({ parts }) => parts)).toHaveLength(surfaces.length);
    expect(made.warnings.map(({ rule }) => rule)).toContain('drain-loop');
  });

  it('is left as it is where it fits', () => {
    const small = terrace(1, '8x2.4');
    const { visits, surfaces } = onVisit(small, 1);
    expect(visits).toHaveLength(1);
    expect(visits[0]?.goesOn).toBe(false);
    // The very stages of the treatment: nothing was copied for it.
    for (const { surface, treatment } of surfaces)
      expect(visits[0]?.parts.find((part) => part.surface === surface.id)?.stages).toBe(
        treatment?.parts[0]?.stages,
      );
  });
});

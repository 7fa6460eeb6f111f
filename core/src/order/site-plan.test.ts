import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { demo } from '../test/demo-survey.ts';
import { crewOrder } from './crew-order.ts';
import { sitePlan } from './site-plan.ts';

const survey = demo('hill-observatory');
const planned = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 8 });
const drawn = sitePlan(planned, survey);
const at = (id: string) => {
  const found = drawn.surfaces.find((surface) => surface.id === id);
  if (!found) throw new Error(`${id} is not drawn`);
  return found;
};

describe('the site plan of the demo', () => {
  it('has each surface once, on its side, in walking order', () => {
    expect(drawn.surfaces.map(({ id }) => id).sort()).toEqual(survey.surfaces.map(({ id }) => id).sort());
    expect(drawn.sides.map(({ name }) => name)).toEqual(survey.sides.map(({ name }) => name));
    for (const { id, side } of survey.surfaces) {
      const column = drawn.sides[survey.sides.findIndex((own) => own.id === side)];
      const box = at(id);
      expect(box.x).toBeGreaterThanOrEqual(column?.x ?? Infinity);
      expect(box.x + box.width).toBeLessThanOrEqual((column?.x ?? 0) + (column?.width ?? 0) + 1e-6);
    }
  });

  it('stands them as they were measured: walls on the ground, parapets above, floors below the line', () => {
    expect(at('drum-north')).toMatchObject({ y: 0, height: 6 });
    expect(at('drum-north').width).toBeCloseTo(43.5 / 6);
    expect(at('parapet-north')).toMatchObject({ y: 6, x: at('drum-north').x });
    expect(at('yard-east').y).toBeLessThan(0);
    expect(at('path-north').x).toBe(at('drum-north').x);
  });

  it('draws nothing over anything else but openings in walls', () => {
    const solid = drawn.surfaces.filter(({ band }) => band !== 'opening');
    const overlaps = solid.flatMap((a, i) =>
      solid
        .slice(i + 1)
        .filter(
          (b) =>
            a.x < b.x + b.width - 1e-6 &&
            b.x < a.x + a.width - 1e-6 &&
            a.y < b.y + b.height - 1e-6 &&
            b.y < a.y + a.height - 1e-6,
        )
        .map((b) => `${a.id} ${b.id}`),
    );
    expect(overlaps).toEqual([]);
  });

  it('numbers what is worked today, without gaps, and nothing that is out of scope', () => {
    const numbers = drawn.surfaces.flatMap(({ number }) => number ?? []).sort((a, b) => a - b);
    expect(numbers).toEqual(numbers.map((_, i) => i + 1));
    const worked = new Set(planned.work.planned.flatMap(({ parts }) => parts.map(({ surface }) => surface)));
    expect(numbers.length).toBeLessThanOrEqual(worked.size);
    const left = drawn.surfaces.filter(({ isInScope }) => !isInScope);
    expect(left.length).toBeGreaterThan(3);
    expect(left.every(({ number }) => number === null)).toBe(true);
  });

  it('has every round that is at a surface by the numbers of its surfaces', () => {
    const order = crewOrder(planned, survey);
    const known = new Set(drawn.surfaces.flatMap(({ number }) => number ?? []));
    const rounds = order.people.flatMap((person) => person.rounds ?? []);
    for (const { numbers = [], name } of rounds)
      if (!/^(?:Set out|Clear up|Lunch|Mix)/.test(name))
        expect([name, numbers.length > 0]).toEqual([name, true]);
    expect(rounds.flatMap(({ numbers = [] }) => numbers).every((one) => known.has(one))).toBe(true);
    expect(new Set(rounds.flatMap(({ numbers = [] }) => numbers)).size).toBe(known.size);
  });

  it('marks every feature, tap and the vehicle by its own letter, drains with where they lead', () => {
    const letters = drawn.marks.map(({ letter }) => letter);
    expect(new Set(letters).size).toBe(letters.length);
    const places = survey.features.length + survey.waterPoints.length + 1;
    expect(letters).toHaveLength(places);
    const told = drawn.marks.map(({ text }) => text);
    expect(told).toContain('Yard drain: find out where it leads, runs slowly');
    expect(told).toContain('Cellar drain: to the foul sewer');
    expect(told).toContain('Yard tap, 14 L/min');
  });
});

describe('a site plan of what was hardly measured', () => {
  it('draws usual heights, and what is on no side after the others', () => {
    const loose = {
      ...survey,
      surfaces: survey.surfaces.map((surface) => ({
        ...surface,
        side: surface.id === 'drum-north' ? null : surface.side,
        footMetres: 0,
        topMetres: 0,
      })),
    };
    const rough = sitePlan(planned, loose);
    expect(rough.sides.at(-1)?.name).toBe('Elsewhere');
    for (const box of rough.surfaces) {
      expect([box.x, box.y, box.width, box.height].every(Number.isFinite)).toBe(true);
      expect(Math.min(box.width, box.height)).toBeGreaterThan(0);
    }
    expect(
      sitePlan(
        { ...planned, work: { ...planned.work, planned: [] } },
        { ...survey, surfaces: [], sides: [] },
      ),
    ).toMatchObject({ widthMetres: 0, surfaces: [], sides: [] });
  });
});

import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { PartWait, Stage, TreatmentPart } from '../treatment/stage.ts';
import { propertyVisits } from './property-visits.ts';
import type { WetAndDry } from './property-visits.ts';

const stage = { id: 'a' } as Stage;
const wait = (from: number, latest: number | null = null): PartWait => ({
  for: 'work',
  method: 'm',
  days: { from, latest },
  until: 'it is so',
});
const part = (w: PartWait | null, stages: readonly Stage[] = [stage]): TreatmentPart => ({ wait: w, stages });
const APART: WetAndDry = { wetted: new Map(), dryDays: () => 2, heldUp: () => 0 };
const days = (...faces: readonly (readonly TreatmentPart[])[]) => daysWith(APART, ...faces);
const daysWith = (around: WetAndDry, ...faces: readonly (readonly TreatmentPart[])[]) =>
  propertyVisits(
    faces.map((parts, i) => ({ surface: `f${i}`, parts })),
    around,
  ).map((visit) => [visit.fromDay, visit.parts.map((p) => p.surface).join(' ')]);

describe('the visits to a property', () => {
  it('are none where nothing is done, one where nothing is waited for', () => {
    expect(days([])).toEqual([]);
    expect(days([part(null, [])], [part(null, []), part(wait(0), [])])).toEqual([]);
    expect(days([part(null)], [part(null)])).toEqual([[0, 'f0 f1']]);
  });

  it('wait for the longest, so that the crew comes once', () => {
    expect(days([part(null), part(wait(2))], [part(null), part(wait(7))])).toEqual([
      [0, 'f0 f1'],
      [7, 'f0 f1'],
    ]);
  });

  it('come twice where one thing would be too late for the other', () => {
    expect(days([part(null), part(wait(1, 3))], [part(null), part(wait(7))])).toEqual([
      [0, 'f0 f1'],
      [1, 'f0'],
      [7, 'f1'],
    ]);
  });

  it('put off the work of a face that is first treated later, and pass over what only waits', () => {
    expect(
      days([part(null), part(wait(7, 21)), part(wait(2))], [part(null)], [part(null), part(wait(3), [])]),
    ).toEqual([
      [0, 'f0 f1 f2'],
      [7, 'f0'],
      [9, 'f0'],
    ]);
  });

  const wash = part(null, [{ id: 'w', kind: 'wash', apply: null } as Stage]);
  const sand = (w: PartWait | null = null) => part(w, [{ id: 's', kind: 'fill', apply: null } as Stage]);
  const weeds = part(null, [{ id: 'k', kind: 'apply', apply: { leaveOn: true, covered: false } } as Stage]);
  const over: WetAndDry = { ...APART, wetted: new Map([['f0', new Set(['f1'])]]) };

  it('fill and coat no face on a day on which another wets it, and count its drying from that', () => {
    expect(daysWith(over, [wash], [sand()])).toEqual([
      [0, 'f0'],
      [2, 'f1'],
    ]);
    expect(daysWith(over, [wash, { ...wash, wait: wait(3) }], [wash, sand(wait(2))])).toEqual([
      [0, 'f0 f1'],
      [3, 'f0'],
      [5, 'f1'],
    ]);
    // The other way round nothing gets wet.
    expect(daysWith(over, [sand()], [wash])).toEqual([[0, 'f0 f1']]);
  });

  it('let a weed killer that is washed off later come first, and the wetting wait for that', () => {
    expect(daysWith(over, [wash], [weeds, { ...wash, wait: wait(7) }])).toEqual([
      [0, 'f1'],
      [7, 'f0 f1'],
    ]);
  });

  it('hold every part once, in order, each within its wait', () => {
    const parts = fc.array(
      fc.record({
        from: fc.integer({ min: 0, max: 9 }),
        more: fc.option(fc.integer({ min: 0, max: 5 })),
        empty: fc.boolean(),
      }),
      { maxLength: 4 },
    );
    fc.assert(
      fc.property(fc.array(parts, { maxLength: 5 }), (lists) => {
        const faces = lists.map((list, i) => ({
          surface: `f${i}`,
          parts: list.map(({ from, more, empty }, n) =>
            part(n === 0 ? null : wait(from, more === null ? null : from + more), empty ? [] : [stage]),
          ),
        }));
        const visits = propertyVisits(faces, APART);
        for (const { surface, parts: own } of faces) {
          const done = visits.flatMap((v) =>
            v.parts
              .filter((p) => p.surface === surface)
              .map((p) => ({ ...p, day: v.fromDay, latest: v.latestDay })),
          );
          expect(done.map((d) => d.wait)).toEqual(own.filter((p) => p.stages.length > 0).map((p) => p.wait));
          done.slice(1).forEach((d, i) => {
            expect(d.day - (done[i]?.day ?? 0)).toBeGreaterThanOrEqual(d.wait?.days.from ?? 0);
          });
        }
        for (const v of visits) expect(v.latestDay ?? Infinity).toBeGreaterThanOrEqual(v.fromDay);
      }),
    );
  });

  it('go on the next day with what a day has no room for, and lose nothing of it', () => {
    const list = fc.array(
      fc.record({ size: fc.integer({ min: 1, max: 30 }), then: fc.option(fc.integer({ min: 1, max: 6 })) }),
      { minLength: 1, maxLength: 8 },
    );
    const sized = (size: number, id: string) =>
      ({ id, kind: 'wash', apply: null, areaSquareMetres: size }) as Stage;
    const MOST = 10;
    const area = ({ stages }: { readonly stages: readonly Stage[] }) =>
      stages.reduce((sum, own) => sum + own.areaSquareMetres, 0);
    const seen = { goesOn: 0, shared: 0 };
    fc.assert(
      fc.property(list, (faces) => {
        const visits = propertyVisits(
          faces.map(({ size, then }, i) => ({
            surface: `f${i}`,
            parts: [
              part(null, [sized(size, `f${i}.1`)]),
              ...(then === null ? [] : [part(wait(then), [sized(1, `f${i}.2`)])]),
            ],
          })),
          APART,
          (parts) => {
            const [first] = parts;
            if (first && area(first) > MOST) {
              const share = (size: number) => ({
                ...first,
                stages: first.stages.map((own) => ({ ...own, areaSquareMetres: size })),
              });
              const today = share(MOST);
              return { today: [today], rest: new Map([[today, share(area(first) - MOST)]]) };
            }
            let left = MOST;
            const today = parts.filter((own) => {
              if (area(own) > left) return false;
              left -= area(own);
              return true;
            });
            return { today, rest: new Map() };
          },
        );
        faces.forEach(({ size, then }, i) => {
          const done = visits.flatMap((v) =>
            v.parts.filter(({ surface }) => surface === `f${i}`).map((p) => ({ ...p, day: v.fromDay })),
          );
          expect(done.reduce((sum, own) => sum + area(own), 0)).toBe(size + (then === null ? 0 : 1));
          const first = done.filter(({ stages }) => stages[0]?.id === `f${i}.1`);
          if (first.length > 1) seen.shared += 1;
          const last = done.find(({ stages }) => stages[0]?.id === `f${i}.2`);
          if (then !== null) expect((last?.day ?? 0) - (first.at(-1)?.day ?? 0)).toBeGreaterThanOrEqual(then);
        });
        visits.forEach((v, i) => {
          expect(v.parts.reduce((sum, own) => sum + area(own), 0)).toBeLessThanOrEqual(MOST);
          expect(v.number).toBe(i + 1);
          const before = visits[i - 1];
          if (before) expect(v.fromDay).toBeGreaterThan(before.fromDay);
          if (v.goesOn) {
            seen.goesOn += 1;
            expect(v.fromDay).toBe((before?.fromDay ?? 0) + 1);
          }
        });
      }),
    );
    for (const count of Object.values(seen)) expect(count).toBeGreaterThan(30);
  });
});

import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { chemistryGuard } from './chemistry-guard.ts';
import type { ChemistryGuard, GuardedFace } from './chemistry-guard.ts';
import { faceOrder } from './face-order.ts';
import { flowsOnto, reachedFrom } from '../survey/run-off-paths.ts';

const face = (id: string, agents: readonly string[], beside: readonly string[] = []): GuardedFace => ({
  id,
  agents: agents.map(CATALOGUE.agent),
  touches: beside.map((other) => ({ face: other, how: 'beside' })),
});
const flows = (paths: Readonly<Record<string, readonly string[]>>) =>
  new Map(Object.entries(paths).map(([id, onto]) => [id, new Set(onto)]));
const [chlorine, acid, soap] = ['hypochlorite', 'oxalic-acid', 'neutral-detergent'];

/** Whether the separations bring the one face to an end before the other begins, or the other way round. */
function apart({ separations }: ChemistryGuard, one: string, other: string): boolean {
  const ends = (first: string, then: string, seen = new Set<string>()): boolean =>
    separations.some(
      (s) => s.which === 'end' && s.after === first && (s.then === then || beginsAfter(s.then, then, seen)),
    );
  /** Whether `then` begins only after `first` has begun or ended. */
  const beginsAfter = (first: string, then: string, seen: Set<string>): boolean => {
    if (seen.has(first)) return false;
    seen.add(first);
    return separations.some((s) => s.after === first && (s.then === then || beginsAfter(s.then, then, seen)));
  };
  return ends(one, other) || ends(other, one);
}

describe('the chemistry guard', () => {
  it('keeps acid from chlorine where two walls drain into one gully', () => {
    const guard = chemistryGuard(
      [face('north', [chlorine]), face('south', [acid])],
      flows({ north: ['gully'], south: ['gully'] }),
    );
    expect(guard).toMatchObject({
      meetings: [
        {
          at: 'gully',
          how: 'run-off',
          earlier: [{ face: 'north', agent: chlorine }],
          later: { face: 'south', agent: acid },
        },
      ],
      separations: [{ then: 'south', after: 'north', which: 'end' }],
    });
    // What comes first is brought to rest; what comes last meets nothing more.
    expect([...guard.rests].map(([id, agents]) => [id, [...agents].map((a) => a.id)])).toEqual([
      ['north', [chlorine]],
    ]);
  });

  it('follows the water over any number of surfaces, also onto a face that is treated', () => {
    const paths = flows({ roof: ['wall'], wall: ['path'], path: ['drain'], shed: ['path'] });
    const guard = chemistryGuard([face('roof', [chlorine]), face('path', [acid])], paths);
    expect(guard.meetings).toMatchObject([{ at: 'drain' }]);
    expect(apart(guard, 'roof', 'path')).toBe(true);
  });

  it('lets run together what goes together, what drains elsewhere, and what is only water', () => {
    const paths = flows({ a: ['drain'], b: ['drain'], c: ['other'], d: ['drain'] });
    const guard = chemistryGuard(
      [face('a', [chlorine]), face('b', [soap]), face('c', [acid]), face('d', [])],
      paths,
    );
    expect(guard).toEqual({ meetings: [], separations: [], rests: new Map() });
  });

  it('keeps apart what stands side by side', () => {
    const guard = chemistryGuard([face('a', [chlorine]), face('b', [acid], ['a'])], flows({}));
    expect(guard.meetings).toMatchObject([{ at: 'a', how: 'beside' }]);
    expect(apart(guard, 'a', 'b')).toBe(true);
  });

  it('needs few separations for many faces, and holds each opposed pair', () => {
    const faces = Array.from({ length: 40 }, (_, i) =>
      face(`f${String(i).padStart(2, '0')}`, [i < 20 ? chlorine : acid]),
    );
    const guard = chemistryGuard(faces, flows(Object.fromEntries(faces.map(({ id }) => [id, ['drain']]))));
    expect(guard.separations.length).toBeLessThan(45);
    for (const one of faces.slice(0, 20))
      for (const other of faces.slice(20)) expect(apart(guard, one.id, other.id)).toBe(true);
  });

  it('holds for any faces and any paths: every opposed pair that meets is apart, nothing goes back in the order', () => {
    const ids = ['f0', 'f1', 'f2', 'f3', 'f4', 'f5'];
    const places = [...ids, 'drain', 'pond'];
    const agents = fc.subarray(
      ['hypochlorite', 'oxalic-acid', 'caustic', 'percarbonate', 'neutral-detergent', 'quaternary-biocide'],
      { maxLength: 2 },
    );
    const made = fc.tuple(
      fc.tuple(
        ...ids.map((id, i) =>
          fc.record({
            agents,
            onto: fc.subarray(places.slice(i + 1), { maxLength: 2 }),
            beside: fc.subarray(
              ids.filter((o) => o !== id),
              { maxLength: 1 },
            ),
          }),
        ),
      ),
    );
    fc.assert(
      fc.property(made, ([rows]) => {
        const faces = rows.map((row, i) => face(ids[i] ?? '', row.agents, row.beside));
        const onto = flows(Object.fromEntries(rows.map((row, i) => [ids[i] ?? '', row.onto])));
        const guard = chemistryGuard(faces, onto);
        for (const { then, after } of guard.separations)
          expect(ids.indexOf(after)).toBeLessThan(ids.indexOf(then));
        // A plain walk of its own: where each face's water comes by.
        const walk = (id: string): readonly string[] => [
          id,
          ...(rows[ids.indexOf(id)]?.onto ?? []).flatMap(walk),
        ];
        for (const one of faces)
          for (const other of faces) {
            if (one === other) continue;
            const meet =
              walk(one.id).some((p) => walk(other.id).includes(p)) ||
              one.touches.some((t) => t.face === other.id);
            const opposed = one.agents.some((a) => other.agents.some((b) => a.opposedTo.includes(b.class)));
            if (meet && opposed)
              expect([one.id, other.id, apart(guard, one.id, other.id)]).toEqual([one.id, other.id, true]);
          }
      }),
      { numRuns: 400 },
    );
  });
});

describe('an order of faces', () => {
  it('keeps to what comes first, then to the rank, then to the id', () => {
    const faces = [
      { id: 'c', rank: 0 },
      { id: 'b', rank: 1 },
      { id: 'a', rank: 1 },
      { id: 'd', rank: 2 },
    ];
    expect(faceOrder(faces, [])).toEqual(['c', 'a', 'b', 'd']);
    expect(
      faceOrder(faces, [
        ['d', 'c'],
        ['d', 'elsewhere'],
      ]),
    ).toEqual(['a', 'b', 'd', 'c']);
    expect(faceOrder([], [])).toEqual([]);
  });

  it('loses nobody in a circle', () => {
    const faces = [
      { id: 'a', rank: 0 },
      { id: 'b', rank: 0 },
      { id: 'c', rank: 1 },
    ];
    expect(
      [
        ...faceOrder(faces, [
          ['a', 'b'],
          ['b', 'a'],
        ]),
      ].sort(),
    ).toEqual(['a', 'b', 'c']);
  });
});

describe('the paths of run-off', () => {
  const surface = (
    id: string,
    band: 'roof' | 'wall' | 'floor',
    drainsOnto: readonly string[] = [],
    side: string | null = 'north',
  ) => ({ id, band, drainsOnto, side });

  it('go where a surface says, else to the lower bands of its side', () => {
    const onto = flowsOnto([
      surface('roof', 'roof', ['gutter']),
      surface('wall', 'wall'),
      surface('path', 'floor', ['drain']),
    ]);
    expect([...reachedFrom(onto, 'roof')]).toEqual(['gutter']);
    expect([...reachedFrom(onto, 'wall')].sort()).toEqual(['drain', 'path']);
  });

  it('go nowhere from a surface without a side, and never in a circle', () => {
    const onto = flowsOnto([
      surface('wall', 'wall', [], null),
      surface('low', 'floor', ['high']),
      surface('high', 'wall'),
    ]);
    expect([...reachedFrom(onto, 'wall')]).toEqual([]);
    expect([...reachedFrom(onto, 'high')]).toEqual([]);
  });
});

import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { areOpposed } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { FaceVariant } from './face-variants.ts';
import { propertyChoice } from './property-choice.ts';
import type { PropertyFace, PropertyWeights } from './property-standing.ts';

const WEIGHTS: PropertyWeights = { agent: 3, opposed: 1.5, visit: 2 };
const AGENTS = ['hypochlorite', 'oxalic-acid', 'percarbonate', 'quaternary-biocide', 'neutral-detergent'];

const way = (points: number, agents: readonly string[], visits = 1): FaceVariant => ({
  combination: [],
  points,
  agents: [...agents].sort(),
  visits,
});
const face = (id: string, variants: readonly FaceVariant[], basin = id): PropertyFace => ({
  id,
  basin,
  variants,
});
const chosen = (faces: readonly PropertyFace[]) => propertyChoice(faces, WEIGHTS, CATALOGUE);

/** What a choice is worth, counted anew from what the words of the weights say. */
function worth(faces: readonly PropertyFace[], of: (face: PropertyFace) => FaceVariant): number {
  const ways = faces.map(of);
  const all = new Set(ways.flatMap(({ agents }) => agents));
  const basins = [...new Set(faces.map(({ basin }) => basin))];
  const pairs = basins.flatMap((basin) => {
    const agents = [...new Set(faces.filter((f) => f.basin === basin).flatMap((f) => of(f).agents))];
    return agents.flatMap((one, i) =>
      agents.slice(i + 1).filter((other) => areOpposed(CATALOGUE.agent(one), CATALOGUE.agent(other))),
    );
  });
  const visits = Math.max(1, ...ways.map((w) => w.visits));
  const points = ways.reduce((sum, w) => sum + w.points, 0);
  return points - WEIGHTS.agent * all.size - WEIGHTS.opposed * pairs.length - WEIGHTS.visit * (visits - 1);
}

function bestOfAll(faces: readonly PropertyFace[]): number {
  const [first, ...rest] = faces;
  const choices = (left: readonly PropertyFace[]): readonly (readonly FaceVariant[])[] => {
    const [next, ...more] = left;
    return next ? next.variants.flatMap((v) => choices(more).map((tail) => [v, ...tail])) : [[]];
  };
  if (!first) return 0;
  return Math.max(
    ...choices([first, ...rest]).map((ways) => worth(faces, (f) => ways[faces.indexOf(f)] ?? way(0, []))),
  );
}

const arbitraryWay = fc
  .record({
    loss: fc.integer({ min: 0, max: 60 }),
    agents: fc.uniqueArray(fc.constantFrom(...AGENTS), { maxLength: 2 }),
    visits: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ loss, agents, visits }) => way(-loss / 10, agents, visits));
const arbitraryFaces = (most: number, others: number) =>
  fc
    .array(
      fc.record({
        own: arbitraryWay,
        others: fc.array(arbitraryWay, { minLength: others - 2, maxLength: others }),
        basin: fc.constantFrom('gully', 'lawn'),
      }),
      { minLength: most - 2, maxLength: most },
    )
    .map((list) =>
      list.map(({ own, others: more, basin }, i) =>
        face(`face-${i}`, [{ ...own, points: 0 }, ...more], basin),
      ),
    );
const worthOf = (faces: readonly PropertyFace[], found: ReadonlyMap<string, FaceVariant>) =>
  worth(faces, (f) => found.get(f.id) ?? way(-Infinity, []));
const ownWorth = (faces: readonly PropertyFace[]) => worth(faces, (f) => f.variants[0] ?? way(0, []));

describe('the choice for a property', () => {
  it('leaves each face its own best where nothing is shared', () => {
    const own = way(5, ['hypochlorite']);
    const found = chosen([face('wall', [own, way(1, ['percarbonate'])])]);
    expect(found.get('wall')).toBe(own);
  });

  it('gives a small surface the mix that is there anyway, where it loses less than a product', () => {
    const same = way(1, ['hypochlorite']);
    const faces = [
      face('drum', [way(5, ['hypochlorite'])]),
      face('parapet', [way(3, ['percarbonate']), same]),
    ];
    expect(chosen(faces).get('parapet')).toBe(same);
    const farther = [
      face('drum', [way(5, ['hypochlorite'])]),
      face('parapet', [way(4.1, ['percarbonate']), same]),
    ];
    expect(chosen(farther).get('parapet')?.agents).toEqual(['percarbonate']);
  });

  it('gives up an agent wherever it is used, though no single surface could begin', () => {
    const two = (id: string) => face(id, [way(3, ['percarbonate']), way(2, ['hypochlorite'])]);
    const found = chosen([face('drum', [way(5, ['hypochlorite'])]), two('porch'), two('steps')]);
    expect([...found.values()].map((v) => v.agents)).toEqual([
      ['hypochlorite'],
      ['hypochlorite'],
      ['hypochlorite'],
    ]);
  });

  it('counts opposed agents where their water comes together, and not elsewhere', () => {
    const acid = face('steps', [way(3, ['oxalic-acid']), way(-0.5, ['neutral-detergent'])], 'gully');
    const wall = (basin: string) => face('wall', [way(5, ['hypochlorite'])], basin);
    const detergent = face('door', [way(2, ['neutral-detergent'])], 'door');
    expect(chosen([wall('gully'), acid, detergent]).get('steps')?.agents).toEqual(['neutral-detergent']);
    const drier = face('steps', [way(3, ['oxalic-acid']), way(-0.5, ['neutral-detergent'])], 'lawn');
    expect(chosen([wall('gully'), drier, detergent]).get('steps')?.agents).toEqual(['oxalic-acid']);
  });

  it('is the best of all combinations on small jobs', () => {
    let differs = 0;
    fc.assert(
      fc.property(arbitraryFaces(5, 3), (faces) => {
        const found = chosen(faces);
        expect(worthOf(faces, found)).toBeCloseTo(bestOfAll(faces), 6);
        if (worthOf(faces, found) > ownWorth(faces) + 1e-6) differs += 1;
      }),
      { numRuns: 300, seed: 19 },
    );
    expect(differs).toBeGreaterThan(100);
  });

  it('searches larger jobs: the best on most, near it on all, never worse than each face alone', () => {
    let [runs, exact, differs, short] = [0, 0, 0, 0];
    fc.assert(
      fc.property(arbitraryFaces(7, 4), (faces) => {
        fc.pre(faces.reduce((count, { variants }) => count * variants.length, 1) > 1024);
        const here = worthOf(faces, chosen(faces));
        const best = bestOfAll(faces);
        expect(here).toBeGreaterThanOrEqual(ownWorth(faces) - 1e-6);
        runs += 1;
        short += best - here;
        if (here > best - 1e-6) exact += 1;
        if (here > ownWorth(faces) + 1e-6) differs += 1;
      }),
      { numRuns: 40, seed: 19 },
    );
    expect(differs).toBeGreaterThan(15);
    expect(exact / runs).toBeGreaterThan(0.7);
    expect(short / runs).toBeLessThan(0.3);
  });

  it('is the same whatever the order of the faces', () => {
    fc.assert(
      fc.property(arbitraryFaces(5, 3), (faces) => {
        const [one, other] = [chosen(faces), chosen([...faces].reverse())];
        for (const { id } of faces) expect(other.get(id)).toBe(one.get(id));
      }),
      { numRuns: 100, seed: 19 },
    );
  });
});

import { areOpposed } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { FaceVariant } from './face-variants.ts';

/** A face with the ways to treat it, its own best first, and the run-off that it belongs to. */
export interface PropertyFace {
  readonly id: string;
  readonly basin: string;
  readonly variants: readonly FaceVariant[];
}

/** Points against each agent on the property, each pair of opposed ones in one run-off, each visit after the first. */
export interface PropertyWeights {
  readonly agent: number;
  readonly opposed: number;
  readonly visit: number;
}

/**
 * Which way each face is treated, so that all faces together have the most points, each agent, each opposed pair in one run-off and each
 * visit counted once for the property.
 *
 * Small jobs are tried out; on others a local search from each face's own best: agents given up or taken up wherever they can be, then
 * one face otherwise, until nothing is better. Deterministic, whatever the order of the faces.
 *
 * @returns the chosen variant of each face by its id
 */
export function propertyChoice(
  faces: readonly PropertyFace[],
  weights: PropertyWeights,
  catalogue: Catalogue,
): ReadonlyMap<string, FaceVariant> {
  const sorted = [...faces].sort((a, b) => (a.id < b.id ? -1 : 1));
  const open = sorted.filter(({ variants }) => variants.length > 1);
  const standing = new Standing(sorted, weights, catalogue);
  if (open.reduce((count, { variants }) => count * variants.length, 1) <= MOST_TRIED) {
    standing.takeBest(open);
    return standing.chosen;
  }
  const agents = [...new Set(open.flatMap(({ variants }) => variants.flatMap((v) => v.agents)))].sort();
  for (let isBetter = open.length > 0; isBetter;) {
    isBetter = false;
    for (const changes of together(agents, open, standing))
      isBetter = standing.takeIfBetter(changes) || isBetter;
    for (const face of open)
      for (const variant of face.variants)
        if (standing.mayGain(face, variant)) isBetter = standing.takeIfBetter([[face, variant]]) || isBetter;
  }
  return standing.chosen;
}

/** Up to so many combinations are tried one by one. */
const MOST_TRIED = 1024;
const FEW = 40;

type Changes = readonly (readonly [PropertyFace, FaceVariant])[];

/**
 * Each agent given up by every face that can do without, and each together with what comes in its place, or with any other where few
 * faces are open; then each taken up by every face that needs no other new one.
 */
function* together(
  agents: readonly string[],
  open: readonly PropertyFace[],
  standing: Standing,
): Generator<Changes> {
  for (const agent of agents) {
    if (!standing.uses(agent)) continue;
    const changes = without([agent], open, standing);
    yield changes;
    const instead = new Set(changes.flatMap(([, variant]) => variant.agents));
    const others = open.length <= FEW ? agents : [...instead].sort();
    for (const other of others) yield without([agent, other], open, standing);
  }
  for (const agent of agents) yield taking(agent, open, standing);
}

function without(agents: readonly string[], open: readonly PropertyFace[], standing: Standing): Changes {
  const isOf = (variant: FaceVariant) => variant.agents.some((agent) => agents.includes(agent));
  return open.flatMap((face): Changes => {
    const now = standing.chosen.get(face.id);
    if (!now || !isOf(now)) return [];
    const other = face.variants.find((variant) => !isOf(variant));
    return other ? [[face, other]] : [];
  });
}

function taking(agent: string, open: readonly PropertyFace[], standing: Standing): Changes {
  return open.flatMap((face) => {
    const other = face.variants.find(
      ({ agents }) => agents.includes(agent) && agents.every((own) => own === agent || standing.uses(own)),
    );
    return other && other !== standing.chosen.get(face.id) ? [[face, other] as const] : [];
  });
}

/** Rounding of points is no reason to change. */
const LEAST_GAIN = 1e-6;

/** What is chosen for every face, with what all faces together are worth kept up to date. */
class Standing {
  readonly chosen = new Map<string, FaceVariant>();
  private own = 0;
  private readonly agents = new Counts();
  private readonly visits = new Counts();
  private readonly basins = new Map<string, Counts>();
  private readonly weights: PropertyWeights;
  private readonly catalogue: Catalogue;

  constructor(faces: readonly PropertyFace[], weights: PropertyWeights, catalogue: Catalogue) {
    this.weights = weights;
    this.catalogue = catalogue;
    for (const face of faces) {
      const [own] = face.variants;
      if (own) this.set(face, own);
    }
  }

  uses(agent: string): boolean {
    return this.agents.has(agent);
  }

  /** Whether another way on one face can be better at all: by its points, by fewer visits, or by what nobody else there needs. */
  mayGain({ id, basin }: PropertyFace, variant: FaceVariant): boolean {
    const now = this.chosen.get(id);
    if (!now || now === variant) return false;
    return (
      variant.points > now.points ||
      variant.visits < now.visits ||
      now.agents.some((agent) => !variant.agents.includes(agent) && this.basins.get(basin)?.isOnce(agent))
    );
  }

  /** @returns whether it was better, and is taken */
  takeIfBetter(changes: Changes): boolean {
    if (changes.length === 0) return false;
    const before = changes.flatMap(([face]): Changes => {
      const now = this.chosen.get(face.id);
      return now ? [[face, now]] : [];
    });
    const basins = [...new Set(changes.map(([{ basin }]) => basin))];
    const was = this.points(basins);
    if (this.most(changes, before, basins) <= 0) return false;
    for (const [face, variant] of changes) this.set(face, variant);
    if (this.points(basins) > was + LEAST_GAIN) return true;
    for (const [face, variant] of before) this.set(face, variant);
    return false;
  }

  /** Tries every combination of what is open, and takes the best: of equals the first, so that a face keeps its own where it can. */
  takeBest(open: readonly PropertyFace[]): void {
    const all = [...this.basins.keys()];
    let best = new Map(this.chosen);
    let points = this.points(all);
    const tried = (at: number): void => {
      const face = open[at];
      if (!face) {
        const here = this.points(all);
        if (here <= points + LEAST_GAIN) return;
        points = here;
        best = new Map(this.chosen);
        return;
      }
      for (const variant of face.variants) {
        this.set(face, variant);
        tried(at + 1);
      }
    };
    tried(0);
    for (const face of open) {
      const variant = best.get(face.id);
      if (variant) this.set(face, variant);
    }
  }

  /** What changes can bring at most: their points, every agent that they give up, every opposed pair there, every later visit. */
  private most(changes: Changes, before: Changes, basins: readonly string[]): number {
    const points = (of: Changes) => of.reduce((sum, [, variant]) => sum + variant.points, 0);
    const agents = new Set(before.flatMap(([, variant]) => variant.agents));
    const pairs = basins.reduce((sum, basin) => sum + this.opposedIn(basin), 0);
    const { agent, opposed, visit } = this.weights;
    const visits = this.visits.once('most', mostOf) - 1;
    return points(changes) - points(before) + agent * agents.size + opposed * pairs + visit * visits;
  }

  private set({ id, basin }: PropertyFace, variant: FaceVariant): void {
    const counts = this.basins.get(basin) ?? new Counts();
    this.basins.set(basin, counts);
    const count = (of: FaceVariant, by: 1 | -1) => {
      this.own += by * of.points;
      this.visits.add(String(of.visits), by);
      for (const agent of of.agents) {
        this.agents.add(agent, by);
        counts.add(agent, by);
      }
    };
    const before = this.chosen.get(id);
    if (before) count(before, -1);
    count(variant, 1);
    this.chosen.set(id, variant);
  }

  /** Of the whole property, but that of opposed agents only these run-offs are counted. */
  private points(basins: readonly string[]): number {
    const { agent, opposed, visit } = this.weights;
    const visits = this.visits.once('most', mostOf);
    const pairs = basins.reduce((sum, basin) => sum + this.opposedIn(basin), 0);
    return this.own - agent * this.agents.size - opposed * pairs - visit * (visits - 1);
  }

  private opposedIn(basin: string): number {
    const counts = this.basins.get(basin);
    if (!counts || counts.size < 2) return 0;
    return counts.once('opposed', (ids) => {
      const agents = ids.map((id) => this.catalogue.agent(id));
      return agents.reduce(
        (sum, one, i) => sum + agents.slice(i + 1).filter((other) => areOpposed(one, other)).length,
        0,
      );
    });
  }
}

const mostOf = (visits: readonly string[]) => Math.max(1, ...visits.map(Number));

/** How often each of some words is there. */
class Counts {
  private readonly counts = new Map<string, number>();
  private readonly known = new Map<string, number>();

  add(word: string, by: 1 | -1): void {
    const count = (this.counts.get(word) ?? 0) + by;
    if (count === 0 || (count === 1 && by === 1)) this.known.clear();
    if (count === 0) this.counts.delete(word);
    else this.counts.set(word, count);
  }

  has(word: string): boolean {
    return this.counts.has(word);
  }

  isOnce(word: string): boolean {
    return this.counts.get(word) === 1;
  }

  get size(): number {
    return this.counts.size;
  }

  /** What is worked out of the words that are there, as long as they are the same. */
  once(what: string, of: (words: readonly string[]) => number): number {
    const known = this.known.get(what);
    if (known !== undefined) return known;
    const value = of([...this.counts.keys()]);
    this.known.set(what, value);
    return value;
  }
}

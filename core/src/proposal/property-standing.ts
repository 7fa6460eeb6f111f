import type { Catalogue } from '../catalogue/catalogue.ts';
import { Counts } from './word-counts.ts';
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

/** Some faces treated otherwise. */
export type Changes = readonly (readonly [PropertyFace, FaceVariant])[];

/** Rounding of points is no reason to change. */
const LEAST_GAIN = 1e-6;

/** What is chosen for every face, with what all faces together are worth kept up to date. */
export class Standing {
  readonly chosen = new Map<string, FaceVariant>();
  private own = 0;
  private readonly agents = new Counts();
  private readonly users = new Map<string, Set<PropertyFace>>();
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

  /** The faces on which any of some agents is put now. */
  usersOf(agents: readonly string[]): readonly PropertyFace[] {
    return [...new Set(agents.flatMap((agent) => [...(this.users.get(agent) ?? [])]))];
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
    if (changes.length === 0 || this.most(changes) <= 0) return false;
    const before = changes.flatMap(([face]): Changes => {
      const now = this.chosen.get(face.id);
      return now ? [[face, now]] : [];
    });
    const basins = [...new Set(changes.map(([{ basin }]) => basin))];
    const was = this.points(basins);
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

  /** What changes bring, if they end every opposed pair in their run-offs: all else is exact. */
  private most(changes: Changes): number {
    const { agent, opposed, visit } = this.weights;
    const agents = new Map<string, number>();
    const visits = new Map<string, number>();
    const count = ({ agents: put, visits: comes }: FaceVariant, by: 1 | -1) => {
      for (const each of put) agents.set(each, (agents.get(each) ?? 0) + by);
      visits.set(String(comes), (visits.get(String(comes)) ?? 0) + by);
    };
    const basins = new Set<string>();
    let gain = 0;
    for (const [{ id, basin }, variant] of changes) {
      const now = this.chosen.get(id);
      if (!now) continue;
      gain += variant.points - now.points;
      count(now, -1);
      count(variant, 1);
      basins.add(basin);
    }
    for (const basin of basins) gain += opposed * this.opposedIn(basin);
    const later = mostOf(this.visits.words()) - mostOf(this.visits.words(visits));
    return gain + visit * later - agent * this.agents.moreAfter(agents);
  }

  private set(face: PropertyFace, variant: FaceVariant): void {
    const { id, basin } = face;
    const counts = this.basins.get(basin) ?? new Counts(this.catalogue);
    this.basins.set(basin, counts);
    const count = (of: FaceVariant, by: 1 | -1) => {
      this.own += by * of.points;
      this.visits.add(String(of.visits), by);
      for (const agent of of.agents) {
        this.agents.add(agent, by);
        counts.add(agent, by);
        const users = this.users.get(agent) ?? new Set();
        this.users.set(agent, users);
        if (by > 0) users.add(face);
        else users.delete(face);
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
    const visits = mostOf(this.visits.words());
    const pairs = basins.reduce((sum, basin) => sum + this.opposedIn(basin), 0);
    return this.own - agent * this.agents.size - opposed * pairs - visit * (visits - 1);
  }

  private opposedIn(basin: string): number {
    return this.basins.get(basin)?.opposed ?? 0;
  }
}

const mostOf = (visits: readonly string[]) => Math.max(1, ...visits.map(Number));

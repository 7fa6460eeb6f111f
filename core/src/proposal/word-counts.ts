import { areOpposed } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { kept } from '../quantity/kept.ts';

/** How often each of some words is there; of agents also how many pairs of them are opposed. */
export class Counts {
  opposed = 0;
  private readonly counts = new Map<string, number>();
  private readonly agentsOf: Catalogue | null;

  constructor(agentsOf: Catalogue | null = null) {
    this.agentsOf = agentsOf;
  }

  add(word: string, by: 1 | -1): void {
    const count = (this.counts.get(word) ?? 0) + by;
    if (count === 0) this.counts.delete(word);
    if (this.agentsOf && (count === 0 || (count === 1 && by === 1)))
      for (const other of this.counts.keys())
        if (other !== word && opposedTo(word, this.agentsOf).has(other)) this.opposed += by;
    if (count > 0) this.counts.set(word, count);
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

  /** The words that are there, once some are counted so much more or less often. */
  words(changes: ReadonlyMap<string, number> = NO_CHANGES): readonly string[] {
    const after = (word: string) => (this.counts.get(word) ?? 0) + (changes.get(word) ?? 0);
    return [...new Set([...this.counts.keys(), ...changes.keys()])].filter((word) => after(word) > 0);
  }

  /** How many more words are there then. */
  moreAfter(changes: ReadonlyMap<string, number>): number {
    let more = 0;
    for (const [word, by] of changes) {
      const count = this.counts.get(word) ?? 0;
      more += Number(count + by > 0) - Number(count > 0);
    }
    return more;
  }
}

const NO_CHANGES: ReadonlyMap<string, number> = new Map();

/** The agents that an agent is opposed to. */
const opposedTo = kept(
  (agent: string, catalogue: Catalogue): ReadonlySet<string> =>
    new Set(
      catalogue.agents.filter((other) => areOpposed(catalogue.agent(agent), other)).map(({ id }) => id),
    ),
);

/** Which of two waits for the other: `apart` until it has ended, `together` only until it has begun. */
type Wait = 'apart' | 'together';

/** What waits for what, with several that are worked as one standing for one. */
export class WaitingGraph {
  private readonly later = new Map<string, Map<string, Wait>>();
  private readonly standsFor = new Map<string, string>();

  add(first: string, then: string, wait: Wait): void {
    const ways = this.later.get(first) ?? new Map<string, Wait>();
    if (ways.get(then) !== 'apart') ways.set(then, wait);
    this.later.set(first, ways);
  }

  /** Whether none of them has to end before another begins, be it by a third. */
  canJoin(ids: readonly string[]): boolean {
    const own = new Set(ids.map((id) => this.name(id)));
    const seen = new Set<string>();
    const ways: string[] = [];
    for (const id of own)
      for (const [then, wait] of this.next(id)) {
        if (own.has(then) && wait === 'apart') return false;
        if (!own.has(then)) ways.push(then);
      }
    for (let id = ways.pop(); id !== undefined; id = ways.pop()) {
      if (own.has(id)) return false;
      if (seen.has(id)) continue;
      seen.add(id);
      for (const [then] of this.next(id)) ways.push(then);
    }
    return true;
  }

  /** From now on they are one. */
  join(ids: readonly string[]): void {
    const [first] = ids;
    if (first === undefined) return;
    const all = ids.flatMap((id) => [...this.next(this.name(id))]);
    const own = new Set(ids.map((id) => this.name(id)));
    for (const id of own) this.standsFor.set(id, first);
    this.standsFor.delete(first);
    this.later.set(first, new Map(all.filter(([then]) => !own.has(then))));
  }

  private name(id: string): string {
    let name = id;
    for (let next = this.standsFor.get(name); next !== undefined; next = this.standsFor.get(name))
      name = next;
    return name;
  }

  private next(id: string): readonly (readonly [string, Wait])[] {
    return [...(this.later.get(id) ?? [])].map(([then, wait]) => [this.name(then), wait] as const);
  }
}

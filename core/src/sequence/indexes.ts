/** Words by the order in which they come up. */
export class Indexes {
  private readonly known = new Map<string, number>();
  get count(): number {
    return this.known.size;
  }
  find(word: string): number {
    return this.known.get(word) ?? -1;
  }
  of(word: string): number {
    const known = this.known.get(word);
    if (known !== undefined) return known;
    this.known.set(word, this.known.size);
    return this.known.size - 1;
  }
}

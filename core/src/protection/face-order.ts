/**
 * Faces in an order that keeps to what comes before what; of those that are free the one of the lowest rank comes first,
 * ties by id.
 * @param before pairs of ids: the first comes before the second; pairs with others than the faces are passed over
 * @returns every face once; those of a circle come last, by rank
 */
export function faceOrder(
  faces: readonly { readonly id: string; readonly rank: number }[],
  before: readonly (readonly [string, string])[],
): readonly string[] {
  const faceIds = new Set(faces.map((face) => face.id));
  const later = new Map<string, string[]>();
  const waiting = new Map(faces.map((face) => [face.id, 0]));
  for (const [first, then] of before) {
    if (!faceIds.has(first) || !faceIds.has(then)) continue;
    later.set(first, [...(later.get(first) ?? []), then]);
    waiting.set(then, (waiting.get(then) ?? 0) + 1);
  }
  const left = [...faces].sort((a, b) => a.rank - b.rank || (a.id < b.id ? -1 : 1));
  const order: string[] = [];
  while (left.length > 0) {
    const free = left.findIndex((face) => waiting.get(face.id) === 0);
    const [next] = left.splice(Math.max(0, free), 1);
    if (!next) break;
    order.push(next.id);
    for (const id of later.get(next.id) ?? []) waiting.set(id, (waiting.get(id) ?? 0) - 1);
  }
  return order;
}

import { groupedBy } from '../sequence/grouped-by.ts';
import type { Lag, Operation } from '../sequence/problem.ts';

/** How long a tower or a lift stays at one face, by what is done from it meanwhile. */
export interface StandLeg {
  readonly face: string;
  readonly operations: readonly string[];
}

/**
 * The faces that one tower or lift comes to, one after the other: it stays as long as anything that can be done is left there, and goes to
 * the next face in walking order then. A face whose work waits for that of another is come to again.
 *
 * @param operations all of the visit
 * @param faces in walking order, with what is done there from it; all of one cluster is at one face
 */
export function standLegs(
  operations: readonly Pick<Operation, 'id' | 'cluster'>[],
  lags: readonly Pick<Lag, 'from' | 'to'>[],
  faces: readonly StandLeg[],
): readonly StandLeg[] {
  const clusterOf = new Map(operations.map(({ id, cluster }) => [id, cluster]));
  const faceOf = new Map(faces.flatMap(({ face, operations: own }) => own.map((id) => [id, face] as const)));
  const open = new ClusterGraph(clusterOf, lags);
  const clusters = groupedBy(operations, ({ cluster }) => cluster);
  const onFace = (cluster: string) =>
    (clusters.get(cluster) ?? []).flatMap(({ id }) => (faceOf.has(id) ? [id] : []));
  const legs: { readonly face: string; readonly operations: string[] }[] = [];
  const left = new Set(clusters.keys());
  const take = (cluster: string) => {
    left.delete(cluster);
    open.done(cluster);
  };
  while (left.size > 0) {
    const ready = [...left].filter((cluster) => open.isReady(cluster));
    // What people have fixed may be a circle; that is told elsewhere.
    const some = ready.length > 0 ? ready : [...left];
    const onGround = some.filter((cluster) => onFace(cluster).length === 0);
    if (onGround.length > 0) {
      onGround.forEach(take);
      continue;
    }
    const atFace = (face: string | undefined) =>
      some.filter((cluster) => faceOf.get(onFace(cluster)[0] ?? '') === face);
    const here = legs.at(-1);
    const stays = here ? atFace(here.face) : [];
    const next = stays.length > 0 ? here?.face : faces.find(({ face }) => atFace(face).length > 0)?.face;
    if (next === undefined) break;
    const own = atFace(next).flatMap((cluster) => {
      take(cluster);
      return onFace(cluster);
    });
    if (here?.face === next) here.operations.push(...own);
    else legs.push({ face: next, operations: own });
  }
  return legs;
}

/** What clusters wait for. */
class ClusterGraph {
  private readonly waiting = new Map<string, number>();
  private readonly later = new Map<string, string[]>();

  constructor(clusterOf: ReadonlyMap<string, string>, lags: readonly Pick<Lag, 'from' | 'to'>[]) {
    const seen = new Set<string>();
    for (const { from, to } of lags) {
      const [first, then] = [clusterOf.get(from), clusterOf.get(to)];
      const key = JSON.stringify([first, then]);
      if (first === undefined || then === undefined || first === then || seen.has(key)) continue;
      seen.add(key);
      this.waiting.set(then, (this.waiting.get(then) ?? 0) + 1);
      this.later.set(first, [...(this.later.get(first) ?? []), then]);
    }
  }

  isReady(cluster: string): boolean {
    return (this.waiting.get(cluster) ?? 0) === 0;
  }

  done(cluster: string): void {
    for (const then of this.later.get(cluster) ?? [])
      this.waiting.set(then, (this.waiting.get(then) ?? 0) - 1);
  }
}

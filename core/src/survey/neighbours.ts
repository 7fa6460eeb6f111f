import type { Face } from './face.ts';

/** Faces that stand side by side, whichever of the two says so; a zone and the rest of its surface always do. */
export function neighboursOf(
  faces: readonly Pick<Face, 'id' | 'beside' | 'zoneOf'>[],
): ReadonlyMap<string, ReadonlySet<string>> {
  const faceIds = new Set<string>(faces.map((face) => face.id));
  const beside = new Map<string, Set<string>>();
  const join = (one: string, other: string) => {
    if (!faceIds.has(other)) return;
    beside.set(one, (beside.get(one) ?? new Set()).add(other));
    beside.set(other, (beside.get(other) ?? new Set()).add(one));
  };
  for (const face of faces) {
    for (const other of face.beside) join(face.id, other);
    if (face.zoneOf !== null) join(face.id, face.zoneOf);
  }
  return beside;
}

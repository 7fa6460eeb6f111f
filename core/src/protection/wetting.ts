import type { GuardedFace } from './chemistry-guard.ts';
import { reachedFrom } from '../survey/run-off-paths.ts';

/**
 * Which other faces get wet by the wet work on each: by its run-off, its splash, its spray in a wind, side by side; and where a
 * washed floor splashes a wall, all that the rinse of the wall's foot comes to.
 * @param onto where the water of each surface goes next
 * @returns ids of faces by the id of the one that is worked on; features are among them
 */
export function wettedFrom(
  faces: readonly Pick<GuardedFace, 'id' | 'touches'>[],
  onto: ReadonlyMap<string, ReadonlySet<string>>,
): ReadonlyMap<string, ReadonlySet<string>> {
  const beside = new Map(
    faces.map(({ id, touches }) => [
      id,
      touches.flatMap(({ face, how }) => (how === 'beside' ? [face] : [])),
    ]),
  );
  return new Map(
    faces.map(({ id, touches }) => {
      const wetted = new Set(reachedFrom(onto, id));
      for (const { face, how } of touches) {
        wetted.add(face);
        if (how !== 'splash') continue;
        for (const other of [...reachedFrom(onto, face), ...(beside.get(face) ?? [])]) wetted.add(other);
      }
      wetted.delete(id);
      return [id, wetted];
    }),
  );
}

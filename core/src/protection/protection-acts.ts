import type { FeatureProtection, ProtectionAct } from '../catalogue/protection-act.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/** One act, with the work that makes it needed and the work after which it is lifted. */
export interface Protection extends ProtectionAct {
  /** Both null for the property as a whole. */
  readonly feature: string | null;
  /** A face that an agent of another comes to. */
  readonly surface: string | null;
  readonly placeName: string;
  readonly when: 'before' | 'during' | 'after';
  /** Ids of the stages that need it: the first wet one of each face that reaches the feature. */
  readonly neededBy: readonly string[];
  /** Ids of the stages after which it may go: the last one of each of those faces. */
  readonly liftedBy: readonly string[];
}

/** Where an act is done, and the work that needs it. */
type About = Omit<Protection, keyof ProtectionAct | 'when'>;

/** The acts for one place, before, during and after. */
export function actsAround(
  about: About,
  { before, during, after }: FeatureProtection,
): readonly Protection[] {
  return [
    { ...about, ...before, when: 'before' },
    ...(during ? [{ ...about, ...during, when: 'during' } as const] : []),
    { ...about, ...after, when: 'after' },
  ];
}

const DRY_KINDS: readonly string[] = ['clear', 'fill', 'reading'];

/** The first wet stage and the last of each of the faces. */
export function bounds(faces: readonly TreatedSurface[]): Pick<Protection, 'neededBy' | 'liftedBy'> {
  const stages = faces.map((p) => p.treatment?.stages ?? []);
  return {
    neededBy: stages.flatMap((list) => (list.find((s) => !DRY_KINDS.includes(s.kind)) ?? list[0])?.id ?? []),
    liftedBy: stages.flatMap((list) => list.at(-1)?.id ?? []),
  };
}

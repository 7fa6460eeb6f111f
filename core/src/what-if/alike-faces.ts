import { say } from '../messages/message.ts';
import type { Face } from '../survey/face.ts';
import type { Derivation } from '../plan/derivation.ts';

/** A face like another one, on which the same method may be taken. */
export interface AlikeFace {
  readonly surface: string;
  readonly name: string;
  /** What is done there now; null where nothing is permitted. */
  readonly now: string | null;
  /** Why the method is not to be had there; null where it is. */
  readonly refused: string | null;
}

/**
 * The other faces of the same material, finish and state with the same on them, as they stand to a method that is done on
 * one: those on which it is done already are left out.
 */
export function alikeFaces(
  plan: Pick<Derivation, 'surfaces'>,
  surface: string,
  contaminant: string,
  method: string,
): readonly AlikeFace[] {
  const like = plan.surfaces.find((p) => p.surface.id === surface)?.surface;
  if (!like) return [];
  return plan.surfaces.flatMap(({ surface: face, treatment }) => {
    const proposal = treatment?.proposals.find((p) => p.finding.contaminant === contaminant);
    if (!proposal || face.id === surface || !isAlike(like, face)) return [];
    if (proposal.chosen?.method.id === method) return [];
    const refused = proposal.refused.find((r) => r.method.id === method);
    const offered = proposal.alternatives.some((a) => a.method.id === method);
    const why = refused?.refusals.map((r) => r.text).join(' ') ?? (offered ? null : say('choice/not-here'));
    return [{ surface: face.id, name: face.name, now: proposal.chosen?.method.name ?? null, refused: why }];
  });
}

function isAlike(one: Face, other: Face): boolean {
  return (
    one.material === other.material &&
    one.finish === other.finish &&
    one.conditions.length === other.conditions.length &&
    one.conditions.every((condition) => other.conditions.includes(condition))
  );
}

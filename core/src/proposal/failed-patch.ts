import { say } from '../messages/message.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/method.ts';
import type { Face } from '../survey/face.ts';
import type { TestPatch } from '../survey/test-patch.ts';
import type { Refusal } from '../treatment/limit-verdict.ts';

/** The patches on a face; those of a surface speak for its zones too. */
export function patchesOn(
  { id, zoneOf }: Pick<Face, 'id' | 'zoneOf'>,
  patches: readonly TestPatch[],
): readonly TestPatch[] {
  return patches.filter(
    (p) => (p.zone ?? p.surface) === id || (zoneOf !== null && p.zone === null && p.surface === zoneOf),
  );
}

/** What a patch that went wrong says against a method; a later go for the same agent takes it back. */
export function failedPatch(
  method: Method,
  patches: readonly TestPatch[],
  catalogue: Catalogue,
): Refusal | null {
  for (const stage of method.stages) {
    if (stage.kind !== 'apply') continue;
    const last = patches.findLast((p) => p.agent === stage.agent && p.verdict !== 'open');
    if (last?.verdict !== 'no-go') continue;
    const agent = catalogue.agent(stage.agent).name.toLowerCase();
    return {
      rule: 'patch-failed',
      text:
        last.result === ''
          ? say('patch/failed', { agent })
          : say('patch/failed/why', { agent, result: last.result }),
      whatCanHappen: say('patch/can-happen'),
      overridable: true,
      source: sourceOf(last),
    };
  }
  return null;
}

function sourceOf({ doneBy: person, doneOn: day }: TestPatch): string {
  if (day === null) return person === '' ? say('source/patch') : say('source/patch/by', { person });
  return person === '' ? say('source/patch/on', { day }) : say('source/patch/by-on', { person, day });
}

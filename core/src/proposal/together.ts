import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { Face } from '../survey/face.ts';
import type { FaceVariant } from './face-variants.ts';
import type { Together } from './surface-treatment.ts';

/** A face with the ways to treat it, its own best first. */
interface VariedFace {
  readonly measured: { readonly surface: Face };
  readonly variants: readonly FaceVariant[];
  readonly options: readonly { readonly finding: { readonly contaminant: string } }[];
}

/** The names of the faces on which each agent is put. */
export function usersOf(
  faces: readonly VariedFace[],
  chosen: ReadonlyMap<string, FaceVariant>,
): ReadonlyMap<string, readonly string[]> {
  const users = new Map<string, string[]>();
  for (const { measured } of faces)
    for (const agent of chosen.get(measured.surface.id)?.agents ?? [])
      users.set(agent, [...(users.get(agent) ?? []), measured.surface.name]);
  return users;
}

/** How the property had its say in a face: what would be done on it alone, and with which faces it goes. Null where nothing differs. */
export function togetherIn(
  { measured, variants, options }: VariedFace,
  variant: FaceVariant,
  users: ReadonlyMap<string, readonly string[]>,
): Together | null {
  const [own] = variants;
  if (!own || own === variant) return null;
  const alone = options.flatMap(({ finding }, i) => {
    const [by, now] = [own.combination[i]?.method, variant.combination[i]?.method];
    return by && by !== now ? [{ contaminant: finding.contaminant, method: by.id, name: by.name }] : [];
  });
  if (alone.length === 0) return null;
  const others = variant.agents.flatMap((agent) => users.get(agent) ?? []);
  const other = others.find((name) => name !== measured.surface.name);
  const facts = {
    alone: alone.map(({ name }) => lowerFirst(name)).join(', '),
    points: decimal(own.points - variant.points, 1),
  };
  const text =
    other === undefined
      ? say('together/fewer', facts)
      : say('together/with', { ...facts, place: other, more: new Set(others).size - 2 });
  return { alone, text };
}

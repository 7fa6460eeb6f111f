import type { Draw } from './hostile-values.ts';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** A sound body with one to three things wrong in it, anywhere: replaced, left out, doubled, given a name that is not known. */
export function spoilt(body: unknown, draw: Draw): unknown {
  const root = { body: structuredClone(body) as Json };
  const times = 1 + draw.below(3);
  for (let i = 0; i < times; i += 1) spoilOnce(root, draw);
  return root.body;
}

function spoilOnce(root: { body: Json }, draw: Draw): void {
  const places = placesIn(root);
  const { at, key } = draw.one(places);
  const holder = at as Record<string | number, unknown>;
  switch (draw.below(5)) {
    case 0:
      if (Array.isArray(at)) at.splice(Number(key), 1);
      else if (at !== (root as unknown)) Reflect.deleteProperty(holder, key);
      break;
    case 1:
      if (Array.isArray(at)) at.push(structuredClone(at[Number(key)] ?? null));
      else if (at !== (root as unknown)) holder[draw.hostileText()] = holder[key];
      break;
    case 2:
      holder[key] = [holder[key]];
      break;
    default:
      holder[key] = draw.hostile();
  }
}

/** Deeper it is hostile already. */
const DEEPEST = 30;

/** Every place in a value that can be spoilt. */
function placesIn(
  value: Json,
  depth = 0,
): readonly { readonly at: Json[] | { [key: string]: Json }; readonly key: string | number }[] {
  if (typeof value !== 'object' || value === null || depth > DEEPEST) return [];
  const keys = Array.isArray(value) ? [...value.keys()].slice(0, 50) : Object.keys(value).slice(0, 50);
  return keys.flatMap((key) => {
    const inner = (value as Record<string | number, Json>)[key] ?? null;
    return [{ at: value, key }, ...placesIn(inner, depth + 1)];
  });
}

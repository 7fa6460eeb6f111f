import type { Catalogue } from '../catalogue/catalogue.ts';
import type { FaceVariant } from './face-variants.ts';
import { Standing } from './property-standing.ts';
import type { Changes, PropertyFace, PropertyWeights } from './property-standing.ts';

/**
 * Which way each face is treated, so that all faces together have the most points, each agent, each opposed pair in one run-off and each
 * visit counted once for the property.
 *
 * Small jobs are tried out; on others a local search from each face's own best: agents given up or taken up wherever they can be, then
 * one face otherwise, until nothing is better. Deterministic, whatever the order of the faces.
 *
 * @returns the chosen variant of each face by its id
 */
export function propertyChoice(
  faces: readonly PropertyFace[],
  weights: PropertyWeights,
  catalogue: Catalogue,
): ReadonlyMap<string, FaceVariant> {
  const sorted = [...faces].sort((a, b) => (a.id < b.id ? -1 : 1));
  const open = sorted.filter(({ variants }) => variants.length > 1);
  const standing = new Standing(sorted, weights, catalogue);
  if (open.reduce((count, { variants }) => count * variants.length, 1) <= MOST_TRIED) {
    standing.takeBest(open);
    return standing.chosen;
  }
  const agents = [...new Set(open.flatMap(({ variants }) => variants.flatMap((v) => v.agents)))].sort();
  const bearers = bearersOf(open);
  for (let isBetter = open.length > 0; isBetter;) {
    isBetter = false;
    for (const changes of together(agents, open, bearers, standing))
      isBetter = standing.takeIfBetter(changes) || isBetter;
    for (const face of open)
      for (const variant of face.variants)
        if (standing.mayGain(face, variant)) isBetter = standing.takeIfBetter([[face, variant]]) || isBetter;
  }
  return standing.chosen;
}

/** Up to so many combinations are tried one by one. */
const MOST_TRIED = 1024;
const FEW = 40;

/**
 * Each agent given up by every face that can do without, and each together with what comes in its place, or with any other where few
 * faces are open; then each taken up by every face that needs no other new one.
 */
function* together(
  agents: readonly string[],
  open: readonly PropertyFace[],
  bearers: Bearers,
  standing: Standing,
): Generator<Changes> {
  for (const agent of agents) {
    if (!standing.uses(agent)) continue;
    const changes = without([agent], standing);
    yield changes;
    const instead = new Set(changes.flatMap(([, variant]) => variant.agents));
    const others = open.length <= FEW ? agents : [...instead].sort();
    for (const other of others) yield without([agent, other], standing);
  }
  for (const agent of agents) yield taking(agent, bearers, standing);
}

function without(agents: readonly string[], standing: Standing): Changes {
  const key = agents.join(' ');
  return standing.usersOf(agents).flatMap((face): Changes => {
    const other = bestWithout(face.variants, key, agents);
    return other ? [[face, other]] : [];
  });
}

/** Faces stay the same from edit to edit: what does without some agents there is looked for once. */
const withoutKnown = new WeakMap<readonly FaceVariant[], Map<string, FaceVariant | null>>();

function bestWithout(
  variants: readonly FaceVariant[],
  key: string,
  agents: readonly string[],
): FaceVariant | null {
  const known = withoutKnown.get(variants) ?? new Map<string, FaceVariant | null>();
  withoutKnown.set(variants, known);
  const before = known.get(key);
  if (before !== undefined) return before;
  const found = variants.find((variant) => !variant.agents.some((agent) => agents.includes(agent))) ?? null;
  known.set(key, found);
  return found;
}

/** The faces that an agent may be put on, with the ways in which it is. */
type Bearers = ReadonlyMap<string, ReadonlyMap<PropertyFace, readonly FaceVariant[]>>;

function bearersOf(open: readonly PropertyFace[]): Bearers {
  const bearers = new Map<string, Map<PropertyFace, FaceVariant[]>>();
  for (const face of open)
    for (const variant of face.variants)
      for (const agent of variant.agents) {
        const faces = bearers.get(agent) ?? new Map<PropertyFace, FaceVariant[]>();
        bearers.set(agent, faces);
        faces.set(face, [...(faces.get(face) ?? []), variant]);
      }
  return bearers;
}

function taking(agent: string, bearers: Bearers, standing: Standing): Changes {
  return [...(bearers.get(agent) ?? [])].flatMap(([face, variants]): Changes => {
    const other = variants.find(({ agents }) => agents.every((own) => own === agent || standing.uses(own)));
    return other && other !== standing.chosen.get(face.id) ? [[face, other]] : [];
  });
}

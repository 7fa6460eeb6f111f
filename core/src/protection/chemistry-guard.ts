import { areOpposed } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import { reachedFrom } from '../survey/run-off-paths.ts';

/** A face with the agents that come onto it, neutralisers among them. */
export interface GuardedFace {
  readonly id: string;
  /** Where it stands, for one of several pieces of work on a face; the face is the same as its id otherwise. */
  readonly at?: string;
  readonly agents: readonly Agent[];
  /** Faces on which something of it comes otherwise than by its run-off. */
  readonly touches: readonly Touch[];
}

/** A face that another's spray or splash comes to. */
export interface Touch {
  readonly face: string;
  readonly how: 'beside' | 'splash' | 'drift';
}

/** A face and the agent of it that must not meet another. */
export interface GuardedParty {
  readonly face: string;
  readonly agent: string;
}

/** Faces whose agents would meet in one flow, and what is done: the later one waits until the earlier are rinsed. */
export interface ChemistryMeeting {
  /** Surface or feature where their water comes together, or the face that spray falls on. */
  readonly at: string;
  readonly how: 'run-off' | Touch['how'];
  readonly earlier: readonly GuardedParty[];
  readonly later: GuardedParty;
}

/** One face that begins only after another has ended, or has begun. */
export interface Separation {
  readonly then: string;
  readonly after: string;
  readonly which: 'end' | 'begin';
}

export interface ChemistryGuard {
  readonly meetings: readonly ChemistryMeeting[];
  readonly separations: readonly Separation[];
  /** Which agents of a piece of work are met by something opposed later, so that they are brought to rest at its end. */
  readonly rests: ReadonlyMap<string, ReadonlySet<Agent>>;
}

interface Basin {
  readonly at: string;
  readonly how: ChemistryMeeting['how'];
  readonly faces: readonly GuardedFace[];
}

/**
 * Opposed agents never meet: faces whose water comes together anywhere, or that reach each other by spray or splash, are treated in
 * blocks, one after the other, in which no two agents oppose each other.
 *
 * Needs an order of the faces that keeps to everything that binds them otherwise; guarantees separations that all follow
 * that order, so that they bring no circle in, and that hold every opposed pair of every basin apart.
 *
 * @param inOrder faces in that order
 * @param onto where the water of each surface goes next
 */
export function chemistryGuard(
  inOrder: readonly GuardedFace[],
  onto: ReadonlyMap<string, ReadonlySet<string>>,
): ChemistryGuard {
  const meetings: ChemistryMeeting[] = [];
  const separations: Separation[] = [];
  const rests = new Map<string, Set<Agent>>();
  for (const basin of basinsOf(inOrder, onto)) {
    const blocks = blocksOf(basin.faces);
    blocks.forEach((block, i) => {
      const [head, ...others] = block;
      const previous = blocks[i - 1];
      if (!head || !previous) return;
      for (const face of previous) separations.push({ then: head.id, after: face.id, which: 'end' });
      for (const face of others) separations.push({ then: face.id, after: head.id, which: 'begin' });
      const meeting = meetingOf(basin, previous, head);
      if (meeting) meetings.push(meeting);
    });
    addRests(rests, blocks);
  }
  return { meetings, separations, rests };
}

function addRests(rests: Map<string, Set<Agent>>, blocks: readonly (readonly GuardedFace[])[]): void {
  const later = new Map<Agent, Set<string>>();
  for (const block of [...blocks].reverse()) {
    for (const face of block)
      for (const agent of face.agents)
        if (isMetElsewhere(agent, placeOf(face), later))
          rests.set(face.id, (rests.get(face.id) ?? new Set()).add(agent));
    for (const face of block)
      for (const agent of face.agents) later.set(agent, (later.get(agent) ?? new Set()).add(placeOf(face)));
  }
}

/** Whether something opposed comes later at another place. */
function isMetElsewhere(
  agent: Agent,
  place: string,
  later: ReadonlyMap<Agent, ReadonlySet<string>>,
): boolean {
  for (const [other, places] of later)
    if (areOpposed(other, agent) && places.size > (places.has(place) ? 1 : 0)) return true;
  return false;
}

function placeOf({ id, at }: GuardedFace): string {
  return at ?? id;
}

/** Consecutive faces that may run together. */
function blocksOf(faces: readonly GuardedFace[]): readonly (readonly GuardedFace[])[] {
  const blocks: GuardedFace[][] = [];
  for (const face of faces) {
    const block = blocks.at(-1);
    if (block && !block.some((other) => opposedAgents(other, face))) block.push(face);
    else blocks.push([face]);
  }
  return blocks;
}

/** Two agents of two faces that must never meet; null where all may. */
function opposedAgents(one: GuardedFace, other: GuardedFace): readonly [Agent, Agent] | null {
  for (const a of one.agents) for (const b of other.agents) if (areOpposed(a, b)) return [a, b];
  return null;
}

/** Null where it is only what is done on one face, one after the other. */
function meetingOf(
  { at, how }: Basin,
  before: readonly GuardedFace[],
  later: GuardedFace,
): ChemistryMeeting | null {
  const pairs = before.flatMap((face) => {
    const opposed = placeOf(face) === placeOf(later) ? null : opposedAgents(face, later);
    return opposed ? [{ face: placeOf(face), agents: opposed }] : [];
  });
  const [first] = pairs;
  if (!first) return null;
  return {
    at,
    how,
    earlier: pairs.map(({ face, agents: [agent] }) => ({ face, agent: agent.id })),
    later: { face: placeOf(later), agent: first.agents[1].id },
  };
}

/** Faces whose water comes together at one place, and pairs of which one reaches the other; the largest first, none within another. */
function basinsOf(
  inOrder: readonly GuardedFace[],
  onto: ReadonlyMap<string, ReadonlySet<string>>,
): readonly Basin[] {
  const acting = inOrder.filter((face) => face.agents.length > 0);
  const at = new Map<string, GuardedFace[]>();
  for (const face of acting)
    // What may flow in a loop comes to itself again: it is there once.
    for (const place of new Set([placeOf(face), ...reachedFrom(onto, placeOf(face))])) {
      const faces = at.get(place);
      if (faces) faces.push(face);
      else at.set(place, [face]);
    }
  const place = new Map(acting.map((face, i) => [face.id, i]));
  const standing = new Map<string, GuardedFace[]>();
  for (const face of acting) standing.set(placeOf(face), [...(standing.get(placeOf(face)) ?? []), face]);
  const sides = acting.flatMap((face) =>
    face.touches.flatMap(({ face: id, how }) =>
      (standing.get(id) ?? []).flatMap((other): Basin[] =>
        other === face || !opposedAgents(face, other)
          ? []
          : [{ at: id, how, faces: inOrderOf([face, other], place) }],
      ),
    ),
  );
  // Where more comes together further down, that is the basin.
  const isPassed = (id: string, faces: readonly GuardedFace[]) =>
    [...(onto.get(id) ?? [])].some((next) => (at.get(next)?.length ?? 0) > faces.length);
  const flows = [...at].flatMap(([id, faces]): Basin[] =>
    isPassed(id, faces) || !isOpposed(faces) ? [] : [{ at: id, how: 'run-off', faces }],
  );
  return outermost([...flows, ...sides]);
}

/** Basins that are not within another, the largest first. */
function outermost(basins: readonly Basin[]): readonly Basin[] {
  const kept: Basin[] = [];
  const idsByFace = new Map<string, ReadonlySet<string>[]>();
  for (const basin of basins.toSorted((a, b) => b.faces.length - a.faces.length || (a.at < b.at ? -1 : 1))) {
    const around = idsByFace.get(basin.faces[0]?.id ?? '') ?? [];
    if (around.some((ids) => basin.faces.every((face) => ids.has(face.id)))) continue;
    kept.push(basin);
    const ids = new Set(basin.faces.map((face) => face.id));
    for (const id of ids) idsByFace.set(id, [...(idsByFace.get(id) ?? []), ids]);
  }
  return kept;
}

function inOrderOf(
  faces: readonly GuardedFace[],
  place: ReadonlyMap<string, number>,
): readonly GuardedFace[] {
  return [...faces].sort((a, b) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0));
}

/** Whether any two agents of the faces oppose each other, by what is there of each class and each opposition. */
function isOpposed(faces: readonly GuardedFace[]): boolean {
  const classes = new Map<string, Set<string>>();
  for (const { id, agents } of faces)
    for (const agent of agents) classes.set(agent.class, (classes.get(agent.class) ?? new Set()).add(id));
  return faces.some(({ id, agents }) =>
    agents.some((agent) =>
      agent.opposedTo.some((opposed) => {
        const there = classes.get(opposed);
        return there !== undefined && there.size > (there.has(id) ? 1 : 0);
      }),
    ),
  );
}

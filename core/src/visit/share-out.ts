import { COMPETENT_TICKET } from '../catalogue/data/protections.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Protection } from '../protection/protection-acts.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { CrewMember } from '../survey/crew-and-machines.ts';
import { makingSeconds } from './making-seconds.ts';

/** What one person of the crew does before the work, meanwhile and after it beside the faces. */
export interface PersonShare {
  readonly person: string;
  readonly protections: readonly Protection[];
  /** What lasts the day, made while setting out. */
  readonly mixes: readonly PlannedMix[];
  readonly secondsBefore: number;
  readonly secondsAfter: number;
}

/** The acts at one place, which one person does all of: who covers it uncovers it. */
interface PlaceActs {
  readonly acts: readonly Protection[];
  readonly side: number;
  readonly needsCompetence: boolean;
  readonly seconds: number;
}

/**
 * Protections and mixes shared out over the crew: each place to one person, neighbours in walking order to the same one, as evenly as that
 * goes; mixes to whoever has least to do. All of that by those who are there the whole day; the others only rig for themselves.
 */
export function sharedOut(
  protections: readonly Protection[],
  mixes: readonly PlannedMix[],
  surfaces: readonly TreatedSurface[],
  crew: readonly CrewMember[],
  wholeDay: ReadonlySet<string> = new Set(crew.map(({ id }) => id)),
): readonly PersonShare[] {
  const there = crew.filter(({ id }) => wholeDay.has(id));
  const shares = new Map(
    sharedByAll(protections, mixes, surfaces, there).map((share) => [share.person, share]),
  );
  const { joinSeconds } = TRADE_DEFAULTS;
  return crew.map(
    ({ id: person }) =>
      shares.get(person) ?? {
        person,
        protections: [],
        mixes: [],
        secondsBefore: joinSeconds,
        secondsAfter: joinSeconds,
      },
  );
}

function sharedByAll(
  protections: readonly Protection[],
  mixes: readonly PlannedMix[],
  surfaces: readonly TreatedSurface[],
  crew: readonly CrewMember[],
): readonly PersonShare[] {
  const places = placesOf(protections, surfaces);
  const competent = crew.findIndex(({ tickets }) => tickets.some((ticket) => COMPETENT_TICKET.test(ticket)));
  const shares = crew.map((): PlaceActs[] => []);
  const byAnybody = places.filter((place) => competent < 0 || !place.needsCompetence);
  const loads = evenly(byAnybody, crew.length);
  loads.forEach((own, i) => shares[i]?.push(...own));
  shares[competent]?.push(...places.filter((place) => !byAnybody.includes(place)));
  const made = crew.map((): PlannedMix[] => []);
  const load = shares.map((own) => own.reduce((sum, { seconds }) => sum + seconds, 0));
  for (const mix of [...mixes].sort((a, b) => makingSeconds(b, b.litres) - makingSeconds(a, a.litres))) {
    const least = load.indexOf(Math.min(...load));
    made[least]?.push(mix);
    load[least] = (load[least] ?? 0) + makingSeconds(mix, mix.litres);
  }
  return crew.map(({ id }, i) => {
    const own = (shares[i] ?? []).flatMap(({ acts }) => acts);
    // In the order in which they are used.
    const ownMixes = mixes.filter((mix) => made[i]?.includes(mix));
    const seconds = (when: Protection['when']) =>
      own.reduce((sum, act) => sum + (act.when === when ? 60 * act.minutes : 0), 0);
    const mixing = ownMixes.reduce((sum, mix) => sum + makingSeconds(mix, mix.litres), 0);
    return {
      person: id,
      protections: own,
      mixes: ownMixes,
      secondsBefore: TRADE_DEFAULTS.setOutSeconds + seconds('before') + mixing,
      secondsAfter: TRADE_DEFAULTS.clearUpSeconds + seconds('after'),
    };
  });
}

function placesOf(
  protections: readonly Protection[],
  surfaces: readonly TreatedSurface[],
): readonly PlaceActs[] {
  const order = new Map<string, number>();
  const faces = new Map<string, number>();
  for (const { surface, treatment } of surfaces) {
    const side = surface.side ?? surface.id;
    if (!order.has(side)) order.set(side, order.size);
    for (const stage of treatment?.stages ?? []) faces.set(stage.id, order.get(side) ?? 0);
  }
  const acts = new Map<string, Protection[]>();
  for (const act of protections) {
    const place = `${act.feature ?? ''} ${act.surface ?? ''}`;
    acts.set(place, [...(acts.get(place) ?? []), act]);
  }
  return [...acts.values()]
    .map((own) => ({
      acts: own,
      side: Math.min(...own.flatMap(({ neededBy }) => neededBy.map((stage) => faces.get(stage) ?? 0))),
      needsCompetence: own.some(({ who }) => who === 'competent'),
      seconds: own.reduce(
        (sum, { when, minutes }) => sum + (when === 'during' ? 0 : Math.ceil(60 * minutes)),
        0,
      ),
    }))
    .sort((a, b) => a.side - b.side);
}

/** A row cut into so many stretches that the heaviest is as light as can be: neighbours stay together. */
function evenly(row: readonly PlaceActs[], parts: number): readonly (readonly PlaceActs[])[] {
  // Whole seconds: halved until no lighter limit does.
  let [tooLight, limit] = [-1, row.reduce((sum, { seconds }) => sum + seconds, 0)];
  while (limit - tooLight > 1) {
    const middle = Math.floor((tooLight + limit) / 2);
    if (cutAt(row, middle).length <= parts && row.every(({ seconds }) => seconds <= middle)) limit = middle;
    else tooLight = middle;
  }
  return cutAt(row, limit);
}

/** Stretches of a row, each as long as it is no heavier than the limit. */
function cutAt(row: readonly PlaceActs[], limit: number): readonly (readonly PlaceActs[])[] {
  const cut: PlaceActs[][] = [];
  let load = Infinity;
  for (const place of row) {
    if (load + place.seconds > limit) {
      cut.push([]);
      load = 0;
    }
    cut.at(-1)?.push(place);
    load += place.seconds;
  }
  return cut;
}

import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { ChemistryMeeting } from '../protection/chemistry-guard.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import type { Above } from '../protection/gravity.ts';
import { phaseId } from '../protection/work-phase.ts';
import { LATEST_SECOND } from '../sequence/problem.ts';
import type { SequenceProblem } from '../sequence/problem.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { machineCounts } from '../survey/job-detail.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { faceReaches } from '../readiness/face-reach.ts';
import { footRinse } from './foot-rinse.ts';
import { splashesUp } from '../protection/splash.ts';
import type { KeptApart } from '../protection/kept-apart.ts';
import type { JoinedFront } from '../wet-cycle/joined-front.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { VisitPhases } from './joined-phases.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { isMadeOnce } from '../mixing/mix-lasts.ts';
import type { Protection } from '../protection/protection-acts.ts';
import { visitHours } from './visit-hours.ts';
import { outsideQuietHours } from './quiet-hours.ts';
import { roundKeys } from './rounds.ts';
import { roughBound } from '../sequence/lower-bound.ts';
import { addLunches } from './lunch.ts';
import { sharedOut } from './share-out.ts';
import type { PersonShare } from './share-out.ts';
import { SITE, frameVisit } from './visit-frame.ts';
import { PhaseWork } from './phase-work.ts';
import { MixWork } from './mix-work.ts';
import type { PhaseGroups } from './phase-work.ts';
import { sideWays } from './side-ways.ts';
import { standWork } from './stand-work.ts';
import { inItsHours } from './surface-hours.ts';
import { PinnedWork } from './pinned-work.ts';
import { WhoMay } from './tickets.ts';
import { crewHours, wholeDay } from './crew-hours.ts';
import type { CrewHours } from './crew-hours.ts';
import type { Warning } from '../warnings/warning.ts';
import { workingDay } from './working-day.ts';
import { WorkBuilder } from './work-builder.ts';
import type { PlannedOperation } from './work-builder.ts';

export interface VisitWork {
  readonly problem: SequenceProblem;
  readonly planned: readonly PlannedOperation[];
  /** Fronts over several surfaces. */
  readonly joined: readonly JoinedFront[];
  /** Of each person what they set out, make and clear up. */
  readonly shares: readonly PersonShare[];
  /** What nobody of the crew holds a ticket for, and what was fixed and cannot be. */
  readonly people: readonly Warning[];
  /** Chemistries that would meet, and are kept apart. */
  readonly meetings: readonly ChemistryMeeting[];
}

/** The whole visit as operations and lags: set out, every surface's chain in fronts, gravity, clear up. */
export function visitWork(
  surfaces: readonly PlannedSurface[],
  kept: Pick<KeptApart, 'rules'>,
  { of, guard, joined }: VisitPhases,
  mixes: readonly PlannedMix[],
  protections: readonly Protection[],
  survey: Pick<FacedSurvey, 'job' | 'catalogue' | 'handbook' | 'sides' | 'property'>,
): VisitWork {
  const { catalogue, job } = survey;
  const { house, units } = job;
  const reaches = faceReaches(surfaces, survey);
  const builder = new WorkBuilder(units);
  const people = house.crew.map((member) => member.id);
  const hours = visitHours(surfaces, house);
  const mixing = new MixWork(builder, mixes, hours);
  const work = new PhaseWork(builder, mixing, joined);
  const fronts = joined.flatMap((phase) => phase.fronts);
  const phases = new Map<string, PhaseGroups>();
  const zoneOf = ({ id, side }: PlannedSurface['surface']) => side ?? `${SITE}.${id}`;
  for (const { surface } of surfaces)
    for (const phase of work.chain(of.get(surface.id) ?? [], zoneOf(surface)))
      phases.set(phaseId(phase.phase), phase);
  for (const { first, then, rule } of kept.rules) {
    const [before, after] = [phases.get(phaseId(first)), phases.get(phaseId(then))];
    if (before && after) builder.allAfter(after.waits, before.ends, rule);
  }
  const above = surfacesAbove(surfaces.map((p) => p.surface));
  const footRinses = wallFeet(builder, surfaces, phases, above);
  for (const { then, after, which } of guard.separations) {
    const earlier = phases.get(after);
    const until = which === 'end' ? earlier?.ends : earlier?.waits.slice(0, 1);
    builder.allAfter(phases.get(then)?.waits ?? [], until ?? [], 'opposed-run-off');
  }
  const places = new Set(builder.operations.map((operation) => operation.place));
  const apart = above.flatMap(({ upper, lower, overhead }): [string, string][] =>
    overhead && places.has(upper) && places.has(lower) ? [[upper, lower]] : [],
  );
  const whoMay = new WhoMay(house.crew, catalogue, surfaces, reaches);
  const pins = new PinnedWork(house, builder.planned);
  const { from: opens } = workingDay(survey);
  const roundOf = roundKeys(surfaces);
  const within = new Map(
    surfaces.flatMap((p) => (p.within ? [[p.surface.id as string, p.within] as const] : [])),
  );
  const problem = (there: readonly CrewHours[]): SequenceProblem => {
    const rounds = new Map(builder.planned.map((operation) => [operation.id, roundOf(operation)]));
    const able = new Map(builder.planned.map((operation) => [operation.id, whoMay.do(operation)]));
    const planned = new Map(builder.planned.map((operation) => [operation.id, operation]));
    const operations = outsideQuietHours(
      builder.operations.map((operation) => ({
        ...operation,
        people: operation.people ?? able.get(operation.id) ?? null,
        round: rounds.get(operation.id) ?? '',
      })),
      survey.property.quietHours,
      house.dayStart,
    );
    return {
      operations: operations.map((operation) => {
        const own = planned.get(operation.id);
        if (own?.task === 'set-out' && operation.starts === null && opens > 0)
          return { ...operation, starts: [{ from: opens, to: LATEST_SECOND }] };
        return pins.pinned(inItsHours(operation, own, within, house.dayStart), own);
      }),
      lags: builder.lags,
      watches: builder.watches,
      holds: builder.holds,
      fronts: builder.fronts,
      pins: [],
      soon: builder.soon,
      apart,
      people,
      hours: there.flatMap(({ person, from, until }) =>
        from > 0 || until !== null ? [{ person, from, to: until ?? LATEST_SECOND }] : [],
      ),
      stayingSeconds: TRADE_DEFAULTS.stayingSeconds,
      roundWorthSeconds: TRADE_DEFAULTS.roundWorthSeconds,
      roundPauseSeconds: 60 * TRADE_DEFAULTS.roundPauseMinutes,
      setUpSeconds: {
        place: 60 * catalogue.weight('other-side').value,
        tool: 60 * catalogue.weight('other-tool').value,
        mix: 60 * catalogue.weight('other-mix').value,
      },
      ways: sideWays(survey.sides, 60 * catalogue.weight('other-side').value),
      machines: machineCounts(house),
      watchesPerPerson: TRADE_DEFAULTS.watchesPerPerson,
    };
  };
  const lasting = mixes.filter(({ agent }) => isMadeOnce(CATALOGUE.agent(agent), hours));
  // Without the frame the visit takes about so long: who leaves later than that stays to the end.
  const likelyEnd = house.crew.some(({ from = null, until = null }) => from !== null || until !== null)
    ? TRADE_DEFAULTS.visitLikelyFactor * roughBound(problem([]))
    : Infinity;
  const there = crewHours(house, likelyEnd);
  const shares =
    phases.size > 0 ? sharedOut(protections, lasting, surfaces, house.crew, wholeDay(there)) : [];
  const zones = new Map(surfaces.map(({ surface }) => [surface.id as string, zoneOf(surface)]));
  const stands = standWork(builder, reaches, [...builder.lags, ...pins.lags], {
    catalogue,
    zoneOf: (surface) => zones.get(surface) ?? SITE,
    hands: there.filter(({ from, until }) => from === 0 && until === null).length,
  });
  if (phases.size > 0)
    frameVisit(builder, shares, there, {
      phases: [...phases.values()],
      first: [...mixing.makings, ...stands.first],
      last: [...footRinses, ...stands.last],
    });
  if (phases.size > 0) addLunches(builder, () => problem(there), there, house);
  // What is fixed in an order may be a circle: nothing is reckoned with it before it is looked at as that.
  const free = problem(there);
  const solved = { ...free, lags: [...free.lags, ...pins.lags] };
  return {
    planned: builder.planned,
    joined: fronts,
    shares,
    people: [...whoMay.missing(builder.planned), ...stands.warnings, ...pins.warnings],
    meetings: guard.meetings,
    problem: solved,
  };
}

/**
 * Washed floors are followed by a rinse of the feet of walls that they splash: one a wall, after all wet work below it, and
 * before anything that must stay dry there.
 */
function wallFeet(
  builder: WorkBuilder,
  surfaces: readonly PlannedSurface[],
  phases: ReadonlyMap<string, PhaseGroups>,
  above: readonly Above[],
): readonly string[] {
  const byId = new Map(surfaces.map((p) => [p.surface.id as string, p]));
  const belowOf = new Map<string, string[]>();
  for (const { upper, lower } of above) {
    const below = belowOf.get(upper);
    if (below) below.push(lower);
    else belowOf.set(upper, [lower]);
  }
  return surfaces.flatMap((wall) => {
    const below = belowOf.get(wall.surface.id) ?? [];
    const splashed = below.some((id) => {
      const floor = byId.get(id);
      return floor && phases.has(id) && splashesUp(wall, floor);
    });
    if (!splashed) return [];
    const over = [...below, wall.surface.id as string];
    const wet = over.flatMap((id) => lastWet(id, phases)?.ends ?? []);
    const foot = footRinse(builder, wall, wet);
    const dry = over.flatMap((face) => phases.get(phaseId({ face, part: 'stays', step: 0 }))?.waits ?? []);
    builder.allAfter(dry, [foot], 'stays-dry');
    return [foot];
  });
}

/** The last step of a face's work that may be wet: those before it have ended then. */
function lastWet(face: string, phases: ReadonlyMap<string, PhaseGroups>): PhaseGroups | undefined {
  let last: PhaseGroups | undefined;
  for (let step = 0; ; step += 1) {
    const phase = phases.get(phaseId({ face, part: 'wet', step }));
    if (!phase) return last;
    last = phase;
  }
}

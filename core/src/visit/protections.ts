import { say } from '../messages/message.ts';
import { FEATURE_PROTECTIONS, PLANT_PROTECTIONS, SITE_PROTECTION } from '../catalogue/data/protections.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { FeatureProtection } from '../catalogue/protection-act.ts';
import { flowsOnto, reachedFrom } from '../survey/run-off-paths.ts';
import { formatDuration } from '../quantity/duration.ts';
import { countOf, isGutter } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { SURROUNDING_FIELDS } from '../survey/surface.ts';
import { schoolsOn } from '../proposal/school-stance.ts';
import type { Schedule } from '../sequence/problem.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import type { PlannedOperation } from './work-builder.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';
import type { Exposure } from '../protection/exposed-faces.ts';
import { exposureProtections } from '../protection/exposure-protections.ts';
import { bundMetres, laidOut } from '../protection/bund.ts';
import { actsAround, bounds } from '../protection/protection-acts.ts';
import type { Protection } from '../protection/protection-acts.ts';

/**
 * What is done for whatever the work can harm: features that treated faces stand beside or over, and those that their
 * run-off comes to by any way. All of it is lifted again: the last act of each feature is one after the work.
 */
export function protectionsFor(
  survey: FacedSurvey,
  surfaces: readonly TreatedSurface[],
  exposed: readonly Exposure[],
): readonly Protection[] {
  const treated = surfaces.filter((p) => (p.treatment?.stages.length ?? 0) > 0);
  const onto = flowsOnto(survey.surfaces);
  const touches = new Map(
    treated.map((p) => [
      p,
      new Set<string>([
        ...SURROUNDING_FIELDS.flatMap((field) => p.surface[field]),
        ...reachedFrom(onto, p.surface.id),
      ]),
    ]),
  );
  const isReached = ({ surface }: TreatedSurface) =>
    [...touches.values()].some((reached) => reached.has(surface.id));
  const acts = survey.features.flatMap((feature) => {
    const faces = treated.filter((p) => touches.get(p)?.has(feature.id));
    const acts = faces.length === 0 ? null : protectionOf(feature, faces, survey);
    if (!acts) return [];
    const at = surfaces.filter((p) => isAt(p, feature) && (touches.has(p) || isReached(p)));
    const metres = bundMetres(at.length > 0 ? at : faces);
    return actsFor(feature, laidOut(acts, metres, survey.job.units), faces);
  });
  return treated.length === 0
    ? []
    : [...acts, ...exposureProtections(exposed, surfaces, survey.job.units), ...wholeSite(treated)];
}

const isAt = ({ surface }: TreatedSurface, { id }: Feature) =>
  SURROUNDING_FIELDS.some((field) => surface[field].includes(id));

function protectionOf(
  feature: Feature,
  faces: readonly TreatedSurface[],
  survey: FacedSurvey,
): FeatureProtection | null {
  const { kind } = feature;
  const usual = FEATURE_PROTECTIONS[usualProtection(feature)] ?? null;
  if (kind === 'glass' && faces.some(isCoated)) return FEATURE_PROTECTIONS['glass-under-coating'] ?? usual;
  if (kind !== 'plant-bed' && kind !== 'lawn') return usual;
  const catalogue = survey.catalogue;
  // The most careful way of any face that reaches them.
  const ways = faces.map((p) => schoolsOn(p.surface, survey.job.house, catalogue)['plants'] ?? '');
  return PLANT_PROTECTIONS[['capture', 'cover'].find((way) => ways.includes(way)) ?? ''] ?? usual;
}

const isCoated = ({ treatment }: TreatedSurface) =>
  treatment?.stages.some(({ apply }) => apply?.agentClass === 'coating') ?? false;

/** What is moved goes by who moves it, and whether it can be. */
function usualProtection(feature: Feature): string {
  const { kind, movable, owner } = feature;
  if (kind === 'drain' || kind === 'gutter') return drainProtection(feature);
  if (kind === 'vehicle' && movable === 'no') return 'vehicle-fixed';
  return kind === 'bin' && owner !== '' ? 'bin-by-owner' : kind;
}

/** What is done at a drain goes by where it leads, as far as somebody knows. */
function drainProtection(feature: Feature): string {
  const drain = isGutter(feature) ? 'gutter' : 'drain';
  switch (feature.leadsTo) {
    case 'storm-drain':
    case 'watercourse':
      return `${drain}-to-water`;
    case 'soakaway':
      return `${drain}-to-ground`;
    case 'foul-sewer':
      return `${drain}-to-sewer`;
    case 'unknown':
    case null:
      return drain;
  }
}

function actsFor(
  feature: Feature,
  acts: FeatureProtection,
  faces: readonly TreatedSurface[],
): readonly Protection[] {
  const about = { feature: feature.id, surface: null, placeName: feature.name, ...bounds(faces) };
  return actsAround(about, acts).map((act) => ({ ...act, minutes: act.minutes * countOf(feature) }));
}

function wholeSite(treated: readonly TreatedSurface[]): readonly Protection[] {
  const about = { feature: null, surface: null, placeName: say('order/whole-site'), ...bounds(treated) };
  return [
    { ...about, ...SITE_PROTECTION.before, when: 'before' },
    { ...about, ...SITE_PROTECTION.after, when: 'after' },
  ];
}

/** What a plan has of covers and of the sun on the faces. */
interface Covered {
  readonly protections: readonly Protection[];
  readonly surfaces: readonly PlannedSurface[];
  readonly work: { readonly planned: readonly PlannedOperation[] };
}

/** The strongest sun on any face in the day's work, net W/m². */
function brightest(surfaces: readonly PlannedSurface[], { job }: FacedSurvey): number {
  const hours = surfaces.flatMap(({ hardestHour, dayHour }) =>
    hardestHour ? [dayHour.air.netRadiationWattsPerSquareMetre] : [],
  );
  return (
    job.weather.netRadiationWattsPerSquareMetre ??
    (hours.length > 0 ? Math.max(...hours) : TRADE_DEFAULTS.radiationWithoutSun)
  );
}

/** A cover that a schedule would leave on longer in the sun than what lies under it bears. */
export function coverWarnings(
  { protections, surfaces, work }: Covered,
  schedule: Schedule,
  survey: FacedSurvey,
): readonly Warning[] {
  if (brightest(surfaces, survey) < TRADE_DEFAULTS.sunWattsPerSquareMetre) return [];
  const stagesOf = new Map(work.planned.map((p) => [p.id, p.stages]));
  const placed = (stages: readonly string[]) =>
    schedule.placements.filter((p) => stagesOf.get(p.operation)?.some((stage) => stages.includes(stage)));
  return protections.flatMap((cover) => {
    if (cover.longestMinutesInSun === null) return [];
    const on = Math.min(...placed(cover.neededBy).map((p) => p.start));
    const off = Math.max(...placed(cover.liftedBy).map((p) => p.finish));
    const seconds = off - on;
    if (!(seconds > 60 * cover.longestMinutesInSun)) return [];
    const { placeName: place, longestMinutesInSun: minutes } = cover;
    return [warning('covered-too-long', 'warn', { place, minutes, takes: formatDuration(seconds) })];
  });
}

import { say } from '../messages/message.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Tool } from '../catalogue/tool.ts';
import { formatLength } from '../quantity/shown-quantity.ts';
import { roundUpToStep } from '../quantity/rounding.ts';
import { listed, upperFirst } from '../quantity/words.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import type { JobGear } from '../survey/job-gear.ts';
import type { Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import { holds } from '../survey/ticket.ts';
import type { Ticket } from '../survey/ticket.ts';
import { accessTo } from '../water/access.ts';
import type { Access } from '../water/access.ts';
import { reachToRidge } from '../water/reach.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';

/** How the top of one face is reached. */
export interface FaceReach {
  readonly surface: string;
  readonly name: string;
  readonly ok: boolean;
  /** What brings hands or tool there, in a few words; null where nothing that comes along does. */
  readonly by: string | null;
  readonly text: string;
  /** The tower or the lift that it is, which has to be moved from one face to the next. */
  readonly lifting: 'tower' | 'lift' | null;
  /** Whether it is a ladder high enough that somebody else stands at its foot. */
  readonly footed: boolean;
  /** What whoever works there must hold; null where anybody may. */
  readonly ticket: Ticket | null;
}

const ROOF_PITCH = [15, 75] as const;
/**
 * Faces whose top no tool reaches from the ground at arm's length, with what brings it there of what comes along: a pole, also
 * from farther off, a ladder, a tower, a lift. Heights as they were surveyed.
 */
export function faceReaches(
  surfaces: readonly TreatedSurface[],
  { job, sides, handbook }: Pick<Survey, 'job' | 'sides' | 'handbook'>,
): readonly FaceReach[] {
  const { handsMetres } = TRADE_DEFAULTS;
  const { gear } = job.house;
  const length = (metres: number) => formatLength(metres, job.units);
  return surfaces.flatMap(({ surface, treatment }): readonly FaceReach[] => {
    const ids = new Set((treatment?.stages ?? []).flatMap((s) => s.tool ?? []));
    const tools = [...ids].map(CATALOGUE.tool);
    if (tools.length === 0) return [];
    const line = { surface: surface.id, name: surface.name, lifting: null, footed: false, ticket: null };
    const { topMetres: top, tiltDegrees: tilt } = surface;
    const shortest = tools.reduce((a, b) => (b.reachMetres < a.reachMetres ? b : a));
    const gapMetres = sides.find((side) => side.id === surface.side)?.gapMetres ?? null;
    const ways = accessesOf(gear).map((access) =>
      accessTo({ topMetres: top, handsMetres, toolMetres: shortest.reachMetres, gapMetres, access }),
    );
    const brought = ways.length === 0 ? null : upperFirst(ways.map((way) => way.text).join('; '));
    const access = accessesOf(gear)[ways.findIndex((way) => way.ok)];
    const lifting = access?.name ?? null;
    if (tilt >= ROOF_PITCH[0] && tilt <= ROOF_PITCH[1] && top > handsMetres) {
      const reach = reachToRidge({
        ridgeMetres: top,
        handsMetres,
        pitchDegrees: tilt,
        roomMetres: null,
        longestPoleMetres: gear.longestPoleMetres ?? 0,
      });
      const roped = job.house.crew.filter((member) => holds(member, 'roof'));
      if (!reach.ok && !access && roped.length > 0 && bearsFeet(surface, handbook)) {
        const who = listed(roped.map((member) => member.name));
        const by = say('top/on-roof', { who });
        const text = say('top/roof-held', { reach: reach.text, who });
        return [{ ...line, ok: true, by, text, ticket: 'roof' }];
      }
      const facts = { reach: reach.text, caution: say('top/on-the-roof') };
      const text =
        reach.ok || brought === null
          ? say('top/roof', facts)
          : say('top/roof-ways', { ...facts, ways: brought });
      const by = reach.ok
        ? say('top/pole-from', {
            length: length(upToTenth(reach.poleMetres)),
            distance: length(upToTenth(reach.standOffMetres)),
          })
        : lifting;
      const stands = reach.ok ? null : (access?.kind ?? null);
      return [{ ...line, ok: by !== null, by, text, lifting: stands, ticket: stands }];
    }
    if (top - handsMetres - shortest.reachMetres <= 0) return [];
    const pole = poleFor(top);
    const facts = {
      top: length(top),
      tool: shortest.name,
      reach: length(handsMetres + shortest.reachMetres),
    };
    if (gear.longestPoleMetres !== null && gear.longestPoleMetres >= pole) {
      const by = say('top/pole', { length: length(pole) });
      return [{ ...line, ok: true, by, text: say('top/by-pole', { ...facts, length: length(pole) }) }];
    }
    if (isInReachOfLadder(top, tools, gear)) {
      const footed = top - handsMetres - shortest.reachMetres > TRADE_DEFAULTS.footedFromMetres;
      return [{ ...line, ok: true, by: say('top/ladder'), text: say('top/by-ladder', facts), footed }];
    }
    const text =
      brought === null ? say('top/by-nothing', facts) : say('top/no-pole', { ...facts, ways: brought });
    const stands = access?.kind ?? null;
    return [{ ...line, ok: lifting !== null, by: lifting, text, lifting: stands, ticket: stands }];
  });
}

/** Whether a roof is walked on at all: never one of glass or thin metal, nor one that is brittle or coming apart. */
function bearsFeet(
  { material, conditions }: Pick<Surface, 'material' | 'conditions'>,
  handbook: CompanyHandbook,
): boolean {
  return (
    companyCatalogue(handbook).material(material).foot !== 'never' &&
    !conditions.some((condition) => TRADE_DEFAULTS.notWalkedOn.includes(condition))
  );
}

/** From the ground a step away from the foot, so that nobody works straight overhead. */
function poleFor(topMetres: number): number {
  return upToTenth(Math.hypot(topMetres - TRADE_DEFAULTS.handsMetres, TRADE_DEFAULTS.poleStandOffMetres));
}

/** Nobody measures a pole finer, m. */
function upToTenth(metres: number): number {
  return roundUpToStep(metres, 0.1);
}

function isInReachOfLadder(top: number, tools: readonly Tool[], { ladderMetres }: JobGear): boolean {
  if (ladderMetres === null || tools.some(isUnderPressure)) return false;
  return tools.every((tool) => ladderMetres + TRADE_DEFAULTS.handsMetres + tool.reachMetres >= top);
}

/** Its kick throws people off a ladder. */
function isUnderPressure({ machines }: Tool): boolean {
  return machines.includes('pressure-washer') || machines.includes('hot-washer');
}

function accessesOf({ tower, lift }: JobGear): readonly (Access & { readonly kind: 'tower' | 'lift' })[] {
  return [
    ...(tower ? [{ kind: 'tower' as const, name: say('top/tower'), ...tower }] : []),
    ...(lift ? [{ kind: 'lift' as const, name: say('top/lift'), ...lift }] : []),
  ];
}

/** What cannot be reached with what comes along is not ordered. */
export function reachWarnings(
  surfaces: readonly TreatedSurface[],
  survey: Pick<Survey, 'job' | 'sides' | 'handbook'>,
): readonly Warning[] {
  return faceReaches(surfaces, survey)
    .filter(({ ok }) => !ok)
    .map(({ surface, name: place, text: why }) => warning('out-of-reach', 'stop', { place, why }, surface));
}

import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Plan } from '../plan/plan.ts';
import { formatLength } from '../quantity/length.ts';
import { upperFirst } from '../quantity/words.ts';
import type { JobGear } from '../survey/job-gear.ts';
import type { Survey } from '../survey/survey.ts';
import { accessTo } from '../water/access.ts';
import type { Access } from '../water/access.ts';
import { reachToRidge } from '../water/reach.ts';

/** How the top of one face is reached. */
export interface ReachLine {
  readonly surface: string;
  readonly name: string;
  readonly ok: boolean;
  readonly text: string;
}

const ROOF_PITCH = [15, 75] as const;

/** Faces whose top no tool reaches from the ground at arm's length, with what would. Heights as they were surveyed. */
export function reachList(plan: Plan, { job, sides }: Survey): readonly ReachLine[] {
  const { handsMetres } = TRADE_DEFAULTS;
  const { longestPoleMetres } = job.house.gear;
  return plan.surfaces.flatMap(({ surface, treatment }): readonly ReachLine[] => {
    const tools = [...new Set((treatment?.stages ?? []).flatMap((s) => s.tool ?? []))].map(CATALOGUE.tool);
    if (tools.length === 0) return [];
    const line = { surface: surface.id, name: surface.name };
    const { topMetres: top, tiltDegrees: tilt } = surface;
    const shortest = tools.reduce((a, b) => (b.reachMetres < a.reachMetres ? b : a));
    const gapMetres = sides.find((side) => side.id === surface.side)?.gapMetres ?? null;
    const ways = accessesOf(job.house.gear).map((access) =>
      accessTo({ topMetres: top, handsMetres, toolMetres: shortest.reachMetres, gapMetres, access }),
    );
    const brought = ways.length === 0 ? '' : ` ${upperFirst(ways.map((way) => way.text).join('; '))}.`;
    const lifted = ways.some((way) => way.ok);
    if (tilt >= ROOF_PITCH[0] && tilt <= ROOF_PITCH[1] && top > handsMetres) {
      const reach = reachToRidge({ ridgeMetres: top, handsMetres, pitchDegrees: tilt, roomMetres: null, longestPoleMetres });
      return [{ ...line, ok: reach.ok || lifted, text: `${reach.text}${reach.ok ? '' : brought} On the roof itself work only trained people with fall protection.` }];
    }
    const missing = top - handsMetres - shortest.reachMetres;
    if (missing <= 0) return [];
    const pole = longestPoleMetres !== null && longestPoleMetres >= top - handsMetres;
    return [
      {
        ...line,
        ok: pole || lifted,
        text: `Its top is ${formatLength(top, job.units)} up, ${shortest.name} reaches ${formatLength(handsMetres + shortest.reachMetres, job.units)}: ${pole ? `a pole of ${formatLength(top - handsMetres, job.units)} does it from the ground.` : brought === '' ? 'a pole, a tower or a lift brings the rest nearer.' : `no pole that comes along does it.${brought}`}`,
      },
    ];
  });
} // prettier-ignore

function accessesOf({ tower, lift }: JobGear): readonly Access[] {
  return [...(tower ? [{ name: 'tower', ...tower }] : []), ...(lift ? [{ name: 'lift', ...lift }] : [])];
}

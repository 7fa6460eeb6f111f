import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { pumpOf } from '../visit/jet-match.ts';
import type { Plan } from '../plan/plan.ts';
import { say } from '../messages/message.ts';
import { formatHoseBore, formatLength, formatPumpPressure } from '../quantity/shown-quantity.ts';
import { BAR_PER_PSI, unitOf } from '../quantity/units.ts';
import { decimal } from '../quantity/numbers.ts';
import type { HoseUse, JobGear } from '../survey/job-gear.ts';
import type { Survey } from '../survey/survey.ts';
import { hoseLoss, longestHose } from '../water/hose-loss.ts';

/** One run of hose that the work needs. */
export interface HoseRun {
  readonly use: HoseUse;
  readonly what: string;
  /** With its spare; null where nobody has paced the way. */
  readonly metres: number | null;
  readonly text: string;
  readonly ok: boolean;
}

export interface HoseList {
  readonly runs: readonly HoseRun[];
  /** Of each use: what is laid at once, what the company has, and the couplings that join it. */
  readonly totals: readonly {
    readonly use: HoseUse;
    readonly neededMetres: number;
    readonly ownedMetres: number;
    readonly couplings: number;
  }[];
}

/**
 * The hoses of a visit: from the taps to the vehicle, and from the vehicle to the farthest side of each sort of work. A machine that stands
 * nearer to the work is fed by a supply hose of its own, and has so much less of pressure hose.
 */
export function hoseList(plan: Plan, survey: Survey): HoseList {
  const { units, house } = survey.job;
  const { hoses } = house.gear;
  const spare = 1 + TRADE_DEFAULTS.spareHoseShare;
  const told = (metres: number) => formatLength(Math.ceil(metres), units);
  const taps = survey.waterPoints
    .filter((point) => point.permission !== 'refused')
    .map((point): HoseRun => {
      const metres = point.distanceMetres === null ? null : point.distanceMetres * spare;
      return {
        use: 'supply',
        what: say('hose/to-vehicle', { point: point.name }),
        metres,
        ok: metres !== null,
        text:
          metres === null
            ? say('hose/not-paced')
            : say('hose/with-spare', {
                metres: told(metres),
                percent: percent(TRADE_DEFAULTS.spareHoseShare),
              }),
      };
    });
  const farthest = (machine: string) => {
    const sides = survey.sides.filter((side) =>
      plan.surfaces.some(
        (p) =>
          p.surface.side === side.id &&
          (p.treatment?.stages ?? []).some(
            (s) => s.tool !== null && CATALOGUE.tool(s.tool).machines.some((m) => m === machine),
          ),
      ),
    );
    const open = sides.find((side) => side.routeMetres === null);
    const [last] = [...sides].sort((a, b) => (b.routeMetres ?? 0) - (a.routeMetres ?? 0));
    return { side: open ?? last ?? null, metres: open ? null : (last?.routeMetres ?? null) };
  };
  const rinse = farthest('hose');
  const rinseRun: readonly HoseRun[] =
    rinse.side === null
      ? []
      : [
          {
            use: 'supply',
            what: say('hose/rinse', { side: rinse.side.name }),
            metres: rinse.metres === null ? null : rinse.metres * spare,
            ok: rinse.metres !== null,
            text:
              rinse.metres === null
                ? say('hose/not-paced')
                : say('hose/farthest', { metres: told(rinse.metres * spare) }),
          },
        ];
  const pressure = pressureRuns(plan, survey, farthest, told);
  const runs = [
    ...taps,
    ...(pressure.length > 0 ? machineRun(house.gear, told) : []),
    ...rinseRun,
    ...pressure,
  ];
  const totals = (['supply', 'pressure'] as const).map((use) => {
    const owned = hoses.filter((h) => h.use === use);
    const neededMetres = runs.reduce((sum, run) => (run.use === use ? sum + (run.metres ?? 0) : sum), 0);
    const ownedMetres = owned.reduce((sum, h) => sum + h.metres, 0);
    return {
      use,
      neededMetres,
      ownedMetres,
      couplings: couplingsFor(
        neededMetres,
        owned.map((h) => h.metres),
      ),
    };
  });
  return { runs, totals };
}

/** From the vehicle to a machine that stands nearer to the work; nothing where it stays at the vehicle. */
function machineRun({ machineMetres }: JobGear, told: (metres: number) => string): readonly HoseRun[] {
  if (machineMetres == null) return [];
  const metres = machineMetres * (1 + TRADE_DEFAULTS.spareHoseShare);
  const facts = { metres: told(metres), percent: percent(TRADE_DEFAULTS.spareHoseShare) };
  return [
    { use: 'supply', what: say('hose/to-machine'), metres, ok: true, text: say('hose/with-spare', facts) },
  ];
}

function pressureRuns(
  plan: Plan,
  survey: Survey,
  farthest: (machine: string) => {
    readonly side: { readonly name: string } | null;
    readonly metres: number | null;
  },
  told: (metres: number) => string,
): readonly HoseRun[] {
  const { house } = survey.job;
  const tools = new Set(
    plan.surfaces.flatMap((p) => (p.treatment?.stages ?? []).flatMap((s) => s.tool ?? [])),
  );
  return (['pressure-washer', 'hot-washer'] as const).flatMap((machine): readonly HoseRun[] => {
    const tool = [...tools].map(CATALOGUE.tool).find((t) => t.machines.includes(machine));
    const { side, metres: route } = farthest(machine);
    if (!tool || side === null) return [];
    const what = say(`hose/${machine}`, { side: side.name });
    if (route === null)
      return [{ use: 'pressure', what, metres: null, ok: false, text: say('hose/not-paced') }];
    const nearer = Math.max(0, route - (house.gear.machineMetres ?? 0));
    const metres = nearer * (1 + TRADE_DEFAULTS.spareHoseShare);
    const inner = Math.min(
      ...house.gear.hoses.filter((h) => h.use === 'pressure').map((h) => h.innerMillimetres),
    );
    const pump = pumpOf(tool, house);
    if (!pump || !Number.isFinite(inner))
      return [
        {
          use: 'pressure',
          what,
          metres,
          ok: Number.isFinite(inner),
          text: say(pump ? 'hose/none-recorded' : 'hose/pump-unknown', { metres: told(metres) }),
        },
      ];
    const loss = hoseLoss(pump.litresPerMinute, metres, inner);
    const bar = pump.ratedPsi * BAR_PER_PSI;
    const useful = longestHose(pump.litresPerMinute, inner, bar * TRADE_DEFAULTS.hoseMayLoseShare);
    const ok = metres <= useful;
    const { scale } = unitOf('pumpPressure', survey.job.units);
    const facts = {
      metres: told(metres),
      inner: formatHoseBore(inner, survey.job.units),
      loss: decimal(loss * scale, 1),
      pressure: formatPumpPressure(bar, survey.job.units),
    };
    return [
      {
        use: 'pressure',
        what,
        metres,
        ok,
        text: ok
          ? say('hose/loss', facts)
          : say('hose/loss/too-much', {
              ...facts,
              percent: percent(TRADE_DEFAULTS.hoseMayLoseShare),
              useful: told(useful),
            }),
      },
    ];
  });
}

const percent = (share: number) => decimal(100 * share, 0);

/** Longest first; each further one needs a coupling. */
function couplingsFor(metres: number, owned: readonly number[]): number {
  let [left, count] = [metres, 0];
  for (const length of [...owned].sort((a, b) => b - a)) {
    if (left <= 0) break;
    left -= length;
    count += 1;
  }
  return Math.max(0, count - 1);
}

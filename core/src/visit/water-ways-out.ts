import { clockTime, secondOfDay } from '../quantity/duration.ts';
import { say } from '../messages/message.ts';
import { decimal, money } from '../quantity/numbers.ts';
import { roundUpToStep } from '../quantity/rounding.ts';
import { formatFlow, formatVolume } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { listed } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { flowThroughHose } from '../water/hose-loss.ts';
import { refillPauses } from '../water/refill-pauses.ts';
import { leastSupply, tankLine } from '../water/tank-line.ts';
import type { TankInput, TankLine } from '../water/tank-line.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { WaterPlan } from './visit-water.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';

/** One way out of a tank that runs dry, worked out anew with it. */
export interface WaterWayOut {
  readonly what: 'supply' | 'hose' | 'tank' | 'pause' | 'truck' | 'nozzle';
  readonly text: string;
  /** Money of the company; null where it has no price. */
  readonly cost: number | null;
}

/** What would keep the water running through the day; empty where it does. */
export function waterWaysOut(
  { input, line, sources, tied }: WaterPlan,
  survey: FacedSurvey,
): readonly WaterWayOut[] {
  if (line.firstDryMinute === null) return [];
  const needed = leastSupply(input);
  const { units } = survey.job;
  const price = survey.job.house.gear.waterPrice;
  const tap = (litres: number) => price && (litres / 1000) * price.perCubicMetre;
  return [
    ...widerHose(sources, needed, input, survey),
    {
      what: 'supply',
      text: say('way-out/supply', {
        needed: formatFlow(needed, units),
        more: formatFlow(needed - input.supplyLitresPerMinute, units),
      }),
      cost: tap(line.usedLitres),
    },
    ...largerTank(input, units),
    ...pausing(input, tied, survey.job.house.dayStart),
    truck(line.shortLitres, line.firstDryMinute, survey),
    ...smallerNozzle(input),
  ];
}

function widerHose(
  sources: WaterPlan['sources'],
  needed: number,
  input: TankInput,
  survey: FacedSurvey,
): readonly WaterWayOut[] {
  return sources.flatMap((source): readonly WaterWayOut[] => {
    const point = survey.waterPoints.find((p) => p.id === source.point);
    if (!source.heldByHose || source.litresPerMinute === null || point?.distanceMetres == null) return [];
    const wide = flowThroughHose(
      point.pressureBar ?? TRADE_DEFAULTS.tapBar,
      point.distanceMetres,
      TRADE_DEFAULTS.wideHoseMillimetres,
      500,
    );
    const arrives = Math.min(wide, source.tapLitresPerMinute ?? wide);
    const enough = input.supplyLitresPerMinute - source.litresPerMinute + arrives >= needed;
    return [
      {
        what: 'hose',
        text: say(enough ? 'way-out/hose' : 'way-out/hose/not-enough', {
          point: source.name,
          arrives: formatFlow(arrives, survey.job.units),
          now: formatFlow(source.litresPerMinute, survey.job.units),
        }),
        cost: null,
      },
    ];
  });
}

function largerTank(input: TankInput, units: UnitSystem): readonly WaterWayOut[] {
  const lasts = (litres: number) =>
    tankLine({ ...input, capacityLitres: litres, startLitres: litres }).firstDryMinute === null;
  if (!lasts(TRADE_DEFAULTS.greatestTankLitres)) return [];
  let [low, high] = [0, TRADE_DEFAULTS.greatestTankLitres / TRADE_DEFAULTS.tankStepLitres];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (lasts(Math.max(1, middle * TRADE_DEFAULTS.tankStepLitres))) high = middle;
    else low = middle;
  }
  return [
    {
      what: 'tank',
      text: say('way-out/tank', { size: formatVolume(high * TRADE_DEFAULTS.tankStepLitres, units) }),
      cost: null,
    },
  ];
}

/** Nobody draws while the tap fills the tank, where nothing is wet that must be rinsed. */
function pausing(input: TankInput, tied: WaterPlan['tied'], dayStart: string): readonly WaterWayOut[] {
  const pauses = refillPauses(input, tied) ?? [];
  if (pauses.length === 0) return [];
  const said = pauses.map(({ from, minutes }) =>
    say('way-out/pause-at', { minutes, at: clockTime(secondOfDay(dayStart) + 60 * from).slice(0, 5) }),
  );
  const longer = pauses.reduce((sum, pause) => sum + pause.minutes, 0);
  return [
    {
      what: 'pause',
      text: say('way-out/pause', { pauses: listed(said), longer }),
      cost: null,
    },
  ];
}

function truck(shortLitres: number, dryMinute: number, { job }: FacedSurvey): WaterWayOut {
  const { waterPrice } = job.house.gear;
  const litres = waterPrice?.truckLitres ?? TRADE_DEFAULTS.truckLitres;
  const trips = Math.max(1, Math.ceil(shortLitres / litres - 1e-9));
  const by = clockTime(secondOfDay(job.house.dayStart) + 60 * dryMinute).slice(0, 5);
  return {
    what: 'truck',
    text: say('way-out/truck', { trips, size: formatVolume(litres, job.units), by }),
    cost: waterPrice && trips * waterPrice.perTruck,
  };
}

/** All that is drawn, less by one share: smaller tips, or more letting go of the trigger. */
function smallerNozzle(input: TankInput): readonly WaterWayOut[] {
  const lasts = (share: number) =>
    tankLine({
      ...input,
      uses: input.uses.map((u) => ({ ...u, litresPerMinute: u.litresPerMinute * share })),
    }).firstDryMinute === null;
  for (let percent = 95; percent >= 100 * TRADE_DEFAULTS.leastNozzleShare; percent -= 5)
    if (lasts(percent / 100))
      return [
        {
          what: 'nozzle',
          text: say('way-out/nozzle', { percent }),
          cost: null,
        },
      ];
  return [];
}

/** The first dry minute by the clock; null where the water lasts. */
export function dryClock({ line }: Pick<WaterPlan, 'line'>, dayStart: string): string | null {
  if (line.firstDryMinute === null) return null;
  return clockTime(secondOfDay(dayStart) + 60 * Math.floor(line.firstDryMinute)).slice(0, 5);
}

/** A tap's water over the whole day, in the money of the company, with its sum; null where it has no price. */
export function tapCost(
  { line }: Pick<WaterPlan, 'line'>,
  survey: FacedSurvey,
): { readonly cost: number; readonly sum: string } | null {
  const price = survey.job.house.gear.waterPrice;
  if (!price) return null;
  const cubicMetres = roundUpToStep(line.usedLitres / 1000, 0.01);
  return {
    cost: cubicMetres * price.perCubicMetre,
    sum: say('water/price', { amount: decimal(cubicMetres, 2), price: money(price.perCubicMetre) }),
  };
}

/** Water that does not last through the day, with what would help most, and hoses that run slower than planned. */
export function waterWarnings(water: WaterPlan, survey: FacedSurvey): readonly Warning[] {
  return [...shortWarnings(water, survey), ...slowHoses(water, survey)];
}

/** Told where it takes noticeably longer. */
const SLOW_MINUTES = 15;

function slowHoses({ line, input, atBest }: WaterPlan, { job }: FacedSurvey): readonly Warning[] {
  const supply = input.supplyLitresPerMinute;
  const minutes = supply > 0 && atBest === null ? line.lateLitres / supply : 0;
  if (minutes < SLOW_MINUTES) return [];
  const slow = { supply: formatFlow(supply, job.units), minutes: roundUpToStep(minutes, 5) };
  return [warning('hose-slow', 'warn', slow)];
}

function shortWarnings(water: WaterPlan, survey: FacedSurvey): readonly Warning[] {
  const at = dryClock(water, survey.job.house.dayStart);
  if (at === null) return [];
  // Nobody has written down where water is drawn: that is asked on the walk, and the minute would be made up.
  if (water.sources.length === 0) return [];
  const ways = waterWaysOut(water, survey)
    .slice(0, 2)
    .map((way) => way.text)
    .reduce((one, other) => (one === '' ? other : say('way-out/or', { one, other })), '');
  const { units } = survey.job;
  const { tank } = survey.job.house.gear;
  if (water.atBest) return [unmeasured(water, water.atBest, at, survey)];
  const short = { at, short: formatVolume(Math.round(water.line.shortLitres), units), ways };
  return [warning(tank ? 'water-short/tank' : 'water-short/tap', 'warn', short)];
}

/** Between what a tap is likely to give at the least and at the most; a note where the most does. */
function unmeasured(water: WaterPlan, atBest: TankLine, at: string, { job }: FacedSurvey): Warning {
  const { units } = job;
  const [least, most] = TRADE_DEFAULTS.tapLitresPerMinute;
  const later = dryClock({ line: atBest }, job.house.dayStart);
  return warning(
    job.house.gear.tank ? 'water-short/tank-unmeasured' : 'water-short/tap-unmeasured',
    later === null ? 'note' : 'warn',
    {
      at,
      least: formatFlow(least, units),
      most: formatFlow(most, units),
      short: formatVolume(Math.round(water.line.shortLitres), units),
      best: later === null ? say('water/best/lasts') : say('water/best/dry', { at: later }),
    },
  );
}

import { PH_AT_REST } from '../agent-care.ts';
import type {
  ApplyTemplate,
  NeutraliseTemplate,
  BulkTemplate,
  DoorStrip,
  PreWetTemplate,
  RateRange,
  WaitTemplate,
  WorkTemplate,
} from '../../method.ts';

export const rate = (lowSquareMetresPerHour: number, highSquareMetresPerHour: number): RateRange => ({
  lowSquareMetresPerHour,
  highSquareMetresPerHour,
});
export const APPLY = rate(250, 400);
export const RINSE = rate(150, 250);
export const PRE_WET = rate(300, 500);

export const rinse: WorkTemplate = {
  kind: 'rinse',
  tool: 'garden-hose',
  rate: RINSE,
  direction: 'top-down',
  checks: ['Water runs off clear and no longer foams.'],
};
export const preWet = (minutes: number): PreWetTemplate => ({
  kind: 'pre-wet',
  tool: 'garden-hose',
  rate: PRE_WET,
  minutes,
  onlyIfThirsty: true,
});
export const brushOff: WorkTemplate = {
  kind: 'clear',
  tool: 'broom',
  rate: rate(150, 300),
  direction: 'top-down',
  checks: ['Loose growth, leaves and grit are off before anything wet.'],
};
/** Along lawns and walls, where the round head does not reach; by the area of the whole floor. */
export const edges: WorkTemplate = {
  kind: 'wash',
  task: 'Wash the edges',
  tool: 'edging-tool',
  rate: rate(300, 600),
  direction: 'top-down',
  checks: ['Splash guard down; no soil comes up along the lawn.'],
};
/** Along doors, where a machine that lingers drives water in. */
export const STRONG_STRIP: DoorStrip = {
  apply: {
    kind: 'apply', task: 'Treat the strip along the door', agent: 'hypochlorite', tool: 'low-pressure-sprayer', strengthGramsPerLitre: [50, 50, 50, 60], dwellMinutes: { from: 5, to: 10 }, litresPerSquareMetre: 0.25, coats: 1, rate: rate(15, 30), direction: 'top-down', leaveOn: false, needs: 'not-dry', clings: false, covered: false,
    checks: ['Half a metre wide along the sealed foot of the door, no further; nothing on door, frame or mat.'],
    stopWhen: 'The strip is white.',
    ifNotEnough: 'Once more while still wet; never the jet at the foot of the door.',
  },
  rinse: { ...rinse, task: 'Rinse the strip', checks: ['Soft water, away from the door.'] },
  check: 'Fast past the door, at arm’s length from its foot: the strip is clean already.',
}; // prettier-ignore
export const restAcid = (agent: string): NeutraliseTemplate => ({
  kind: 'neutralise',
  agent,
  tool: 'low-pressure-sprayer',
  rate: APPLY,
  litresPerSquareMetre: 0.3,
  reading: PH_AT_REST,
});
export const wideFanOnWood: WorkTemplate = {
  kind: 'wash',
  tool: 'wide-fan',
  rate: rate(15, 25),
  direction: 'top-down',
  checks: ['No fibre stands up: if one does, go to garden force.'],
};

export const TRADE = 'trade default';
export const GROWTH_CHECKS = ['Green turns brown or white.', 'No part dries: mist it at once if it does.'];

type ApplyMore = Partial<Omit<ApplyTemplate, 'kind' | 'agent' | 'strengthGramsPerLitre' | 'dwellMinutes'>> &
  Pick<ApplyTemplate, 'stopWhen' | 'ifNotEnough' | 'checks'>;

/** An application by low-pressure sprayer, bottom up, that is rinsed off; what differs is said. */
export const apply = (
  agent: string,
  strengthGramsPerLitre: ApplyTemplate['strengthGramsPerLitre'],
  [from, to]: readonly [number, number],
  more: ApplyMore,
): ApplyTemplate => ({
  kind: 'apply',
  agent,
  tool: 'low-pressure-sprayer',
  strengthGramsPerLitre,
  dwellMinutes: { from, to },
  litresPerSquareMetre: 0.2,
  coats: 1,
  rate: APPLY,
  direction: 'bottom-up',
  leaveOn: false,
  needs: 'not-dry',
  clings: true,
  covered: false,
  ...more,
});
/** As it is sold: the strength says nothing. */
export const AS_SOLD = [1000, 1000, 1000, 1000] as const;
export const work = (
  kind: WorkTemplate['kind'],
  tool: string,
  [low, high]: readonly [number, number],
  ...checks: readonly string[]
): WorkTemplate => ({ kind, tool, rate: rate(low, high), direction: 'top-down', checks });

/** Nobody is there meanwhile. */
export const wait = (
  waitsFor: WaitTemplate['for'],
  [from, latest]: readonly [number, number | null],
  until: string,
): WaitTemplate => ({ kind: 'wait', for: waitsFor, days: { from, latest }, until });

/** Litres on each square metre, by severity. */
export const bulk = (
  what: string,
  litresPerSquareMetre: readonly [number, number, number, number],
  where: string,
): BulkTemplate => ({ what, litresPerSquareMetre, where });

/** Dry sand for joints of which a quarter, a half, three quarters or all is empty. */
export const jointSand = (what: string): BulkTemplate => ({
  what,
  jointShare: [0.25, 0.5, 0.75, 1],
  where: 'from dry bags',
});

/** A leave-on goes on a dry face, or it is diluted. */
export const DRY_FOR_LEAVE_ON = {
  days: 1,
  until: 'The surface is dry to the touch, and a drop of water soaks in or stands clear',
};

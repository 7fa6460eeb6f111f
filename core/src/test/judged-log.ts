import { CATALOGUE } from '../catalogue/catalogue.ts';
import { testSurface } from './entities.ts';
import { judgedDay } from '../judge/day-judge.ts';
import type { JudgedFace, JudgedPlace, LogEntry } from '../judge/day-log.ts';

/** A low wall of concrete by itself. */
export const face = (id: string, more: Partial<JudgedFace> = {}): JudgedFace => ({
  ...testSurface('concrete'),
  id: id,
  name: id,
  side: null,
  band: 'wall',
  drainsOnto: [],
  beside: [],
  zoneOf: null,
  tiltDegrees: 90,
  footMetres: 0,
  topMetres: 2,
  ...more,
});

/** A property of such faces, in still air, from eight o’clock on. */
export const place = (faces: readonly JudgedFace[], more: Partial<JudgedPlace> = {}): JudgedPlace => ({
  faces,
  windMetresPerSecond: 1,
  catalogue: CATALOGUE,
  dayStartSeconds: 8 * 3600,
  earlier: [],
  ...more,
});

/** One act of one person on one face, by minutes of the day. */
export const entry = (
  minute: number,
  minutes: number,
  surface: string,
  act: LogEntry['act'],
  more: Partial<LogEntry> = {},
): LogEntry => ({
  from: 60 * minute,
  to: 60 * (minute + minutes),
  people: ['ada'],
  surfaces: [surface],
  share: { from: 0, to: 1 },
  act,
  agent: null,
  mix: null,
  vessel: null,
  wets: act !== 'read' && act !== 'clear' && act !== 'fill' && act !== 'mix',
  step: null,
  cycle: null,
  method: null,
  neutralises: [],
  dwell: null,
  ...more,
});

/** One agent on one face from its mixing to its reading: 40 minutes from the given one on. */
export function treatment(
  surface: string,
  agent: string,
  at: number,
  step = 0,
  more: Partial<LogEntry> = {},
): LogEntry[] {
  const { neutraliser } = CATALOGUE.agent(agent);
  const cycle = `${surface}-${step}`;
  const mix = `${surface} ${agent}`;
  const rest = `${surface} ${neutraliser?.agent}`;
  return [
    entry(at, 2, surface, 'mix', { agent, mix }),
    entry(at + 2, 3, surface, 'pre-wet', { step, cycle }),
    entry(at + 5, 5, surface, 'apply', { agent, mix, step: step + 1, cycle, vessel: agent, ...more }),
    entry(at + 15, 5, surface, 'rinse', { step: step + 2, cycle }),
    ...(neutraliser
      ? [
          entry(at + 21, 2, surface, 'mix', { agent: neutraliser.agent, mix: rest }),
          entry(at + 24, 4, surface, 'neutralise', {
            agent: neutraliser.agent,
            mix: rest,
            step: step + 3,
            neutralises: [agent],
          }),
        ]
      : []),
    entry(at + 30, 5, surface, 'rinse', { step: step + 4 }),
    entry(at + 36, 2, surface, 'read', { step: step + 5 }),
  ];
}

/** What the judge finds, by its rules. */
export const rules = (log: readonly LogEntry[], on: JudgedPlace) => judgedDay(log, on).map((u) => u.rule);

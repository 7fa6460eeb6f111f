import { MACHINE_KINDS, MACHINE_NAMES, faced, shortTime, secondOfDay, visitWater } from '@etappe/core';
import type { FaceSun, Plan, Survey } from '@etappe/core';
import { area } from 'd3-shape';
import { scaleLinear } from 'd3-scale';
import type { ScaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import { say } from '../messages/drawing.ts';

/** What is laid under the day, one at a time. */
export const OVERLAYS = ['none', 'sun', 'tank', 'machines'] as const;
export type Overlay = (typeof OVERLAYS)[number];

const ROW = 20;
const BAR = 10;
const TANK_HEIGHT = 60;
const TOP = 8;

interface Line {
  readonly name: string;
  readonly spans: readonly { readonly from: number; readonly to: number }[];
}

/** Height that an overlay takes under the ribbon, with the names of its lines, px from its top. */
export function overlayLines(
  overlay: Overlay,
  plan: Plan,
  sun: FaceSun | null,
): { readonly height: number; readonly lines: readonly Line[] } {
  if (overlay === 'none') return { height: 0, lines: [] };
  if (overlay === 'tank') return { height: TANK_HEIGHT + 2 * TOP, lines: [] };
  const lines = overlay === 'sun' ? sunLines(sun) : machineLines(plan);
  return { height: ROW * Math.max(1, lines.length) + 2 * TOP, lines };
}

export const overlayLineY = (index: number) => TOP + index * ROW;

function sunLines(sun: FaceSun | null): readonly Line[] {
  return (sun?.sides ?? []).map(({ name, spans }) => ({ name, spans }));
}

function machineLines({ visit, work: { problem } }: Plan): readonly Line[] {
  const at = new Map(visit?.schedule.placements.map((placed) => [placed.operation, placed]));
  return MACHINE_KINDS.flatMap((kind): Line[] => {
    const working = problem.operations.flatMap(({ id, machines }) => {
      const placed = machines.includes(kind) ? at.get(id) : undefined;
      return placed ? [{ from: placed.start, to: placed.finish }] : [];
    });
    const held = problem.holds.flatMap(({ from, to, machine }) => {
      const [first, last] = [at.get(from), at.get(to)];
      return machine === kind && first && last ? [{ from: first.finish, to: last.start }] : [];
    });
    const spans = [...working, ...held];
    return spans.length > 0 ? [{ name: MACHINE_NAMES[kind], spans }] : [];
  });
}

interface Props {
  readonly overlay: Overlay;
  readonly plan: Plan;
  readonly survey: Survey;
  readonly lines: readonly Line[];
  readonly x: ScaleLinear<number, number>;
  readonly y: number;
}

/** What goes on around the rounds, on the same axis of time. */
export function RibbonOverlay({ overlay, plan, survey, lines, x, y }: Props) {
  const end = x.domain()[1] ?? 0;
  if (overlay === 'none') return null;
  return (
    <g transform={`translate(0,${y})`} aria-hidden>
      {overlay === 'tank' && <Tank plan={plan} survey={survey} x={x} />}
      {lines.map(({ name, spans }, i) => (
        <g key={name}>
          <line
            x1={x(0)}
            x2={x(end)}
            y1={overlayLineY(i) + BAR / 2}
            y2={overlayLineY(i) + BAR / 2}
            stroke="var(--line)"
          />
          {spans.map(({ from, to }) => {
            const [first, last] = [Math.max(0, from), Math.min(end, to)];
            return first < last ? (
              <rect
                key={`${from} ${to}`}
                x={x(first)}
                y={overlayLineY(i)}
                width={Math.max(1, x(last) - x(first))}
                height={BAR}
                fill={overlay === 'sun' ? 'var(--dwell)' : 'var(--wet)'}
                opacity={0.55}
              />
            ) : null;
          })}
        </g>
      ))}
    </g>
  );
}

function Tank({ plan, survey, x }: Pick<Props, 'plan' | 'survey' | 'x'>) {
  const water = useMemo(
    () => (plan.visit ? visitWater(plan, plan.visit.schedule, faced(survey)) : null),
    [plan, survey],
  );
  if (!water) return null;
  const { line, input } = water;
  const level = scaleLinear()
    .domain([0, input.capacityLitres])
    .range([TOP + TANK_HEIGHT, TOP]);
  type Point = (typeof line.points)[number];
  const dry = line.firstDryMinute === null ? null : x(60 * line.firstDryMinute);
  const start = secondOfDay(survey.job.house.dayStart);
  return (
    <>
      <path
        d={
          area<Point>(
            ({ minute }) => x(60 * minute),
            level(0),
            ({ litres }) => level(litres),
          )([...line.points]) ?? ''
        }
        fill="var(--wet)"
        opacity={0.4}
      />
      {dry !== null && line.firstDryMinute !== null && (
        <>
          <line x1={dry} x2={dry} y1={TOP} y2={TOP + TANK_HEIGHT} stroke="var(--stop)" strokeWidth={2} />
          <text x={dry + 4} y={TOP + 12} fontSize={12} fill="var(--stop)">
            {say('dry-at', { dryAt: shortTime(start + 60 * line.firstDryMinute) })}
          </text>
        </>
      )}
    </>
  );
}

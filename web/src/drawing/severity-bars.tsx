import { formatArea } from '@etappe/core';
import type { SideSum, UnitSystem, WorstSeverity } from '@etappe/core';
import { max, sum } from 'd3-array';
import { scaleBand, scaleLinear } from 'd3-scale';
import { stack } from 'd3-shape';
import { useId, useRef } from 'react';
import { useWidth } from './use-width.ts';
import { say } from '../messages/drawing.ts';

const SEVERITIES: readonly WorstSeverity[] = [0, 1, 2, 3, 4];
export const SEVERITY_LEGEND: Readonly<Record<WorstSeverity, string>> = {
  0: say('nothing-found'),
  1: say('1-trace'),
  2: say('2-visible-film'),
  3: say('3-covered'),
  4: say('4-caked'),
};
const ROW = 44;
const TOTALS = 84;
const TICK = 96;
const AXIS = 26;
/** Distance of the hatching by severity: denser is worse, in print and without colour too. */
const SPACING: Readonly<Record<WorstSeverity, number>> = { 0: 0, 1: 14, 2: 9, 3: 5.5, 4: 3.2 };

interface SeverityBarsProps {
  readonly sides: readonly SideSum[];
  readonly units: UnitSystem;
}

/** Square metres of each side in walking order, split by the worst that was found on each face. */
export function SeverityBars({ sides, units }: SeverityBarsProps) {
  const id = useId();
  const box = useRef<HTMLDivElement>(null);
  const width = Math.max(320, useWidth(box));
  const names = width < 480 ? 84 : 128;
  const ticks = Math.max(1, Math.floor((width - names - TOTALS) / TICK));
  const rows = stack<SideSum, WorstSeverity>()
    .keys(SEVERITIES)
    .value((side, severity) => side.bySeverity[severity])(sides);
  const total = (side: SideSum) => sum(SEVERITIES, (severity) => side.bySeverity[severity]);
  const x = scaleLinear()
    .domain([0, max(sides, total) ?? 1])
    .range([names, width - TOTALS])
    .nice(ticks);
  const y = scaleBand()
    .domain(sides.map((side) => side.name))
    .range([0, sides.length * ROW])
    .paddingInner(0.36)
    .paddingOuter(0.18);
  const height = sides.length * ROW + AXIS;
  return (
    <div ref={box} className="severity-bars">
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={sides.map((side) => `${side.name} ${formatArea(total(side), units)}`).join(', ')}
      >
        <defs>
          {SEVERITIES.map((severity) => (
            <SeverityPattern key={severity} id={`${id}s${severity}`} severity={severity} />
          ))}
        </defs>
        {x.ticks(ticks).map((tick) => (
          <g key={tick} transform={`translate(${x(tick)},0)`}>
            <line y2={height - AXIS} stroke="var(--line)" />
            <text y={height - 8} textAnchor="middle" fontSize={13} fill="var(--quiet)">
              {formatArea(tick, units)}
            </text>
          </g>
        ))}
        {rows.map((row) =>
          row.map(([from, to], i) => {
            const side = sides[i];
            return !side || to === from ? null : (
              <rect
                key={side.name}
                x={x(from)}
                y={y(side.name)}
                width={x(to) - x(from)}
                height={y.bandwidth()}
                fill={`url(#${id}s${row.key})`}
                stroke="var(--ink)"
              >
                <title>{`${side.name}, ${SEVERITY_LEGEND[row.key]}: ${formatArea(to - from, units)}`}</title>
              </rect>
            );
          }),
        )}
        {sides.map((side) => (
          <g key={side.name} transform={`translate(0,${(y(side.name) ?? 0) + y.bandwidth() / 2 + 5})`}>
            <text fontSize={14} fontWeight={650} fill="var(--ink)">
              {side.name}
            </text>
            <text x={x(total(side)) + 8} fontSize={14} fill="var(--ink)" className="figure">
              {formatArea(total(side), units)}
            </text>
          </g>
        ))}
      </svg>
      <ul className="severity-legend">
        {SEVERITIES.filter((severity) => sides.some((side) => side.bySeverity[severity] > 0)).map(
          (severity) => (
            <li key={severity}>
              <svg width={28} height={16} aria-hidden>
                <rect width={28} height={16} fill={`url(#${id}s${severity})`} stroke="var(--ink)" />
              </svg>
              {SEVERITY_LEGEND[severity]}
            </li>
          ),
        )}
      </ul>
    </div>
  );
}

function SeverityPattern({ id, severity }: { readonly id: string; readonly severity: WorstSeverity }) {
  const size = SPACING[severity] || 8;
  return (
    <pattern id={id} width={size} height={size} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width={size} height={size} fill="var(--raised)" />
      {severity > 0 && <line y2={size} stroke="var(--growth)" strokeWidth={severity === 4 ? 3.4 : 2.4} />}
    </pattern>
  );
}

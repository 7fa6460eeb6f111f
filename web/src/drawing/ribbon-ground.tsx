import { shortTime } from '@etappe/core';
import { RIBBON_TOP, ROW_HEIGHT } from './day-ribbon-layout.ts';
import type { RibbonLayout } from './day-ribbon-layout.ts';
import { say } from '../messages/drawing.ts';

interface Props {
  readonly layout: RibbonLayout;
  readonly dayStart: number;
  /** Of the whole drawing, px. */
  readonly height: number;
  readonly hatch: string;
}

/** What the rounds lie on: hours, quiet hours, the rows of people and the end of the working day. */
export function RibbonGround({ layout, dayStart, height, hatch }: Props) {
  return (
    <g aria-hidden>
      {layout.bands.map(({ kind, x, y, width, height: own }) => (
        <g key={`${kind} ${x}`}>
          <rect x={x} y={y} width={width} height={own} fill={`url(#${hatch})`} opacity={0.7} />
          <text x={x + 3} y={layout.height - 4} fontSize={12} fill="var(--quiet)">
            {kind === 'quiet' ? say('quiet-hours') : say('tank-fills')}
          </text>
        </g>
      ))}
      {layout.ticks.map(({ x, second }) => (
        <g key={second}>
          <line x1={x} x2={x} y1={18} y2={height} stroke="var(--line)" />
          {second % 3600 === 0 && (
            <text x={x + 3} y={14} fontSize={12} fill="var(--quiet)" className="figure">
              {shortTime(dayStart + second)}
            </text>
          )}
        </g>
      ))}
      {layout.rows.map(({ person, y }) => (
        <line
          key={person}
          x1={0}
          x2={layout.width}
          y1={y + ROW_HEIGHT}
          y2={y + ROW_HEIGHT}
          stroke="var(--line)"
        />
      ))}
      {layout.dayEnd !== null && (
        <g>
          <line
            x1={layout.dayEnd}
            x2={layout.dayEnd}
            y1={RIBBON_TOP - 8}
            y2={height}
            stroke="var(--stop)"
            strokeWidth={2}
          />
          <text x={layout.dayEnd - 4} y={14} fontSize={12} textAnchor="end" fill="var(--stop)">
            {say('working-day-ends')}
          </text>
        </g>
      )}
    </g>
  );
}

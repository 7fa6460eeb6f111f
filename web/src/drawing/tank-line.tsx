import { clockTime, decimal, secondOfDay } from '@etappe/core';
import type { ProvidedWater } from '@etappe/core';
import { useMemo, useRef } from 'react';
import { TANK_LINE_HEIGHT, tankLineLayout } from './tank-line-layout.ts';
import { useWidth } from './use-width.ts';
import { say } from '../messages/drawing.ts';

interface Props {
  readonly water: ProvidedWater;
  readonly dayStart: string;
}

/** Water in the tank over the day, with the first dry minute. */
export function TankLineView({ water, dayStart }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const width = Math.max(320, useWidth(frame));
  const start = secondOfDay(dayStart);
  const { line, input, dryAt } = water;
  const layout = useMemo(
    () => tankLineLayout(line, input.capacityLitres, input.untilMinute, start, width),
    [line, input, start, width],
  );
  const lowest = Math.min(...line.points.map((p) => p.litres));
  return (
    <div ref={frame}>
      <svg
        width={width}
        height={TANK_LINE_HEIGHT}
        role="img"
        aria-label={say('tank-line-of-l', {
          dryAtWords:
            dryAt === null
              ? say('it-lasts-at-the-lowest', { lowest: decimal(lowest, 0) })
              : say('dry-from', { dryAt }),
          capacityLitres: decimal(input.capacityLitres, 0),
        })}
      >
        {layout.litres.map(({ y, litres }) => (
          <g key={litres}>
            <line x1={layout.start} x2={layout.end} y1={y} y2={y} stroke="var(--line)" />
            <text
              x={layout.start - 6}
              y={y + 4}
              fontSize={11.5}
              textAnchor="end"
              fill="var(--quiet)"
              className="figure"
            >
              {litres}
            </text>
          </g>
        ))}
        <text x={4} y={13} fontSize={11.5} fill="var(--quiet)">
          {say('l-in-the-tank')}
        </text>
        {layout.hours.map(({ x, second }) => (
          <g key={second}>
            <line x1={x} x2={x} y1={layout.bottom} y2={layout.bottom + 5} stroke="var(--quiet)" />
            <text
              x={x}
              y={TANK_LINE_HEIGHT - 8}
              fontSize={11.5}
              textAnchor="middle"
              fill="var(--quiet)"
              className="figure"
            >
              {clockTime(second).slice(0, 5)}
            </text>
          </g>
        ))}
        <path d={layout.fill} fill="color-mix(in srgb, var(--wet) 20%, transparent)" />
        <path d={layout.level} fill="none" stroke="var(--wet)" strokeWidth={2.2} />
        {layout.dryX !== null && (
          <g>
            <line
              x1={layout.dryX}
              x2={layout.dryX}
              y1={layout.top}
              y2={layout.bottom}
              stroke="var(--stop)"
              strokeWidth={1.6}
            />
            <text x={layout.dryX + 5} y={layout.top + 12} fontSize={12.5} fill="var(--stop)">
              {say('dry-at', { dryAt: dryAt ?? '' })}
            </text>
          </g>
        )}
      </svg>
    </div>
  );
}

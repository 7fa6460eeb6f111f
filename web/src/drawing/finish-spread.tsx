import { roundTime } from '@etappe/core';
import type { DayRisk } from '@etappe/core';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { useMemo, useRef } from 'react';
import { useWidth } from './use-width.ts';
import { say } from '../messages/drawing.ts';

const HEIGHT = 112;
const PADDING = { top: 34, bottom: 20, side: 8 };

/** When a day ends, over many days: the higher, the more of them; with the planned end, the likely one, the cautious one and the end of the working day. */
export function FinishSpread({ risk, dayStart }: { readonly risk: DayRisk; readonly dayStart: number }) {
  const frame = useRef<HTMLDivElement>(null);
  const width = Math.max(280, useWidth(frame));
  const { spread, plannedSeconds, likelySeconds, cautiousSeconds, daySeconds } = risk;
  const drawn = useMemo(() => {
    const from = Math.min(plannedSeconds, spread[0]?.from ?? 0) - 300;
    const to = Math.max(spread.at(-1)?.to ?? 0, Math.min(daySeconds, plannedSeconds * 1.5)) + 300;
    const x = scaleLinear([from, to], [PADDING.side, width - PADDING.side]);
    const y = scaleLinear(
      [0, max(spread, ({ share }) => share) ?? 1],
      [HEIGHT - PADDING.bottom, PADDING.top],
    );
    const hours = x.ticks(6).map((at) => Math.round((dayStart + at) / 1800) * 1800 - dayStart);
    return { x, y, hours: [...new Set(hours)] };
  }, [spread, plannedSeconds, daySeconds, width, dayStart]);
  const { x, y, hours } = drawn;
  const clock = (at: number) => roundTime(dayStart + at);
  const isDayShown = daySeconds > (spread[0]?.from ?? 0) && daySeconds < (spread.at(-1)?.to ?? 0);
  const marks = [
    { at: likelySeconds, text: say('half-by', { at: clock(likelySeconds) }), row: 1 },
    { at: cautiousSeconds, text: say('nine-in-ten-by', { at: clock(cautiousSeconds) }), row: 0 },
  ];
  return (
    <div ref={frame} className="finish-spread">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={say('finish-spread', {
          planned: clock(plannedSeconds),
          likely: clock(likelySeconds),
          cautious: clock(cautiousSeconds),
        })}
      >
        {spread.map(({ from, to, share }) => (
          <rect
            key={from}
            x={x(from)}
            y={y(share)}
            width={Math.max(1, x(to) - x(from) - 1)}
            height={HEIGHT - PADDING.bottom - y(share)}
            fill={from >= daySeconds ? 'var(--stop)' : 'var(--wet)'}
            opacity={0.75}
          />
        ))}
        {hours.map((at) => (
          <text key={at} x={x(at)} y={HEIGHT - 5} fontSize={12} textAnchor="middle" fill="var(--quiet)">
            {clock(at)}
          </text>
        ))}
        <line
          x1={x(plannedSeconds)}
          x2={x(plannedSeconds)}
          y1={PADDING.top - 6}
          y2={HEIGHT - PADDING.bottom}
          stroke="var(--ink)"
          strokeDasharray="3 3"
        />
        <text x={x(plannedSeconds) + 4} y={PADDING.top + 6} fontSize={12} fill="var(--ink)">
          {say('planned-end')}
        </text>
        {isDayShown && (
          <text x={x(daySeconds) + 4} y={HEIGHT - PADDING.bottom - 4} fontSize={12} fill="var(--ground)">
            {say('over-the-day')}
          </text>
        )}
        {marks.map(({ at, text, row }) => (
          <g key={text}>
            <line x1={x(at)} x2={x(at)} y1={4 + 14 * row} y2={HEIGHT - PADDING.bottom} stroke="var(--ink)" />
            <text x={x(at) - 4} y={13 + 14 * row} fontSize={12} textAnchor="end" fill="var(--ink)">
              {text}
            </text>
          </g>
        ))}
      </svg>
    </div>
  );
}

import { decimal } from '@etappe/core';
import type { CycleWetLine, WetMoment } from '@etappe/core';
import { useMemo, useRef, useState } from 'react';
import { useWidth } from './use-width.ts';
import { WET_LINE_HEIGHT, wetLineLayout } from './wet-line-layout.ts';
import { say } from '../messages/drawing.ts';

/** Film on one section over time: applied, falling, misted, rinsed; arrow keys and the pointer read the minutes. */
export function WetLine({ cycle, name }: { readonly cycle: CycleWetLine; readonly name: string }) {
  const frame = useRef<HTMLDivElement>(null);
  const width = Math.max(320, useWidth(frame));
  const layout = useMemo(() => wetLineLayout(cycle, width), [cycle, width]);
  const [minute, setMinute] = useState<number | null>(null);
  const read = momentAt(cycle.moments, minute ?? 0);
  const dwell = cycle.dwell
    ? say('dwell-to-min', { from: decimal(cycle.dwell.from, 0), latest: decimal(cycle.dwell.latest, 0) })
    : say('left-on');
  return (
    <div ref={frame} className="wet-line">
      <svg
        width={width}
        height={WET_LINE_HEIGHT}
        role="slider"
        tabIndex={0}
        aria-label={say('wet-line-of-film-until', {
          name,
          filmMinutes: decimal(cycle.filmMinutes, 1),
          dryOutMinutes: decimal(cycle.dryOutMinutes, 1),
          dwell,
        })}
        aria-valuemin={0}
        aria-valuemax={cycle.untilMinute}
        aria-valuenow={minute ?? 0}
        aria-valuetext={said(read)}
        onPointerMove={(event) => {
          setMinute(layout.minuteAt(event.clientX - event.currentTarget.getBoundingClientRect().left));
        }}
        onPointerLeave={() => {
          setMinute(null);
        }}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
          if (by !== 0)
            setMinute((now) => Math.max(0, Math.min(cycle.untilMinute, Math.round(now ?? 0) + by)));
        }}
      >
        {layout.dwell && (
          <>
            <rect
              x={layout.dwell.x}
              y={layout.top}
              width={Math.max(2, layout.dwell.width)}
              height={layout.bottom - layout.top}
              fill="color-mix(in srgb, var(--dwell) 22%, transparent)"
            />
            <text x={layout.dwell.x + 4} y={layout.top + 13} fontSize={12} fill="var(--dwell-ink)">
              {dwell}
            </text>
          </>
        )}
        {layout.amounts.map(({ y, grams }) => (
          <g key={grams}>
            <line x1={layout.start} x2={layout.end} y1={y} y2={y} stroke="var(--line)" />
            <text
              x={layout.start - 6}
              y={y + 4}
              fontSize={11.5}
              textAnchor="end"
              fill="var(--quiet)"
              className="figure"
            >
              {grams}
            </text>
          </g>
        ))}
        <text x={4} y={14} fontSize={11.5} fill="var(--quiet)">
          {say('g-m2-on-the-surface')}
        </text>
        {layout.minutes.map((tick) => (
          <text
            key={tick.minute}
            x={tick.x}
            y={WET_LINE_HEIGHT - 10}
            fontSize={11.5}
            textAnchor="middle"
            fill="var(--quiet)"
            className="figure"
          >
            {say('min', { minute: tick.minute })}
          </text>
        ))}
        <path d={layout.fill} fill="color-mix(in srgb, var(--wet) 18%, transparent)" />
        <path d={layout.left} fill="none" stroke="var(--wet)" strokeWidth={1.4} strokeDasharray="5 4" />
        <path d={layout.film} fill="none" stroke="var(--wet)" strokeWidth={2.4} />
        <line
          x1={layout.start}
          x2={layout.end}
          y1={layout.dryY}
          y2={layout.dryY}
          stroke="var(--stop)"
          strokeDasharray="2 4"
        />
        <text x={layout.end} y={layout.dryY - 5} fontSize={11.5} textAnchor="end" fill="var(--stop)">
          {say('counts-as-dry')}
        </text>
        {layout.mistXs.map((x) => (
          <path key={x} d={`M${x} ${layout.bottom}l-5 9h10z`} fill="var(--wet)" />
        ))}
        {layout.dryOutX !== null && (
          <g>
            <line
              x1={layout.dryOutX}
              x2={layout.dryOutX}
              y1={layout.top}
              y2={layout.bottom}
              stroke="var(--stop)"
              strokeWidth={1.6}
            />
            <text
              x={layout.dryOutX - 4}
              y={layout.top + 28}
              fontSize={12}
              textAnchor="end"
              fill="var(--stop)"
            >
              {say('dried-on')}
            </text>
          </g>
        )}
        {minute !== null && (
          <line
            x1={layout.xOf(minute)}
            x2={layout.xOf(minute)}
            y1={layout.top}
            y2={layout.bottom}
            stroke="var(--ink)"
          />
        )}
      </svg>
      <p className="quiet wet-line-reading" aria-hidden="true">
        {minute === null ? say('full-line-liquid-on-the') : said(read)}
      </p>
    </div>
  );
}

function momentAt(moments: readonly WetMoment[], minute: number): WetMoment {
  return moments.reduce(
    (a, b) => (b.minute <= minute ? b : a),
    moments[0] ?? { minute: 0, film: 0, left: 0 },
  );
}

function said({ minute, film, left }: WetMoment): string {
  return say('after-min-g-m2-on', {
    minute: decimal(minute, 1),
    film: decimal(film * 1000, 0),
    left: decimal(left * 1000, 0),
  });
}

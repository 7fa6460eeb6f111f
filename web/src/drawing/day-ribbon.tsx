import { formatDuration, roundTime, secondOfDay, shortTime } from '@etappe/core';
import type { Plan, Survey } from '@etappe/core';
import { Segmented } from 'antd';
import { useId, useMemo, useRef, useState } from 'react';
import { line } from 'd3-shape';
import { useWidth } from './use-width.ts';
import { ROW_HEIGHT, dayRibbonLayout } from './day-ribbon-layout.ts';
import type { RibbonBar, RoundLook } from './day-ribbon-layout.ts';
import { say } from '../messages/drawing.ts';

/** Below this width the ribbon scrolls sideways rather than become unreadable. */
const LEAST_WIDTH = 720;
/** How much of the day is seen at once: all of it, half, a quarter. */
const ZOOMS = [1, 2, 4] as const;
type Zoom = (typeof ZOOMS)[number];

const LOOKS: Readonly<
  Record<RoundLook, { readonly word: string; readonly fill: string; readonly ink: string }>
> = {
  frame: { word: say('set-out-clear-up'), fill: 'var(--line)', ink: 'var(--ink)' },
  mix: {
    word: say('mixing'),
    fill: 'color-mix(in srgb, var(--growth) 45%, var(--raised))',
    ink: 'var(--ink)',
  },
  wet: {
    word: say('put-on-and-finished'),
    fill: 'color-mix(in srgb, var(--wet) 70%, var(--dwell))',
    ink: 'var(--ground)',
  },
  rinse: { word: say('wash-rinse'), fill: 'var(--wet)', ink: 'var(--ground)' },
  dry: {
    word: say('other-work'),
    fill: 'color-mix(in srgb, var(--ink) 30%, var(--raised))',
    ink: 'var(--ink)',
  },
};

/** The visit by person on one time axis, in rounds; choosing a person draws their way through the day. */
export function DayRibbon({ plan, survey }: { readonly plan: Plan; readonly survey: Survey }) {
  const frame = useRef<HTMLDivElement>(null);
  const seen = Math.max(LEAST_WIDTH, useWidth(frame));
  const [zoom, setZoom] = useState<Zoom>(1);
  const width = zoom * seen;
  const layout = useMemo(() => dayRibbonLayout(plan, survey, width), [plan, survey, width]);
  const [selected, setSelected] = useState<string | null>(null);
  const [person, setPerson] = useState<string | null>(null);
  const hatch = useId();
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const nameOf = (id: string) => survey.job.house.crew.find((c) => c.id === id)?.name ?? id;
  const bar = layout.bars.find((b) => b.round.id === selected);
  const step = (from: RibbonBar, by: number) => {
    const row = layout.bars.filter((b) => b.round.person === from.round.person);
    const next = row[row.findIndex((b) => b.round.id === from.round.id) + by];
    if (next) {
      setSelected(next.round.id);
      document.getElementById(`${hatch}${next.round.id}`)?.focus();
    }
  };
  return (
    <>
      <div className="ribbon" ref={frame}>
        <svg
          width={layout.width}
          height={layout.height}
          role="group"
          aria-label={say('day-ribbon-by-person')}
        >
          <defs>
            <pattern
              id={hatch}
              width={6}
              height={6}
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <line x1={0} x2={0} y1={0} y2={6} stroke="var(--dwell)" strokeWidth={3.4} />
            </pattern>
          </defs>
          {layout.ticks.map(({ x, second }) => (
            <g key={second}>
              <line x1={x} x2={x} y1={18} y2={layout.height} stroke="var(--line)" />
              {second % 3600 === 0 && (
                <text x={x + 3} y={14} fontSize={12} fill="var(--quiet)" className="figure">
                  {shortTime(dayStart + second)}
                </text>
              )}
            </g>
          ))}
          {layout.rows.map((row) => (
            <g key={row.person}>
              <line
                x1={0}
                x2={layout.width}
                y1={row.y + ROW_HEIGHT}
                y2={row.y + ROW_HEIGHT}
                stroke="var(--line)"
              />
              <text
                x={10}
                y={row.y + 28}
                fontSize={14}
                fontWeight={650}
                fill="var(--ink)"
                fontFamily="var(--heading)"
              >
                {row.name.length > 8 ? `${row.name.slice(0, 8)}…` : row.name}
              </text>
            </g>
          ))}
          {layout.dwells.map((d) => (
            <rect
              key={d.id}
              x={d.x}
              y={d.y}
              width={d.width}
              height={d.height}
              fill={`url(#${hatch})`}
              stroke="var(--dwell)"
              strokeWidth={0.6}
            />
          ))}
          {layout.bars.map((b, i) => {
            const { round } = b;
            const first = layout.bars.findIndex((other) => other.round.person === round.person) === i;
            return (
              <g
                key={round.id}
                id={`${hatch}${round.id}`}
                className={`op ${round.id === selected ? 'selected' : ''}`}
                role="button"
                tabIndex={round.id === selected || (selected === null && first) ? 0 : -1}
                aria-label={`${roundTime(dayStart + round.start)} ${nameOf(round.person)}: ${round.name}`}
                onClick={() => {
                  setSelected(round.id);
                }}
                onKeyDown={(event) => {
                  if (event.key === 'ArrowRight') step(b, 1);
                  if (event.key === 'ArrowLeft') step(b, -1);
                  if (event.key === 'Enter') setSelected(round.id);
                }}
                opacity={person !== null && round.person !== person ? 0.3 : 1}
              >
                {b.label.text !== '' && (
                  <path
                    d={`M${b.x + 0.75},${b.y + b.height}L${b.label.x + 1},${b.label.y - 3}`}
                    fill="none"
                    stroke="var(--quiet)"
                    strokeWidth={0.6}
                  />
                )}
                <rect
                  x={b.x}
                  y={b.y}
                  width={b.width}
                  height={b.height}
                  fill={LOOKS[b.look].fill}
                  stroke="var(--raised)"
                  strokeWidth={0.8}
                  rx={1.5}
                />
                {b.parts.map((part) => (
                  <g key={part.x} pointerEvents="none">
                    <line x1={part.x} x2={part.x} y1={b.y} y2={b.y + b.height} stroke="var(--raised)" />
                    {zoom > 1 && (
                      <text x={part.x + 4} y={b.y + 17} fontSize={11.5} fill={LOOKS[b.look].ink}>
                        {part.label}
                      </text>
                    )}
                  </g>
                ))}
                <text x={b.label.x + 3} y={b.label.y} fontSize={12} fill="var(--ink)" pointerEvents="none">
                  {b.label.text}
                </text>
              </g>
            );
          })}
          {person !== null && (
            <path
              d={threadOf(layout.bars.filter((b) => b.round.person === person))}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={1.6}
              pointerEvents="none"
            />
          )}
        </svg>
      </div>
      <div className="ribbon-legend">
        <Segmented<Zoom>
          size="small"
          aria-label={say('zoom')}
          options={ZOOMS.map((value) => ({ value, label: `${value}×` }))}
          value={zoom}
          onChange={setZoom}
        />
        {Object.values(LOOKS).map(({ word, fill }) => (
          <span key={word}>
            <svg width={14} height={14} aria-hidden>
              <rect width={14} height={14} fill={fill} rx={2} />
            </svg>
            {word}
          </span>
        ))}
        <span>
          <svg width={22} height={9} aria-hidden>
            <rect width={22} height={9} fill={`url(#${hatch})`} stroke="var(--dwell)" />
          </svg>
          {say('dwells-watched-by')}
        </span>
        {survey.job.house.crew.map((c) => (
          <label key={c.id}>
            <input
              type="radio"
              name={`${hatch}person`}
              checked={person === c.id}
              onChange={() => {
                setPerson(c.id);
              }}
              onClick={() => {
                if (person === c.id) setPerson(null);
              }}
            />{' '}
            {say('s-day', { name: c.name })}
          </label>
        ))}
      </div>
      <div className="ribbon-detail hairline" aria-live="polite">
        {bar ? (
          <>
            <strong>
              {roundTime(dayStart + bar.round.start)}–{roundTime(dayStart + bar.round.finish)} ·{' '}
              {nameOf(bar.round.person)}
            </strong>{' '}
            {bar.round.name}{' '}
            <span className="quiet">({formatDuration(bar.round.finish - bar.round.start)})</span>
          </>
        ) : (
          <span className="quiet">{say('choose-a-bar-to-read')}</span>
        )}
      </div>
    </>
  );
}

/** A person's way: a step wherever the next work is on another surface. */
function threadOf(bars: readonly RibbonBar[]): string {
  const places = [...new Set(bars.map((b) => b.round.places))];
  const points = bars.map((b): [number, number] => [
    b.x,
    b.y + b.height - 2 - (places.indexOf(b.round.places) / Math.max(1, places.length - 1)) * (b.height - 4),
  ]);
  return line()(points) ?? '';
}

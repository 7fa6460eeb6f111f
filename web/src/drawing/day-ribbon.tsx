import { clockTime, formatDuration, secondOfDay } from '@etappe/core';
import type { Plan, Survey, Task } from '@etappe/core';
import { useId, useMemo, useRef, useState } from 'react';
import { line } from 'd3-shape';
import { useWidth } from './use-width.ts';
import { ROW_HEIGHT, dayRibbonLayout } from './day-ribbon-layout.ts';
import type { RibbonBar } from './day-ribbon-layout.ts';
import { say } from '../messages/drawing.ts';

/** Below this width the ribbon scrolls sideways rather than become unreadable. */
const LEAST_WIDTH = 640;

const TASK_LOOKS: Readonly<
  Record<Task, { readonly word: string; readonly fill: string; readonly ink: string }>
> = {
  'set-out': { word: say('set-out-clear-up'), fill: 'var(--line)', ink: 'var(--ink)' },
  'clear-up': { word: say('set-out-clear-up'), fill: 'var(--line)', ink: 'var(--ink)' },
  mix: { word: 'mix', fill: 'color-mix(in srgb, var(--growth) 35%, var(--raised))', ink: 'var(--ink)' },
  apply: {
    word: say('apply-and-leave'),
    fill: 'color-mix(in srgb, var(--dwell) 65%, var(--raised))',
    ink: 'var(--ink)',
  },
  finish: { word: say('scrub-wash-rinse'), fill: 'var(--wet)', ink: 'var(--ground)' },
  front: {
    word: say('worked-strip-by-strip'),
    fill: 'color-mix(in srgb, var(--wet) 60%, var(--dwell))',
    ink: 'var(--ground)',
  },
  lead: {
    word: say('worked-strip-by-strip'),
    fill: 'color-mix(in srgb, var(--wet) 60%, var(--dwell))',
    ink: 'var(--ground)',
  },
  follow: { word: say('scrub-wash-rinse'), fill: 'var(--wet)', ink: 'var(--ground)' },
  'clear-rinse': { word: say('scrub-wash-rinse'), fill: 'var(--wet)', ink: 'var(--ground)' },
  'foot-rinse': { word: say('scrub-wash-rinse'), fill: 'var(--wet)', ink: 'var(--ground)' },
  work: {
    word: say('other-work'),
    fill: 'color-mix(in srgb, var(--ink) 25%, var(--raised))',
    ink: 'var(--ink)',
  },
};

/** The visit on one time axis by person; choosing a person draws their way through the day. */
export function DayRibbon({ plan, survey }: { readonly plan: Plan; readonly survey: Survey }) {
  const frame = useRef<HTMLDivElement>(null);
  const width = Math.max(LEAST_WIDTH, useWidth(frame));
  const layout = useMemo(() => dayRibbonLayout(plan, survey, width), [plan, survey, width]);
  const [selected, setSelected] = useState<string | null>(null);
  const [person, setPerson] = useState<string | null>(null);
  const hatch = useId();
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const bar = layout.bars.find((b) => b.id === selected);
  const step = (from: RibbonBar, by: number) => {
    const row = layout.bars.filter((b) => b.person === from.person);
    const next = row[row.findIndex((b) => b.id === from.id) + by];
    if (next) {
      setSelected(next.id);
      document.getElementById(`${hatch}${next.id}`)?.focus();
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
                  {clockTime(dayStart + second).slice(0, 5)}
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
                y={row.y + 32}
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
            const look = TASK_LOOKS[b.task];
            const first = layout.bars.findIndex((other) => other.person === b.person) === i;
            return (
              <g
                key={b.id}
                id={`${hatch}${b.id}`}
                className={`op ${b.id === selected ? 'selected' : ''}`}
                role="button"
                tabIndex={b.id === selected || (selected === null && first) ? 0 : -1}
                aria-label={`${clockTime(dayStart + b.start).slice(0, 5)} ${b.person}: ${look.word}, ${b.place}${b.section === null ? '' : say('section', { section: b.section })}`}
                onClick={() => {
                  setSelected(b.id);
                }}
                onKeyDown={(event) => {
                  if (event.key === 'ArrowRight') step(b, 1);
                  if (event.key === 'ArrowLeft') step(b, -1);
                  if (event.key === 'Enter') setSelected(b.id);
                }}
                opacity={person !== null && b.person !== person ? 0.3 : 1}
              >
                <rect
                  x={b.x}
                  y={b.y}
                  width={b.width}
                  height={b.height}
                  fill={look.fill}
                  stroke="var(--raised)"
                  strokeWidth={0.8}
                  rx={1.5}
                />
                {b.label !== '' && (
                  <text x={b.x + 5} y={b.y + 22} fontSize={12.5} fill={look.ink} pointerEvents="none">
                    {b.label}
                  </text>
                )}
              </g>
            );
          })}
          {person !== null && (
            <path
              d={threadOf(layout.bars.filter((b) => b.person === person))}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={1.6}
              pointerEvents="none"
            />
          )}
        </svg>
      </div>
      <div className="ribbon-legend">
        {legend().map(({ word, fill }) => (
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
              {clockTime(dayStart + bar.start).slice(0, 5)}–{clockTime(dayStart + bar.finish).slice(0, 5)} ·{' '}
              {survey.job.house.crew.find((c) => c.id === bar.person)?.name}
            </strong>{' '}
            {TASK_LOOKS[bar.task].word}, {bar.place}
            {bar.section === null ? '' : say('section', { section: bar.section })}{' '}
            <span className="quiet">({formatDuration(bar.finish - bar.start)})</span>
          </>
        ) : (
          <span className="quiet">{say('choose-a-bar-to-read')}</span>
        )}
      </div>
    </>
  );
}

function legend(): readonly { readonly word: string; readonly fill: string }[] {
  return [...new Map(Object.values(TASK_LOOKS).map((look) => [look.word, look])).values()];
}

/** A person's way: a step wherever the next work is on another surface. */
function threadOf(bars: readonly RibbonBar[]): string {
  const places = [...new Set(bars.map((b) => b.place))];
  const points = bars.map((b): [number, number] => [
    b.x,
    b.y + b.height - 2 - (places.indexOf(b.place) / Math.max(1, places.length - 1)) * (b.height - 4),
  ]);
  return line()(points) ?? '';
}

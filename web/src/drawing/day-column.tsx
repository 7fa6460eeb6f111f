import { roundTime, secondOfDay, shortTime, whyThen } from '@etappe/core';
import type { NamedRound, Plan, Survey } from '@etappe/core';
import { Segmented } from 'antd';
import { useMemo, useState } from 'react';
import { dayColumnLayout } from './day-column-layout.ts';
import { ROUND_LOOKS } from './round-looks.ts';
import { RoundDetail } from './round-detail.tsx';
import { say } from '../messages/drawing.ts';

const AXIS = 46;
const BAR_WIDTH = 26;
const DWELL_WIDTH = 6;
const WORDS = AXIS + BAR_WIDTH + DWELL_WIDTH + 18;

interface ColumnProps {
  readonly plan: Plan;
  readonly survey: Survey;
  /** Of the plan. */
  readonly rounds: readonly NamedRound[];
}

/** One person's day from top to bottom, for a screen that is high and narrow. */
export function DayColumn({ plan, survey, rounds }: ColumnProps) {
  const { crew, dayStart: clock } = survey.job.house;
  const [chosen, setChosen] = useState<string | null>(null);
  const person = crew.find(({ id }) => id === chosen)?.id ?? crew[0]?.id ?? '';
  const layout = useMemo(() => dayColumnLayout(plan, rounds, person), [plan, rounds, person]);
  const why = useMemo(() => whyThen(plan, survey, rounds), [plan, survey, rounds]);
  const [selected, setSelected] = useState<string | null>(null);
  const dayStart = secondOfDay(clock);
  const shown = layout.bars.find(({ round }) => round.id === selected)?.round ?? null;
  return (
    <div className="day-column">
      <Segmented
        block
        size="large"
        aria-label={say('whose-day')}
        options={crew.map(({ id, name }) => ({ value: id, label: name }))}
        value={person}
        onChange={setChosen}
      />
      {shown && <RoundDetail round={shown} why={why} survey={survey} />}
      <div className="day-column-track" style={{ height: layout.height }}>
        <svg width="100%" height={layout.height} aria-hidden>
          {layout.hours.map(({ y, second }) => (
            <g key={second}>
              <line x1={AXIS} x2={WORDS - 8} y1={y} y2={y} stroke="var(--line)" />
              <text x={0} y={y + 4} fontSize={13} fill="var(--quiet)" className="figure">
                {shortTime(dayStart + second)}
              </text>
            </g>
          ))}
          {layout.dwells.map(({ id, y, height }) => (
            <rect
              key={id}
              x={AXIS + BAR_WIDTH + 3}
              y={y}
              width={DWELL_WIDTH}
              height={height}
              fill="var(--dwell)"
              opacity={0.7}
            />
          ))}
          {layout.bars.map(({ round, look, y, height, textY }) => (
            <g key={round.id}>
              <rect
                x={AXIS}
                y={y}
                width={BAR_WIDTH}
                height={height}
                rx={1.5}
                fill={ROUND_LOOKS[look].fill}
                stroke="var(--raised)"
              />
              <path
                d={`M${AXIS + BAR_WIDTH},${y + 1}L${WORDS - 4},${textY + 10}`}
                stroke="var(--quiet)"
                strokeWidth={0.7}
              />
            </g>
          ))}
        </svg>
        {layout.bars.map(({ round, textY }) => (
          <button
            key={round.id}
            type="button"
            className={`day-column-round ${round.id === selected ? 'selected' : ''}`}
            style={{ top: textY, left: WORDS }}
            aria-pressed={round.id === selected}
            onClick={() => {
              setSelected(round.id === selected ? null : round.id);
            }}
          >
            <span className="figure">{roundTime(dayStart + round.start)}</span> {round.name}
          </button>
        ))}
      </div>
    </div>
  );
}

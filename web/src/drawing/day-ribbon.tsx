import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { faceSun, secondOfDay, shortTime, whyThen } from '@etappe/core';
import type { NamedRound, Plan, RoundMove, Survey } from '@etappe/core';
import { Button, Segmented } from 'antd';
import { useId, useMemo, useRef, useState } from 'react';
import { useWidth } from './use-width.ts';
import { dayRibbonLayout } from './day-ribbon-layout.ts';
import type { RibbonBar } from './day-ribbon-layout.ts';
import { ROUND_LOOKS } from './round-looks.ts';
import { Hatch } from './hatch.tsx';
import { RibbonGround } from './ribbon-ground.tsx';
import { OVERLAYS, RibbonOverlay, overlayLineY, overlayLines } from './ribbon-overlay.tsx';
import type { Overlay } from './ribbon-overlay.tsx';
import { RibbonRounds } from './ribbon-rounds.tsx';
import { RoundDetail } from './round-detail.tsx';
import { useBarDrag } from './use-bar-drag.ts';
import { MOST_ZOOM, useRibbonZoom } from './use-ribbon-zoom.ts';
import { say } from '../messages/drawing.ts';

/** Below this width the ribbon scrolls sideways rather than become unreadable. */
const LEAST_WIDTH = 640;
/** Closer than this the names of surfaces have room in the bars. */
const PARTS_FROM = 1.6;
const NUDGE_SECONDS = 300;

interface Props {
  readonly plan: Plan;
  readonly survey: Survey;
  /** Of the plan. */
  readonly rounds: readonly NamedRound[];
  /** Whether anything about a round can be fixed. */
  readonly movable: (round: NamedRound) => boolean;
  /** Asked for by a drag or a key; null where only what is fixed is to be looked at. */
  readonly move: (round: NamedRound, to: RoundMove | null) => void;
}

const OVERLAY_WORDS: Readonly<Record<Overlay, string>> = {
  none: say('overlay-none'),
  sun: say('overlay-sun'),
  tank: say('overlay-tank'),
  machines: say('overlay-machines'),
};

/** The visit by person on one time axis, in rounds; choosing a person draws their way through the day. */
export function DayRibbon({ plan, survey, rounds, movable, move }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const { zoom, closer, further, whole } = useRibbonZoom(frame);
  const width = Math.round(zoom * Math.max(LEAST_WIDTH, useWidth(frame)));
  const sun = useMemo(() => faceSun(plan, survey), [plan, survey]);
  const why = useMemo(() => whyThen(plan, survey, rounds), [plan, survey, rounds]);
  const layout = useMemo(
    () => dayRibbonLayout({ plan, survey, rounds, sun }, width),
    [plan, survey, rounds, sun, width],
  );
  const [overlay, setOverlay] = useState<Overlay>('none');
  const under = useMemo(() => overlayLines(overlay, plan, sun), [overlay, plan, sun]);
  const [selected, setSelected] = useState<string | null>(null);
  const [hovered, setHovered] = useState<string | null>(null);
  const [person, setPerson] = useState<string | null>(null);
  const hatch = useId();
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const nameOf = (id: string) => survey.job.house.crew.find((c) => c.id === id)?.name ?? id;
  const wanted = (bar: RibbonBar, to: string, start: number) => {
    setSelected(bar.round.id);
    move(bar.round, { person: to, at: shortTime(dayStart + Math.max(0, start)) });
  };
  const nudge = (bar: RibbonBar, by: number) => {
    const { person: own, start } = bar.round;
    wanted(bar, own, NUDGE_SECONDS * (Math.round(start / NUDGE_SECONDS) + by));
  };
  const drag = useBarDrag(
    layout,
    ({ round }) => movable(round),
    ({ bar, person: to, start }) => {
      wanted(bar, to, start);
    },
  );
  const told = drag.dragged?.bar.round.id ?? hovered ?? selected;
  const shown = layout.bars.find(({ round }) => round.id === told)?.round ?? null;
  const step = ({ round }: RibbonBar, by: number) => {
    const row = layout.bars.filter((other) => other.round.person === round.person);
    const next = row[row.findIndex((other) => other.round.id === round.id) + by];
    if (!next) return;
    setSelected(next.round.id);
    document.getElementById(`${hatch}${next.round.id}`)?.focus();
  };
  const key = (bar: RibbonBar, pressed: string): boolean => {
    const { round } = bar;
    const acts: Readonly<Record<string, () => void>> = {
      ArrowRight: () => {
        step(bar, 1);
      },
      ArrowLeft: () => {
        step(bar, -1);
      },
      Enter: () => {
        setSelected(round.id);
      },
      '+': closer,
      '-': further,
      '0': whole,
      ...(movable(round) && {
        p: () => {
          setSelected(round.id);
          move(round, null);
        },
        '.': () => {
          nudge(bar, 1);
        },
        ',': () => {
          nudge(bar, -1);
        },
      }),
    };
    const act = acts[pressed.length === 1 ? pressed.toLowerCase() : pressed];
    act?.();
    return act !== undefined;
  };
  const height = layout.height + under.height;
  return (
    <>
      <div className="ribbon">
        <div className="ribbon-names" aria-hidden>
          {layout.rows.map(({ person: id, name, y }) => (
            <span key={id} className="ribbon-name" style={{ top: y + 13 }}>
              {name}
            </span>
          ))}
          {under.lines.map(({ name }, i) => (
            <span key={name} className="ribbon-line" style={{ top: layout.height + overlayLineY(i) - 4 }}>
              {name}
            </span>
          ))}
        </div>
        <div className="ribbon-scroller" ref={frame}>
          <svg width={layout.width} height={height} role="group" aria-label={say('day-ribbon-by-person')}>
            <defs>
              <Hatch id={hatch} degrees={45} step={6} stroke="var(--dwell)" width={3.4} />
              <Hatch id={`${hatch}quiet`} degrees={-45} step={7} stroke="var(--line)" width={2.4} />
            </defs>
            <RibbonGround layout={layout} dayStart={dayStart} height={height} hatch={`${hatch}quiet`} />
            <RibbonOverlay
              overlay={overlay}
              plan={plan}
              survey={survey}
              lines={under.lines}
              x={layout.x}
              y={layout.height}
            />
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
            <RibbonRounds
              layout={layout}
              dayStart={dayStart}
              prefix={hatch}
              selected={selected}
              person={person}
              nameOf={nameOf}
              showsParts={zoom >= PARTS_FROM}
              select={setSelected}
              hover={setHovered}
              onKey={key}
              drag={drag.of}
            />
            {drag.dragged && (
              <g pointerEvents="none">
                <rect
                  x={drag.dragged.x}
                  y={drag.dragged.y}
                  width={drag.dragged.bar.width}
                  height={drag.dragged.bar.height}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth={2}
                  strokeDasharray="5 3"
                />
                <text
                  x={drag.dragged.x}
                  y={drag.dragged.y - 6}
                  fontSize={13}
                  fontWeight={650}
                  fill="var(--ink)"
                >
                  {shortTime(dayStart + drag.dragged.start)} {nameOf(drag.dragged.person)}
                </text>
              </g>
            )}
          </svg>
        </div>
      </div>
      <div className="ribbon-legend">
        <span role="group" aria-label={say('zoom')}>
          <Button
            size="small"
            icon={<MinusOutlined />}
            aria-label={say('zoom-out')}
            disabled={zoom <= 1}
            onClick={further}
          />
          <Button size="small" onClick={whole} disabled={zoom <= 1}>
            {say('whole-day')}
          </Button>
          <Button
            size="small"
            icon={<PlusOutlined />}
            aria-label={say('zoom-in')}
            disabled={zoom >= MOST_ZOOM}
            onClick={closer}
          />
        </span>
        <Segmented<Overlay>
          size="small"
          aria-label={say('under-the-day')}
          options={OVERLAYS.map((value) => ({ value, label: OVERLAY_WORDS[value] }))}
          value={overlay}
          onChange={setOverlay}
        />
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
      <RoundDetail round={shown} why={why} survey={survey} />
      <div className="ribbon-legend">
        {Object.values(ROUND_LOOKS).map(({ word, fill }) => (
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
        {layout.mists.length > 0 && (
          <span>
            <svg width={14} height={14} aria-hidden>
              <rect width={14} height={14} fill={ROUND_LOOKS.wet.fill} rx={2} />
              <path d="M4.5,14L7,9L9.5,14Z" fill="var(--raised)" />
            </svg>
            {say('a-mist')}
          </span>
        )}
        <span>
          <svg width={14} height={14} aria-hidden>
            <rect y={4} width={14} height={10} fill={ROUND_LOOKS.wet.fill} />
            <line x1={0} x2={14} y1={1.5} y2={1.5} stroke="var(--dwell)" strokeWidth={3} />
          </svg>
          {say('in-the-sun')}
        </span>
      </div>
    </>
  );
}

import { roundTime } from '@etappe/core';
import { line } from 'd3-shape';
import type { PointerEvent as ReactPointerEvent } from 'react';
import type { RibbonBar, RibbonLayout } from './day-ribbon-layout.ts';
import { ROUND_LOOKS } from './round-looks.ts';

type Press = (event: ReactPointerEvent<SVGGElement>) => void;

interface Props {
  readonly layout: RibbonLayout;
  readonly dayStart: number;
  /** Begins the ids of the bars in the document. */
  readonly prefix: string;
  readonly selected: string | null;
  /** Whose day is drawn out; null for everybody's. */
  readonly person: string | null;
  readonly nameOf: (person: string) => string;
  /** The names of their surfaces stand in the bars. */
  readonly showsParts: boolean;
  readonly select: (round: string) => void;
  readonly hover: (round: string | null) => void;
  /** A key on a round; true where it meant something. */
  readonly onKey: (bar: RibbonBar, key: string) => boolean;
  readonly drag: (bar: RibbonBar) => {
    readonly onPointerDown: Press;
    readonly onPointerMove: Press;
    readonly onPointerUp: Press;
    readonly onPointerCancel: Press;
  };
}

/** The rounds of a day as bars that are pressed, stepped through and dragged. */
export function RibbonRounds(props: Props) {
  const { layout, dayStart, prefix, selected, person, nameOf, showsParts } = props;
  return (
    <>
      {layout.bars.map((bar, i) => {
        const { round, look } = bar;
        const isFirst = layout.bars.findIndex((other) => other.round.person === round.person) === i;
        return (
          <g
            key={round.id}
            id={`${prefix}${round.id}`}
            className={`op ${round.id === selected ? 'selected' : ''}`}
            role="button"
            tabIndex={round.id === selected || (selected === null && isFirst) ? 0 : -1}
            aria-label={`${roundTime(dayStart + round.start)} ${nameOf(round.person)}: ${round.name}`}
            onClick={() => {
              props.select(round.id);
            }}
            onFocus={() => {
              props.hover(round.id);
            }}
            onPointerEnter={() => {
              props.hover(round.id);
            }}
            onPointerLeave={() => {
              props.hover(null);
            }}
            onKeyDown={(event) => {
              if (props.onKey(bar, event.key)) event.preventDefault();
            }}
            {...props.drag(bar)}
            opacity={person !== null && round.person !== person ? 0.3 : 1}
          >
            {bar.label.text !== '' && (
              <path
                d={`M${bar.x + 0.75},${bar.y + bar.height}L${bar.label.x + 1},${bar.label.y - 3}`}
                fill="none"
                stroke="var(--quiet)"
                strokeWidth={0.6}
              />
            )}
            <rect
              x={bar.x}
              y={bar.y}
              width={bar.width}
              height={bar.height}
              fill={ROUND_LOOKS[look].fill}
              stroke="var(--raised)"
              strokeWidth={0.8}
              rx={1.5}
            />
            {bar.sun.map(({ x, width }) => (
              <line
                key={x}
                x1={x}
                x2={x + width}
                y1={bar.y - 3}
                y2={bar.y - 3}
                stroke="var(--dwell)"
                strokeWidth={3}
              />
            ))}
            {bar.parts.map((part) => (
              <g key={part.x} pointerEvents="none">
                <line x1={part.x} x2={part.x} y1={bar.y} y2={bar.y + bar.height} stroke="var(--raised)" />
                {showsParts && (
                  <text x={part.x + 4} y={bar.y + 17} fontSize={11.5} fill={ROUND_LOOKS[look].ink}>
                    {part.label}
                  </text>
                )}
              </g>
            ))}
            <text x={bar.label.x + 3} y={bar.label.y} fontSize={12} fill="var(--ink)" pointerEvents="none">
              {bar.label.text}
            </text>
          </g>
        );
      })}
      {layout.mists.map(({ x, y }) => (
        <path
          key={`${x} ${y}`}
          d={`M${x - 2.5},${y}L${x},${y - 5}L${x + 2.5},${y}Z`}
          fill="var(--raised)"
          pointerEvents="none"
        />
      ))}
      {person !== null && (
        <path
          d={threadOf(layout.bars.filter(({ round }) => round.person === person))}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.6}
          pointerEvents="none"
        />
      )}
    </>
  );
}

/** A person's way: a step wherever the next work is on another surface. */
function threadOf(bars: readonly RibbonBar[]): string {
  const places = [...new Set(bars.map(({ round }) => round.places))];
  const points = bars.map(({ x, y, height, round }): [number, number] => [
    x,
    y + height - 2 - (places.indexOf(round.places) / Math.max(1, places.length - 1)) * (height - 4),
  ]);
  return line()(points) ?? '';
}

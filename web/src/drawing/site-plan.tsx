import { NUMBER_RADIUS, sitePlanLayout } from '@etappe/core';
import type { PlanMark, SitePlan } from '@etappe/core';
import { useId } from 'react';
import { say } from '../messages/drawing.ts';
import { Hatch } from './hatch.tsx';
import './site-plan.css';

/** Drawn at this and scaled to its place: on paper as on a screen. */
const WIDTH = 1000;

const FILLS = {
  roof: 'var(--plan-roof)',
  'upper-wall': 'var(--plan-wall)',
  wall: 'var(--plan-wall)',
  opening: 'var(--plan-opening)',
  floor: 'var(--plan-floor)',
} as const;

/** The property unrolled in walking order: numbered surfaces where they stand, what to protect, drains, water, and the order of the sides. */
export function SitePlanDrawing({ plan }: { readonly plan: SitePlan }) {
  const id = useId();
  const layout = sitePlanLayout(plan, WIDTH);
  const numbered = plan.surfaces.flatMap(({ number, name }) => (number === null ? [] : [{ number, name }]));
  numbered.sort((a, b) => a.number - b.number);
  return (
    <figure className="site-plan">
      {/* It scrolls on a phone: the keyboard must come to it. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
      <div className="site-plan-scroll" tabIndex={0} role="group" aria-label={say('site-plan-scrolls')}>
        <svg
          viewBox={`0 0 ${layout.width} ${layout.height}`}
          role="img"
          aria-label={say('site-plan', { sides: plan.sides.map(({ name }) => name).join(', ') })}
        >
          <defs>
            <Hatch id={id} degrees={45} step={6} stroke="var(--quiet)" width={1.6} />
          </defs>
          {layout.sides.map((side, i) => (
            <g key={side.name + String(i)}>
              {i > 0 && (
                <line
                  x1={side.x - 10}
                  x2={side.x - 10}
                  y1={side.y}
                  y2={side.y + side.height}
                  stroke="var(--line)"
                  strokeDasharray="3 4"
                />
              )}
              <text x={side.x} y={13} className="site-plan-side">
                {side.name}
                {i < layout.sides.length - 1 && ' →'}
              </text>
              <text x={side.x} y={27} className="site-plan-about">
                {side.about}
              </text>
            </g>
          ))}
          {layout.surfaces.map(({ surface, ...box }) => (
            <g key={surface.id}>
              <rect {...box} fill={FILLS[surface.band]} stroke="var(--ink)" strokeWidth={0.8}>
                <title>{surface.name}</title>
              </rect>
              {!surface.isInScope && <rect {...box} fill={`url(#${id})`} stroke="none" />}
            </g>
          ))}
          <line
            x1={0}
            x2={layout.width}
            y1={layout.ground}
            y2={layout.ground}
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          {layout.numbers.map(({ number, x, y }) => (
            <g key={number}>
              <circle cx={x} cy={y} r={NUMBER_RADIUS} fill="var(--ink)" />
              <text x={x} y={y + 4} textAnchor="middle" className="site-plan-number">
                {number}
              </text>
            </g>
          ))}
          {layout.marks.map(({ mark, x, y }) => (
            <g key={mark.letter} transform={`translate(${x} ${y})`}>
              <MarkShape kind={mark.kind} />
              <text y={4} textAnchor="middle" className={`site-plan-letter ${mark.kind}`}>
                {mark.letter}
              </text>
            </g>
          ))}
        </svg>
      </div>
      <figcaption>
        <ol className="site-plan-names">
          {numbered.map(({ number, name }) => (
            <li key={number}>
              <b className="figure">{number}</b> {name}
            </li>
          ))}
        </ol>
        <ul className="site-plan-names">
          {plan.marks.map(({ letter, kind, text }) => (
            <li key={letter}>
              <svg width={18} height={18} viewBox="-10 -10 20 20" aria-hidden>
                <MarkShape kind={kind} />
                <text y={4} textAnchor="middle" className={`site-plan-letter ${kind}`}>
                  {letter}
                </text>
              </svg>{' '}
              {text}
            </li>
          ))}
          {plan.surfaces.some(({ isInScope }) => !isInScope) && (
            <li>
              <svg width={18} height={12} aria-hidden>
                <rect width={18} height={12} fill={`url(#${id})`} stroke="var(--ink)" strokeWidth={0.8} />
              </svg>{' '}
              {say('site-plan-hands-off')}
            </li>
          )}
        </ul>
      </figcaption>
    </figure>
  );
}

/** Told apart by form, so that a grey print reads. */
function MarkShape({ kind }: Pick<PlanMark, 'kind'>) {
  if (kind === 'drain') return <path d="M-10,-8H10L0,10Z" className="site-plan-mark" />;
  if (kind === 'water') return <circle r={9} className="site-plan-mark filled" />;
  if (kind === 'vehicle') return <path d="M-10,-5H4L10,0V8H-10Z" className="site-plan-mark" />;
  return <rect x={-9} y={-9} width={18} height={18} className="site-plan-mark" />;
}

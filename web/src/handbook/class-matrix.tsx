import { USED_CLASSES, opposedClasses, idInWords } from '@etappe/core';
import type { AgentClass } from '@etappe/core';
import { scaleBand } from 'd3-scale';
import { useState } from 'react';
import { rich, say } from '../messages/handbook.ts';

const CELL = 42;
const LABELS = 128;
/** For the slanted label of the last column. */
const OVERHANG = 48;
const NAMES: Partial<Readonly<Record<AgentClass, string>>> = {
  peroxide: say('oxygen-cleaner'),
  quaternary: say('quaternary-biocide'),
  solvent: say('strong-remover'),
  'mild-solvent': say('mild-remover'),
  herbicide: say('weed-killer'),
  coating: say('sealer-coating'),
};
const nameOf = (c: AgentClass) => NAMES[c] ?? idInWords(c);

/** Classes of agents against each other: a cross where they must never meet in one flow. */
export function ClassMatrix() {
  const size = CELL * USED_CLASSES.length;
  const band = scaleBand<AgentClass>().domain(USED_CLASSES).range([0, size]);
  const [shown, setShown] = useState<readonly [AgentClass, AgentClass]>(['hypochlorite', 'acid']);
  const opposed = opposedClasses(...shown);
  const at = (c: AgentClass) => band(c) ?? 0;
  return (
    <section className="handbook-card">
      <h3>{say('never-mix')}</h3>
      <p>{say('a-cross-never-in-the')}</p>
      <div className="matrix-columns">
        <svg
          className="class-matrix"
          viewBox={`0 0 ${LABELS + size + OVERHANG} ${LABELS + size}`}
          width={LABELS + size + OVERHANG}
          role="group"
          aria-label={say('classes-of-agents-that-must')}
        >
          {USED_CLASSES.map((c) => (
            <g key={c}>
              <text x={LABELS - 8} y={LABELS + at(c) + CELL / 2} dy="0.35em" textAnchor="end">
                {nameOf(c)}
              </text>
              <text
                transform={`translate(${LABELS + at(c) + CELL / 2} ${LABELS - 8}) rotate(-60)`}
                dy="0.35em"
              >
                {nameOf(c)}
              </text>
            </g>
          ))}
          {USED_CLASSES.map((one, i) =>
            USED_CLASSES.slice(0, i).map((other) => {
              const never = opposedClasses(one, other) !== null;
              const open = shown[0] === one && shown[1] === other;
              return (
                <g
                  key={`${one} ${other}`}
                  className={`matrix-cell ${never ? 'never' : ''} ${open ? 'open' : ''}`}
                  transform={`translate(${LABELS + at(other)} ${LABELS + at(one)})`}
                  role="button"
                  tabIndex={0}
                  aria-label={say('and', {
                    one: nameOf(one),
                    other: nameOf(other),
                    never: never ? 'yes' : 'no',
                  })}
                  onClick={() => {
                    setShown([one, other]);
                  }}
                  onKeyDown={(event) => {
                    if (event.key === 'Enter' || event.key === ' ') {
                      event.preventDefault();
                      setShown([one, other]);
                    }
                  }}
                >
                  <rect x={1} y={1} width={CELL - 2} height={CELL - 2} />
                  {never && <path d="M13 13L29 29M29 13L13 29" />}
                </g>
              );
            }),
          )}
        </svg>
        <div aria-live="polite">
          <h4>{say('and-shown', { shown: nameOf(shown[0]), shown2: nameOf(shown[1]) })}</h4>
          {opposed ? (
            <>
              <p>{rich('it-goes-with', { part: <b>{say('never')}</b> })}</p>
              <ul>
                {opposed.agents.map((agent) => (
                  <li key={agent}>{agent}</li>
                ))}
              </ul>
            </>
          ) : (
            <p>{say('may-follow-each-other-after')}</p>
          )}
        </div>
      </div>
    </section>
  );
}

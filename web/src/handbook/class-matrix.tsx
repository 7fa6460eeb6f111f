import { USED_CLASSES, opposedClasses } from '@etappe/core';
import type { AgentClass } from '@etappe/core';
import { scaleBand } from 'd3-scale';
import { useState } from 'react';

const CELL = 42;
const LABELS = 128;
/** For the slanted label of the last column. */
const OVERHANG = 48;
const NAMES: Partial<Readonly<Record<AgentClass, string>>> = {
  peroxide: 'oxygen cleaner',
  quaternary: 'quaternary biocide',
  solvent: 'strong remover',
  'mild-solvent': 'mild remover',
  herbicide: 'weed killer',
  coating: 'sealer, coating',
};
const nameOf = (c: AgentClass) => NAMES[c] ?? c.replace('-', ' ');

/** Classes of agents against each other: a cross where they must never meet in one flow. */
export function ClassMatrix() {
  const size = CELL * USED_CLASSES.length;
  const band = scaleBand<AgentClass>().domain(USED_CLASSES).range([0, size]);
  const [shown, setShown] = useState<readonly [AgentClass, AgentClass]>(['hypochlorite', 'acid']);
  const opposed = opposedClasses(...shown);
  const at = (c: AgentClass) => band(c) ?? 0;
  return (
    <section className="handbook-card">
      <h3>Never mix</h3>
      <p>
        A cross: never in the same run-off, container or sprayer, and never one on a surface where the other
        still is. Between them: a full rinse, a neutraliser where there is one, and a strip reading.
      </p>
      <div className="matrix-columns">
        <svg
          className="class-matrix"
          viewBox={`0 0 ${LABELS + size + OVERHANG} ${LABELS + size}`}
          width={LABELS + size + OVERHANG}
          role="group"
          aria-label="Classes of agents that must never meet"
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
                  aria-label={`${nameOf(one)} and ${nameOf(other)}: ${never ? 'never' : 'may follow after a rinse'}`}
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
          <h4>
            {nameOf(shown[0])} and {nameOf(shown[1])}
          </h4>
          {opposed ? (
            <>
              <p>
                <b>Never.</b> It goes with:
              </p>
              <ul>
                {opposed.agents.map((agent) => (
                  <li key={agent}>{agent}</li>
                ))}
              </ul>
            </>
          ) : (
            <p>May follow each other after a rinse; labels come first.</p>
          )}
        </div>
      </div>
    </section>
  );
}

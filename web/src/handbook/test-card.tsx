import { say } from '../messages/handbook.ts';
import { CATALOGUE, quickTestById } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { inOneLine } from './facts.tsx';

export function TestCard({ id }: CardProps) {
  const test = quickTestById(id);
  const named = (candidate: string) =>
    [...CATALOGUE.contaminants, ...CATALOGUE.permanentMarks, ...CATALOGUE.materials].find(
      (e) => e.id === candidate,
    )?.name ?? candidate;
  return (
    <>
      <p>{test.how}</p>
      {test.never !== null && <p className="handbook-stop">△ {test.never}</p>}
      <Facts
        rows={[
          [say('test/needs'), inOneLine(test.needs) || say('nothing')],
          [say('test/takes'), say('test/minutes', { minutes: test.minutes })],
          [say('source'), test.source],
        ]}
      />
      <h4>{say('test/how-probable')}</h4>
      <div className="handbook-scroll">
        <table className="report-table">
          <thead>
            <tr>
              <th>{say('test/if-it-is')}</th>
              {test.outcomes.map((o) => (
                <th key={o.id}>{o.text}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {Object.entries(test.likelihood).map(([candidate, row]) => (
              <tr key={candidate}>
                <td>{named(candidate)}</td>
                {row.map((p, i) => (
                  <td key={test.outcomes[i]?.id} className="figure">
                    {Math.round(100 * p)} %
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

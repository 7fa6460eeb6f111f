import { contaminantById } from '@etappe/core';
import { Link } from 'react-router';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { inOneLine } from './facts.tsx';
import { say } from '../messages/handbook.ts';

export function ContaminantCard({ id, catalogue }: CardProps) {
  const { synonyms, family, cues, expectation } = contaminantById(id);
  const treats = catalogue.methods.filter((m) => m.treats[id]);
  return (
    <>
      <Facts
        rows={[
          [say('also-called'), inOneLine(synonyms)],
          [say('family'), family],
          [say('to-be-expected'), expectation],
        ]}
      />
      <h4>{say('how-bad-it-is')}</h4>
      <ol>
        {cues.map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ol>
      <h4>{say('what-removes-it')}</h4>
      <ul>
        {treats
          .sort((a, b) => (b.treats[id] ?? 0) - (a.treats[id] ?? 0))
          .map((m) => (
            <li key={m.id}>
              <Link to={`/handbook/methods/${m.id}`}>{m.name}</Link>{' '}
              <span className="quiet">
                {say('result-of-5', { result: m.treats[id] ?? 0, families: m.families.join(', ') })}
              </span>
            </li>
          ))}
      </ul>
    </>
  );
}

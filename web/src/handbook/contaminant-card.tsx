import { contaminantById } from '@etappe/core';
import { Link } from 'react-router';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { inOneLine } from './facts.tsx';

export function ContaminantCard({ id, catalogue }: CardProps) {
  const { synonyms, family, cues, expectation } = contaminantById(id);
  const treats = catalogue.methods.filter((m) => m.treats[id]);
  return (
    <>
      <Facts
        rows={[
          ['Also called', inOneLine(synonyms)],
          ['Family', family],
          ['To be expected', expectation],
        ]}
      />
      <h4>How bad it is</h4>
      <ol>
        {cues.map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ol>
      <h4>What removes it</h4>
      <ul>
        {treats
          .sort((a, b) => (b.treats[id] ?? 0) - (a.treats[id] ?? 0))
          .map((m) => (
            <li key={m.id}>
              <Link to={`/handbook/methods/${m.id}`}>{m.name}</Link>{' '}
              <span className="quiet">
                result {m.treats[id]} of 5, on {m.families.join(', ')}
              </span>
            </li>
          ))}
      </ul>
    </>
  );
}

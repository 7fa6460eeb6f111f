import { CATALOGUE } from '@etappe/core';
import type { Material } from '@etappe/core';
import { useState } from 'react';
import { CompanyValuesPart } from './company-values-part.tsx';
import { say } from '../messages/handbook.ts';

/** The conditions that a material can be in, with what each changes. */
export function ConditionValues({ material }: { readonly material: Material }) {
  const [seen, setSeen] = useState(false);
  if (material.conditions.length === 0) return null;
  return (
    <details
      className="house-values"
      onToggle={(event) => {
        if (event.currentTarget.open) setSeen(true);
      }}
    >
      <summary>
        <h4>{say('conditions')}</h4> <span className="quiet">{say('what-each-one-takes-off')}</span>
      </summary>
      {(seen ? material.conditions : []).map(CATALOGUE.condition).map((condition) => (
        <section key={condition.id}>
          <h5>{condition.name}</h5>
          <p className="quiet">{condition.cue}</p>
          <CompanyValuesPart kind="condition" id={condition.id} />
        </section>
      ))}
    </details>
  );
}

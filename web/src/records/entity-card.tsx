import { useState } from 'react';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { Remove } from './entity-list.tsx';
import { AT } from './questions-part.tsx';
import './entity-card.css';

interface Props {
  readonly id: string;
  readonly name: string;
  /** One line that says what matters of it while it is folded. */
  readonly about: string;
  readonly children: ReactNode;
}

/** An entity of several fields, folded to one line until it is looked at. */
export function EntityCard({ id, name, about, children }: Props) {
  // Dozens may be folded: the fields of one are made when it is first looked at.
  const asked = useSearchParams()[0].get(AT) === id;
  const [seen, setSeen] = useState(asked);
  return (
    <details
      className="entity-card"
      data-entity={id}
      open={asked || undefined}
      onToggle={(event) => {
        if (event.currentTarget.open) setSeen(true);
      }}
    >
      <summary>
        <strong>{name}</strong>
        <span className="quiet">{about}</span>
      </summary>
      {seen && (
        <div className="sheet-grid">
          {children}
          <div className="wide entity-card-foot">
            <Remove id={id} name={name} />
          </div>
        </div>
      )}
    </details>
  );
}

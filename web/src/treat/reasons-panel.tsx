import { lowerFirst } from '@etappe/core';
import { MenuFoldOutlined, MenuUnfoldOutlined } from '@ant-design/icons';
import type { PlannedSurface } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { say } from '../messages/treat.ts';

/** Why this treatment, what the customer should expect, and what comes before anything written here. */
export function ReasonsPanel({ planned }: { readonly planned: PlannedSurface }) {
  const [open, setOpen] = useState(true);
  return (
    <aside className={`treat-reasons ${open ? '' : 'folded'}`} aria-label={say('reasons')}>
      <div className="reasons-head">
        {open && <h2>{say('reasons')}</h2>}
        <Button
          type="text"
          size="small"
          icon={open ? <MenuUnfoldOutlined /> : <MenuFoldOutlined />}
          aria-label={open ? say('fold-the-reasons') : say('unfold-the-reasons')}
          aria-expanded={open}
          onClick={() => {
            setOpen(!open);
          }}
        />
      </div>
      {open && <Reasons planned={planned} />}
    </aside>
  );
}

function Reasons({ planned }: { readonly planned: PlannedSurface }) {
  const { treatment } = planned;
  return (
    <>
      {treatment?.proposals.map(
        ({ chosen, finding }) =>
          chosen && (
            <section key={finding.id}>
              <h3>
                {say('why')}{' '}
                <Link to={`/handbook/methods/${chosen.method.id}`}>{lowerFirst(chosen.method.name)}</Link>
              </h3>
              <ul>
                {/* The sum of its points stands with the method. */}
                {chosen.because
                  .filter((b) => b.rule !== 'ranking')
                  .map((b) => (
                    <li key={b.text}>
                      {b.text} {b.source !== undefined && <span className="quiet">({b.source})</span>}
                    </li>
                  ))}
              </ul>
            </section>
          ),
      )}
      {treatment && treatment.expectations.length > 0 && (
        <section>
          <h3>{say('the-customer-should-expect')}</h3>
          <ul>
            {treatment.expectations.map((e) => (
              <li key={e.text}>{e.text}</li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h3>{say('before-anything-here')}</h3>
        <p className="quiet">{say('the-product-label-its-safety')}</p>
      </section>
    </>
  );
}

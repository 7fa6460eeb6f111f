import { decimal, formatStock } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { useState } from 'react';
import { useJobSupply } from '../planning/job-supply.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/supply.ts';

/** What all visits take together, once it is asked for; nothing where there is only one. */
export function WholeJob({ plan }: { readonly plan: Plan }) {
  const [open, setOpen] = useState(false);
  if (plan.visits.length < 2) return null;
  return (
    <details
      className="fold whole-job"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary>{say('whole-job', { visits: plan.visits.length })}</summary>
      {open && <WholeJobTable plan={plan} />}
    </details>
  );
}

function WholeJobTable({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const { units } = survey.job;
  const products = useJobSupply(survey, plan);
  if (!products)
    return <div className="station-skeleton" role="status" aria-label={say('working-out-the-plan')} />;
  return (
    <div className="sections-scroll">
      <table
        className="figure-table stock-table"
        aria-label={say('whole-job', { visits: plan.visits.length })}
      >
        <thead>
          <tr>
            <th>{say('product')}</th>
            {plan.visits.map(({ number }) => (
              <th key={number}>{say('visit-number', { number })}</th>
            ))}
            <th>{say('needed')}</th>
            <th>{say('containers')}</th>
          </tr>
        </thead>
        <tbody>
          {products.map(({ product, called, name, unit, byVisit, amount, containers }) => (
            <tr key={product}>
              <td>{called ?? name}</td>
              {byVisit.map((each, i) => (
                <td key={plan.visits[i]?.number ?? i} className="figure">
                  {each === 0 ? '–' : formatStock(each, unit, units)}
                </td>
              ))}
              <td className="figure">{formatStock(amount, unit, units)}</td>
              <td className="figure">
                {containers.map((c) => `${c.count} × ${decimal(c.size, 1)} ${unit}`).join(' + ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

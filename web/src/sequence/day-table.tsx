import { dayInRows, faceSun, whyThen } from '@etappe/core';
import type { NamedRound, Plan, Survey } from '@etappe/core';
import { useState } from 'react';
import { say } from '../messages/sequence.ts';

interface Props {
  readonly plan: Plan;
  readonly survey: Survey;
  /** Of the plan. */
  readonly rounds: readonly NamedRound[];
}

/** What the drawing of the day shows, as a table in the order of time: to be read aloud, searched and copied. */
export function DayTable(props: Props) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <details
      className="day-table"
      onToggle={({ currentTarget }) => {
        setIsOpen(currentTarget.open);
      }}
    >
      <summary>{say('day-table')}</summary>
      {isOpen && <Rows {...props} />}
    </details>
  );
}

function Rows({ plan, survey, rounds }: Props) {
  const rows = dayInRows(plan, survey, rounds, faceSun(plan, survey), whyThen(plan, survey, rounds));
  return (
    <div className="sections-scroll">
      <table className="figure-table" aria-label={say('day-table')}>
        <thead>
          <tr>
            <th scope="col">{say('day-table/from')}</th>
            <th scope="col">{say('day-table/to')}</th>
            <th scope="col">{say('day-table/who')}</th>
            <th scope="col">{say('day-table/where')}</th>
            <th scope="col">{say('day-table/what')}</th>
            <th scope="col">{say('day-table/dwells')}</th>
            <th scope="col">{say('day-table/mists')}</th>
            <th scope="col">{say('day-table/light')}</th>
            <th scope="col">{say('day-table/why')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id}>
              <td className="figure">{row.from}</td>
              <td className="figure">{row.to}</td>
              <th scope="row">{row.person}</th>
              <td>{row.places}</td>
              <td>{row.acts}</td>
              <td className="figure">{row.dwells.join(', ')}</td>
              <td className="figure">{row.mists.join(', ')}</td>
              <td>{row.sun}</td>
              <td className="quiet">{row.why}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

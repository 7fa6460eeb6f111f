import { contaminantById, decimal, formatDuration, formatVolume } from '@etappe/core';
import type { JobFigures, UnitSystem, WhatIf } from '@etappe/core';

interface Row {
  readonly what: string;
  readonly of: (figures: JobFigures) => string;
}

const rowsIn = (units: UnitSystem): readonly Row[] => [
  {
    what: 'Visits',
    of: (f) => `${f.visits}${f.days > 0 ? `, the last ${f.days} days later` : ''}`,
  },
  { what: 'Hands on', of: (f) => formatDuration(60 * Math.round(f.handsOnMinutes)) },
  { what: 'Mix applied', of: (f) => formatVolume(Math.round(f.mixLitres), units) },
  { what: 'Water', of: (f) => formatVolume(Math.round(f.waterLitres), units) },
  { what: 'Risk to surfaces', of: (f) => grade(f.faceRisk) },
  { what: 'Harm around', of: (f) => grade(f.harmAround) },
  { what: 'Nothing permitted', of: (f) => String(f.open) },
];

const grade = (value: number | null) => (value === null ? '–' : `${decimal(value, 1)} of 5`);

/** Before and after a change, and every finding that would be treated otherwise. */
export function WhatIfTable({ whatIf, units }: { readonly whatIf: WhatIf; readonly units: UnitSystem }) {
  const { before, after, changed } = whatIf;
  return (
    <>
      <table className="what-if">
        <thead>
          <tr>
            <th scope="col">The whole job</th>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
          </tr>
        </thead>
        <tbody>
          {rowsIn(units).map(({ what, of }) => {
            const [now, then] = [of(before), of(after)];
            return (
              <tr key={what} className={now === then ? 'quiet' : ''}>
                <th scope="row">{what}</th>
                <td className="figure">{now}</td>
                <td className="figure">{now === then ? 'the same' : then}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {changed.length === 0 ? (
        <p className="quiet">No surface changes method.</p>
      ) : (
        <ul className="what-if-changed">
          {changed.map((c) => (
            <li key={`${c.surface} ${c.contaminant}`}>
              {c.name}, {contaminantById(c.contaminant).name.toLowerCase()}:{' '}
              {(c.from ?? 'nothing').toLowerCase()} → <b>{(c.to ?? 'nothing').toLowerCase()}</b>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

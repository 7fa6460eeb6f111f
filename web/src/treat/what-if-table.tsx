import { contaminantById, decimal, formatDuration, formatVolume, lowerFirst } from '@etappe/core';
import type { JobFigures, UnitSystem, WhatIf } from '@etappe/core';
import { say } from '../messages/treat.ts';

interface Row {
  readonly what: string;
  readonly of: (figures: JobFigures) => string;
}

const rowsIn = (units: UnitSystem): readonly Row[] => [
  {
    what: say('visits'),
    of: (f) => `${f.visits}${f.days > 0 ? say('the-last-days-later', { days: f.days }) : ''}`,
  },
  { what: say('hands-on'), of: (f) => formatDuration(60 * Math.round(f.handsOnMinutes)) },
  { what: say('mixes-of-the-visit'), of: (f) => String(f.mixes) },
  { what: say('mix-applied'), of: (f) => formatVolume(Math.round(f.mixLitres), units) },
  { what: say('water'), of: (f) => formatVolume(Math.round(f.waterLitres), units) },
  { what: say('risk-to-surfaces'), of: (f) => grade(f.faceRisk) },
  { what: say('harm-around'), of: (f) => grade(f.harmAround) },
  { what: say('nothing-permitted-head'), of: (f) => String(f.open) },
];

const grade = (value: number | null) => (value === null ? '–' : say('of-5', { value: decimal(value, 1) }));

/** Before and after a change, and every finding that would be treated otherwise. */
export function WhatIfTable({ whatIf, units }: { readonly whatIf: WhatIf; readonly units: UnitSystem }) {
  const { before, after, changed } = whatIf;
  return (
    <>
      <table className="what-if">
        <thead>
          <tr>
            <th scope="col">{say('the-whole-job')}</th>
            <th scope="col">{say('now')}</th>
            <th scope="col">{say('then')}</th>
          </tr>
        </thead>
        <tbody>
          {rowsIn(units).map(({ what, of }) => {
            const [now, then] = [of(before), of(after)];
            return (
              <tr key={what} className={now === then ? 'quiet' : ''}>
                <th scope="row">{what}</th>
                <td className="figure">{now}</td>
                <td className="figure">{now === then ? say('the-same') : then}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {changed.length === 0 ? (
        <p className="quiet">{say('no-surface-changes-method')}</p>
      ) : (
        <ul className="what-if-changed">
          {changed.map((c) => (
            <li key={`${c.surface} ${c.contaminant}`}>
              {c.name}, {lowerFirst(contaminantById(c.contaminant).name)}:{' '}
              {lowerFirst(c.from ?? say('nothing'))} → <b>{lowerFirst(c.to ?? say('nothing'))}</b>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

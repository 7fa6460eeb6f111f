import {
  CATALOGUE,
  changedHouse,
  changedWeather,
  decimal,
  dryClock,
  faced,
  figureFault,
  formatArea,
  formatStock,
  formatVolume,
  tapFields,
  tapToChange,
  visitWater,
  waterFlow,
  withSupplyChange,
  unitOf,
} from '@etappe/core';
import type { Plan, SpannedFigure, SupplyChange, SupplyFigures, Survey, UnitSystem } from '@etappe/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useWhatIf } from '../planning/what-if.tsx';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { firstFault } from '../survey-edits/use-entity.ts';
import { say } from '../messages/supply.ts';

const SCHOOLS = CATALOGUE.schools.flatMap((school) =>
  school.settings.map((setting) => ({
    value: `${school.id}/${setting.id}`,
    label: `${school.name}: ${setting.name}`,
  })),
);

/** What would change if the day, the stock, the tap or the pump were otherwise than thought; nothing of it is saved before it is taken. */
export function WhatIfStrip({ plan }: { readonly plan: Plan }) {
  const { survey, state, edit } = useSurveySession();
  const [change, setChange] = useState<SupplyChange>({});
  const asked = Object.keys(change).length > 0;
  const changed = useMemo(() => (asked ? withSupplyChange(survey, change) : null), [asked, survey, change]);
  const set = (more: SupplyChange): null => {
    setChange((before) => ({ ...before, ...more }));
    return null;
  };
  const { weather, house, units } = survey.job;
  const tap = tapToChange(survey);
  const flow = tap && waterFlow(tap)?.litresPerMinute;
  const washer = house.machines.find((m) => m.kind === 'pressure-washer');
  const take = () => {
    const { stockDaysOlder: _, tapLitresPerMinute, ...ofJob } = change;
    const fault = firstFault(
      edit([
        ...(Object.keys(ofJob).length > 0
          ? [
              {
                kind: 'job',
                entity: state.job.id,
                op: 'patch',
                fields: { weather: changedWeather(survey, change), house: changedHouse(survey, change) },
              } as const,
            ]
          : []),
        ...(tapLitresPerMinute !== undefined && tap
          ? [
              {
                kind: 'water-point',
                entity: tap.id,
                op: 'patch',
                fields: { ...tapFields(tapLitresPerMinute) },
              } as const,
            ]
          : []),
      ]),
    );
    if (fault === null) setChange({});
  };
  const within = (figure: SpannedFigure, value: number, more: SupplyChange) =>
    figureFault(figure, value) ?? set(more);
  return (
    <details className="what-if-strip hairline">
      <summary>{say('what-if-the-weather-stock')}</summary>
      <div className="strip-fields">
        <NumberField
          label={say('air-warmest')}
          unit="°C"
          value={change.temperatureC ?? weather.temperatureC}
          take={(v) => within('airCelsius', v, { temperatureC: v })}
        />
        <NumberField
          label={say('cloud')}
          unit="%"
          scale={100}
          value={change.cloud ?? weather.cloud}
          take={(v) => within('cloud', v, { cloud: v })}
        />
        <NumberField
          label={say('stock-older-by')}
          unit="days"
          value={change.stockDaysOlder ?? 0}
          take={(v) => within('stockDays', v, { stockDaysOlder: Math.round(v) })}
        />
        {tap && (
          <NumberField
            label={tap.name}
            {...unitOf('flow', units)}
            value={change.tapLitresPerMinute ?? flow ?? null}
            take={(v) => within('tapLitresPerMinute', v, { tapLitresPerMinute: v })}
          />
        )}
        {washer && (
          <>
            <NumberField
              label={say('pressure-washer')}
              {...unitOf('pumpPressure', units)}
              value={change.pumpBar ?? washer.pressureBar}
              take={(v) => within('pumpBar', v, { pumpBar: v })}
            />
            <NumberField
              label={say('nozzle-size')}
              unit=""
              value={change.tipOrifice ?? washer.tipOrifice}
              take={(v) => within('tipOrifice', v, { tipOrifice: v })}
            />
          </>
        )}
        <ChoiceField
          label={say('working-practice')}
          value={change.school ? `${change.school.id}/${change.school.setting}` : null}
          options={SCHOOLS}
          placeholder={say('as-it-is')}
          take={(value) => {
            const [id = '', setting = ''] = value.split('/');
            set({ school: { id, setting } });
          }}
        />
      </div>
      {changed && (
        <>
          <Changes plan={plan} survey={survey} changed={changed} />
          <div className="strip-acts">
            <Button type="primary" disabled={onlyStock(change)} onClick={take}>
              {say('apply')}
            </Button>
            <Button
              onClick={() => {
                setChange({});
              }}
            >
              {say('discard')}
            </Button>
            {change.stockDaysOlder !== undefined && (
              <span className="quiet">{say('this-does-not-age-the')}</span>
            )}
          </div>
        </>
      )}
    </details>
  );
}

const onlyStock = (change: SupplyChange) => Object.keys(change).every((key) => key === 'stockDaysOlder');

interface ChangesProps {
  readonly plan: Plan;
  readonly survey: Survey;
  readonly changed: Survey;
}

function Changes({ plan, survey, changed }: ChangesProps) {
  const answer = useWhatIf(survey, changed);
  const { units } = survey.job;
  if (!answer) return <p role="status">{say('working-it-out')}</p>;
  const { before, after } = answer.supply;
  const rows = rowsOf(before, after, units);
  const tank = tankRow(plan, survey, changed);
  const differing = [
    ...rows.filter((row) => row.now !== row.then),
    ...(tank && tank.now !== tank.then ? [tank] : []),
  ];
  return (
    <div role="status">
      {differing.length === 0 && answer.changed.length === 0 ? (
        <p>{say('nothing-you-bring-would-change')}</p>
      ) : (
        <table className="what-if">
          <thead>
            <tr>
              <th scope="col">{say('this-visit')}</th>
              <th scope="col">{say('now')}</th>
              <th scope="col">{say('then')}</th>
            </tr>
          </thead>
          <tbody>
            {differing.map((row) => (
              <tr key={row.what}>
                <th scope="row">{row.what}</th>
                <td className="figure">{row.now}</td>
                <td className="figure">{row.then}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {answer.changed.length > 0 && (
        <p>
          {say('would-be-treated-differently-instead', {
            changedCount: answer.changed.length,
            visits: answer.after.visits,
            before: answer.before.visits,
          })}
        </p>
      )}
    </div>
  );
}

interface Row {
  readonly what: string;
  readonly now: string;
  readonly then: string;
}

function rowsOf(before: SupplyFigures, after: SupplyFigures, units: UnitSystem): readonly Row[] {
  const row = (what: string, of: (figures: SupplyFigures) => string): Row => ({
    what,
    now: of(before),
    then: of(after),
  });
  const names = new Map([...before.products, ...after.products].map((p) => [p.product, p.name]));
  return [
    row(say('fastest-drying'), (f) => say('mm-h', { fastestDrying: decimal(f.fastestDrying, 2) })),
    row(say('least-wet-at-once'), (f) =>
      f.leastWet ? `${formatArea(f.leastWet.squareMetres, units)}, ${f.leastWet.surface}` : '–',
    ),
    row(say('strips'), (f) => String(f.strips)),
    row(say('not-workable'), (f) => String(f.unworkable)),
    row(say('mix'), (f) => formatVolume(Number(f.mixLitres.toFixed(1)), units)),
    row(say('water-on-the-surfaces'), (f) => formatVolume(Math.round(f.waterLitres), units)),
    row(say('jets-over-their-limit'), (f) => String(f.jetsOverLimit)),
    ...[...names].map(([product, name]) =>
      row(name, (f) => {
        const found = f.products.find((p) => p.product === product);
        return found ? formatStock(found.amount, found.unit, units) : 'none';
      }),
    ),
  ];
}

/** By the sequence as it is: neither a tap nor a pump changes who does what when. */
function tankRow(plan: Plan, survey: Survey, changed: Survey): Row | null {
  if (!plan.visit) return null;
  const { schedule } = plan.visit;
  const said = (of: Survey) => {
    const dry = dryClock(visitWater(plan, schedule, faced(of)), of.job.house.dayStart);
    return dry === null ? 'lasts' : say('dry-at', { dry });
  };
  return { what: say('water-of-the-day'), now: said(survey), then: said(changed) };
}

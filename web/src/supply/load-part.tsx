import { LOAD_GROUPS, USUAL_GEAR, formatMass, formatVolume, unitOf } from '@etappe/core';
import type { LoadGroup, LoadItem, LoadList, YardMix } from '@etappe/core';
import { Alert, Checkbox } from 'antd';
import { personOnDevice } from '../person-on-device.ts';
import { PrintButton } from '../print-button.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { useGear } from './use-gear.ts';
import { rich, say } from '../messages/supply.ts';

const GROUP_NAMES: Readonly<Record<LoadGroup, string>> = {
  products: say('products'),
  machines: say('machines'),
  tools: say('tools'),
  hoses: say('hoses'),
  protections: say('protection'),
  wear: say('wear'),
  water: say('water'),
  papers: say('papers'),
};

/** Everything that goes onto the vehicle, to be ticked off while loading. */
export function LoadPart({ load }: { readonly load: LoadList }) {
  const { job, patch } = useJob();
  const { units, house, patchGear } = useGear();
  const { vehicle } = house.gear;
  const loaded = load.items.filter((item) => item.key in job.loaded).length;
  return (
    <section aria-label={say('load-list')} className="load-list">
      <div className="supply-head">
        <h2>{say('load-list')}</h2>
        <span className="figure" role="status">
          {say('of-loaded', { loaded, itemsCount: load.items.length })}
        </span>
        <PrintButton />
      </div>
      {load.faults.length > 0 && (
        <Alert
          type="warning"
          showIcon
          title={
            load.faults.length === 1
              ? say('one-item-is-short')
              : say('items-are-short', { faultsCount: load.faults.length })
          }
          description={
            <ul>
              {load.faults.map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
          }
        />
      )}
      <div className="supply-settings">
        <NumberField
          label={say('vehicle-carries')}
          value={vehicle?.kilograms ?? null}
          {...unitOf('mass', units)}
          clear={() => patchGear({ vehicle: null })}
          take={(kilograms) =>
            patchGear({ vehicle: { kilograms, litres: vehicle?.litres ?? USUAL_GEAR.vehicle.litres } })
          }
        />
        <NumberField
          label={say('room-in-it')}
          value={vehicle?.litres ?? null}
          {...unitOf('volume', units)}
          clear={() => patchGear({ vehicle: null })}
          take={(litres) =>
            patchGear({ vehicle: { litres, kilograms: vehicle?.kilograms ?? USUAL_GEAR.vehicle.kilograms } })
          }
        />
        <p className="quiet">
          {say('this-load-weighs-about')}{' '}
          {rich('and-takes', {
            what: <span className="figure">{formatMass(1000 * Math.round(load.kilograms), units)}</span>,
          })}{' '}
          {rich('by-trade-defaults-for-each', {
            litres: <span className="figure">{formatVolume(Math.round(load.litres), units)}</span>,
          })}
        </p>
      </div>
      <div className="load-groups">
        {LOAD_GROUPS.map((group) => (
          <LoadGroupList
            key={group}
            name={GROUP_NAMES[group]}
            items={load.items.filter((item) => item.group === group)}
            by={job.loaded}
            tick={(item, on) => {
              patch({ [`loaded.${item.key}`]: on ? personOnDevice() : null });
            }}
          />
        ))}
        {load.yardMixes.length > 0 && <YardMixes mixes={load.yardMixes} />}
      </div>
    </section>
  );
}

interface GroupProps {
  readonly name: string;
  readonly items: readonly LoadItem[];
  readonly by: Readonly<Record<string, string>>;
  readonly tick: (item: LoadItem, on: boolean) => void;
}

function LoadGroupList({ name, items, by, tick }: GroupProps) {
  if (items.length === 0) return null;
  return (
    <section aria-label={name}>
      <h3>{name}</h3>
      <ul className="plain">
        {items.map((item) => (
          <li key={item.key}>
            <Checkbox
              checked={item.key in by}
              onChange={(event) => {
                tick(item, event.target.checked);
              }}
            >
              <b>{item.name}</b> <span className="quiet">{item.amount}</span>
              {item.short !== null && <span> △</span>}
              {by[item.key] ? <span className="quiet"> · {by[item.key]}</span> : null}
            </Checkbox>
          </li>
        ))}
      </ul>
    </section>
  );
}

function YardMixes({ mixes }: { readonly mixes: readonly YardMix[] }) {
  return (
    <section aria-label={say('mixes-that-can-be-made')}>
      <h3>{say('can-be-mixed-at-the')}</h3>
      <p className="quiet">{say('where-water-is-scarce-on')}</p>
      <ul className="plain">
        {mixes.map((mix) => (
          <li key={mix.agent}>
            <b>{mix.name}</b> <span className="figure quiet">{mix.text}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

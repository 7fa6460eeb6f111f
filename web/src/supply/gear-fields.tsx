import { USUAL_GEAR, unitOf } from '@etappe/core';
import type { JobGear, JobHouse, UnitSystem, Unit } from '@etappe/core';
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Checkbox } from 'antd';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useGear } from './use-gear.ts';
import { say } from '../messages/supply.ts';

/** What you bring for water, to reach the top and to catch what runs off. */
export function GearFields() {
  const { units, house, patchGear, patchHouse } = useGear();
  const { gear } = house;
  return (
    <section aria-label={say('what-you-bring')}>
      <h2>{say('what-you-bring')}</h2>
      <div className="supply-settings">
        <NumberField
          label={say('tank')}
          value={gear.tank?.litres ?? null}
          {...unitOf('volume', units)}
          clear={() => patchGear({ tank: null })}
          take={(litres) => patchGear({ tank: { litres, startLitres: gear.tank?.startLitres ?? null } })}
        />
        {gear.tank && (
          <NumberField
            label={say('in-it-at-the-start')}
            value={gear.tank.startLitres ?? gear.tank.litres}
            {...unitOf('volume', units)}
            take={(startLitres) =>
              patchGear({ tank: { litres: gear.tank?.litres ?? startLitres, startLitres } })
            }
          />
        )}
        <NumberField
          label={say('trigger-held')}
          value={gear.triggerShare}
          unit="%"
          scale={100}
          take={(triggerShare) => patchGear({ triggerShare })}
        />
        <NumberField
          label={say('longest-pole')}
          value={gear.longestPoleMetres}
          {...unitOf('length', units)}
          clear={() => patchGear({ longestPoleMetres: null })}
          take={(longestPoleMetres) => patchGear({ longestPoleMetres })}
        />
        <NumberField
          label={say('machine-stands-from-the-vehicle')}
          value={gear.machineMetres ?? null}
          {...unitOf('length', units)}
          clear={() => patchGear({ machineMetres: null })}
          take={(machineMetres) => patchGear({ machineMetres })}
        />
        <NumberField
          label={say('ladder-height-of-the-feet')}
          value={gear.ladderMetres}
          {...unitOf('length', units)}
          clear={() => patchGear({ ladderMetres: null })}
          take={(ladderMetres) => patchGear({ ladderMetres })}
        />
        <NumberField
          label={say('catch-holds')}
          value={gear.catchLitres}
          {...unitOf('volume', units)}
          take={(catchLitres) => patchGear({ catchLitres })}
        />
      </div>
      <PumpFields units={units} machines={house.machines} take={(machines) => patchHouse({ machines })} />
      <OptionalGear
        what={say('bringing-a-tower')}
        fields={accessFields(units)}
        usual={USUAL_GEAR.tower}
        value={gear.tower}
        take={(tower) => patchGear({ tower })}
      />
      <OptionalGear
        what={say('bringing-a-lift')}
        fields={accessFields(units)}
        usual={USUAL_GEAR.lift}
        value={gear.lift}
        take={(lift) => patchGear({ lift })}
      />
      <OptionalGear
        what={say('bringing-a-booster-for-the')}
        fields={boosterFields(units)}
        usual={USUAL_GEAR.booster}
        value={gear.booster}
        take={(booster) => patchGear({ booster })}
      />
      <OptionalGear
        what={say('water-costs-money')}
        fields={priceFields(units)}
        usual={USUAL_GEAR.waterPrice}
        value={gear.waterPrice}
        take={(waterPrice) => patchGear({ waterPrice })}
      />
      <HoseFields units={units} hoses={gear.hoses} take={(hoses) => patchGear({ hoses })} />
    </section>
  );
}

interface PairProps<K extends string> {
  readonly what: string;
  readonly fields: readonly (readonly [K, string, Unit])[];
  readonly usual: Readonly<Record<K, number>>;
  readonly value: Readonly<Record<K, number>> | null;
  readonly take: (value: Readonly<Record<K, number>> | null) => string | null;
}

/** Something that comes along or not, with its figures where it does. */
function OptionalGear<K extends string>({ what, fields, usual, value, take }: PairProps<K>) {
  return (
    <div className="optional-gear">
      <Checkbox
        checked={value !== null}
        onChange={(event) => {
          take(event.target.checked ? usual : null);
        }}
      >
        {what}
      </Checkbox>
      {value !== null && (
        <div className="supply-settings">
          {fields.map(([key, label, unit]) => (
            <NumberField
              key={key}
              label={label}
              value={value[key]}
              {...unit}
              take={(figure) => take({ ...value, [key]: figure })}
            />
          ))}
        </div>
      )}
    </div>
  );
}

const PLAIN: Unit = { unit: '', scale: 1, digits: 2 };
const accessFields = (units: UnitSystem) =>
  [
    ['baseMetres', say('width-of-its-base'), unitOf('length', units)],
    ['platformMetres', say('height-of-its-platform'), unitOf('length', units)],
  ] as const;
const boosterFields = (units: UnitSystem) =>
  [
    ['shutOffBar', say('pressure-at-no-flow'), unitOf('pumpPressure', units)],
    ['greatestLitresPerMinute', say('flow-at-no-pressure'), unitOf('flow', units)],
  ] as const;
const priceFields = (units: UnitSystem) =>
  [
    ['perCubicMetre', say('a-cubic-metre-from-the'), PLAIN],
    ['perTruck', say('a-trucks-trip'), PLAIN],
    ['truckLitres', say('a-truck-brings'), unitOf('volume', units)],
  ] as const;
const PUMPS: Readonly<Record<string, string>> = {
  'pressure-washer': say('pressure-washer'),
  'hot-washer': say('hot-washer'),
};

interface PumpProps {
  readonly units: UnitSystem;
  readonly machines: JobHouse['machines'];
  readonly take: (machines: JobHouse['machines']) => string | null;
}

/** Pumps by their plates, and the tips of their lances. */
function PumpFields({ units, machines, take }: PumpProps) {
  return machines
    .filter((m) => m.kind in PUMPS && m.count > 0)
    .map((machine) => {
      const set = (more: Partial<typeof machine>) =>
        take(machines.map((m) => (m === machine ? { ...m, ...more } : m)));
      return (
        <fieldset key={machine.kind} className="field">
          <legend className="field-label">
            {PUMPS[machine.kind]}
            {say('by-its-plate')}
          </legend>
          <div className="supply-settings">
            <NumberField
              label={say('flow')}
              value={machine.flowLitresPerMinute}
              {...unitOf('flow', units)}
              clear={() => set({ flowLitresPerMinute: null })}
              take={(flowLitresPerMinute) => set({ flowLitresPerMinute })}
            />
            <NumberField
              label={say('pressure')}
              value={machine.pressureBar}
              {...unitOf('pumpPressure', units)}
              clear={() => set({ pressureBar: null })}
              take={(pressureBar) => set({ pressureBar })}
            />
            <NumberField
              label={say('nozzle-size')}
              value={machine.tipOrifice}
              unit=""
              clear={() => set({ tipOrifice: null })}
              take={(tipOrifice) => set({ tipOrifice })}
            />
          </div>
        </fieldset>
      );
    });
}

const USES = [
  { value: 'supply', label: 'supply' },
  { value: 'pressure', label: 'pressure' },
];

function HoseFields({
  units,
  hoses,
  take,
}: {
  readonly units: UnitSystem;
  readonly hoses: JobGear['hoses'];
  readonly take: (hoses: JobGear['hoses']) => string | null;
}) {
  const replace = (at: number, more: Partial<JobGear['hoses'][number]>) =>
    take(hoses.map((h, i) => (i === at ? { ...h, ...more } : h)));
  return (
    <fieldset className="field">
      <legend className="field-label">{say('hoses')}</legend>
      {hoses.map((hose, i) => (
        <div key={`${i} of ${hoses.length}`} className="hose-row">
          <ChipField
            label={say('use-of-hose', { i: i + 1 })}
            value={hose.use}
            options={USES}
            take={(use) => {
              replace(i, { use: use as typeof hose.use });
            }}
          />
          <NumberField
            label={say('length-of-hose', { i: i + 1 })}
            value={hose.metres}
            {...unitOf('length', units)}
            take={(metres) => replace(i, { metres })}
          />
          <NumberField
            label={say('inside-of-hose', { i: i + 1 })}
            value={hose.innerMillimetres}
            {...unitOf('smallLength', units)}
            take={(innerMillimetres) => replace(i, { innerMillimetres })}
          />
          <Button
            type="text"
            icon={<DeleteOutlined />}
            aria-label={say('take-out-hose', { i: i + 1 })}
            onClick={() => {
              take(hoses.filter((_, at) => at !== i));
            }}
          />
        </div>
      ))}
      <Button
        size="small"
        icon={<PlusOutlined />}
        onClick={() => {
          take([...hoses, USUAL_GEAR.hose]);
        }}
      >
        {say('add-hose')}
      </Button>
    </fieldset>
  );
}

import { USUAL_GEAR, unitOf } from '@etappe/core';
import type { JobGear, JobHouse, UnitSystem, Unit } from '@etappe/core';
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Checkbox } from 'antd';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useGear } from './use-gear.ts';

/** What you bring for water, to reach the top and to catch what runs off. */
export function GearFields() {
  const { units, house, patchGear, patchHouse } = useGear();
  const { gear } = house;
  return (
    <section aria-label="What you bring">
      <h2>What you bring</h2>
      <div className="supply-settings">
        <NumberField
          label="Tank"
          value={gear.tank?.litres ?? null}
          {...unitOf('volume', units)}
          clear={() => patchGear({ tank: null })}
          take={(litres) => patchGear({ tank: { litres, startLitres: gear.tank?.startLitres ?? null } })}
        />
        {gear.tank && (
          <NumberField
            label="In it at the start"
            value={gear.tank.startLitres ?? gear.tank.litres}
            {...unitOf('volume', units)}
            take={(startLitres) =>
              patchGear({ tank: { litres: gear.tank?.litres ?? startLitres, startLitres } })
            }
          />
        )}
        <NumberField
          label="Trigger held"
          value={gear.triggerShare}
          unit="%"
          scale={100}
          take={(triggerShare) => patchGear({ triggerShare })}
        />
        <NumberField
          label="Longest pole"
          value={gear.longestPoleMetres}
          {...unitOf('length', units)}
          clear={() => patchGear({ longestPoleMetres: null })}
          take={(longestPoleMetres) => patchGear({ longestPoleMetres })}
        />
        <NumberField
          label="Ladder, height of the feet"
          value={gear.ladderMetres}
          {...unitOf('length', units)}
          clear={() => patchGear({ ladderMetres: null })}
          take={(ladderMetres) => patchGear({ ladderMetres })}
        />
        <NumberField
          label="Catch holds"
          value={gear.catchLitres}
          {...unitOf('volume', units)}
          take={(catchLitres) => patchGear({ catchLitres })}
        />
      </div>
      <PumpFields units={units} machines={house.machines} take={(machines) => patchHouse({ machines })} />
      <OptionalGear
        what="Bringing a tower"
        fields={accessFields(units)}
        usual={USUAL_GEAR.tower}
        value={gear.tower}
        take={(tower) => patchGear({ tower })}
      />
      <OptionalGear
        what="Bringing a lift"
        fields={accessFields(units)}
        usual={USUAL_GEAR.lift}
        value={gear.lift}
        take={(lift) => patchGear({ lift })}
      />
      <OptionalGear
        what="Bringing a booster for the tap"
        fields={boosterFields(units)}
        usual={USUAL_GEAR.booster}
        value={gear.booster}
        take={(booster) => patchGear({ booster })}
      />
      <OptionalGear
        what="Water costs money"
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
    ['baseMetres', 'Width of its base', unitOf('length', units)],
    ['platformMetres', 'Height of its platform', unitOf('length', units)],
  ] as const;
const boosterFields = (units: UnitSystem) =>
  [
    ['shutOffBar', 'Pressure at no flow', unitOf('pumpPressure', units)],
    ['greatestLitresPerMinute', 'Flow at no pressure', unitOf('flow', units)],
  ] as const;
const priceFields = (units: UnitSystem) =>
  [
    ['perCubicMetre', 'A cubic metre from the tap', PLAIN],
    ['perTruck', "A truck's trip", PLAIN],
    ['truckLitres', 'A truck brings', unitOf('volume', units)],
  ] as const;
const PUMPS: Readonly<Record<string, string>> = {
  'pressure-washer': 'Pressure washer',
  'hot-washer': 'Hot washer',
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
          <legend className="field-label">{PUMPS[machine.kind]}, by its plate</legend>
          <div className="supply-settings">
            <NumberField
              label="Flow"
              value={machine.flowLitresPerMinute}
              {...unitOf('flow', units)}
              clear={() => set({ flowLitresPerMinute: null })}
              take={(flowLitresPerMinute) => set({ flowLitresPerMinute })}
            />
            <NumberField
              label="Pressure"
              value={machine.pressureBar}
              {...unitOf('pumpPressure', units)}
              clear={() => set({ pressureBar: null })}
              take={(pressureBar) => set({ pressureBar })}
            />
            <NumberField
              label="Nozzle size"
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
      <legend className="field-label">Hoses</legend>
      {hoses.map((hose, i) => (
        <div key={`${i} of ${hoses.length}`} className="hose-row">
          <ChipField
            label={`Use of hose ${i + 1}`}
            value={hose.use}
            options={USES}
            take={(use) => {
              replace(i, { use: use as typeof hose.use });
            }}
          />
          <NumberField
            label={`Length of hose ${i + 1}`}
            value={hose.metres}
            {...unitOf('length', units)}
            take={(metres) => replace(i, { metres })}
          />
          <NumberField
            label={`Inside of hose ${i + 1}`}
            value={hose.innerMillimetres}
            {...unitOf('smallLength', units)}
            take={(innerMillimetres) => replace(i, { innerMillimetres })}
          />
          <Button
            type="text"
            icon={<DeleteOutlined />}
            aria-label={`Take out hose ${i + 1}`}
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
        Add hose
      </Button>
    </fieldset>
  );
}

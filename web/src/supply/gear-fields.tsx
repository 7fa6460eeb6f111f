import type { JobGear, JobHouse } from '@etappe/core';
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useGear } from './use-gear.ts';

/** What comes along for water, to reach the top and to catch what runs off. */
export function GearFields() {
  const { house, patchGear, patchHouse } = useGear();
  const { gear } = house;
  return (
    <section aria-label="What comes along">
      <h2>What comes along</h2>
      <div className="supply-settings">
        <NumberField
          label="Tank"
          value={gear.tank?.litres ?? null}
          unit="L"
          clear={() => patchGear({ tank: null })}
          take={(litres) => patchGear({ tank: { litres, startLitres: gear.tank?.startLitres ?? null } })}
        />
        {gear.tank && (
          <NumberField
            label="In it when work begins"
            value={gear.tank.startLitres ?? gear.tank.litres}
            unit="L"
            take={(startLitres) => patchGear({ tank: { litres: gear.tank?.litres ?? startLitres, startLitres } })}
          />
        )}
        <NumberField label="Trigger held" value={gear.triggerShare} unit="%" scale={100} take={(triggerShare) => patchGear({ triggerShare })} />
        <NumberField label="Longest pole" value={gear.longestPoleMetres} unit="m" clear={() => patchGear({ longestPoleMetres: null })} take={(longestPoleMetres) => patchGear({ longestPoleMetres })} />
        <NumberField label="Catch holds" value={gear.catchLitres} unit="L" take={(catchLitres) => patchGear({ catchLitres })} />
        <PairFields names={TOWER} units={['m', 'm']} keys={['baseMetres', 'platformMetres']} usual={USUAL_TOWER} value={gear.tower} take={(tower) => patchGear({ tower })} />
        <PairFields names={LIFT} units={['m', 'm']} keys={['baseMetres', 'platformMetres']} usual={USUAL_LIFT} value={gear.lift} take={(lift) => patchGear({ lift })} />
        <PairFields names={BOOSTER} units={['bar', 'L/min']} keys={['shutOffBar', 'greatestLitresPerMinute']} usual={USUAL_BOOSTER} value={gear.booster} take={(booster) => patchGear({ booster })} />
      </div>
      <PumpFields machines={house.machines} take={(machines) => patchHouse({ machines })} />
      <WaterPriceFields price={gear.waterPrice} take={(waterPrice) => patchGear({ waterPrice })} />
      <HoseFields hoses={gear.hoses} take={(hoses) => patchGear({ hoses })} />
    </section>
  );
} // prettier-ignore

const TOWER = ['Tower, width of its base', 'Height of its platform'] as const;
const LIFT = ['Lift, width of its base', 'Height of its platform'] as const;
const BOOSTER = ['Booster, pressure at no flow', 'Flow at no pressure'] as const;
/** What the other figure is taken for while only one is typed. */
const USUAL_TOWER = { baseMetres: 1.35, platformMetres: 4 };
const USUAL_LIFT = { baseMetres: 2, platformMetres: 10 };
const USUAL_BOOSTER = { shutOffBar: 3, greatestLitresPerMinute: 30 };

interface PairProps<K extends string> {
  readonly names: readonly [string, string];
  readonly units: readonly [string, string];
  readonly keys: readonly [K, K];
  readonly usual: Readonly<Record<K, number>>;
  readonly value: Readonly<Record<K, number>> | null;
  readonly take: (value: Readonly<Record<K, number>> | null) => string | null;
}

/** Something that comes along or not, by two figures: the second is asked for once the first is there. */
function PairFields<K extends string>({ names, units, keys, usual, value, take }: PairProps<K>) {
  return (
    <>
      {keys.map((key, i) =>
        i === 1 && value === null ? null : (
          <NumberField
            key={key}
            label={names[i as 0 | 1]}
            value={value?.[key] ?? null}
            unit={units[i as 0 | 1]}
            clear={() => take(null)}
            take={(figure) => take({ ...usual, ...value, [key]: figure })}
          />
        ),
      )}
    </>
  );
}

const PUMPS: Readonly<Record<string, string>> = {
  'pressure-washer': 'Pressure washer',
  'hot-washer': 'Hot washer',
};

interface PumpProps {
  readonly machines: JobHouse['machines'];
  readonly take: (machines: JobHouse['machines']) => string | null;
}

/** Pumps by their plates, and the tips of their lances. */
function PumpFields({ machines, take }: PumpProps) {
  return machines
    .filter((m) => m.kind in PUMPS && m.count > 0)
    .map((machine) => {
      const set = (more: Partial<typeof machine>) => take(machines.map((m) => (m === machine ? { ...m, ...more } : m)));
      return (
        <fieldset key={machine.kind} className="field">
          <legend className="field-label">{PUMPS[machine.kind]}, by its plate</legend>
          <div className="supply-settings">
            <NumberField label="Flow" value={machine.flowLitresPerMinute} unit="L/min" clear={() => set({ flowLitresPerMinute: null })} take={(flowLitresPerMinute) => set({ flowLitresPerMinute })} />
            <NumberField label="Pressure" value={machine.pressureBar} unit="bar" clear={() => set({ pressureBar: null })} take={(pressureBar) => set({ pressureBar })} />
            <NumberField label="Tips of its lance, orifice" value={machine.tipOrifice} unit="" clear={() => set({ tipOrifice: null })} take={(tipOrifice) => set({ tipOrifice })} />
          </div>
        </fieldset>
      );
    });
} // prettier-ignore

const USUAL_PRICE = { perCubicMetre: 0, perTruck: 0, truckLitres: 1000 };

function WaterPriceFields({ price, take }: { readonly price: JobGear['waterPrice']; readonly take: (price: JobGear['waterPrice']) => string | null }) {
  const set = (more: Partial<typeof USUAL_PRICE>) => take({ ...USUAL_PRICE, ...price, ...more });
  return (
    <fieldset className="field">
      <legend className="field-label">What water costs</legend>
      <div className="supply-settings">
        <NumberField label="A cubic metre from the tap" value={price?.perCubicMetre ?? null} unit="" clear={() => take(null)} take={(perCubicMetre) => set({ perCubicMetre })} />
        {price && (
          <>
            <NumberField label="A truck's trip" value={price.perTruck} unit="" take={(perTruck) => set({ perTruck })} />
            <NumberField label="A truck brings" value={price.truckLitres} unit="L" take={(truckLitres) => set({ truckLitres })} />
          </>
        )}
      </div>
    </fieldset>
  );
} // prettier-ignore

const USES = [
  { value: 'supply', label: 'supply' },
  { value: 'pressure', label: 'pressure' },
];

function HoseFields({ hoses, take }: { readonly hoses: JobGear['hoses']; readonly take: (hoses: JobGear['hoses']) => string | null }) {
  const replace = (at: number, more: Partial<JobGear['hoses'][number]>) => take(hoses.map((h, i) => (i === at ? { ...h, ...more } : h)));
  return (
    <fieldset className="field hose-fields">
      <legend className="field-label">Hoses</legend>
      {hoses.map((hose, i) => (
        <div key={`${String(i)} of ${String(hoses.length)}`} className="hose-row">
          <ChipField
            label={`Use of hose ${String(i + 1)}`}
            value={hose.use}
            options={USES}
            take={(use) => {
              replace(i, { use: use as typeof hose.use });
            }}
          />
          <NumberField label={`Length of hose ${String(i + 1)}`} value={hose.metres} unit="m" take={(metres) => replace(i, { metres })} />
          <NumberField label={`Inside of hose ${String(i + 1)}`} value={hose.innerMillimetres} unit="mm" take={(innerMillimetres) => replace(i, { innerMillimetres })} />
          <Button
            type="text"
            icon={<DeleteOutlined />}
            aria-label={`Take out hose ${String(i + 1)}`}
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
          take([...hoses, { use: 'supply', metres: 25, innerMillimetres: 12.7 }]);
        }}
      >
        Add hose
      </Button>
    </fieldset>
  );
} // prettier-ignore

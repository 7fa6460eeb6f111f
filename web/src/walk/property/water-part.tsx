import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { YES_NO_UNKNOWN, decimal, formatFlow, formatVolume, waterFlow, unitOf } from '@etappe/core';
import type { TimedBucket, UnitSystem, WaterPoint, Unit } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { LengthField } from '../../quantity-fields/length-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { ReadingButton } from '../../instruments/reading-button.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';
import { PERMISSION_OPTIONS, WATER_POINT_OPTIONS, words } from '../options.ts';
import { say } from '../../messages/walk.ts';

/** Where water is drawn, with the buckets that were timed. */
export function WaterPart() {
  const { survey } = useSurveySession();
  return (
    <EntityList
      title={say('water')}
      kind="water-point"
      add={say('add-water-point')}
      fields={{ name: say('tap', { waterPointsCount: survey.waterPoints.length + 1 }) }}
      count={survey.waterPoints.length}
    >
      {survey.waterPoints.map((point) => (
        <WaterPointCard key={point.id} point={point} />
      ))}
    </EntityList>
  );
}

function aboutWater(point: WaterPoint, units: UnitSystem): string {
  const flow = waterFlow(point);
  return flow === null
    ? say('flow-not-known', { kind: words(point.kind) })
    : `${words(point.kind)}, ${formatFlow(flow.litresPerMinute, units)} ${flow.measured ? 'measured' : say('as-told')}`;
}

function WaterPointCard({ point }: { readonly point: WaterPoint }) {
  const { units } = useSurveySession().survey.job;
  const { patch } = useEntity('water-point', point.id);
  const number = (label: string, key: 'flowLitresPerMinute' | 'pressureBar', unit: Unit) => (
    <NumberField
      label={label}
      value={point[key]}
      {...unit}
      take={(value) => patch({ [key]: value })}
      clear={() => patch({ [key]: null })}
    />
  );
  return (
    <EntityCard id={point.id} name={point.name} about={aboutWater(point, units)}>
      <TextField
        label={say('water-point')}
        value={point.name}
        take={(name) => patch({ name: name.trim() })}
      />
      <ChoiceField
        label={say('kind')}
        value={point.kind}
        options={WATER_POINT_OPTIONS}
        take={(kind) => patch({ kind })}
      />
      {number(say('flow-as-told'), 'flowLitresPerMinute', unitOf('flow', units))}
      <LengthField
        label={say('away-from-the-vehicle')}
        metres={point.distanceMetres}
        units={units}
        take={(distanceMetres) => patch({ distanceMetres })}
        clear={() => patch({ distanceMetres: null })}
      />
      {number(say('pressure'), 'pressureBar', unitOf('pumpPressure', units))}
      <ChoiceField
        label={say('permission')}
        value={point.permission}
        options={PERMISSION_OPTIONS}
        take={(permission) => patch({ permission })}
      />
      <ChoiceField
        label={say('meter-and-backflow-connection')}
        value={point.backflow}
        options={YES_NO_UNKNOWN.map((value) => ({ value, label: words(value) }))}
        take={(backflow) => patch({ backflow })}
      />
      <div className="wide">
        <Buckets point={point} />
      </div>
    </EntityCard>
  );
}

/** Buckets under the tap: litres in seconds. The flow is all litres over all seconds. */
function Buckets({ point }: { readonly point: WaterPoint }) {
  const { units } = useSurveySession().survey.job;
  const { patch } = useEntity('water-point', point.id);
  const [open, setOpen] = useState<Partial<TimedBucket> | null>(null);
  const { buckets } = point;
  const flow = waterFlow(point);
  const add = (bucket: Partial<TimedBucket>) => {
    const { litres, seconds } = bucket;
    if (litres === undefined || seconds === undefined) {
      setOpen(bucket);
      return null;
    }
    const fault = patch({ buckets: [...buckets, { litres, seconds }] });
    if (fault === null) setOpen(null);
    return fault;
  };
  return (
    <>
      <span className="field-label">{say('timed-buckets')}</span>
      <ReadingButton
        kind="flow-meter"
        take={(litresPerMinute) => patch({ buckets: [...buckets, { litres: litresPerMinute, seconds: 60 }] })}
      />
      {buckets.map((bucket, i) => (
        <div key={`${i} ${bucket.litres}`} className="bucket-row figure">
          {say('in-s', { litres: formatVolume(bucket.litres, units), seconds: decimal(bucket.seconds, 1) })}
          <Button
            type="text"
            size="small"
            icon={<DeleteOutlined />}
            aria-label={say('delete-the-bucket-of', { litres: formatVolume(bucket.litres, units) })}
            onClick={() => patch({ buckets: buckets.filter((_, k) => k !== i) })}
          />
        </div>
      ))}
      {flow?.measured === true && (
        <p className="figure">
          {buckets.length > 1 ? say('all-litres-over-all-seconds') : ''}
          {formatFlow(flow.litresPerMinute, units)}
        </p>
      )}
      {open ? (
        <div className="sheet-grid">
          <NumberField
            label={say('water-in-the-bucket')}
            value={open.litres ?? null}
            {...unitOf('volume', units)}
            take={(litres) => add({ ...open, litres })}
            clear={() => null}
          />
          <NumberField
            label={say('seconds')}
            value={open.seconds ?? null}
            unit="s"
            take={(seconds) =>
              open.litres === undefined ? say('the-water-in-the-bucket') : add({ ...open, seconds })
            }
            clear={() => null}
          />
        </div>
      ) : (
        <Button
          size="small"
          icon={<PlusOutlined />}
          onClick={() => {
            setOpen({});
          }}
        >
          {say('time-a-bucket')}
        </Button>
      )}
    </>
  );
}

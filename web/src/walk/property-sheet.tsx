import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { deletionOf } from '@etappe/core';
import type { EntityKind, Feature, Side, WaterPoint } from '@etappe/core';
import { Button, Radio } from 'antd';
import type { ReactNode } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { timeZones } from '../jobs/job-fields.ts';
import { usePlan } from '../planning/use-plan.tsx';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { creation, useEntity, useJob } from '../survey-edits/use-entity.ts';
import { FEATURE_OPTIONS, LEADS_TO_OPTIONS, SHADE_OPTIONS } from './options.ts';

/** The property as a whole: open questions, sides, what is near, water, and the job's own fields. */
export function PropertySheet() {
  const { survey } = useSurveySession();
  const { plan } = usePlan();
  return (
    <>
      <div className="sheet-head">
        <h2>Property and site</h2>
      </div>
      {(plan?.questions.length ?? 0) > 0 && (
        <div className="sheet-part">
          <h3>Open questions</h3>
          <ul style={{ margin: 0, paddingLeft: 18 }}>
            {plan?.questions.map((q) => (
              <li key={q.text}>{q.text}</li>
            ))}
          </ul>
        </div>
      )}
      <EntityList
        title="Sides, in walking order"
        kind="side"
        add="Add side"
        fields={{ name: `Side ${String(survey.sides.length + 1)}` }}
        count={survey.sides.length}
      >
        {survey.sides.map((side) => (
          <SideRow key={side.id} side={side} />
        ))}
      </EntityList>
      <EntityList
        title="Beside and below"
        kind="feature"
        add="Add feature"
        fields={{ name: `Feature ${String(survey.features.length + 1)}`, kind: 'plant-bed' }}
        count={survey.features.length}
      >
        {survey.features.map((feature) => (
          <FeatureRow key={feature.id} feature={feature} />
        ))}
      </EntityList>
      <EntityList
        title="Water"
        kind="water-point"
        add="Add water point"
        fields={{ name: `Tap ${String(survey.waterPoints.length + 1)}` }}
        count={survey.waterPoints.length}
      >
        {survey.waterPoints.map((point) => (
          <WaterPointRow key={point.id} point={point} />
        ))}
      </EntityList>
      <JobPart />
    </>
  );
}

interface EntityListProps {
  readonly title: string;
  readonly kind: EntityKind;
  readonly add: string;
  readonly fields: Readonly<Record<string, unknown>>;
  readonly count: number;
  readonly children: ReactNode;
}

function EntityList({ title, kind, add, fields, count, children }: EntityListProps) {
  const { edit } = useSurveySession();
  return (
    <div className="sheet-part">
      <h3>{title}</h3>
      {children}
      <Button
        icon={<PlusOutlined />}
        onClick={() => {
          edit([creation(kind, uuidv7(), { ...fields, position: count + 1 })]);
        }}
      >
        {add}
      </Button>
    </div>
  );
}

function Remove({ id, name }: { readonly id: string; readonly name: string }) {
  const { state, edit } = useSurveySession();
  return (
    <Button
      type="text"
      icon={<DeleteOutlined />}
      aria-label={`Delete ${name}`}
      onClick={() => edit(deletionOf(state, id))}
    />
  );
}

function SideRow({ side }: { readonly side: Side }) {
  const { patch } = useEntity('side', side.id);
  return (
    <div className="list-row" style={{ gridTemplateColumns: '1fr 84px 1fr 36px' }}>
      <TextField label="Side" value={side.name} take={(name) => patch({ name: name.trim() })} />
      <NumberField
        label="Faces"
        value={side.aspectDegrees}
        unit="°"
        take={(aspectDegrees) => patch({ aspectDegrees })}
        clear={() => patch({ aspectDegrees: null })}
      />
      <ChoiceField
        label="Shade"
        value={side.shade}
        options={SHADE_OPTIONS}
        take={(shade) => patch({ shade })}
      />
      <Remove id={side.id} name={side.name} />
    </div>
  );
}

function FeatureRow({ feature }: { readonly feature: Feature }) {
  const { patch } = useEntity('feature', feature.id);
  const drain = feature.kind === 'drain';
  return (
    <div className="list-row" style={{ gridTemplateColumns: drain ? '1fr 1fr 1fr 36px' : '1fr 1fr 36px' }}>
      <TextField label="Feature" value={feature.name} take={(name) => patch({ name: name.trim() })} />
      <ChoiceField
        label="Kind"
        value={feature.kind}
        options={FEATURE_OPTIONS}
        take={(kind) => patch({ kind, leadsTo: kind === 'drain' ? 'unknown' : null })}
      />
      {drain && (
        <ChoiceField
          label="Leads to"
          value={feature.leadsTo ?? 'unknown'}
          options={LEADS_TO_OPTIONS}
          take={(leadsTo) => patch({ leadsTo })}
        />
      )}
      <Remove id={feature.id} name={feature.name} />
    </div>
  );
}

function WaterPointRow({ point }: { readonly point: WaterPoint }) {
  const { patch } = useEntity('water-point', point.id);
  return (
    <div className="list-row" style={{ gridTemplateColumns: '1fr 104px 96px 36px' }}>
      <TextField label="Water point" value={point.name} take={(name) => patch({ name: name.trim() })} />
      <NumberField
        label="Flow"
        value={point.flowLitresPerMinute}
        unit="L/min"
        take={(flowLitresPerMinute) => patch({ flowLitresPerMinute })}
        clear={() => patch({ flowLitresPerMinute: null })}
      />
      <NumberField
        label="Away"
        value={point.distanceMetres}
        unit="m"
        take={(distanceMetres) => patch({ distanceMetres })}
        clear={() => patch({ distanceMetres: null })}
      />
      <Remove id={point.id} name={point.name} />
    </div>
  );
}

function JobPart() {
  const { job, patch } = useJob();
  const place = (more: Partial<typeof job.place>) => patch({ place: { ...job.place, ...more } });
  return (
    <div className="sheet-part">
      <h3>Job</h3>
      <div className="sheet-grid">
        <TextField label="Job name" value={job.name} take={(name) => patch({ name: name.trim() })} />
        <TextField
          label="Customer"
          value={job.customer}
          take={(customer) => patch({ customer: customer.trim() })}
        />
        <TextField
          label="Planned day"
          value={job.start ?? ''}
          placeholder="2026-05-04"
          take={(start) => patch({ start: start.trim() === '' ? null : start.trim() })}
        />
        <ChoiceField
          label="Time zone"
          value={job.place.timeZone}
          options={timeZones(job.place.timeZone).map((zone) => ({ value: zone, label: zone }))}
          take={(timeZone) => place({ timeZone })}
        />
        <NumberField
          label="Latitude"
          value={job.place.latitude}
          unit="° N"
          take={(latitude) => place({ latitude })}
        />
        <NumberField
          label="Longitude"
          value={job.place.longitude}
          unit="° E"
          take={(longitude) => place({ longitude })}
        />
        <div className="wide">
          <span className="field-label">Units of bare numbers</span>
          <Radio.Group
            value={job.units}
            onChange={(event) => patch({ units: event.target.value as string })}
            options={[
              { value: 'metric', label: 'Metric' },
              { value: 'us', label: 'US' },
            ]}
          />
          <div className="field-hint">
            Changing it reads every bare number anew: 7.5x4 becomes feet instead of metres.
          </div>
        </div>
      </div>
    </div>
  );
}

import { JOB_KIND, PROPERTY_KIND, checkedDetail } from '@etappe/core';
import type { JobDetail, Property, SurveyFault } from '@etappe/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Form, Input, Modal, Radio, Select } from 'antd';
import type { InputRef } from 'antd';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { queryKeys } from '../query-keys.ts';
import { ServerProblem, server } from '../server-connection.ts';
import { faultAt, timeZones } from './job-fields.ts';
import { say } from '../messages/new-job.ts';

interface Draft {
  readonly name: string;
  readonly start: string;
  readonly customer: string;
  readonly address: string;
  readonly latitude: string;
  readonly longitude: string;
  readonly timeZone: string;
  readonly units: 'metric' | 'us';
  readonly template: string | null;
}

function jobOf(draft: Draft): Partial<JobDetail> {
  return { name: draft.name.trim(), start: draft.start === '' ? null : draft.start, units: draft.units };
}

function propertyOf(draft: Draft): Partial<Property> {
  const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));
  return {
    name: draft.name.trim(),
    customer: draft.customer.trim(),
    address: draft.address.trim(),
    place: { latitude: number(draft.latitude), longitude: number(draft.longitude), timeZone: draft.timeZone },
  };
}

interface Props {
  readonly close: () => void;
  /** A property that is known already: what lasts of it is there, only the job is asked for. */
  readonly property?: { readonly id: string; readonly name: string; readonly units?: Draft['units'] };
}

/** What a job needs to begin with; everything else is entered on the walk. */
export function NewJobDialog({ close, property }: Props) {
  const [draft, setDraft] = useState<Draft>({
    name: '',
    start: '',
    customer: '',
    address: '',
    latitude: '47.1',
    longitude: '9.3',
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    units: property?.units ?? 'metric',
    template: null,
  });
  const first = useRef<InputRef>(null);
  const [faults, setFaults] = useState<readonly SurveyFault[]>([]);
  const [ids] = useState(() => ({ job: uuidv7(), property: uuidv7() }));
  const navigate = useNavigate();
  const client = useQueryClient();
  const templates = useQuery({
    queryKey: queryKeys.templates,
    queryFn: server.templates,
    enabled: property === undefined,
  });
  const create = useMutation({
    mutationFn: () =>
      server.createJob({
        id: ids.job,
        propertyId: property?.id ?? ids.property,
        job: jobOf(draft),
        ...(property ? {} : { property: propertyOf(draft) }),
        ...(draft.template === null ? {} : { template: draft.template }),
      }),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: queryKeys.jobs });
      await client.invalidateQueries({ queryKey: queryKeys.properties });
      close();
      void navigate(`/jobs/${ids.job}/walk`);
    },
    onError: (error) => {
      if (error instanceof ServerProblem) setFaults(error.faults);
    },
  });
  const submit = () => {
    const checks = [
      checkedDetail(JOB_KIND, jobOf(draft)),
      ...(property ? [] : [checkedDetail(PROPERTY_KIND, propertyOf(draft))]),
    ];
    const found = checks.flatMap((checked) => (checked.ok ? [] : checked.faults));
    setFaults(found);
    if (found.length === 0) create.mutate();
  };
  const set = (more: Partial<Draft>) => {
    setDraft((before) => ({ ...before, ...more }));
  };
  return (
    <Modal
      open
      afterOpenChange={(open) => {
        if (open) first.current?.focus();
      }}
      title={
        property
          ? say('new-job-on', { nameWords: property.name === '' ? say('this-property') : property.name })
          : say('create-job')
      }
      okText={say('create-job')}
      cancelText={say('cancel')}
      onOk={submit}
      onCancel={close}
      okButtonProps={{ loading: create.isPending }}
    >
      {property && <p className="quiet">{say('sides-surfaces-features-water-and')}</p>}
      <Form layout="vertical" onFinish={submit}>
        <Form.Item label={say('name')} required htmlFor="job-name" {...helpFor(faults, 'name')}>
          <Input
            id="job-name"
            ref={first}
            value={draft.name}
            placeholder={say('hill-observatory-spring-clean')}
            onPressEnter={submit}
            onChange={(event) => {
              set({ name: event.target.value });
            }}
          />
        </Form.Item>
        <Form.Item label={say('planned-day')} htmlFor="job-start" {...helpFor(faults, 'start')}>
          <Input
            id="job-start"
            type="date"
            value={draft.start}
            onChange={(event) => {
              set({ start: event.target.value });
            }}
          />
        </Form.Item>
        {!property && (
          <>
            {(templates.data?.templates.length ?? 0) > 0 && (
              <Form.Item label={say('begin-with')} htmlFor="job-template">
                <Select
                  id="job-template"
                  value={draft.template ?? ''}
                  options={[
                    { value: '', label: say('an-empty-property') },
                    ...(templates.data?.templates ?? []).map((t) => ({
                      value: t.id,
                      label: say('surfaces', { name: t.name, surfaces: t.surfaces }),
                    })),
                  ]}
                  onChange={(template) => {
                    set({ template: template === '' ? null : template });
                  }}
                />
              </Form.Item>
            )}
            <PropertyItems draft={draft} set={set} faults={faults} />
          </>
        )}
      </Form>
      {create.error && (
        <Alert
          style={{ marginTop: 12 }}
          type="error"
          showIcon
          title={say('not-created')}
          description={say('what-you-typed-is-still', { message: create.error.message })}
        />
      )}
    </Modal>
  );
}

function helpFor(faults: readonly SurveyFault[], path: string) {
  const fault = faultAt(faults, path);
  return fault === null ? {} : { validateStatus: 'error' as const, help: fault };
}

interface ItemsProps {
  readonly draft: Draft;
  readonly set: (more: Partial<Draft>) => void;
  readonly faults: readonly SurveyFault[];
}

function PropertyItems({ draft, set, faults }: ItemsProps) {
  const text = (label: string, key: 'customer' | 'address' | 'latitude' | 'longitude', path: string) => (
    <Form.Item label={label} htmlFor={`job-${key}`} {...helpFor(faults, path)}>
      <Input
        id={`job-${key}`}
        value={draft[key]}
        inputMode={key === 'latitude' || key === 'longitude' ? 'decimal' : 'text'}
        onChange={(event) => {
          set({ [key]: event.target.value });
        }}
      />
    </Form.Item>
  );
  return (
    <>
      <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 12 }}>
        {text(say('customer'), 'customer', 'customer')}
        {text(say('address'), 'address', 'address')}
        {text(say('latitude-degrees-north'), 'latitude', 'place.latitude')}
        {text(say('longitude-degrees-east'), 'longitude', 'place.longitude')}
      </div>
      <Form.Item label={say('time-zone')} htmlFor="job-zone" {...helpFor(faults, 'place.timeZone')}>
        <Select
          id="job-zone"
          showSearch
          value={draft.timeZone}
          options={timeZones(draft.timeZone).map((zone) => ({ value: zone, label: zone }))}
          onChange={(timeZone) => {
            set({ timeZone });
          }}
        />
      </Form.Item>
      <Form.Item label={say('units')} style={{ marginBottom: 0 }}>
        <Radio.Group
          value={draft.units}
          onChange={(event) => {
            set({ units: event.target.value as Draft['units'] });
          }}
          options={[
            { value: 'metric', label: say('metric-m-m2-l') },
            { value: 'us', label: say('us-ft-sq-ft-us') },
          ]}
        />
      </Form.Item>
    </>
  );
}

import { JOB_KIND, checkedDetail } from '@etappe/core';
import type { SurveyFault } from '@etappe/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Form, Input, Modal, Radio, Select } from 'antd';
import type { InputRef } from 'antd';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { queryKeys } from '../query-keys.ts';
import { ServerProblem, server } from '../server-connection.ts';
import { faultAt, timeZones } from './job-fields.ts';

interface Draft {
  readonly name: string;
  readonly customer: string;
  readonly latitude: string;
  readonly longitude: string;
  readonly timeZone: string;
  readonly units: 'metric' | 'us';
}

function detailOf(draft: Draft): Record<string, unknown> {
  const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));
  return {
    name: draft.name.trim(),
    customer: draft.customer.trim(),
    place: { latitude: number(draft.latitude), longitude: number(draft.longitude), timeZone: draft.timeZone },
    units: draft.units,
  };
}

/** What a job needs to begin with; everything else is entered on the walk. */
export function NewJobDialog({ close }: { readonly close: () => void }) {
  const ownZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [draft, setDraft] = useState<Draft>({
    name: '',
    customer: '',
    latitude: '47.1',
    longitude: '9.3',
    timeZone: ownZone,
    units: 'metric',
  });
  const first = useRef<InputRef>(null);
  const [faults, setFaults] = useState<readonly SurveyFault[]>([]);
  const [ids] = useState(() => ({ job: uuidv7(), property: uuidv7() }));
  const navigate = useNavigate();
  const client = useQueryClient();
  const create = useMutation({
    mutationFn: () => server.createJob(ids.job, ids.property, detailOf(draft)),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: queryKeys.jobs });
      void navigate(`/jobs/${ids.job}/walk`);
    },
    onError: (error) => {
      if (error instanceof ServerProblem) setFaults(error.faults);
    },
  });
  const submit = () => {
    const checked = checkedDetail(JOB_KIND, detailOf(draft));
    setFaults(checked.ok ? [] : checked.faults);
    if (checked.ok) create.mutate();
  };
  const set = (more: Partial<Draft>) => {
    setDraft((before) => ({ ...before, ...more }));
  };
  const field = (path: string) => {
    const fault = faultAt(faults, path);
    return fault === null ? {} : { validateStatus: 'error' as const, help: fault };
  };
  return (
    <Modal
      open
      afterOpenChange={(open) => {
        if (open) first.current?.focus();
      }}
      title="Create job"
      okText="Create job"
      cancelText="Cancel"
      onOk={submit}
      onCancel={close}
      okButtonProps={{ loading: create.isPending }}
    >
      <Form layout="vertical" onFinish={submit}>
        <Form.Item label="Name" required htmlFor="job-name" {...field('name')}>
          <Input
            id="job-name"
            ref={first}
            value={draft.name}
            placeholder="Hill observatory, spring clean"
            onPressEnter={submit}
            onChange={(event) => {
              set({ name: event.target.value });
            }}
          />
        </Form.Item>
        <Form.Item label="Customer" htmlFor="job-customer" {...field('customer')}>
          <Input
            id="job-customer"
            value={draft.customer}
            onChange={(event) => {
              set({ customer: event.target.value });
            }}
          />
        </Form.Item>
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 12 }}>
          <Form.Item label="Latitude, degrees north" htmlFor="job-latitude" {...field('place.latitude')}>
            <Input
              id="job-latitude"
              inputMode="decimal"
              value={draft.latitude}
              onChange={(event) => {
                set({ latitude: event.target.value });
              }}
            />
          </Form.Item>
          <Form.Item label="Longitude, degrees east" htmlFor="job-longitude" {...field('place.longitude')}>
            <Input
              id="job-longitude"
              inputMode="decimal"
              value={draft.longitude}
              onChange={(event) => {
                set({ longitude: event.target.value });
              }}
            />
          </Form.Item>
        </div>
        <Form.Item label="Time zone" htmlFor="job-zone" {...field('place.timeZone')}>
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
        <Form.Item label="Units" style={{ marginBottom: 0 }}>
          <Radio.Group
            value={draft.units}
            onChange={(event) => {
              set({ units: event.target.value as Draft['units'] });
            }}
            options={[
              { value: 'metric', label: 'Metric: m, m², L' },
              { value: 'us', label: 'US: ft, sq ft, US gal' },
            ]}
          />
        </Form.Item>
      </Form>
      {create.error && (
        <Alert
          style={{ marginTop: 12 }}
          type="error"
          showIcon
          title="Not created"
          description={`${create.error.message} What you typed is still here.`}
        />
      )}
    </Modal>
  );
}

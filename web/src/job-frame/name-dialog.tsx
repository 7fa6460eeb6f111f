import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Input, Modal } from 'antd';
import type { InputRef } from 'antd';
import { useId, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice, setPersonOnDevice } from '../person-on-device.ts';
import { Field } from '../quantity-fields/field.tsx';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

const TEXTS = {
  duplicate: {
    title: 'Duplicate this job',
    label: 'Name of the new job',
    ok: 'Duplicate',
    about:
      'Same property, findings, scope, choices and preconditions. Dates stay empty, and every precondition has to be met again.',
  },
  template: {
    title: 'Save as template',
    label: 'Name of the template',
    ok: 'Save template',
    about:
      'Keeps sides, surfaces, features and findings as a start for other properties. Leaves out customer, place, dates, water, history and damage.',
  },
  person: {
    title: 'Your name on this device',
    label: 'Name',
    ok: 'Remember',
    about: 'It appears in the log beside every edit made here.',
  },
} as const;

/** Asks for one name, and does what it is for. */
export function NameDialog({
  what,
  close,
}: {
  readonly what: keyof typeof TEXTS;
  readonly close: () => void;
}) {
  const { survey, jobId } = useSurveySession();
  const texts = TEXTS[what];
  const id = useId();
  const first = useRef<InputRef>(null);
  const [made] = useState(() => uuidv7());
  const [proposed] = useState(() =>
    what === 'person'
      ? personOnDevice()
      : what === 'duplicate'
        ? `${survey.job.name}, again`
        : survey.job.name,
  );
  const [name, setName] = useState(proposed);
  const client = useQueryClient();
  const navigate = useNavigate();
  const act = useMutation({
    mutationFn: async () => {
      if (what === 'duplicate') await server.duplicateJob(jobId, made, name.trim());
      else if (what === 'template') await server.saveTemplate(made, name.trim(), jobId);
      else setPersonOnDevice(name);
    },
    onSuccess: async () => {
      await client.invalidateQueries({
        queryKey: what === 'template' ? queryKeys.templates : queryKeys.jobs,
      });
      close();
      if (what === 'duplicate') void navigate(`/jobs/${made}/walk`);
    },
  });
  const empty = name.trim() === '';
  const submit = () => {
    if (!empty) act.mutate();
  };
  return (
    <Modal
      open
      title={texts.title}
      okText={texts.ok}
      cancelText="Cancel"
      okButtonProps={{ disabled: empty, loading: act.isPending }}
      afterOpenChange={(open) => {
        // Whoever types already is not interrupted.
        if (open && first.current?.input?.value === proposed) first.current.select();
      }}
      onOk={submit}
      onCancel={close}
    >
      <p className="quiet">{texts.about}</p>
      <Field label={texts.label} id={id} fault={empty ? 'a name is needed' : null}>
        <Input
          id={id}
          ref={first}
          value={name}
          maxLength={what === 'person' ? 60 : 120}
          onPressEnter={submit}
          onChange={(event) => {
            setName(event.target.value);
          }}
        />
      </Field>
      {act.error && (
        <Alert
          style={{ marginTop: 12 }}
          type="error"
          showIcon
          title="Not done"
          description={act.error.message}
        />
      )}
    </Modal>
  );
}

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
import { say } from '../messages/job-frame.ts';

const TEXTS = {
  duplicate: {
    title: say('duplicate-this-job'),
    label: say('name-of-the-new-job'),
    ok: say('duplicate'),
    about: say('same-property-findings-scope-choices'),
  },
  template: {
    title: say('save-as-template'),
    label: say('name-of-the-template'),
    ok: say('save-template'),
    about: say('keeps-sides-surfaces-features-and'),
  },
  person: {
    title: say('your-name-on-this-device'),
    label: say('name'),
    ok: say('remember'),
    about: say('it-appears-in-the-log'),
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
        ? say('again', { name: survey.job.name })
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
      cancelText={say('cancel')}
      okButtonProps={{ disabled: empty, loading: act.isPending }}
      afterOpenChange={(open) => {
        // Whoever types already is not interrupted.
        if (open && first.current?.input?.value === proposed) first.current.select();
      }}
      onOk={submit}
      onCancel={close}
    >
      <p className="quiet">{texts.about}</p>
      <Field label={texts.label} id={id} fault={empty ? say('a-name-is-needed') : null}>
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
          title={say('not-done')}
          description={act.error.message}
        />
      )}
    </Modal>
  );
}

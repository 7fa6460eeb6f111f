import { Input, Modal } from 'antd';
import { useId, useState } from 'react';
import type { ReactNode } from 'react';
import { Field } from './quantity-fields/field.tsx';
import { say } from './messages/app.ts';

interface Props {
  readonly title: string;
  readonly ok: string;
  readonly cancel: string;
  /** What speaks against it. */
  readonly children: ReactNode;
  readonly accept: (reason: string, by: string) => void;
  /** It sets a rule aside; without it nothing is at stake. */
  readonly danger?: boolean;
  /** What is asked while there is no reason. */
  readonly ask?: string;
  /** Who probably decides. */
  readonly firstBy?: string;
  readonly close: () => void;
}

/** Setting a rule aside takes a reason and a name; both stay visible on everything that follows. */
export function ReasonDialog({
  title,
  ok,
  cancel,
  children,
  accept,
  close,
  danger = true,
  ask = say('say-why-the-rule-does'),
  firstBy = '',
}: Props) {
  const [reason, setReason] = useState('');
  const [by, setBy] = useState(firstBy);
  const [asked, setAsked] = useState(false);
  const [reasonId, byId] = [useId(), useId()];
  const missing = {
    reason: reason.trim() === '' ? ask : null,
    by: by.trim() === '' ? say('say-who-decides-this') : null,
  };
  return (
    <Modal
      open
      title={title}
      okText={ok}
      okButtonProps={{ danger }}
      cancelText={cancel}
      onCancel={close}
      onOk={() => {
        setAsked(true);
        if (missing.reason === null && missing.by === null) accept(reason.trim(), by.trim());
      }}
    >
      {children}
      <Field label={say('reason')} id={reasonId} fault={asked ? missing.reason : null}>
        <Input.TextArea
          id={reasonId}
          rows={2}
          maxLength={2000}
          value={reason}
          onChange={(event) => {
            setReason(event.target.value);
          }}
        />
      </Field>
      <div style={{ height: 10 }} />
      <Field label={say('decided-by')} id={byId} fault={asked ? missing.by : null}>
        <Input
          id={byId}
          maxLength={120}
          value={by}
          onChange={(event) => {
            setBy(event.target.value);
          }}
        />
      </Field>
    </Modal>
  );
}

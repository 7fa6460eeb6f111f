import type { Customer, CustomerContact } from '@etappe/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Input, Modal } from 'antd';
import { useId, useState } from 'react';
import { Field } from '../quantity-fields/field.tsx';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { say } from '../messages/properties.ts';

const FIELDS = [
  { key: 'person', label: say('contact-person') },
  { key: 'phone', label: say('telephone') },
  { key: 'mail', label: say('mail') },
  { key: 'note', label: say('note') },
] as const;

/** How a customer is reached. */
export function ContactDialog({
  customer,
  close,
}: {
  readonly customer: Customer;
  readonly close: () => void;
}) {
  const id = useId();
  const [contact, setContact] = useState<CustomerContact>(() => {
    const { person, phone, mail, note } = customer;
    return { person, phone, mail, note };
  });
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: () => server.setContact(customer.id, contact),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: queryKeys.customers });
      close();
    },
  });
  return (
    <Modal
      open
      title={customer.name}
      okText={say('save-contact')}
      cancelText={say('cancel')}
      okButtonProps={{ loading: save.isPending }}
      onOk={() => {
        save.mutate();
      }}
      onCancel={close}
    >
      <p className="quiet">{say('the-name-is-set-on')}</p>
      <div style={{ display: 'grid', gap: 10 }}>
        {FIELDS.map(({ key, label }) => (
          <Field key={key} label={label} id={`${id}${key}`}>
            <Input
              id={`${id}${key}`}
              value={contact[key]}
              maxLength={500}
              onChange={(event) => {
                setContact({ ...contact, [key]: event.target.value });
              }}
            />
          </Field>
        ))}
      </div>
      {save.error && <Alert style={{ marginTop: 12 }} type="error" showIcon title={save.error.message} />}
    </Modal>
  );
}

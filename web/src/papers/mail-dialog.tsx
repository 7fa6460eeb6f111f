import type { Paper, SheetSize } from '@etappe/core';
import { useMutation } from '@tanstack/react-query';
import { Alert, Form, Input, Modal } from 'antd';
import { saveBlob } from '../interchange/save-file.ts';
import { say } from '../messages/papers.ts';
import { server } from '../server-connection.ts';

interface Mail {
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

/** A mail with the paper attached, written as a file: nothing leaves by itself. */
export function MailDialog({
  paper,
  size,
  close,
}: {
  readonly paper: Paper;
  readonly size: SheetSize;
  readonly close: () => void;
}) {
  const [form] = Form.useForm<Mail>();
  const write = useMutation({
    mutationFn: (mail: Mail) => server.mailPaper(paper, size, mail),
    onSuccess: (file) => {
      saveBlob(`${paper.job}, ${paper.title}.eml`, file);
      close();
    },
  });
  return (
    <Modal
      open
      title={say('mail-title', { paper: paper.title })}
      okText={say('mail-write')}
      cancelText={say('cancel')}
      okButtonProps={{ loading: write.isPending }}
      onCancel={close}
      onOk={() => {
        form.submit();
      }}
    >
      <p>{say('mail-explained')}</p>
      <Form
        form={form}
        layout="vertical"
        initialValues={{
          to: '',
          subject: [paper.title, paper.job].join(': '),
          text: say('mail-usual', { paper: paper.title }),
        }}
        onFinish={(mail: Mail) => {
          write.mutate(mail);
        }}
      >
        <Form.Item name="to" label={say('mail-to')} rules={[{ required: true }, { type: 'email' }]}>
          <Input type="email" autoComplete="off" />
        </Form.Item>
        <Form.Item name="subject" label={say('mail-subject')} rules={[{ required: true }, { max: 200 }]}>
          <Input />
        </Form.Item>
        <Form.Item name="text" label={say('mail-text')} rules={[{ max: 4000 }]}>
          <Input.TextArea rows={4} />
        </Form.Item>
      </Form>
      {write.error && (
        <Alert type="error" showIcon title={say('not-made')} description={write.error.message} />
      )}
    </Modal>
  );
}

import { DeleteOutlined } from '@ant-design/icons';
import { deletionOf } from '@etappe/core';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { say } from '../../messages/walk.ts';

interface DeleteSurfaceProps {
  readonly id: string;
  readonly name: string;
}

export function DeleteSurface({ id, name }: DeleteSurfaceProps) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button
        type="text"
        icon={<DeleteOutlined />}
        aria-label={say('delete', { name })}
        onClick={() => {
          setAsking(true);
        }}
      />
      {asking && (
        <AskFirst
          id={id}
          name={name}
          close={() => {
            setAsking(false);
          }}
        />
      )}
    </>
  );
}

function AskFirst({ id, name, close }: DeleteSurfaceProps & { readonly close: () => void }) {
  const { state, edit, jobId } = useSurveySession();
  const navigate = useNavigate();
  return (
    <Modal
      open
      title={say('delete-name', { name })}
      okText={say('delete-surface')}
      okButtonProps={{ danger: true }}
      cancelText={say('keep-it')}
      onCancel={close}
      onOk={() => {
        edit(deletionOf(state, id));
        void navigate(`/jobs/${jobId}/walk`);
      }}
    >
      {say('its-findings-and-choices-go')}
    </Modal>
  );
}

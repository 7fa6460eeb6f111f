import { DeleteOutlined } from '@ant-design/icons';
import { deletionOf } from '@etappe/core';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';

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
        aria-label={`Delete ${name}`}
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
      title={`Delete “${name}”?`}
      okText="Delete surface"
      okButtonProps={{ danger: true }}
      cancelText="Keep it"
      onCancel={close}
      onOk={() => {
        edit(deletionOf(state, id));
        void navigate(`/jobs/${jobId}/walk`);
      }}
    >
      Its findings and choices go too.
    </Modal>
  );
}

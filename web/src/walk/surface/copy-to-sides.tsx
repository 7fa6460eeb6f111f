import { CopyOutlined } from '@ant-design/icons';
import { copiedToSides } from '@etappe/core';
import type { EntityId, Surface } from '@etappe/core';
import { Button, Checkbox, Modal } from 'antd';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { say } from '../../messages/walk.ts';

/** Puts the same surface, with what is on it, on other sides of the property. */
export function CopyToSides({ surface }: { readonly surface: Surface }) {
  const { survey, edit } = useSurveySession();
  const others = survey.sides.filter((side) => side.id !== surface.side);
  const [chosen, setChosen] = useState<readonly EntityId[] | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  if (others.length === 0) return null;
  const copy = () => {
    const faults = edit(copiedToSides(survey, surface, chosen ?? [], uuidv7));
    setFault(faults[0]?.message ?? null);
    if (faults.length === 0) setChosen(null);
  };
  return (
    <>
      <Button
        icon={<CopyOutlined />}
        aria-label={say('copy-to-other-sides-name', { name: surface.name })}
        title={say('copy-to-other-sides')}
        onClick={() => {
          setChosen(others.map((side) => side.id));
        }}
      />
      {chosen !== null && (
        <Modal
          open
          title={say('copy-to', { name: surface.name })}
          okText={say('add', { chosenCount: chosen.length })}
          okButtonProps={{ disabled: chosen.length === 0 }}
          cancelText={say('cancel')}
          onOk={copy}
          onCancel={() => {
            setChosen(null);
          }}
        >
          <Checkbox.Group
            className="copy-sides"
            value={[...chosen]}
            options={others.map((side) => ({ value: side.id, label: side.name }))}
            onChange={setChosen}
          />
          <p className="quiet">{say('material-size-condition-and-findings')}</p>
          {fault !== null && <p role="alert">{fault}</p>}
        </Modal>
      )}
    </>
  );
}

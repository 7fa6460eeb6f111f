import { usualTilt, usualTop } from '@etappe/core';
import type { Band } from '@etappe/core';
import { Alert, Input, Modal } from 'antd';
import type { InputRef } from 'antd';
import { useId, useRef, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { Field } from '../quantity-fields/field.tsx';
import { TapeField } from '../quantity-fields/tape-field.tsx';
import { creation } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { BAND_OPTIONS, materialOptions } from './options.ts';
import { say } from '../messages/walk.ts';

interface Props {
  readonly side: string | null;
  /** With the id of the new surface, or null when nothing was added. */
  readonly close: (id: string | null) => void;
}

/** The least that makes a surface; everything else is asked on its sheet. */
export function AddSurfaceDialog({ side: firstSide, close }: Props) {
  const { survey, catalogue, edit } = useSurveySession();
  const first = useRef<InputRef>(null);
  const nameId = useId();
  const [name, setName] = useState('');
  const [side, setSide] = useState(firstSide);
  const [band, setBand] = useState<Band>('wall');
  const [material, setMaterial] = useState<string | null>(null);
  const [size, setSize] = useState('');
  const [asked, setAsked] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const missing = {
    name: name.trim() === '' ? say('a-surface-needs-a-name') : null,
    material: material === null ? say('choose-the-material-it-decides') : null,
  };

  const add = () => {
    setAsked(true);
    if (missing.name !== null || material === null) return;
    const id = uuidv7();
    const fields = {
      name: name.trim(),
      side,
      band,
      material,
      finish: catalogue.material(material).finishes[0],
      size,
      tiltDegrees: usualTilt(band),
      topMetres: usualTop(band),
      footMetres: 0,
      position: Math.max(0, ...survey.surfaces.map((s) => s.position)) + 1,
    };
    const faults = edit([creation('surface', id, fields)]);
    if (faults.length > 0) setRefused(faults.map((f) => f.message).join('; '));
    else close(id);
  };
  return (
    <Modal
      open
      afterOpenChange={(open) => {
        if (open) first.current?.focus();
      }}
      title={say('add-surface')}
      okText={say('add-surface')}
      cancelText={say('cancel')}
      onOk={add}
      onCancel={() => {
        close(null);
      }}
    >
      <form
        className="sheet-grid"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <div className="wide">
          <Field label={say('name')} id={nameId} fault={asked ? missing.name : null}>
            <Input
              id={nameId}
              ref={first}
              value={name}
              placeholder={say('drum-wall-north')}
              onChange={(event) => {
                setName(event.target.value);
              }}
              onPressEnter={add}
            />
          </Field>
        </div>
        <ChoiceField
          label={say('side')}
          value={side}
          placeholder={survey.sides.length === 0 ? say('no-sides-yet') : 'none'}
          options={survey.sides.map((s) => ({ value: s.id, label: s.name }))}
          take={setSide}
        />
        <ChoiceField
          label={say('height-band')}
          value={band}
          options={BAND_OPTIONS}
          take={(value) => {
            setBand(value as Band);
          }}
        />
        <div className="wide">
          <ChoiceField
            label={say('material')}
            value={material}
            placeholder={say('search-material')}
            options={materialOptions(catalogue)}
            take={setMaterial}
            fault={asked ? missing.material : null}
          />
        </div>
        <div className="wide">
          <TapeField
            label={say('size')}
            value={size}
            units={survey.job.units}
            take={(text) => {
              setSize(text);
              return null;
            }}
          />
        </div>
        <input type="submit" hidden />
      </form>
      {refused !== null && <Alert type="error" showIcon title={refused} style={{ marginTop: 12 }} />}
    </Modal>
  );
}

import { ArrowLeftOutlined, DeleteOutlined } from '@ant-design/icons';
import { conditionById, deletionOf, materialById, usualTilt } from '@etappe/core';
import type { Band, Surface } from '@etappe/core';
import { Button, Checkbox, Modal, Switch } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ChoiceField, ChoicesField } from '../quantity-fields/choice-field.tsx';
import { LengthField } from '../quantity-fields/length-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TapeField } from '../quantity-fields/tape-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useEntity } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { FindingsPart } from './findings-part.tsx';
import { BAND_OPTIONS, MATERIAL_OPTIONS } from './options.ts';

/** Everything about one surface in the order in which one looks; nothing needs saving. */
export function SurfaceSheet({ surface }: { readonly surface: Surface }) {
  const { survey, jobId } = useSurveySession();
  const { patch } = useEntity('surface', surface.id);
  const material = materialById(surface.material);
  const { units } = survey.job;
  const places = [
    ...survey.surfaces.filter((s) => s.id !== surface.id).map((s) => ({ value: s.id, label: s.name })),
    ...survey.features.map((f) => ({ value: f.id, label: f.name })),
  ];
  return (
    <>
      <div className="sheet-head">
        <Link to={`/jobs/${jobId}/walk`} aria-label="Back to the grid">
          <ArrowLeftOutlined />
        </Link>
        <h2>{surface.name}</h2>
        <DeleteSurface surface={surface} />
      </div>
      <div className="sheet-part">
        <h3>What it is</h3>
        <div className="sheet-grid">
          <div className="wide">
            <TextField label="Name" value={surface.name} take={(name) => patch({ name: name.trim() })} />
          </div>
          <ChoiceField
            label="Side"
            value={surface.side}
            placeholder="none"
            options={survey.sides.map((s) => ({ value: s.id, label: s.name }))}
            take={(side) => patch({ side })}
          />
          <ChoiceField
            label="Height band"
            value={surface.band}
            options={BAND_OPTIONS}
            take={(band) => patch({ band, tiltDegrees: usualTilt(band as Band) })}
          />
          <ChoiceField
            label="Material"
            value={surface.material}
            options={MATERIAL_OPTIONS}
            take={(value) => {
              const next = materialById(value);
              patch({
                material: value,
                finish: next.finishes[0],
                conditions: surface.conditions.filter((c) => next.conditions.includes(c)),
              });
            }}
          />
          <ChoiceField
            label="Finish"
            value={surface.finish}
            options={material.finishes.map((f) => ({ value: f, label: f }))}
            take={(finish) => patch({ finish })}
          />
          <fieldset className="wide" style={{ border: 0, padding: 0, margin: 0 }}>
            <legend className="field-label">Condition</legend>
            {material.conditions.map((id) => (
              <div key={id}>
                <Checkbox
                  checked={surface.conditions.includes(id)}
                  onChange={(event) =>
                    patch({
                      conditions: event.target.checked
                        ? [...surface.conditions, id]
                        : surface.conditions.filter((c) => c !== id),
                    })
                  }
                >
                  {conditionById(id).name} <span className="quiet">— {conditionById(id).cue}</span>
                </Checkbox>
              </div>
            ))}
          </fieldset>
        </div>
      </div>
      <div className="sheet-part">
        <h3>How big</h3>
        <div className="sheet-grid">
          <div className="wide">
            <TapeField label="Size" value={surface.size} units={units} take={(size) => patch({ size })} />
          </div>
          <LengthField
            label="Foot, above ground"
            metres={surface.footMetres}
            units={units}
            take={(footMetres) => patch({ footMetres })}
          />
          <LengthField
            label="Top, above ground"
            metres={surface.topMetres}
            units={units}
            take={(topMetres) => patch({ topMetres })}
          />
          <NumberField
            label="Tilt, 0 floor to 90 wall"
            value={surface.tiltDegrees}
            unit="°"
            take={(tiltDegrees) => patch({ tiltDegrees })}
          />
        </div>
      </div>
      <FindingsPart surface={surface} />
      <div className="sheet-part">
        <h3>Below and beside</h3>
        <div className="sheet-grid">
          <div className="wide">
            <ChoicesField
              label="Drains onto"
              values={surface.drainsOnto}
              options={places}
              placeholder="surfaces and features below"
              take={(drainsOnto) => patch({ drainsOnto })}
            />
          </div>
          <div className="wide">
            <ChoicesField
              label="Beside it"
              values={surface.beside}
              options={places}
              placeholder="what the work must heed"
              take={(beside) => patch({ beside })}
            />
          </div>
        </div>
      </div>
      <div className="sheet-part">
        <h3>Scope</h3>
        <label style={{ display: 'flex', gap: 10, alignItems: 'center', marginBottom: 8 }}>
          <Switch checked={surface.inScope} onChange={(inScope) => patch({ inScope })} />{' '}
          {surface.inScope ? 'In scope' : 'Left out'}
        </label>
        {!surface.inScope && (
          <TextField
            label="Why it is left out"
            value={surface.scopeReason}
            take={(scopeReason) => patch({ scopeReason: scopeReason.trim() })}
          />
        )}
      </div>
    </>
  );
}

function DeleteSurface({ surface }: { readonly surface: Surface }) {
  const { state, edit, jobId } = useSurveySession();
  const [asking, setAsking] = useState(false);
  const navigate = useNavigate();
  return (
    <>
      <Button
        type="text"
        icon={<DeleteOutlined />}
        aria-label={`Delete ${surface.name}`}
        onClick={() => {
          setAsking(true);
        }}
      />
      <Modal
        open={asking}
        title={`Delete “${surface.name}”?`}
        okText="Delete surface"
        okButtonProps={{ danger: true }}
        cancelText="Keep it"
        onCancel={() => {
          setAsking(false);
        }}
        onOk={() => {
          edit(deletionOf(state, surface.id));
          void navigate(`/jobs/${jobId}/walk`);
        }}
      >
        What was found on it and what was chosen for it go with it.
      </Modal>
    </>
  );
}

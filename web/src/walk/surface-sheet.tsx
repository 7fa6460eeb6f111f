import { ArrowLeftOutlined, DeleteOutlined } from '@ant-design/icons';
import { conditionById, deletionOf, materialById, ofMaterial, stretchInWords, usualTilt } from '@etappe/core';
import type { Band, Surface } from '@etappe/core';
import { Button, Checkbox, Modal, Switch } from 'antd';
import { useDeferredValue, useId, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ChoiceField, ChoicesField } from '../quantity-fields/choice-field.tsx';
import { DateField } from '../quantity-fields/date-field.tsx';
import { LengthField } from '../quantity-fields/length-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TapeField } from '../quantity-fields/tape-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useEntity } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { CopyToSides } from './copy-to-sides.tsx';
import { DamagesPart } from './damages-part.tsx';
import { FindingsPart } from './findings-part.tsx';
import { LogPart } from './log-part.tsx';
import { BAND_OPTIONS, MATERIAL_OPTIONS } from './options.ts';
import { PastPart } from './past-part.tsx';
import { ScopePart } from './scope-part.tsx';
import { Neighbours } from './neighbours.tsx';
import { ZonesPart } from './zones-part.tsx';

const SURROUNDINGS = [
  { field: 'drainsOnto', label: 'Drains onto', placeholder: 'surfaces and features that run-off reaches' },
  { field: 'beside', label: 'Beside it', placeholder: 'what the work must heed' },
  { field: 'below', label: 'Below it', placeholder: 'what is dripped on' },
  { field: 'behind', label: 'Behind it', placeholder: 'what water could reach through it' },
] as const;

/** Everything about one surface in the order in which one looks; nothing needs saving. */
export function SurfaceSheet({ surface }: { readonly surface: Surface }) {
  const { survey, jobId } = useSurveySession();
  const { patch } = useEntity('surface', surface.id);
  const material = materialById(surface.material);
  const { units } = survey.job;
  const asset = survey.longAssets.find((a) => a.id === surface.asset?.asset);
  const thinId = useId();
  // Hundreds of places may be offered: they follow a typed letter, they do not hold it up.
  const surfaces = useDeferredValue(survey.surfaces);
  const places = useMemo(
    () => [
      ...surfaces.filter((s) => s.id !== surface.id).map((s) => ({ value: s.id, label: s.name })),
      ...survey.features.map((f) => ({ value: f.id, label: f.name })),
    ],
    [surfaces, survey.features, surface.id],
  );
  return (
    <>
      <div className="sheet-head">
        <Link to={`/jobs/${jobId}/walk`} aria-label="Back to the grid">
          <ArrowLeftOutlined />
        </Link>
        <h2>{surface.name}</h2>
        <Neighbours surface={surface} />
        <CopyToSides surface={surface} />
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
            take={(value) => patch(ofMaterial(value, surface))}
          />
          <ChoiceField
            label="Finish"
            value={surface.finish}
            options={material.finishes.map((f) => ({ value: f, label: f }))}
            take={(finish) => patch({ finish })}
          />
          <div className="wide">
            <ChoicesField
              label="Unsure: it may also be"
              values={surface.unsureBetween}
              options={MATERIAL_OPTIONS.filter((o) => o.value !== surface.material)}
              placeholder="sure of the material"
              take={(unsureBetween) => patch({ unsureBetween })}
            />
            {surface.unsureBetween.length > 0 && (
              <div className="field-hint">Until it is settled, the strictest limits of all of them hold.</div>
            )}
          </div>
          <DateField label="New since" value={surface.newSince} take={(newSince) => patch({ newSince })} />
          <label className="switch-row" htmlFor={thinId} style={{ alignSelf: 'end' }}>
            <Switch
              id={thinId}
              checked={surface.thinMember}
              onChange={(thinMember) => patch({ thinMember })}
            />{' '}
            Rail, post or rope
          </label>
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
        {surface.asset && asset && (
          <p className="figure">
            {asset.name}: {stretchInWords(surface.asset, units)}
          </p>
        )}
        <div className="sheet-grid">
          <div className="wide">
            <TapeField
              label="Size"
              value={surface.size}
              units={units}
              girth={surface.girth}
              reliefFactor={surface.reliefFactor}
              take={(size) => patch({ size })}
            />
          </div>
          <TextField
            label="Girth, of a metre or a piece"
            value={surface.girth}
            placeholder="for rails, posts, stones"
            take={(girth) => patch({ girth: girth.trim() })}
          />
          <NumberField
            label="Relief factor"
            value={surface.reliefFactor}
            unit="×"
            take={(reliefFactor) => patch({ reliefFactor })}
          />
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
      <ZonesPart surface={surface} />
      <FindingsPart surface={surface} />
      <div className="sheet-part">
        <h3>Below, beside and behind</h3>
        <div className="sheet-grid">
          {SURROUNDINGS.map(({ field, label, placeholder }) => (
            <div key={field} className="wide">
              <ChoicesField
                label={label}
                values={surface[field]}
                options={places}
                placeholder={placeholder}
                take={(ids) => patch({ [field]: ids })}
              />
            </div>
          ))}
        </div>
      </div>
      <PastPart surface={surface} />
      <DamagesPart surface={surface.id} />
      <ScopePart surface={surface} />
      <LogPart entity={surface.id} />
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

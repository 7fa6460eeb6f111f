import { DeleteOutlined } from '@ant-design/icons';
import { contaminantById } from '@etappe/core';
import type { Finding, Severity, Surface } from '@etappe/core';
import { Button, Select } from 'antd';
import { v7 as uuidv7 } from 'uuid';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { creation, useEntity } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { CONTAMINANT_OPTIONS } from './options.ts';

const SEVERITIES: readonly Severity[] = [1, 2, 3, 4];

/** What lies on the surface: each contaminant with its severity by cue and its share. */
export function FindingsPart({ surface }: { readonly surface: Surface }) {
  const { survey, edit } = useSurveySession();
  const findings = survey.findings.filter((f) => f.surface === surface.id);
  const open = CONTAMINANT_OPTIONS.filter((o) => !findings.some((f) => f.contaminant === o.value));
  return (
    <div className="sheet-part">
      <h3>What is on it</h3>
      {findings.map((finding) => (
        <FindingCard key={finding.id} finding={finding} />
      ))}
      {open.length > 0 && (
        <Select
          style={{ width: '100%' }}
          aria-label="Add what is on it"
          placeholder={findings.length === 0 ? 'Add what is on it' : 'Add something else'}
          showSearch={{ optionFilterProp: 'label' }}
          value={null}
          options={open.map(({ value, label }) => ({ value, label }))}
          onChange={(contaminant: string | null) => {
            if (contaminant !== null)
              edit([
                creation('finding', uuidv7(), {
                  surface: surface.id,
                  contaminant,
                  severity: 2,
                  share: 1,
                  position: findings.length,
                }),
              ]);
          }}
        />
      )}
    </div>
  );
}

function FindingCard({ finding }: { readonly finding: Finding }) {
  const { state, survey, edit } = useSurveySession();
  const { patch } = useEntity('finding', finding.id);
  const contaminant = contaminantById(finding.contaminant);
  const remove = () => {
    const choices = survey.choices.filter(
      (c) => c.surface === finding.surface && c.contaminant === finding.contaminant,
    );
    const drop = (kind: 'choice' | 'finding', id: string) => ({
      kind,
      entity: id,
      op: 'delete' as const,
      base: state.entities.get(id)?.revision ?? 0,
      fields: {},
    });
    edit([...choices.map((c) => drop('choice', c.id)), drop('finding', finding.id)]);
  };
  return (
    <div className="finding">
      <div className="finding-head">
        <strong>{contaminant.name}</strong>
        <Button
          type="text"
          size="small"
          icon={<DeleteOutlined />}
          aria-label={`Remove ${contaminant.name}`}
          onClick={remove}
        />
      </div>
      <fieldset style={{ border: 0, padding: 0, margin: '0 0 8px' }}>
        <legend className="visually-hidden">Severity of {contaminant.name}</legend>
        <div className="severities">
          {SEVERITIES.map((severity) => (
            <label key={severity}>
              <input
                type="radio"
                name={`severity-${finding.id}`}
                checked={finding.severity === severity}
                onChange={() => patch({ severity })}
              />
              <b>{severity}</b>
              <span>{contaminant.cues[severity - 1]}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <NumberField
        label="Share of the surface"
        value={finding.share}
        unit="%"
        scale={100}
        take={(share) => patch({ share })}
      />
    </div>
  );
}

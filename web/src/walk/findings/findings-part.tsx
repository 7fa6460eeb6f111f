import { DeleteOutlined } from '@ant-design/icons';
import { contaminantById, mostUsed, usualShare, lowerFirst } from '@etappe/core';
import type { Finding, Severity } from '@etappe/core';
import { Button, Checkbox } from 'antd';
import { v7 as uuidv7 } from 'uuid';
import { Suggested } from '../../quantity-fields/chip-field.tsx';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { creation, useEntity } from '../../survey-edits/use-entity.ts';
import { PhotoStrip } from '../../photos/photo-strip.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { CONTAMINANT_OPTIONS } from '../options.ts';
import { MarksPart } from './marks-part.tsx';
import { useScope } from '../surface/scope-part.tsx';
import { say } from '../../messages/walk.ts';

const SEVERITIES: readonly Severity[] = [1, 2, 3, 4];
const MOST_SUGGESTED = 4;
/** Until somebody says how bad it is: a film that is seen. */
const FIRST_SEVERITY: Severity = 2;
const PERCENT_STEPS = { by: 10, to: 100 } as const;

/** What lies on the surface in this job, or that it was looked at and is clean; what was found last time is offered. */
export function FindingsPart({ surface }: { readonly surface: string }) {
  const { survey } = useSurveySession();
  const { nothingFound, patch } = useScope(surface);
  const none = survey.findings.every((f) => f.surface !== surface);
  return (
    <div className="sheet-part">
      <h3>{say('what-is-on-it')}</h3>
      {none && !nothingFound && <LastTime surface={surface} />}
      <FindingCards surface={surface} zone={null} />
      <MarksPart surface={surface} zone={null} />
      {none && (
        <Checkbox
          style={{ marginTop: 8 }}
          checked={nothingFound}
          onChange={(event) => patch({ nothingFound: event.target.checked })}
        >
          {say('looked-at-nothing-found')}
        </Checkbox>
      )}
    </div>
  );
}

/** What the job before found here; taken over by hand, because what lies on a surface passes. */
function LastTime({ surface }: { readonly surface: string }) {
  const { survey, previous, edit } = useSurveySession();
  const zones = new Set(survey.zones.map((z) => z.id as string));
  const found = (previous?.findings ?? []).filter(
    (f) => f.surface === surface && (f.zone === null || zones.has(f.zone)),
  );
  if (!previous || found.length === 0) return null;
  return (
    <div className="last-time">
      <p>
        {say('last-time', { name: previous.name })}
        {previous.start === null ? '' : `, ${previous.start}`}):{' '}
        {found.map((f) => `${lowerFirst(contaminantById(f.contaminant).name)} ${f.severity}`).join(', ')}.
      </p>
      <Button
        size="small"
        onClick={() => {
          edit(found.map((finding, i) => creation('finding', uuidv7(), { ...finding, position: i })));
        }}
      >
        {say('the-same-again')}
      </Button>
    </div>
  );
}

interface FindingCardsProps {
  readonly surface: string;
  /** Null: of the surface itself. */
  readonly zone: string | null;
}

/** Each contaminant with its severity by cue and its share. */
export function FindingCards({ surface, zone }: FindingCardsProps) {
  const { survey, edit } = useSurveySession();
  const findings = survey.findings.filter((f) => f.surface === surface && f.zone === zone);
  const open = CONTAMINANT_OPTIONS.filter((o) => !findings.some((f) => f.contaminant === o.value));
  const used = mostUsed(survey.findings.map((f) => f.contaminant)).slice(0, MOST_SUGGESTED);
  const add = (contaminant: string) =>
    edit([
      creation('finding', uuidv7(), {
        surface,
        zone,
        contaminant,
        severity: FIRST_SEVERITY,
        share: usualShare({ contaminant, severity: FIRST_SEVERITY, zone }),
        position: findings.length,
      }),
    ]);
  return (
    <>
      {findings.map((finding) => (
        <FindingCard key={finding.id} finding={finding} />
      ))}
      {open.length > 0 && (
        <ChoiceField
          label={zone === null ? say('add-what-is-on-it') : say('add-what-is-on-the')}
          placeholder={say('by-name-or-by-another')}
          value={null}
          options={open}
          take={add}
        />
      )}
      <Suggested
        label={say('found-on-this-property')}
        lead={say('here-also')}
        options={open.filter((o) => used.includes(o.value))}
        take={add}
      />
    </>
  );
}

function FindingCard({ finding }: { readonly finding: Finding }) {
  const { survey, edit } = useSurveySession();
  const { patch } = useEntity('finding', finding.id);
  const contaminant = contaminantById(finding.contaminant);
  const remove = () => {
    const choices = survey.choices.filter(
      (c) => c.surface === (finding.zone ?? finding.surface) && c.contaminant === finding.contaminant,
    );
    const drop = (kind: 'choice' | 'finding', entity: string) => ({
      kind,
      entity,
      op: 'delete' as const,
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
          aria-label={say('remove', { name: contaminant.name })}
          onClick={remove}
        />
      </div>
      <fieldset style={{ border: 0, padding: 0, margin: '0 0 8px' }}>
        <legend className="visually-hidden">{say('severity-of', { name: contaminant.name })}</legend>
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
      <div className="sheet-grid">
        <NumberField
          label={finding.zone === null ? say('share-of-the-surface') : say('share-of-the-zone')}
          value={finding.share}
          unit="%"
          scale={100}
          steps={PERCENT_STEPS}
          take={(share) => patch({ share })}
        />
        <NumberField
          label={say('how-sure')}
          value={finding.confidence}
          unit="%"
          scale={100}
          steps={PERCENT_STEPS}
          take={(confidence) => patch({ confidence })}
        />
        <div className="wide">
          <TextField label={say('note')} value={finding.note} take={(note) => patch({ note: note.trim() })} />
          <PhotoStrip kind="photo" of={finding.id} what={lowerFirst(contaminant.name)} />
        </div>
      </div>
    </div>
  );
}

import {
  CATALOGUE,
  deletionOf,
  lookAlikeById,
  markDiagnosis,
  permanentMarkOf,
  lowerFirst,
} from '@etappe/core';
import type { Mark, MarkDiagnosis } from '@etappe/core';
import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useId, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Suggested } from '../../quantity-fields/chip-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { creation, useEntity } from '../../survey-edits/use-entity.ts';
import { PhotoStrip } from '../../photos/photo-strip.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { Candidates, DoneTests, NextTests } from './quick-tests.tsx';
import { rich, say } from '../../messages/walk.ts';
import './marks-part.css';

const GROUPS = CATALOGUE.lookAlikes.map(({ id, name }) => ({ value: id, label: name }));

interface MarksPartProps {
  readonly surface: string;
  /** Null: of the surface itself. */
  readonly zone: string | null;
}

/** Marks of which it is open what they are: what they may be, and the small test that tells most. */
export function MarksPart({ surface, zone }: MarksPartProps) {
  const { survey, edit } = useSurveySession();
  const marks = survey.marks.filter((m) => m.surface === surface && m.zone === zone);
  return (
    <div className="marks">
      {marks.map((mark) => (
        <MarkCard key={mark.id} mark={mark} />
      ))}
      <Suggested
        label={say('an-unidentified-mark')}
        lead={say('not-sure-what-it-is')}
        options={GROUPS}
        take={(lookAlike) => {
          edit([creation('mark', uuidv7(), { surface, zone, lookAlike, position: survey.marks.length })]);
        }}
      />
      <details className="stays">
        <summary>{say('a-permanent-mark-known-by')}</summary>
        <ul className="cues" aria-label={say('marks-that-stay')}>
          {CATALOGUE.permanentMarks.map(({ id, name, cue }) => (
            <li key={id}>
              <button
                type="button"
                className="cue"
                onClick={() => {
                  const position = survey.marks.length;
                  edit([
                    creation('mark', uuidv7(), { surface, zone, lookAlike: null, settledAs: id, position }),
                  ]);
                }}
              >
                <b>{name}</b>
                <span className="quiet">{cue}</span>
              </button>
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}

function MarkCard({ mark }: { readonly mark: Mark }) {
  const { state, survey, edit } = useSurveySession();
  const { patch } = useEntity('mark', mark.id);
  const permanent = permanentMarkOf(mark);
  const title = mark.lookAlike === null ? (permanent?.name ?? '') : lookAlikeById(mark.lookAlike).name;
  // Where the next test is done; a fresh spot for each agent.
  const [spot, setSpot] = useState('');
  const diagnosis = markDiagnosis(mark, survey, spot);
  const done = survey.tests.filter((t) => t.mark === mark.id);
  const name = useId();
  return (
    <section className="finding mark" aria-labelledby={name}>
      <div className="finding-head">
        <strong id={name}>{title}</strong>
        <Button
          type="text"
          size="small"
          icon={<DeleteOutlined />}
          aria-label={say('remove-title', { title })}
          onClick={() => {
            edit(deletionOf(state, mark.id));
          }}
        />
      </div>
      <TextField label={say('where')} value={mark.where} take={(where) => patch({ where: where.trim() })} />
      {diagnosis && mark.settledAs === null && (
        <>
          <Candidates candidates={diagnosis.candidates} />
          <Settle mark={mark} diagnosis={diagnosis} />
          <NextTests
            subject={{ surface: mark.surface, zone: mark.zone, mark: mark.id }}
            tests={diagnosis.tests}
            spot={spot}
            setSpot={setSpot}
            where={mark.where}
          />
        </>
      )}
      {mark.settledAs !== null && (
        <p>
          {permanent ? (
            <>
              {rich('settled-the-order-tells-the', {
                name: <b>{lowerFirst(permanent.name)}</b>,
                expectation: permanent.expectation,
              })}
            </>
          ) : (
            <>{say('settled-and-recorded-as-a')}</>
          )}{' '}
          {mark.lookAlike !== null && (
            <Button size="small" onClick={() => patch({ settledAs: null })}>
              {say('reopen')}
            </Button>
          )}
        </p>
      )}
      <PhotoStrip kind="photo" of={mark.id} what={lowerFirst(title)} />
      {done.length > 0 && <DoneTests tests={done} />}
    </section>
  );
}

interface SettleProps {
  readonly mark: Mark;
  readonly diagnosis: MarkDiagnosis;
}

/** Dirt becomes a finding, as sure as the tests are; what stays becomes an expectation. */
function Settle({ mark, diagnosis: { decided } }: SettleProps) {
  const { edit } = useSurveySession();
  if (!decided) return null;
  const { id, name, permanent, probability } = decided;
  return (
    <Button
      type="primary"
      onClick={() => {
        const { surface, zone, severity, share, where } = mark;
        edit([
          { kind: 'mark', entity: mark.id, op: 'patch', fields: { settledAs: id } },
          ...(permanent
            ? []
            : [
                creation('finding', uuidv7(), {
                  surface,
                  zone,
                  contaminant: id,
                  severity,
                  share,
                  confidence: Math.round(100 * probability) / 100,
                  note: where,
                  position: 100,
                }),
              ]),
        ]);
      }}
    >
      {permanent
        ? say('it-is-it-stays', { name: lowerFirst(name) })
        : say('it-is-add-it', { name: lowerFirst(name) })}
    </Button>
  );
}

import { isAcknowledged, toldCustomer, toldHash } from '@etappe/core';
import type { Plan, ToldTopic } from '@etappe/core';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/order.ts';
import './expectations-part.css';

/** What the customer is told before the work: worded anew or left out where that is wanted, and acknowledged by name. */
export function ExpectationsPart({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const told = toldCustomer(plan, survey);
  const acknowledged = isAcknowledged(plan, survey) ? survey.job.acknowledgement : null;
  const outdated = survey.job.acknowledgement && !acknowledged ? survey.job.acknowledgement : null;
  if (told.length === 0) return null;
  const shown = told.filter((topic) => !topic.leftOut).length;
  return (
    <details className="expectations-part">
      <summary>
        <h3>{say('what-the-customer-is-told')}</h3>{' '}
        <span className="quiet">
          {say('sentences', { count: shown })}{' '}
          {acknowledged
            ? say('acknowledged-by-name-at', { name: acknowledged.name, at: acknowledged.at.slice(0, 10) })
            : outdated
              ? say('acknowledged-an-earlier-version', { name: outdated.name })
              : say('not-acknowledged-yet')}
        </span>
      </summary>
      <ul>
        {told.map((topic) => (
          <Topic key={topic.key} topic={topic} />
        ))}
      </ul>
      <Acknowledge hash={toldHash(plan, survey)} done={acknowledged !== null} />
    </details>
  );
}

/** One sentence of the customer's, and what it is made of. */
function Topic({ topic }: { readonly topic: ToldTopic }) {
  const { of } = topic;
  return (
    <li>
      <Sentence said={topic} />
      {of.length > 1 && (
        <details className="told-parts">
          <summary>{say('made-of', { count: of.length })}</summary>
          <ul>
            {of.map((part) => (
              <li key={part.key}>
                <Sentence said={{ ...part, title: part.place }} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </li>
  );
}

function Sentence({
  said,
}: {
  readonly said: Pick<ToldTopic, 'key' | 'title' | 'text' | 'proposed' | 'leftOut'>;
}) {
  const { key, title: place, text, proposed, leftOut } = said;
  const { patch } = useJob();
  const [draft, setDraft] = useState<string | null>(null);
  const field = `wordings.${key}`;
  const own = text !== proposed;
  return (
    <div className={leftOut ? 'sentence left-out' : 'sentence'}>
      <b>{place}</b>
      {draft === null ? (
        <span>{leftOut ? proposed : text}</span>
      ) : (
        <Input.TextArea
          aria-label={say('wording-for', { place })}
          rows={2}
          maxLength={1000}
          value={draft}
          onChange={({ target }) => {
            setDraft(target.value);
          }}
        />
      )}
      <span className="sentence-acts">
        {draft === null ? (
          <>
            <Button
              size="small"
              aria-label={say('reword-place', { place, proposed })}
              onClick={() => {
                setDraft(leftOut ? proposed : text);
              }}
            >
              {say('reword')}
            </Button>
            {!leftOut && (
              <Button
                size="small"
                aria-label={say('leave-out-place', { place, proposed })}
                onClick={() => {
                  patch({ [field]: '' });
                }}
              >
                {say('leave-out')}
              </Button>
            )}
            {(own || leftOut) && (
              <Button
                size="small"
                aria-label={say('as-proposed-place', { place, proposed })}
                onClick={() => {
                  patch({ [field]: null });
                }}
              >
                {say('as-proposed')}
              </Button>
            )}
          </>
        ) : (
          <>
            <Button
              size="small"
              type="primary"
              disabled={draft.trim() === ''}
              onClick={() => {
                patch({ [field]: draft.trim() === proposed ? null : draft.trim() });
                setDraft(null);
              }}
            >
              {say('keep')}
            </Button>
            <Button
              size="small"
              onClick={() => {
                setDraft(null);
              }}
            >
              {say('cancel')}
            </Button>
          </>
        )}
      </span>
    </div>
  );
}

function Acknowledge({ hash, done }: { readonly hash: string; readonly done: boolean }) {
  const { patch } = useJob();
  const [name, setName] = useState('');
  if (done)
    return (
      <Button
        size="small"
        onClick={() => {
          patch({ acknowledgement: null });
        }}
      >
        {say('undo-acknowledgement')}
      </Button>
    );
  return (
    <div className="acknowledge">
      <Input
        aria-label={say('acknowledged-by')}
        placeholder={say('name-of-the-customer')}
        maxLength={120}
        value={name}
        onChange={({ target }) => {
          setName(target.value);
        }}
      />
      <Button
        disabled={name.trim() === ''}
        onClick={() => {
          patch({ acknowledgement: { name: name.trim(), at: new Date().toISOString(), hash } });
        }}
      >
        {say('record-acknowledgement')}
      </Button>
    </div>
  );
}

import { CopyOutlined, DeleteOutlined } from '@ant-design/icons';
import { answeredQuestions, faced } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { Button, Input, Radio } from 'antd';
import type { InputRef } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useEntity, useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/records.ts';
import './questions-part.css';

type Question = Plan['questions'][number];

/** Names what of the property is to be shown open, in the address. */
export const AT = 'at';

/** What the survey leaves open: answered here in words, or closed at the field that it leads to. */
export function QuestionsPart() {
  const { survey } = useSurveySession();
  const { plan } = usePlan();
  const questions = [...(plan?.questions ?? [])].sort((a, b) => Number(b.blocking) - Number(a.blocking));
  const answered = answeredQuestions(faced(survey));
  if (questions.length + answered.length === 0) return null;
  return (
    <div className="sheet-part">
      <div className="questions-head">
        <h3>{say('open-questions')}</h3>
        {questions.length > 0 && <CopyList questions={questions} />}
      </div>
      {questions.length === 0 && <p>{say('all-answered')}</p>}
      <ul className="questions">
        {questions.map((question) => (
          <OpenQuestion key={question.key} question={question} />
        ))}
      </ul>
      {answered.length > 0 && (
        <details>
          <summary>{say('answered', { answeredCount: answered.length })}</summary>
          <ul className="questions">
            {answered.map(({ question, answer }) => (
              <AnsweredQuestion key={question.key} question={question} answer={answer} />
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function OpenQuestion({ question }: { readonly question: Question }) {
  const { patch } = useJob();
  const { survey, jobId } = useSurveySession();
  const [answer, setAnswer] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const field = useRef<InputRef>(null);
  const answering = answer !== null;
  useEffect(() => {
    if (answering) field.current?.focus();
  }, [answering]);
  const keep = () => {
    const text = answer?.trim() ?? '';
    if (text === '') return;
    // Each answer is a field of its own: two people answer two questions and both stand.
    setFault(patch({ [`answers.${question.key}`]: text }));
  };
  const { about } = question;
  const onSurface = survey.surfaces.some((s) => s.id === about);
  return (
    <li>
      <p>
        {question.blocking && <b className="blocks">{say('blocks')} </b>}
        {question.text}
      </p>
      <div className="question-row">
        {question.typed && about !== null && <TypedAnswers typed={question.typed} about={about} />}
        {!answering ? (
          <>
            {question.typed === null && (
              <Button
                size="small"
                onClick={() => {
                  setAnswer('');
                }}
              >
                {say('answer')}
              </Button>
            )}
            {about !== null && (
              <Link to={onSurface ? `/jobs/${jobId}/walk/${about}` : `/jobs/${jobId}/walk?${AT}=${about}`}>
                {say('show-where')}
              </Link>
            )}
          </>
        ) : (
          <>
            <Input
              ref={field}
              aria-label={say('answer-to', { text: question.text })}
              value={answer}
              maxLength={500}
              onChange={(event) => {
                setAnswer(event.target.value);
              }}
              onPressEnter={keep}
            />
            <Button type="primary" aria-disabled={answer.trim() === ''} onClick={keep}>
              {say('keep')}
            </Button>
            <Button
              onClick={() => {
                setAnswer(null);
              }}
            >
              {say('leave-open')}
            </Button>
          </>
        )}
      </div>
      {fault !== null && <p role="alert">{fault}</p>}
    </li>
  );
}

/** What safety rests on is said by the field itself: yes or no, which of the two. */
function TypedAnswers({
  typed,
  about,
}: {
  readonly typed: NonNullable<Question['typed']>;
  readonly about: string;
}) {
  const { survey } = useSurveySession();
  const { patch } = useEntity('feature', about);
  const feature = survey.features.find((f) => f.id === about);
  if (!feature) return null;
  return typed.map(({ field, label, options }) => (
    <fieldset key={field} className="typed-answer">
      <legend>{label}</legend>
      <Radio.Group
        size="small"
        optionType="button"
        options={[...options]}
        value={feature[field]}
        onChange={(event) => {
          patch({ [field]: event.target.value as string });
        }}
      />
    </fieldset>
  ));
}

function AnsweredQuestion({ question, answer }: { readonly question: Question; readonly answer: string }) {
  const { job, patch } = useJob();
  return (
    <li className="question-row">
      <span>
        {question.text} <b>{answer}</b>
      </span>
      <Button
        type="text"
        size="small"
        icon={<DeleteOutlined />}
        aria-label={say('remove-the-answer-to', { text: question.text })}
        onClick={() => {
          const given = [question.key, question.rule].filter((key) => key in job.answers);
          patch(Object.fromEntries(given.map((key) => [`answers.${key}`, null])));
        }}
      />
    </li>
  );
}

/** For a message to the customer. */
function CopyList({ questions }: { readonly questions: readonly Question[] }) {
  const [said, setSaid] = useState<string | null>(null);
  const copy = async () => {
    const text = questions.map((q, i) => `${i + 1}. ${q.text}`).join('\n');
    try {
      await navigator.clipboard.writeText(text);
      setSaid(say('copied'));
    } catch {
      setSaid(say('this-device-does-not-allow'));
    }
  };
  return (
    <>
      {said !== null && <span role="status">{said}</span>}
      <Button size="small" icon={<CopyOutlined />} onClick={() => void copy()}>
        {say('copy-the-list')}
      </Button>
    </>
  );
}

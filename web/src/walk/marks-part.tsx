import { CATALOGUE, deletionOf, lookAlikeById, markDiagnosis, permanentMarkOf } from '@etappe/core';
import type { Mark, MarkDiagnosis, ProposedTest, SurfaceTest } from '@etappe/core';
import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useId, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../person-on-device.ts';
import { Suggested } from '../quantity-fields/chip-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { creation, useEntity } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { today } from '../today.ts';
import './marks-part.css';

const GROUPS = CATALOGUE.lookAlikes.map(({ id, name }) => ({ value: id, label: name }));
const percent = (share: number) => `${String(Math.round(100 * share))} %`;

/** Marks of which it is open what they are: what they may be, and the small test that tells most. */
export function MarksPart({ surface }: { readonly surface: string }) {
  const { survey, edit } = useSurveySession();
  const marks = survey.marks.filter((m) => m.surface === surface && m.zone === null);
  return (
    <div className="marks">
      {marks.map((mark) => (
        <MarkCard key={mark.id} mark={mark} />
      ))}
      <Suggested
        label="A mark that nobody can name yet"
        lead="Not sure what it is?"
        options={GROUPS}
        take={(lookAlike) => {
          edit([creation('mark', uuidv7(), { surface, lookAlike, position: survey.marks.length })]);
        }}
      />
    </div>
  );
}

function MarkCard({ mark }: { readonly mark: Mark }) {
  const { state, survey, edit } = useSurveySession();
  const { patch } = useEntity('mark', mark.id);
  const group = lookAlikeById(mark.lookAlike);
  const permanent = permanentMarkOf(mark);
  // Where the next test is done; a fresh spot for each agent.
  const [spot, setSpot] = useState('');
  const diagnosis = markDiagnosis(mark, survey, spot);
  const done = survey.tests.filter((t) => t.mark === mark.id);
  const name = useId();
  return (
    <section className="finding mark" aria-labelledby={name}>
      <div className="finding-head">
        <strong id={name}>{group.name}</strong>
        <Button
          type="text"
          size="small"
          icon={<DeleteOutlined />}
          aria-label={`Remove ${group.name}`}
          onClick={() => {
            edit(deletionOf(state, mark.id));
          }}
        />
      </div>
      <TextField label="Where" value={mark.where} take={(where) => patch({ where: where.trim() })} />
      {diagnosis && mark.settledAs === null && (
        <>
          <Candidates diagnosis={diagnosis} />
          <Settle mark={mark} diagnosis={diagnosis} />
          <NextTests mark={mark} diagnosis={diagnosis} spot={spot} setSpot={setSpot} />
        </>
      )}
      {mark.settledAs !== null && (
        <p>
          {permanent ? (
            <>
              Settled: <b>{permanent.name.toLowerCase()}</b>. {permanent.expectation} It stands on the order
              as an expectation.
            </>
          ) : (
            <>Settled, and written down as found.</>
          )}{' '}
          <Button size="small" onClick={() => patch({ settledAs: null })}>
            Open it again
          </Button>
        </p>
      )}
      {done.length > 0 && <DoneTests tests={done} />}
    </section>
  );
}

function Candidates({ diagnosis }: { readonly diagnosis: MarkDiagnosis }) {
  return (
    <ol className="candidates" aria-label="What it may be">
      {diagnosis.candidates.map(({ id, name, probability, permanent }) => (
        <li key={id}>
          <span>
            {name}
            {permanent && <span className="quiet"> · would stay</span>}
          </span>
          <span className="candidate-bar" aria-hidden>
            <span style={{ width: `${String(100 * probability)}%` }} />
          </span>
          <span className="figure">{percent(probability)}</span>
        </li>
      ))}
    </ol>
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
      {permanent ? `It is ${name.toLowerCase()}: it stays` : `It is ${name.toLowerCase()}: add it`}
    </Button>
  );
}

interface NextTestsProps extends SettleProps {
  readonly spot: string;
  readonly setSpot: (spot: string) => void;
}

function NextTests({ mark, diagnosis, spot, setSpot }: NextTestsProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const allowed = diagnosis.tests.filter((t) => t.refusal === null);
  const refused = diagnosis.tests.filter((t) => t.refusal !== null);
  const shown = allowed.find((t) => t.test.id === chosen) ?? allowed[0];
  return (
    <>
      {shown && (
        <TestToDo
          key={shown.test.id}
          mark={mark}
          proposed={shown}
          best={shown === allowed[0]}
          spot={spot}
          setSpot={setSpot}
        />
      )}
      <Suggested
        label="Other tests"
        lead="Or:"
        options={allowed.filter((t) => t !== shown).map(({ test }) => ({ value: test.id, label: test.name }))}
        take={setChosen}
      />
      {refused.map(({ test, refusal }) => (
        <p key={test.id} className="test-refused">
          <span aria-hidden>✕ </span>
          <b>{test.name}</b>: {refusal?.text}
        </p>
      ))}
    </>
  );
}

interface TestToDoProps {
  readonly mark: Mark;
  readonly proposed: ProposedTest;
  readonly best: boolean;
  readonly spot: string;
  readonly setSpot: (spot: string) => void;
}

/** How the test is done, and what came of it: one tap. */
function TestToDo({ mark, proposed: { test, shareOfDoubt, caution }, best, spot, setSpot }: TestToDoProps) {
  const { survey, edit } = useSurveySession();
  return (
    <div className="test-to-do">
      <h4>
        {best ? 'Next test: ' : ''}
        {test.name}
        <span className="quiet">
          {' '}
          · {test.minutes} min · settles about {percent(shareOfDoubt)} of the doubt
        </span>
      </h4>
      <p>{test.how}</p>
      {test.needs.length > 0 && <p className="quiet">Needs {test.needs.join(', ')}.</p>}
      {caution !== null && <p className="test-never">{caution}</p>}
      {test.never !== null && <p className="test-never">{test.never}</p>}
      {test.agentClass !== null && (
        <TextField
          label="Spot, a fresh one"
          value={spot}
          placeholder="left of the door, knee height"
          take={(text) => {
            setSpot(text.trim());
            return null;
          }}
        />
      )}
      <div className="chips" role="group" aria-label={`What came of it: ${test.name}`}>
        {test.outcomes.map((outcome) => (
          <button
            key={outcome.id}
            type="button"
            className="chip"
            onClick={() => {
              edit([
                creation('test', uuidv7(), {
                  surface: mark.surface,
                  zone: mark.zone,
                  mark: mark.id,
                  test: test.id,
                  outcome: outcome.id,
                  where: test.agentClass === null ? mark.where : spot,
                  doneOn: today(),
                  doneBy: personOnDevice(),
                  position: survey.tests.length,
                }),
              ]);
            }}
          >
            {outcome.text}
          </button>
        ))}
      </div>
    </div>
  );
}

function DoneTests({ tests }: { readonly tests: readonly SurfaceTest[] }) {
  const { state, edit } = useSurveySession();
  return (
    <ul className="done-tests" aria-label="Tests done">
      {tests.map((done) => {
        const test = CATALOGUE.quickTests.find((t) => t.id === done.test);
        const outcome = test?.outcomes.find((o) => o.id === done.outcome)?.text ?? '';
        return (
          <li key={done.id}>
            <span>
              <b>{test?.name}</b>: {outcome}
              <span className="quiet">
                {done.where === '' ? '' : ` · ${done.where}`}
                {done.doneOn === null ? '' : ` · ${done.doneOn}`}
                {done.doneBy === '' ? '' : ` · ${done.doneBy}`}
              </span>
            </span>
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={`Take back ${test?.name ?? done.test}`}
              onClick={() => {
                edit(deletionOf(state, done.id));
              }}
            />
          </li>
        );
      })}
    </ul>
  );
}

import { say } from '../../messages/walk.ts';
import {
  LONGEST_DROP_SECONDS,
  ABSORPTION_TEST,
  deletionOf,
  quickTestById,
  absorptionOf,
  lowerFirst,
} from '@etappe/core';
import type { ProposedTest, SurfaceTest } from '@etappe/core';
import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../../person-on-device.ts';
import { Suggested } from '../../quantity-fields/chip-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { creation } from '../../survey-edits/use-entity.ts';
import { PhotoStrip } from '../../photos/photo-strip.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { today } from '../../today.ts';
import './marks-part.css';

const percent = (share: number) => `${Math.round(100 * share)} %`;

interface CandidatesProps {
  readonly candidates: readonly {
    readonly id: string;
    readonly name: string;
    readonly probability: number;
    readonly permanent?: boolean;
  }[];
}

/** What it may be, the most probable first. */
export function Candidates({ candidates }: CandidatesProps) {
  return (
    <ol className="candidates" aria-label={say('test/may-be')}>
      {candidates.map(({ id, name, probability, permanent = false }) => (
        <li key={id}>
          <span>
            {name}
            {permanent && <span className="quiet">{say('test/would-stay')}</span>}
          </span>
          <span className="candidate-bar" aria-hidden>
            <span style={{ width: `${100 * probability}%` }} />
          </span>
          <span className="figure">{percent(probability)}</span>
        </li>
      ))}
    </ol>
  );
}

/** What a test was done on. */
interface TestSubject {
  readonly surface: string;
  readonly zone: string | null;
  readonly mark: string | null;
}

interface NextTestsProps {
  readonly subject: TestSubject;
  readonly tests: readonly ProposedTest[];
  /** Where the next test is done. */
  readonly spot: string;
  readonly setSpot: (spot: string) => void;
  /** Where a test that leaves no trace is done. */
  readonly where: string;
}

/** The test that settles most, the others one tap away, and those that must not be done here with their reason. */
export function NextTests({ subject, tests, spot, setSpot, where }: NextTestsProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const allowed = tests.filter((t) => t.refusal === null);
  const refused = tests.filter((t) => t.refusal !== null);
  const shown = allowed.find((t) => t.test.id === chosen) ?? allowed[0];
  return (
    <>
      {shown && (
        <TestToDo
          key={shown.test.id}
          subject={subject}
          proposed={shown}
          best={shown === allowed[0]}
          spot={spot}
          setSpot={setSpot}
          where={where}
        />
      )}
      <Suggested
        label={say('test/others')}
        lead={say('test/or')}
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

interface TestToDoProps extends Omit<NextTestsProps, 'tests'> {
  readonly proposed: ProposedTest;
  readonly best: boolean;
}

/** How the test is done, and what came of it: one tap. */
function TestToDo({ subject, proposed, best, spot, setSpot, where }: TestToDoProps) {
  const { test, shareOfDoubt, caution } = proposed;
  const { survey, edit } = useSurveySession();
  return (
    <div className="test-to-do">
      <h4>
        {best ? say('test/next', { name: test.name }) : test.name}
        <span className="quiet">
          {' '}
          {say('test/settles', { minutes: test.minutes, share: percent(shareOfDoubt) })}
        </span>
      </h4>
      <p>{test.how}</p>
      {test.needs.length > 0 && (
        <p className="quiet">{say('test/needs', { needs: test.needs.join(', ') })}</p>
      )}
      {caution !== null && <p className="test-never">{caution}</p>}
      {test.never !== null && <p className="test-never">{test.never}</p>}
      {test.agentClass !== null && (
        <TextField
          label={say('test/spot')}
          value={spot}
          placeholder={say('test/spot-example')}
          take={(text) => {
            setSpot(text.trim());
            return null;
          }}
        />
      )}
      {test.id === ABSORPTION_TEST ? (
        <p className="quiet">{say('test/time-it')}</p>
      ) : (
        <div className="chips" role="group" aria-label={say('test/came-of', { name: test.name })}>
          {test.outcomes.map((outcome) => (
            <button
              key={outcome.id}
              type="button"
              className="chip"
              onClick={() => {
                edit([
                  creation('test', uuidv7(), {
                    ...subject,
                    test: test.id,
                    outcome: outcome.id,
                    where: test.agentClass === null ? where : spot,
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
      )}
    </div>
  );
}

/** What was tried, with what came of it. */
export function DoneTests({ tests }: { readonly tests: readonly SurfaceTest[] }) {
  const { state, edit } = useSurveySession();
  return (
    <ul className="done-tests" aria-label={say('test/done')}>
      {tests.map((done) => {
        const test = done.test === ABSORPTION_TEST ? null : quickTestById(done.test);
        const outcome =
          test?.outcomes.find((o) => o.id === done.outcome)?.text ??
          absorptionOf(done.seconds ?? LONGEST_DROP_SECONDS).name;
        const name = test?.name ?? say('test/drop');
        return (
          <li key={done.id}>
            <span>
              <b>{name}</b>: {outcome}
              <span className="quiet">
                {done.where === '' ? '' : ` · ${done.where}`}
                {done.doneOn === null ? '' : ` · ${done.doneOn}`}
                {done.doneBy === '' ? '' : ` · ${done.doneBy}`}
              </span>
              <PhotoStrip kind="photo" of={done.id} what={lowerFirst(name)} />
            </span>
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={say('test/take-back', { name })}
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

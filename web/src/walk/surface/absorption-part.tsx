import { DeleteOutlined } from '@ant-design/icons';
import { decimal, LONGEST_DROP_SECONDS, ABSORPTION_TEST, deletionOf, absorptionOf } from '@etappe/core';
import type { Finish } from '@etappe/core';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../../person-on-device.ts';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { creation } from '../../survey-edits/use-entity.ts';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { today } from '../../today.ts';
import { rich, say } from '../../messages/walk.ts';
import '../findings/marks-part.css';

const TICK_MILLISECONDS = 200;

interface AbsorptionPartProps {
  readonly surface: string;
  readonly material: string;
  readonly finish: Finish;
}

/** How thirsty the face is: a drop of water, timed. What is measured beats the default of the material. */
export function AbsorptionPart({ surface, material, finish }: AbsorptionPartProps) {
  const { state, survey, catalogue, edit } = useSurveySession();
  const [typed, setTyped] = useState<number | null>(null);
  const drops = survey.tests.filter(
    (t) => t.test === ABSORPTION_TEST && t.surface === surface && t.zone === null,
  );
  const usual = catalogue.material(material).sorptivity[finish];
  const write = (seconds: number) => {
    setTyped(null);
    edit([
      creation('test', uuidv7(), {
        surface,
        test: ABSORPTION_TEST,
        seconds: Math.min(LONGEST_DROP_SECONDS, Math.max(0.5, Math.round(10 * seconds) / 10)),
        doneOn: today(),
        doneBy: personOnDevice(),
        position: survey.tests.length,
      }),
    ]);
  };
  return (
    <div className="thirst">
      <h4>{say('a-drop-of-water')}</h4>
      {drops.length === 0 && <p className="quiet">{say('time-it-on-a-clean', { usual })}</p>}
      <ul className="done-tests" aria-label={say('drops-timed')}>
        {drops.map((drop) => (
          <li key={drop.id}>
            <span>
              {drop.seconds === null || drop.seconds >= LONGEST_DROP_SECONDS
                ? say('it-beads')
                : say('gone-after-s', { seconds: drop.seconds })}
              : <b>{absorptionOf(drop.seconds ?? LONGEST_DROP_SECONDS).name}</b>,{' '}
              {rich('kg-m2-s', {
                sorptivity: absorptionOf(drop.seconds ?? LONGEST_DROP_SECONDS).sorptivity,
                doneOnWords: <span className="quiet">{drop.doneOn === null ? '' : ` · ${drop.doneOn}`}</span>,
              })}
            </span>
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={say('remove-this-drop')}
              onClick={() => {
                edit(deletionOf(state, drop.id));
              }}
            />
          </li>
        ))}
      </ul>
      <div className="thirst-row">
        <StopWatch stopped={write} />
        <Button
          onClick={() => {
            write(LONGEST_DROP_SECONDS);
          }}
        >
          {say('it-beads-head')}
        </Button>
        <NumberField
          label={say('or-seconds-typed')}
          value={typed}
          unit="s"
          clear={() => {
            setTyped(null);
            return null;
          }}
          take={(seconds) => {
            if (!(seconds > 0 && seconds <= LONGEST_DROP_SECONDS))
              return say('s-is-not-a-time', { seconds, longestDropSeconds: LONGEST_DROP_SECONDS });
            setTyped(seconds);
            return null;
          }}
        />
        {typed !== null && (
          <Button
            onClick={() => {
              write(typed);
            }}
          >
            {say('record')}
          </Button>
        )}
      </div>
    </div>
  );
}

/** Started when the drop falls, stopped when it is gone. */
function StopWatch({ stopped }: { readonly stopped: (seconds: number) => void }) {
  const [since, setSince] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (since === null) return undefined;
    const timer = setInterval(() => {
      setNow(performance.now());
    }, TICK_MILLISECONDS);
    return () => {
      clearInterval(timer);
    };
  }, [since]);
  if (since === null)
    return (
      <Button
        type="primary"
        onClick={() => {
          setNow(performance.now());
          setSince(performance.now());
        }}
      >
        {say('drop-falls')}
      </Button>
    );
  return (
    <Button
      type="primary"
      onClick={() => {
        setSince(null);
        stopped((performance.now() - since) / 1000);
      }}
    >
      {say('it-is-gone-s', { now: decimal((now - since) / 1000, 0) })}
    </Button>
  );
}

import { DeleteOutlined } from '@ant-design/icons';
import { decimal, LONGEST_DROP_SECONDS, THIRST_TEST, deletionOf, thirstOf } from '@etappe/core';
import type { Finish } from '@etappe/core';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../../person-on-device.ts';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { creation } from '../../survey-edits/use-entity.ts';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { today } from '../../today.ts';
import '../findings/marks-part.css';

const TICK_MILLISECONDS = 200;

interface ThirstPartProps {
  readonly surface: string;
  readonly material: string;
  readonly finish: Finish;
}

/** How thirsty the face is: a drop of water, timed. What is measured beats the default of the material. */
export function ThirstPart({ surface, material, finish }: ThirstPartProps) {
  const { state, survey, catalogue, edit } = useSurveySession();
  const [typed, setTyped] = useState<number | null>(null);
  const drops = survey.tests.filter(
    (t) => t.test === THIRST_TEST && t.surface === surface && t.zone === null,
  );
  const usual = catalogue.material(material).sorptivity[finish];
  const write = (seconds: number) => {
    setTyped(null);
    edit([
      creation('test', uuidv7(), {
        surface,
        test: THIRST_TEST,
        seconds: Math.min(LONGEST_DROP_SECONDS, Math.max(0.5, Math.round(10 * seconds) / 10)),
        doneOn: today(),
        doneBy: personOnDevice(),
        position: survey.tests.length,
      }),
    ]);
  };
  return (
    <div className="thirst">
      <h4>A drop of water</h4>
      {drops.length === 0 && (
        <p className="quiet">
          Time it on a clean, dry spot. Until then {usual} kg/(m²·√s) is used, as usual for it.
        </p>
      )}
      <ul className="done-tests" aria-label="Drops timed">
        {drops.map((drop) => (
          <li key={drop.id}>
            <span>
              {drop.seconds === null || drop.seconds >= LONGEST_DROP_SECONDS
                ? 'it beads'
                : `gone after ${drop.seconds} s`}
              : <b>{thirstOf(drop.seconds ?? LONGEST_DROP_SECONDS).name}</b>,{' '}
              {thirstOf(drop.seconds ?? LONGEST_DROP_SECONDS).sorptivity} kg/(m²·√s)
              <span className="quiet">{drop.doneOn === null ? '' : ` · ${drop.doneOn}`}</span>
            </span>
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label="Remove this drop"
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
          It beads
        </Button>
        <NumberField
          label="Or seconds, typed"
          value={typed}
          unit="s"
          clear={() => {
            setTyped(null);
            return null;
          }}
          take={(seconds) => {
            if (!(seconds > 0 && seconds <= LONGEST_DROP_SECONDS))
              return `${seconds} s is not a time for a drop: 0.5 to ${LONGEST_DROP_SECONDS} s, or “It beads”`;
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
            Record
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
        Drop falls
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
      It is gone: {decimal((now - since) / 1000, 0)} s
    </Button>
  );
}

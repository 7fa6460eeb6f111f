import { formatDuration, roundTime, withPin } from '@etappe/core';
import type { PinTrial, RoundPin, Survey } from '@etappe/core';
import { Button, Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { personOnDevice } from '../person-on-device.ts';
import { usePinTrial } from '../planning/pin-trial.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/sequence.ts';

interface EditorProps {
  readonly survey: Survey;
  readonly name: string;
  /** What is fixed. */
  readonly work: readonly string[];
  /** As it is fixed now; null where it is not. */
  readonly pin: RoundPin | null;
  readonly close: () => void;
}

const ANYBODY = '';
const SEPARATOR = '\n';
const HOUR = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Who does a round and before when it is not begun: what that costs is told before it is fixed. */
export function PinEditor({ survey, name, work, pin, close }: EditorProps) {
  const { patch } = useJob();
  const personId = useId();
  const { house } = survey.job;
  const [person, setPerson] = useState(pin?.person ?? null);
  const [notBefore, setNotBefore] = useState(pin?.notBefore ?? null);
  const isSame = person === (pin?.person ?? null) && notBefore === (pin?.notBefore ?? null);
  // The same work in a list of its own each time: tried once.
  const key = work.join(SEPARATOR);
  const wanted = useMemo(
    (): RoundPin => ({
      work: key.split(SEPARATOR),
      person,
      notBefore,
      name: name.slice(0, 120),
      why: '',
      by: personOnDevice() || say('pin/somebody'),
      at: new Date().toISOString(),
    }),
    [key, person, notBefore, name],
  );
  const trial = usePinTrial(survey, isSame ? null : wanted);
  const fix = (one: RoundPin) => {
    patch({ house: { ...house, pins: withPin(house.pins ?? [], one) } });
    close();
  };
  return (
    <div className="pin-editor">
      <label htmlFor={personId}>
        {say('pin/who')}
        <Select
          id={personId}
          value={person ?? ANYBODY}
          options={[
            { value: ANYBODY, label: say('pin/anybody') },
            ...house.crew.map((member) => ({ value: member.id, label: member.name })),
          ]}
          onChange={(id: string) => {
            setPerson(id === ANYBODY ? null : id);
          }}
        />
      </label>
      <TextField
        label={say('pin/not-before')}
        value={notBefore ?? ''}
        placeholder={say('pin/any-time')}
        take={(text) => {
          const hour = text.trim();
          if (hour !== '' && !HOUR.test(hour)) return say('pin/hour', { hour });
          setNotBefore(hour === '' ? null : hour);
          return null;
        }}
      />
      <p className="pin-told" role="status">
        {isSame ? say('pin/choose') : trial ? told(trial) : say('pin/trying')}
      </p>
      {trial?.warnings.map((text) => (
        <p key={text} className="pin-told">
          {text}
        </p>
      ))}
      <div className="pin-acts">
        <Button
          type="primary"
          size="small"
          disabled={isSame || typeof trial?.laterSeconds !== 'number' || trial.void !== null}
          onClick={() => {
            fix(wanted);
          }}
        >
          {say('pin/fix')}
        </Button>
        {pin && (
          <Button
            size="small"
            onClick={() => {
              fix({ ...wanted, person: null, notBefore: null });
            }}
          >
            {say('pin/let-go')}
          </Button>
        )}
        <Button size="small" onClick={close}>
          {say('pin/close')}
        </Button>
      </div>
    </div>
  );
}

function told({ laterSeconds, finishSecondOfDay, void: cannot, clashesWith }: PinTrial): string {
  if (cannot !== null) return cannot;
  if (laterSeconds === null || finishSecondOfDay === null)
    return clashesWith.length > 0
      ? say('pin/clashes', { with: clashesWith.join('; ') })
      : say('pin/none-found');
  const end = { at: roundTime(finishSecondOfDay) };
  if (Math.abs(laterSeconds) < 60) return say('pin/costs-nothing', end);
  const by = formatDuration(60 * Math.round(Math.abs(laterSeconds) / 60));
  return laterSeconds > 0 ? say('pin/later', { ...end, by }) : say('pin/earlier', { ...end, by });
}

import {
  NOTHING_FIXED,
  fixedBy,
  formatDuration,
  pinOn,
  roundTime,
  secondOfDay,
  shortTime,
  withPin,
  isOfOnesOwn,
  workInRound,
} from '@etappe/core';
import type { Fixed, NamedRound, PinTrial, PinnedTo, Plan, Survey } from '@etappe/core';
import { Button, Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { usePinTrial } from '../planning/pin-trial.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { HourField } from './hour-field.tsx';
import { pinOf } from './pinned-round.ts';
import { say } from '../messages/sequence.ts';

interface EditorProps {
  /** That the round is of. */
  readonly plan: Plan;
  readonly survey: Survey;
  readonly round: NamedRound;
  /** Of the day, to put it before or after. */
  readonly rounds: readonly NamedRound[];
  /** What is wanted, as by a drag; null to begin with what is fixed now. */
  readonly wanted: Fixed | null;
  readonly close: () => void;
}

const NOBODY = '';

/** Who does a round, when it is begun and beside what: what that costs is told before it is fixed. */
export function PinEditor({ plan, survey, round, rounds, wanted, close }: EditorProps) {
  const { patch } = useJob();
  const { house } = survey.job;
  const pinned = useMemo(() => workInRound(round, plan), [round, plan]);
  const pin = pinOn(round, survey);
  const [draft, setDraft] = useState(wanted ?? fixedBy(pin));
  const isSame = JSON.stringify(draft) === JSON.stringify(fixedBy(pin));
  const tried = useMemo(() => pinOf(draft, pinned, round), [draft, pinned, round]);
  const trial = usePinTrial(survey, isSame ? null : tried);
  const change = (to: Partial<Fixed>) => {
    setDraft({ ...draft, ...to });
  };
  const fix = (fixed: Fixed) => {
    const others = (house.pins ?? []).filter((one) => one !== pin);
    patch({ house: { ...house, pins: withPin(others, pinOf(fixed, pinned, round)) } });
    close();
  };
  return (
    <div className="pin-editor" role="group" aria-label={say('pin/open', { name: round.name })}>
      {isOfOnesOwn(round) ? null : (
        <PersonChoice
          survey={survey}
          person={draft.person}
          take={(person) => {
            change({ person });
          }}
        />
      )}
      <HourField
        label={say('pin/not-before')}
        hour={draft.notBefore}
        placeholder={say('pin/any-time')}
        take={(notBefore) => {
          change({ notBefore });
        }}
      />
      <HourField
        label={say('pin/not-after')}
        hour={draft.notAfter}
        placeholder={say('pin/any-time')}
        take={(notAfter) => {
          change({ notAfter });
        }}
      />
      <OtherRound
        label={say('pin/after')}
        to={draft.after}
        own={round}
        plan={plan}
        rounds={rounds}
        survey={survey}
        take={(after) => {
          change({ after });
        }}
      />
      <OtherRound
        label={say('pin/before')}
        to={draft.before}
        own={round}
        plan={plan}
        rounds={rounds}
        survey={survey}
        take={(before) => {
          change({ before });
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
            fix(draft);
          }}
        >
          {say('pin/fix')}
        </Button>
        {pin && (
          <Button
            size="small"
            onClick={() => {
              fix(NOTHING_FIXED);
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

function PersonChoice({
  survey,
  person,
  take,
}: {
  readonly survey: Survey;
  readonly person: string | null;
  readonly take: (person: string | null) => void;
}) {
  const id = useId();
  return (
    <label htmlFor={id}>
      {say('pin/who')}
      <Select
        id={id}
        value={person ?? NOBODY}
        options={[
          { value: NOBODY, label: say('pin/anybody') },
          ...survey.job.house.crew.map((member) => ({ value: member.id, label: member.name })),
        ]}
        onChange={(chosen: string) => {
          take(chosen === NOBODY ? null : chosen);
        }}
      />
    </label>
  );
}

/** Another round that it comes before or after. */
function OtherRound({
  label,
  to,
  own,
  plan,
  rounds,
  survey,
  take,
}: {
  readonly label: string;
  readonly to: PinnedTo | null;
  readonly own: NamedRound;
  readonly plan: Plan;
  readonly rounds: readonly NamedRound[];
  readonly survey: Survey;
  readonly take: (to: PinnedTo | null) => void;
}) {
  const id = useId();
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const others = rounds
    .filter(({ id: other }) => other !== own.id)
    .map((round) => ({ round, work: workInRound(round, plan).work }))
    .filter(({ work }) => work.length > 0);
  const now = others.find(({ work }) => to?.work.some((one) => work.includes(one)))?.round;
  return (
    <label htmlFor={id}>
      {label}
      <Select
        id={id}
        value={now?.id ?? NOBODY}
        showSearch={{ optionFilterProp: 'label' }}
        options={[
          { value: NOBODY, label: say('pin/any-round') },
          ...others.map(({ round }) => ({
            value: round.id,
            label: `${shortTime(dayStart + round.start)} ${round.short}`,
          })),
        ]}
        onChange={(chosen: string) => {
          const other = others.find(({ round }) => round.id === chosen);
          take(other ? { work: other.work, name: other.round.name.slice(0, 120) } : null);
        }}
      />
    </label>
  );
}

function told({ laterSeconds, finishSecondOfDay, impossible, void: cannot, clashesWith }: PinTrial): string {
  if (cannot !== null) return cannot;
  if (laterSeconds === null || finishSecondOfDay === null) {
    const clash =
      clashesWith.length > 0 ? say('pin/clashes', { with: clashesWith.join('; ') }) : say('pin/none-found');
    if (impossible === null) return clash;
    return clashesWith.length > 0
      ? say('pin/impossible-with', { why: impossible, with: clashesWith.join('; ') })
      : say('pin/impossible', { why: impossible });
  }
  const end = { at: roundTime(finishSecondOfDay) };
  if (Math.abs(laterSeconds) < 60) return say('pin/costs-nothing', end);
  const by = formatDuration(60 * Math.round(Math.abs(laterSeconds) / 60));
  return laterSeconds > 0 ? say('pin/later', { ...end, by }) : say('pin/earlier', { ...end, by });
}

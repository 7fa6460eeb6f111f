import { CATALOGUE, isReadyToUse } from '@etappe/core';
import type { StageTemplate, WorkedTemplate } from '@etappe/core';
import { Switch } from 'antd';
import { useId } from 'react';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { say } from '../messages/handbook.ts';

const AGENT_OPTIONS = CATALOGUE.agents
  .filter((a) => a.specialistOnly === null)
  .map((a) => ({ value: a.id, label: a.name }));
const TOOL_OPTIONS = CATALOGUE.tools.map((t) => ({ value: t.id, label: t.name }));

interface Props {
  readonly stage: StageTemplate;
  readonly take: (stage: StageTemplate) => null;
}

/** What there is to say of one stage of a method. */
export function StageFields({ stage, take }: Props) {
  return stage.kind === 'wait' ? (
    <WaitFields stage={stage} take={take} />
  ) : (
    <WorkedFields stage={stage} take={take} />
  );
}

interface WaitProps {
  readonly stage: Extract<StageTemplate, { kind: 'wait' }>;
  readonly take: (stage: StageTemplate) => null;
}

function WaitFields({ stage, take }: WaitProps) {
  const { days } = stage;
  return (
    <div className="sheet-grid">
      <NumberField
        label={say('at-least')}
        value={days.from}
        unit="days"
        take={(from) => take({ ...stage, days: { ...days, from } })}
      />
      <NumberField
        label={say('at-most')}
        value={days.latest}
        unit="days"
        clear={() => take({ ...stage, days: { ...days, latest: null } })}
        take={(latest) => take({ ...stage, days: { ...days, latest } })}
      />
      <div className="wide">
        <TextField
          label={say('until')}
          value={stage.until}
          take={(until) => take({ ...stage, until: until.trim() })}
        />
      </div>
    </div>
  );
}

interface WorkedProps {
  readonly stage: WorkedTemplate;
  readonly take: (stage: StageTemplate) => null;
}

function WorkedFields({ stage, take }: WorkedProps) {
  const { rate } = stage;
  return (
    <div className="sheet-grid">
      {'agent' in stage && (
        <ChoiceField
          label={say('agent')}
          value={stage.agent}
          options={AGENT_OPTIONS}
          take={(agent) => {
            take({ ...stage, agent });
          }}
        />
      )}
      <ChoiceField
        label={say('tool')}
        value={stage.tool}
        options={TOOL_OPTIONS}
        take={(tool) => {
          take({ ...stage, tool });
        }}
      />
      {stage.kind === 'apply' && <ApplyFields stage={stage} take={take} />}
      {stage.kind === 'pre-wet' && (
        <NumberField
          label={say('soaking')}
          value={stage.minutes}
          unit="min"
          take={(minutes) => take({ ...stage, minutes })}
        />
      )}
      <NumberField
        label={say('a-slow-hour')}
        value={rate.lowSquareMetresPerHour}
        unit="m²/h"
        take={(low) => take({ ...stage, rate: { ...rate, lowSquareMetresPerHour: low } })}
      />
      <NumberField
        label={say('a-fast-hour')}
        value={rate.highSquareMetresPerHour}
        unit="m²/h"
        take={(high) => take({ ...stage, rate: { ...rate, highSquareMetresPerHour: high } })}
      />
    </div>
  );
}

interface ApplyProps {
  readonly stage: Extract<StageTemplate, { kind: 'apply' }>;
  readonly take: (stage: StageTemplate) => null;
}

function ApplyFields({ stage, take }: ApplyProps) {
  const leaveId = useId();
  const { dwellMinutes, strengthGramsPerLitre } = stage;
  const [one, two, three, four] = strengthGramsPerLitre;
  const strengths = [one, two, three, four] as const;
  const strengthAt = (at: number, value: number) => {
    const [a, b, c, d] = strengths.map((s, i) => (i === at ? value : s));
    return take({ ...stage, strengthGramsPerLitre: [a ?? one, b ?? two, c ?? three, d ?? four] });
  };
  return (
    <>
      {!isReadyToUse(CATALOGUE.agent(stage.agent)) &&
        strengths.map((value, i) => (
          <NumberField
            key={`severity ${i + 1}`}
            label={say('strength-severity', { i: i + 1 })}
            value={value}
            unit="g/L"
            take={(next) => strengthAt(i, next)}
          />
        ))}
      <NumberField
        label={say('dwell-from')}
        value={dwellMinutes.from}
        unit="min"
        take={(from) => take({ ...stage, dwellMinutes: { ...dwellMinutes, from } })}
      />
      <NumberField
        label={say('dwell-to')}
        value={dwellMinutes.to}
        unit="min"
        take={(to) => take({ ...stage, dwellMinutes: { ...dwellMinutes, to } })}
      />
      <NumberField
        label={say('no-more-good-past')}
        value={dwellMinutes.useful ?? dwellMinutes.to}
        unit="min"
        take={(useful) => take({ ...stage, dwellMinutes: { ...dwellMinutes, useful } })}
      />
      <NumberField
        label={say('a-coat')}
        value={stage.litresPerSquareMetre}
        unit="L/m²"
        take={(litresPerSquareMetre) => take({ ...stage, litresPerSquareMetre })}
      />
      <NumberField
        label={say('coats')}
        value={stage.coats}
        unit=""
        take={(coats) => take({ ...stage, coats })}
      />
      <label className="switch-row wide" htmlFor={leaveId}>
        <Switch id={leaveId} checked={stage.leaveOn} onChange={(leaveOn) => take({ ...stage, leaveOn })} />{' '}
        {say('stays-on-never-rinsed-off')}
      </label>
    </>
  );
}

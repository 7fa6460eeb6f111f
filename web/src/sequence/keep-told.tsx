import { pinsAsTold } from '@etappe/core';
import type { NamedRound, Plan, Survey } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useJob } from '../survey-edits/use-entity.ts';
import { HourField } from './hour-field.tsx';
import { pinOf } from './pinned-round.ts';
import { say } from '../messages/sequence.ts';

interface KeepToldProps {
  readonly plan: Plan;
  readonly survey: Survey;
  readonly rounds: readonly NamedRound[];
}

/** Keeps the first part of the day as people were told it, whatever is planned anew after that. */
export function KeepTold({ plan, survey, rounds }: KeepToldProps) {
  const { patch } = useJob();
  const { house } = survey.job;
  const [until, setUntil] = useState<string | null>(null);
  const pins = house.pins ?? [];
  return (
    <div className="keep-told">
      <HourField label={say('keep-told/until')} hour={until} placeholder="10:00" take={setUntil} />
      <Button
        disabled={until === null}
        onClick={() => {
          if (until === null) return;
          patch({ house: { ...house, pins: pinsAsTold(plan, survey, rounds, until, pinOf) } });
          setUntil(null);
        }}
      >
        {say('keep-told/keep')}
      </Button>
      {pins.length > 0 && (
        <Button
          onClick={() => {
            patch({ house: { ...house, pins: [] } });
          }}
        >
          {say('keep-told/let-go', { count: pins.length })}
        </Button>
      )}
    </div>
  );
}

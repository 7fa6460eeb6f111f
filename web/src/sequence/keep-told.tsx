import type { NamedRound, Survey } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { pinsWithTold } from './pinned-round.ts';
import { say } from '../messages/sequence.ts';

const HOUR = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Keeps the first part of the day as people were told it, whatever is planned anew after that. */
export function KeepTold({
  survey,
  rounds,
}: {
  readonly survey: Survey;
  readonly rounds: readonly NamedRound[];
}) {
  const { patch } = useJob();
  const { house } = survey.job;
  const [until, setUntil] = useState('');
  const pins = house.pins ?? [];
  return (
    <div className="keep-told">
      <TextField
        label={say('keep-told/until')}
        value={until}
        placeholder="10:00"
        take={(text) => {
          const hour = text.trim();
          if (hour !== '' && !HOUR.test(hour)) return say('pin/hour', { hour });
          setUntil(hour);
          return null;
        }}
      />
      <Button
        disabled={until === ''}
        onClick={() => {
          patch({ house: { ...house, pins: pinsWithTold(survey, rounds, until) } });
          setUntil('');
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

import type { HourSpan } from '@etappe/core';
import { TextField } from './text-field.tsx';
import { say } from '../messages/quantity-fields.ts';

/** @example hoursText([{ from: '12:00', to: '13:30' }]) // "12:00 to 13:30" */
function hoursText(spans: readonly HourSpan[]): string {
  return spans.map(({ from, to }) => `${from} to ${to}`).join(', ');
}

function spansIn(text: string): readonly HourSpan[] | null {
  const parts = text
    .split(',')
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const spans = parts.map((part) => {
    const match = /^(\d{1,2}):?(\d{2})?\s*(?:to|-|–)\s*(\d{1,2}):?(\d{2})?$/i.exec(part);
    if (!match) return null;
    const [, fromHour = '', fromMinute = '00', toHour = '', toMinute = '00'] = match;
    return {
      from: `${fromHour.padStart(2, '0')}:${fromMinute}`,
      to: `${toHour.padStart(2, '0')}:${toMinute}`,
    };
  });
  return spans.every((span) => span !== null) ? spans : null;
}

interface HoursFieldProps {
  readonly label: string;
  readonly spans: readonly HourSpan[];
  readonly take: (spans: readonly HourSpan[]) => string | null;
  readonly placeholder: string;
}

/** Hours of the day as one writes them: `12:00 to 13:30, 20 to 22`. */
export function HoursField({ label, spans, take, placeholder }: HoursFieldProps) {
  return (
    <TextField
      label={label}
      value={hoursText(spans)}
      placeholder={placeholder}
      take={(text) => {
        const read = spansIn(text);
        return read === null ? say('are-no-hours-write-them', { text }) : take(read);
      }}
    />
  );
}

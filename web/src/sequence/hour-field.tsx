import { TextField } from '../quantity-fields/text-field.tsx';
import { say } from '../messages/sequence.ts';

const HOUR = /^([01]\d|2[0-3]):[0-5]\d$/;

interface HourFieldProps {
  readonly label: string;
  /** hh:mm; null for none. */
  readonly hour: string | null;
  readonly placeholder: string;
  readonly take: (hour: string | null) => void;
}

/** A time of the day, or none. */
export function HourField({ label, hour, placeholder, take }: HourFieldProps) {
  return (
    <TextField
      label={label}
      value={hour ?? ''}
      placeholder={placeholder}
      take={(text) => {
        const typed = text.trim();
        if (typed !== '' && !HOUR.test(typed)) return say('pin/hour', { hour: typed });
        take(typed === '' ? null : typed);
        return null;
      }}
    />
  );
}

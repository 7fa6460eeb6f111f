import { DateTime } from 'luxon';

export type LocalMoment =
  { readonly ok: true; readonly instant: number } | { readonly ok: false; readonly text: string };

/**
 * The instant of a clock time at a place. An hour that the clocks leap over is refused; one that comes twice is the first.
 * @param date YYYY-MM-DD
 * @param minutes after midnight, 0 to 1439
 * @param timeZone IANA name
 */
export function instantOf(date: string, minutes: number, timeZone: string): LocalMoment {
  const clock = `${pad(Math.floor(minutes / 60))}:${pad(minutes % 60)}`;
  const local = DateTime.fromISO(`${date}T${clock}`, { zone: timeZone });
  if (!local.isValid)
    return {
      ok: false,
      text: `${date} ${clock} in ${timeZone} is no date and time: write it as 2026-05-04 and 08:00`,
    };
  return local.toFormat('HH:mm') === clock
    ? { ok: true, instant: local.toMillis() }
    : {
        ok: false,
        text: `${clock} does not exist on ${date} in ${timeZone}: the clocks go forward over it. Take ${local.toFormat('HH:mm')}.`,
      };
}

const pad = (figure: number) => String(figure).padStart(2, '0');

import { LANGUAGE, LOCALE } from '@etappe/core/language';
import { DateTime } from 'luxon';

/** English as the device itself writes its days. */
const written = (moment: DateTime) => (LANGUAGE === 'en' ? moment : moment.setLocale(LOCALE));

/** The day of the calendar where the device is, YYYY-MM-DD. */
export function today(): string {
  return DateTime.local().toFormat('yyyy-MM-dd');
}

/** A moment as this device writes it, short. */
export function shownMoment(iso: string): string {
  return written(DateTime.fromISO(iso)).toLocaleString(DateTime.DATETIME_SHORT);
}

/** The same with the month's name; by the clocks of a place, or of the device. @param timeZone IANA name */
export function shownMomentAt(iso: string, timeZone = 'local'): string {
  return written(DateTime.fromISO(iso).setZone(timeZone)).toLocaleString(DateTime.DATETIME_MED);
}

/** Day and time now, by the clocks of a place. @param timeZone IANA name */
export function nowAt(timeZone: string): { readonly date: string; readonly time: string } {
  const now = DateTime.local().setZone(timeZone);
  return { date: now.toFormat('yyyy-MM-dd'), time: now.toFormat('HH:mm') };
}

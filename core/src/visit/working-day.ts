import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { secondOfDay } from '../quantity/duration.ts';
import { instantOf } from '../quantity/local-time.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Place } from '../survey/property.ts';
import type { Survey } from '../survey/survey.ts';
import { GREATEST_LATITUDE, isPlaced } from '../wet-cycle/face-hours.ts';
import { sunPosition } from '../wetting/sun-position.ts';

/** What a day's work begins and ends by. */
export type DayLimit = 'house' | 'property' | 'light';

/** When work may begin and must have ended, s from the start of the company's day. */
export interface WorkingDay {
  readonly from: number;
  readonly to: number;
  readonly endsBy: DayLimit;
}

/** Nobody works by less light: the sun stands so far below the horizon at most (civil twilight), degrees. */
const DUSK_DEGREES = -6;
const STEP_MINUTES = 5;
const NOON_MINUTES = 720;

/**
 * The company's day, within the hours in which one may be on the property and in which it is light there on the day of the work. Who
 * begins in the dark works by lamps: then light does not count; nor does it where place or day are not known.
 */
export function workingDay({ job, property }: Pick<Survey, 'job' | 'property'>): WorkingDay {
  const begin = secondOfDay(job.house.dayStart);
  let day: WorkingDay = { from: 0, to: 3600 * job.house.dayHours, endsBy: 'house' };
  const within = (from: number, to: number, endsBy: DayLimit) => {
    day = {
      from: Math.max(day.from, from - begin),
      to: Math.min(day.to, to - begin),
      endsBy: to - begin < day.to ? endsBy : day.endsBy,
    };
  };
  if (property.hours) within(secondOfDay(property.hours.from), secondOfDay(property.hours.to), 'property');
  const light = job.start === null ? null : lightOn(job.start, property.place);
  if (light && begin > light.from - TRADE_DEFAULTS.nightWorkSeconds && begin < light.to)
    within(light.from, light.to, 'light');
  return { ...day, to: Math.max(day.from + TRADE_DEFAULTS.shortestDaySeconds, day.to) };
}

/** A survey whose company stops work when its day, the property or the light ends. */
export function inWorkingDay(survey: FacedSurvey): FacedSurvey {
  const { house } = survey.job;
  const { to } = workingDay(survey);
  if (to >= 3600 * house.dayHours) return survey;
  return { ...survey, job: { ...survey.job, house: { ...house, dayHours: to / 3600 } } };
}

interface Light {
  readonly from: number;
  readonly to: number;
}

/** From dawn to dusk, s after midnight by the clock of the place; null where it is light or dark all day, or nobody knows where it is. */
function lightOn(date: string, place: Place): Light | null {
  const { latitude, longitude, timeZone } = place;
  if (!isPlaced(place) || Math.abs(latitude) > GREATEST_LATITUDE) return null;
  const noon = instantOf(date, NOON_MINUTES, timeZone);
  if (!noon.ok) return null;
  const isLight = (minute: number) =>
    sunPosition(noon.instant + 60_000 * (minute - NOON_MINUTES), latitude, longitude).altitude >=
    DUSK_DEGREES;
  if (!isLight(NOON_MINUTES) || isLight(0) || isLight(2 * NOON_MINUTES)) return null;
  return {
    from: 60 * turning(NOON_MINUTES, 0, isLight),
    to: 60 * turning(NOON_MINUTES, 2 * NOON_MINUTES, isLight),
  };
}

/** The last minute from a light one towards a dark one at which it is light, to `STEP_MINUTES`. */
function turning(light: number, dark: number, isLight: (minute: number) => boolean): number {
  if (Math.abs(light - dark) <= STEP_MINUTES) return light;
  const middle = STEP_MINUTES * Math.round((light + dark) / 2 / STEP_MINUTES);
  return isLight(middle) ? turning(middle, dark, isLight) : turning(light, middle, isLight);
}

import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { secondOfDay } from '../quantity/duration.ts';
import { instantOf } from '../quantity/local-time.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Place } from '../survey/property.ts';
import type { Side } from '../survey/side.ts';
import type { Surface } from '../survey/surface.ts';
import type { HourRange } from './hour-range.ts';
import { airAt } from '../wetting/day-air.ts';
import { evaporation } from '../wetting/evaporation.ts';
import type { FaceAir } from '../wetting/face-air.ts';
import { faceRadiation } from '../wetting/face-radiation.ts';
import type { SunnyFace } from '../wetting/face-radiation.ts';
import { sunPosition } from '../wetting/sun-position.ts';
import type { SunPosition } from '../wetting/sun-position.ts';

/** One hour of a face's day. */
export interface FaceHour {
  /** By the clock of the place, 0 to 23. */
  readonly hour: number;
  readonly air: FaceAir;
  readonly evaporationMillimetresPerHour: number;
}

/** Why the sun on the faces is not worked out; null where it is. */
export type NoSun = 'typed' | 'no-place' | 'no-date' | 'pole';

interface SunHour {
  readonly hour: number;
  readonly sun: SunPosition;
  readonly hoursAfterNoon: number;
}

/** Nearer to a pole no side faces anywhere, and it is light or dark for weeks. */
export const GREATEST_LATITUDE = 89.9;
const HOURS = 24;
/** Direct light from which the sun counts as shining, W/m² (WMO-No. 8: 120, on what faces it), less what a face throws back. */
const SUNSHINE = 96;
const MINUTES_PER_DEGREE = 4;

/** Whether a place was ever written down: nobody cleans in the sea off Africa. */
export function isPlaced({ latitude, longitude }: Place): boolean {
  return latitude !== 0 || longitude !== 0;
}

/** Why the sun on each face is not worked out, and with what it is counted instead. */
export function noSunInWords(noSun: NoSun): string {
  return say(`no-sun/${noSun}`, { watts: TRADE_DEFAULTS.radiationWithoutSun });
}

/**
 * The hours of one day on every face: where the sun stands, what reaches each face, what the air does. Hours over which the
 * clocks leap are not there.
 */
export class FaceHours {
  readonly noSun: NoSun | null;
  private readonly suns: readonly SunHour[];
  private readonly survey: FacedSurvey;
  private readonly sides: ReadonlyMap<string, Side>;
  private readonly measured: ReadonlyMap<string, number>;
  private readonly known = new Map<string, readonly FaceHour[]>();
  private readonly hardestKnown = new Map<string, FaceHour>();

  /** @param date YYYY-MM-DD; null while the job has none */
  constructor(survey: FacedSurvey, date: string | null) {
    const { place } = survey.property;
    this.survey = survey;
    this.sides = new Map(survey.sides.map((side) => [side.id as string, side]));
    this.measured = warmestOn(survey, date);
    this.noSun =
      survey.job.weather.netRadiationWattsPerSquareMetre !== null
        ? 'typed'
        : !isPlaced(place)
          ? 'no-place'
          : Math.abs(place.latitude) > GREATEST_LATITUDE
            ? 'pole'
            : date === null
              ? 'no-date'
              : null;
    this.suns = this.noSun === null && date !== null ? sunHours(place, date) : [];
  }

  /** Every hour of the day on a face, in order. */
  of(surface: Surface): readonly FaceHour[] {
    return this.hoursOf(surface, () => true, 'day');
  }

  /** The hours in which the crew works, by the job's day. */
  working(surface: Surface): readonly FaceHour[] {
    const { dayStart, dayHours } = this.survey.job.house;
    const start = secondOfDay(dayStart) / 3600;
    return this.hoursOf(surface, (hour) => hour + 1 > start && hour < start + dayHours, 'work');
  }

  /** Hours in which the sun itself shines on a face, by the clock; none where the sun is not worked out. */
  sunny(surface: Pick<Surface, 'side' | 'tiltDegrees'>): readonly number[] {
    const face = this.sunnyFace(surface);
    return this.suns.flatMap(({ hour, sun, hoursAfterNoon }) => {
      const { cloud } = this.survey.job.weather;
      const { temperatureC, humidity } = airAt(this.survey.job.weather, hoursAfterNoon);
      const { direct } = faceRadiation(face, sun, { cloud, airTemperatureC: temperatureC, humidity });
      return direct >= SUNSHINE ? [hour] : [];
    });
  }

  private hoursOf(surface: Surface, asked: (hour: number) => boolean, which: string): readonly FaceHour[] {
    const face = this.sunnyFace(surface);
    const measured = this.measured.get(surface.id);
    const key = JSON.stringify([which, face, measured]);
    const workedOut = this.known.get(key);
    if (workedOut) return workedOut;
    const plain =
      this.noSun === null
        ? this.suns.filter((s) => asked(s.hour)).map((sun) => this.hourUnder(sun, face))
        : this.sameAllDay().filter((h) => asked(h.hour));
    const hours =
      measured === undefined
        ? plain
        : plain.map(({ hour, air }) => hourOf(hour, withMeasured(air, measured)));
    this.known.set(key, hours);
    return hours;
  }

  /** The working hour in which a face dries fastest, of the day or of a part of it: what is planned for it holds all that time. */
  hardest(surface: Surface, within: HourRange | null = null): FaceHour {
    if (within) return this.hardestOf(surface, within);
    const alike = `${surface.side ?? ''} ${surface.tiltDegrees} ${this.measured.get(surface.id) ?? ''}`;
    const known = this.hardestKnown.get(alike);
    if (known) return known;
    const hardest = this.hardestOf(surface, null);
    this.hardestKnown.set(alike, hardest);
    return hardest;
  }

  private hardestOf(surface: Surface, within: HourRange | null): FaceHour {
    const hours = this.working(surface).filter(
      ({ hour }) => within === null || (hour >= within.from && hour < within.to),
    );
    const [first = this.sameAllDay()[0], ...more] = hours;
    if (!first) throw new Error('a day has hours');
    return more.reduce(
      (a, b) => (b.evaporationMillimetresPerHour > a.evaporationMillimetresPerHour ? b : a),
      first,
    );
  }

  private sunnyFace(surface: Pick<Surface, 'side' | 'tiltDegrees'>): SunnyFace {
    const side = this.sides.get(surface.side ?? '');
    const shade = side?.shade ?? 'open';
    return {
      tiltDegrees: surface.tiltDegrees,
      aspectDegrees: side?.aspectDegrees ?? null,
      sunShare: TRADE_DEFAULTS.sunShare[shade],
      skyShare: TRADE_DEFAULTS.skyShare[shade],
    };
  }

  private hourUnder({ hour, sun, hoursAfterNoon }: SunHour, face: SunnyFace): FaceHour {
    const { weather } = this.survey.job;
    const air = airAt(weather, hoursAfterNoon);
    const { net } = faceRadiation(face, sun, {
      cloud: weather.cloud,
      airTemperatureC: air.temperatureC,
      humidity: air.humidity,
    });
    return hourOf(hour, {
      temperatureC: roundToStep(air.temperatureC, 0.1),
      humidity: roundToStep(air.humidity, 0.01),
      windMetresPerSecond: weather.windMetresPerSecond,
      netRadiationWattsPerSquareMetre: roundToStep(net, 1),
    });
  }

  private sameAllDay(): readonly FaceHour[] {
    const { cloud: _, netRadiationWattsPerSquareMetre: typed, ...air } = this.survey.job.weather;
    const radiation = typed ?? TRADE_DEFAULTS.radiationWithoutSun;
    return Array.from({ length: HOURS }, (_hour, hour) =>
      hourOf(hour, { ...air, netRadiationWattsPerSquareMetre: radiation }),
    );
  }
}

/** The warmest that each face was measured on the day of the work: another day's says nothing of it. */
function warmestOn({ readings }: FacedSurvey, date: string | null): ReadonlyMap<string, number> {
  const warmest = new Map<string, number>();
  for (const { surface, what, on, figure } of readings)
    if (what === 'surface-temperature' && on === date)
      warmest.set(surface, Math.max(figure, warmest.get(surface) ?? -Infinity));
  return warmest;
}

/** A reading says what the face dries at least; one below the dew point says that it is wet now, and not for how long. */
function withMeasured(air: FaceAir, celsius: number): FaceAir {
  const byReading = { ...air, surfaceTemperatureC: celsius };
  return drying(byReading) > 0 ? byReading : { ...air, dewySurfaceC: celsius };
}

function drying(air: FaceAir): number {
  return evaporation({ airTemperatureC: air.temperatureC, ...air });
}

function hourOf(hour: number, air: FaceAir): FaceHour {
  return {
    hour,
    air,
    evaporationMillimetresPerHour: roundToStep(drying(air), 0.001),
  };
}

/** The sun does not move because somebody edits a survey. */
let lastSun: { readonly key: string; readonly hours: readonly SunHour[] } | null = null;

/** The sun at the middle of each hour. */
function sunHours(place: Place, date: string): readonly SunHour[] {
  const key = JSON.stringify([place, date]);
  if (lastSun?.key !== key) lastSun = { key, hours: reckonedSun(place, date) };
  return lastSun.hours;
}

function reckonedSun({ latitude, longitude, timeZone }: Place, date: string): readonly SunHour[] {
  return Array.from({ length: HOURS }, (_, hour) => hour).flatMap((hour): readonly SunHour[] => {
    const moment = instantOf(date, 60 * hour + 30, timeZone);
    if (!moment.ok) return [];
    const utcHours = (moment.instant / 3_600_000) % HOURS;
    const solar = (((utcHours + (longitude * MINUTES_PER_DEGREE) / 60 - 12) % HOURS) + 36) % HOURS;
    return [{ hour, sun: sunPosition(moment.instant, latitude, longitude), hoursAfterNoon: solar - 12 }];
  });
}

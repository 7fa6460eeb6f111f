import type { StockLot } from '../company/stock-lot.ts';
import { daysAfter } from '../quantity/calendar.ts';
import type { JobHouse, JobWeather } from '../survey/job-detail.ts';
import type { Survey } from '../survey/survey.ts';
import type { WaterPoint } from '../survey/water-point.ts';

/** What might be otherwise than thought; what is left out stays as it is. */
export interface SupplyChange {
  readonly temperatureC?: number;
  /** 0 to 1. */
  readonly cloud?: number;
  /** Days that every lot is older than it was written down. */
  readonly stockDaysOlder?: number;
  /** Flow of the strongest tap, L/min. */
  readonly tapLitresPerMinute?: number;
  /** Pressure of the pressure washer, bar. */
  readonly pumpBar?: number;
  /** Size of the tips of its lance. */
  readonly tipOrifice?: number;
  /** Way of working by the id of its school. */
  readonly school?: { readonly id: string; readonly setting: string };
}

/** The survey as it would be; nothing of it is saved. */
export function withSupplyChange(survey: Survey, change: SupplyChange): Survey {
  const { stockDaysOlder = 0, tapLitresPerMinute } = change;
  const tap = tapToChange(survey);
  return {
    ...survey,
    job: { ...survey.job, weather: changedWeather(survey, change), house: changedHouse(survey, change) },
    handbook:
      stockDaysOlder === 0
        ? survey.handbook
        : { ...survey.handbook, lots: survey.handbook.lots.map((lot) => olderLot(lot, stockDaysOlder)) },
    waterPoints:
      tapLitresPerMinute === undefined || !tap
        ? survey.waterPoints
        : survey.waterPoints.map((point) =>
            point === tap ? { ...point, ...tapFields(tapLitresPerMinute) } : point,
          ),
  };
}

/** The fields of a tap that is told to give so much: a flow that is typed in takes the place of timed buckets. */
export function tapFields(litresPerMinute: number): Pick<WaterPoint, 'flowLitresPerMinute' | 'buckets'> {
  return { flowLitresPerMinute: litresPerMinute, buckets: [] };
}

/** The first tap; null where none is written down. */
export function tapToChange({ waterPoints }: Pick<Survey, 'waterPoints'>): WaterPoint | null {
  return waterPoints.find((point) => point.kind === 'tap') ?? waterPoints[0] ?? null;
}

/** The weather of the job with what is otherwise. */
export function changedWeather({ job }: Survey, { temperatureC, cloud }: SupplyChange): JobWeather {
  return {
    ...job.weather,
    ...(temperatureC === undefined ? {} : { temperatureC }),
    ...(cloud === undefined ? {} : { cloud }),
  };
}

/** What you bring, with what is otherwise. */
export function changedHouse({ job }: Survey, { pumpBar, tipOrifice, school }: SupplyChange): JobHouse {
  const { house } = job;
  return {
    ...house,
    schools: school ? { ...house.schools, [school.id]: school.setting } : house.schools,
    machines: house.machines.map((m) =>
      m.kind === 'pressure-washer'
        ? { ...m, pressureBar: pumpBar ?? m.pressureBar, tipOrifice: tipOrifice ?? m.tipOrifice }
        : m,
    ),
  };
}

/** Bought, opened and measured so many days earlier: what its strength would be if it stood so much longer. */
function olderLot(lot: StockLot, days: number): StockLot {
  return {
    ...lot,
    boughtOn: daysAfter(lot.boughtOn, -days),
    measured: lot.measured.map((m) => ({ ...m, on: daysAfter(m.on, -days) })),
  };
}

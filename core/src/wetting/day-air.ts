import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { saturationVapourPressure } from './evaporation.ts';

/** Temperature and humidity of the air at one hour. */
export interface HourAir {
  readonly temperatureC: number;
  /** 0 to 1. */
  readonly humidity: number;
}

/** The air in the warmest hour, and the sky. */
export interface DayAir extends HourAir {
  readonly cloud: number;
}

/**
 * The air at an hour of the day: a cosine between the warmest hour and the coolest, twelve hours apart; what vapour is in it
 * stays, so that the air is drier when it is warm.
 * @param hoursAfterNoon by the sun, −12 to 12
 */
export function airAt({ temperatureC, humidity, cloud }: DayAir, hoursAfterNoon: number): HourAir {
  const { clearDaySwingKelvin, cloudTakesOffSwing, warmestHoursAfterNoon } = TRADE_DEFAULTS;
  const swing = clearDaySwingKelvin * (1 - cloudTakesOffSwing * cloud);
  const cooler = (swing * (1 - Math.cos((2 * Math.PI * (hoursAfterNoon - warmestHoursAfterNoon)) / 24))) / 2;
  const now = Math.max(-20, temperatureC - cooler);
  const vapour = saturationVapourPressure(temperatureC) * humidity;
  return { temperatureC: now, humidity: Math.min(1, vapour / saturationVapourPressure(now)) };
}

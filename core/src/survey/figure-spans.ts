import Joi from 'joi';
import { decimal } from '../quantity/numbers.ts';

interface FigureSpan {
  readonly least: number;
  readonly most: number;
  readonly unit: string;
  /** What it is shown times, where that is not 1. */
  readonly shownTimes?: number;
}

/** Figures that are asked for in more than one place, with the least and the most that is believed. */
export const FIGURE_SPANS = {
  airCelsius: { least: -20, most: 50, unit: '°C' },
  cloud: { least: 0, most: 1, unit: '%', shownTimes: 100 },
  stockDays: { least: 0, most: 730, unit: 'days' },
  tapLitresPerMinute: { least: 0.1, most: 500, unit: 'L/min' },
  pumpLitresPerMinute: { least: 0.5, most: 100, unit: 'L/min' },
  pumpBar: { least: 1, most: 500, unit: 'bar' },
  tipOrifice: { least: 0.5, most: 60, unit: '' },
} as const satisfies Readonly<Record<string, FigureSpan>>;
export type SpannedFigure = keyof typeof FIGURE_SPANS;

export function figureSchema(figure: SpannedFigure): Joi.NumberSchema {
  const { least, most } = FIGURE_SPANS[figure];
  return Joi.number().min(least).max(most);
}

/** What is wrong with a figure that is typed, with the value and the limits; null where it may be. */
export function figureFault(figure: SpannedFigure, value: number): string | null {
  const { least, most, unit, shownTimes = 1 }: FigureSpan = FIGURE_SPANS[figure];
  if (value >= least && value <= most) return null;
  const said = (of: number) => `${decimal(of * shownTimes, 2)}${unit === '' ? '' : ` ${unit}`}`;
  return `${said(value)} is outside ${said(least)} to ${said(most)}`;
}

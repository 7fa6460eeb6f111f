import { describe, expect, it } from '@jest/globals';
import { FIGURE_SPANS, figureFault, figureSchema } from './figure-spans.ts';
import type { SpannedFigure } from './figure-spans.ts';

describe('figures that are asked for in more than one place', () => {
  it('are refused with the value and the limits, as they are shown', () => {
    expect(figureFault('cloud', 1.3)).toBe('130 % is outside 0 % to 100 %');
    expect(figureFault('airCelsius', -21)).toBe('-21 °C is outside -20 °C to 50 °C');
    expect(figureFault('tapLitresPerMinute', 0)).toBe('0 L/min is outside 0.1 L/min to 500 L/min');
    expect(figureFault('tipOrifice', 61)).toBe('61 is outside 0.5 to 60');
    expect(figureFault('pumpBar', 150)).toBeNull();
  });

  it('have the same limits where they are saved as where they are typed', () => {
    for (const figure of Object.keys(FIGURE_SPANS) as SpannedFigure[]) {
      const { least, most } = FIGURE_SPANS[figure];
      for (const value of [least - 0.01, least, most, most + 0.01, NaN])
        expect(figureSchema(figure).validate(value).error === undefined).toBe(
          figureFault(figure, value) === null,
        );
    }
  });
});

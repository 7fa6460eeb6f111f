import { describe, expect, it } from '@jest/globals';
import { takeOffArea, takeOffLength } from './take-off.ts';

const FOOT = 0.3048;
const INCH = 0.0254;

const length = (text: string, units: 'metric' | 'us' = 'metric') => {
  const result = takeOffLength(text, units);
  return result.ok ? result.metres : result.fault.message;
};
const area = (text: string, units: 'metric' | 'us' = 'metric') => {
  const result = takeOffArea(text, units);
  return result.ok ? result.squareMetres : result.fault.message;
};

describe('a length as people write it', () => {
  it.each([
    [`5'-6"`, 5 * FOOT + 6 * INCH],
    [`5′-6″`, 5 * FOOT + 6 * INCH],
    [`5ft-6in`, 5 * FOOT + 6 * INCH],
    [`5'-6`, 5 * FOOT + 6 * INCH],
    [`18'6`, 18 * FOOT + 6 * INCH],
    [`18'6"`, 18 * FOOT + 6 * INCH],
    [`18' 6 1/2"`, 18 * FOOT + 6.5 * INCH],
    [`18'-6½"`, 18 * FOOT + 6.5 * INCH],
    [`5' - 6"`, 5 * FOOT - 6 * INCH],
    [`20'-2'`, 18 * FOOT],
    ['3m50', 3.5],
    ['3m05', 3.05],
    ['12,5', 12.5],
    ['2½', 2.5],
    ['¾m', 0.75],
    ['140 lf', 140 * FOOT],
    ['24 lfm', 24],
  ])('%s', (text, metres) => {
    expect(length(text)).toBeCloseTo(metres, 6);
  });

  it.each([
    [`5' -6"`, 'add, with a space on both sides'],
    [`5'- 6"`, 'add, with a space on both sides'],
    ['5ft-6', 'add, with a space on both sides'],
    [`5'-14"`, 'add, with a space on both sides'],
    ['1,200', 'write 1.200 for the decimals, 1200 for the thousands'],
    ['3m5', 'expected an operator'],
  ])('%s is asked about', (text, words) => {
    expect(length(text)).toContain(words);
  });
});

describe('an area as people write it', () => {
  it.each<[string, 'metric' | 'us', number]>([
    ['60 by 20', 'us', 1200 * FOOT ** 2],
    ['12,5 x 6,2', 'metric', 77.5],
    [`18'6 x 9'3`, 'us', 18.5 * 9.25 * FOOT ** 2],
    [`5'-6" x 10'`, 'us', 55 * FOOT ** 2],
    ['12x6 less 4(1.2x1.4)', 'metric', 65.28],
    ['12x6 minus 3 of 1.5x1', 'metric', 67.5],
    ['12x6 plus 3x2', 'metric', 78],
    ['3 x (2x4)', 'metric', 24],
    ['3 of 2x4', 'metric', 24],
    ['4 no. x 1.2 x 2.1', 'metric', 10.08],
    ['7 no x 2m2', 'metric', 14],
    ['1200 sf', 'us', 1200 * FOOT ** 2],
    ['1200 sq ft', 'us', 1200 * FOOT ** 2],
    ['1200 sq. ft', 'us', 1200 * FOOT ** 2],
    ['1200 square feet', 'us', 1200 * FOOT ** 2],
    ['85 qm', 'metric', 85],
    ['85 square metres', 'metric', 85],
    ['0.25 acre', 'us', 0.25 * 43_560 * FOOT ** 2],
    ['2 a', 'metric', 200],
    ['perimeter 116 x 9', 'us', 1044 * FOOT ** 2],
    ['12x6 + 10%', 'metric', 79.2],
    ['12x6 - 4(1x2) + 12.5% + 1m2', 'metric', 73],
    ['0.1 ha', 'metric', 1000],
    ['3500mm x 2400mm', 'metric', 8.4],
    ['24 x 600mm', 'metric', 14.4],
    ['116 x 30cm', 'metric', 34.8],
    ['120 x 6in', 'us', 60 * FOOT ** 2],
    ['tri(3,5; 2)', 'metric', NaN],
  ])('%s (%s)', (text, units, squareMetres) => {
    const measured = area(text, units);
    if (Number.isNaN(squareMetres)) expect(measured).toContain('3 stand here; decimals take a point');
    else expect(measured).toBeCloseTo(squareMetres, 3);
  });

  it.each([
    ['2.5 of 1x2', '2.5 of something: a count is a whole number of 1 or more'],
    ['12x6 - 10%', 'take away what is not cleaned with its size'],
    ['12m + 10%', 'per cent are added to an area'],
    ['12x6 + 2000%', 'per cent are added to an area'],
  ])('%s is asked about', (text, words) => {
    expect(area(text)).toContain(words);
  });

  it('with a length that lost its unit is asked about, with what was typed in the answer', () => {
    const result = takeOffArea('3500 x 2400mm', 'metric');
    expect(!result.ok && result.fault).toMatchObject({
      proposal: '3500mm',
      position: 0,
      length: 4,
      message: expect.stringContaining('3500 has no unit beside one in mm'),
    });
  });
});

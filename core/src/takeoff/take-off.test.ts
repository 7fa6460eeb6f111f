import { describe, expect, it } from '@jest/globals';
import { takeOffArea, takeOffLength } from './take-off.ts';

const area = (text: string, units: 'metric' | 'us' = 'metric') => {
  const result = takeOffArea(text, units);
  if (!result.ok) throw new Error(`${text}: ${result.fault.message}`);
  return result.squareMetres;
};
const faultOf = (text: string) => {
  const result = takeOffArea(text, 'metric');
  if (result.ok) throw new Error(`${text} was read as ${String(result.squareMetres)}`);
  return result.fault;
};

describe('the area of a tape expression', () => {
  it.each([
    ['7.5x4 + 3x2.5 + 6m2', 43.5],
    ['12x6 - 4(1.2x1.4)', 65.28],
    ['4(1.2x2.1)', 10.08],
    ['2(3x2 + 1m2)', 14],
    ['(3+2) x 4', 20],
    ['250cm x 2m', 5],
    ['3m 20cm x 1', 3.2],
    ['12ft 6in x 9ft', 10.452],
    [`12' 6" x 9'`, 10.452],
    ['100sqft', 9.29],
    ['10 × 2 − 1m²', 19],
  ])('%s is %p m²', (text, expected) => {
    expect(area(text)).toBeCloseTo(expected, 3);
  });

  it('reads bare numbers in feet for a US job', () => {
    expect(area('10x10', 'us')).toBeCloseTo(9.29, 3);
  });

  it('keeps the sum visible, openings with their sign', () => {
    const result = takeOffArea('7.5x4 - 2(1x1.5)', 'metric');
    expect(result.ok && result.sum).toEqual(['7.5x4 = 30 m²', '− 2(1x1.5) = 3 m²']);
  });
});

describe('the length of a tape expression', () => {
  it.each([
    ['12ft 6in', 'us', 3.81],
    ['2.7', 'metric', 2.7],
    ['9', 'us', 2.7432],
    ['3m - 20cm', 'metric', 2.8],
    ['0', 'metric', 0],
  ] as const)('%s in %s is %p m', (text, units, metres) => {
    expect(takeOffLength(text, units)).toEqual({ ok: true, metres });
  });

  it('is not an area', () => {
    expect(takeOffLength('3x2', 'metric')).toMatchObject({
      ok: false,
      fault: { message: 'a length is due here, this is an area' },
    });
  });
});

describe('faults point at their place', () => {
  it.each([
    ['7.5x4 + 6', 8, 1, '6m2'],
    ['12', 0, 2, '12m2'],
    ['7,5x4', 0, 3, '7.5'],
    ['(3x2', 0, 1, ')'],
    ['2.5(3x2)', 0, 3, '2.5 x '],
  ])('%s at %p', (text, position, length, proposal) => {
    expect(faultOf(text)).toMatchObject({ position, length, proposal });
  });

  it.each([
    ['3 x', 3, 'ends here'],
    ['3 y 4', 2, 'not a unit'],
    ['3x4 ? 2', 4, 'no meaning'],
    ['3x4 5x6', 4, 'expected an operator'],
    ['2x3x4', 0, 'volume'],
    ['2x2 - 3x3', 0, 'larger than the face'],
    ['9999999 x 9999999', 0, 'check the units'],
    ['', 0, 'no measurement yet'],
    ['-3x4', 0, 'expected a number'],
    ['NaN', 0, 'not a unit'],
    ['3 + 4', 0, 'this is a length, 7 m'],
  ])('%s at %p says %s', (text, position, words) => {
    const fault = faultOf(text);
    expect(fault.position).toBe(position);
    expect(fault.message).toContain(words);
  });

  it('refuses brackets without end instead of overflowing', () => {
    expect(faultOf('('.repeat(400)).message).toContain('at most 20 brackets');
    expect(faultOf('1+'.repeat(300)).message).toContain('the limit is 500');
  });
});

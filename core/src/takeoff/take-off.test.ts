import { describe, expect, it } from '@jest/globals';
import { takeOffArea, takeOffFace, takeOffLength } from './take-off.ts';

const area = (text: string, units: 'metric' | 'us' = 'metric') => {
  const result = takeOffArea(text, units);
  if (!result.ok) throw new Error(`${text}: ${result.fault.message}`);
  return result.squareMetres;
};
const faultOf = (text: string) => {
  const result = takeOffArea(text, 'metric');
  if (result.ok) throw new Error(`${text} was read as ${result.squareMetres}`);
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
    ['tri(4, 2.5)', 5],
    ['tri(4,2)', 4],
    ['tri(3.5; 2)', 3.5],
    ['circle(2)', 3.142],
    ['circle(120cm)', 1.131],
    ['gable(8, 5, 7.5)', 50],
    ['gable(2+6, 5, 7.5) - 2(1.2x1.4)', 46.64],
    ['11x7.2 @32deg', 93.391],
    ['11x7.2 @ 32°', 93.391],
    ['11 x 7.2 @ 0deg', 79.2],
    ['6m2 @ 12:12', 8.485],
    ['(11x7.2 + 3x2) @ 8:12', 102.398],
    ['11x7.2 @ 8:12 - 1x1', 94.187],
    ['(11x7.2 - 1x1) @ 8:12', 93.985],
    ['11x7.2 - (1x1 @ 8:12)', 77.998],
    ['6x2 * 1.3', 15.6],
    ['(6x2 + 3m2) * 1.2', 18],
    ['6x2 @ 12:12 * 1.1', 18.668],
    ['6 * 2', 12],
    ['6 * 2m * 1.5', 18],
    ['14pcs x 0.4 x 2.1', 11.76],
    ['3 pieces x 2m2', 6],
    ['6 1/2ft x 2ft', 1.208],
    ['8\' 3/4" x 1ft', 0.749],
  ])('%s is %p m²', (text, expected) => {
    expect(area(text)).toBeCloseTo(expected, 3);
  });

  it('reads bare numbers in feet for a US job', () => {
    expect(area('10x10', 'us')).toBeCloseTo(9.29, 3);
  });

  it('shows the sum of a US job in feet', () => {
    const result = takeOffArea('10x10 - 5sqft', 'us');
    expect(result.ok && result.sum).toEqual(['10x10 = 100 sq ft', '− 5sqft = 5 sq ft']);
  });

  it('keeps the sum visible, openings with their sign', () => {
    const result = takeOffArea('7.5x4 - 2(1x1.5)', 'metric');
    expect(result.ok && result.sum).toEqual(['7.5x4 = 30 m²', '− 2(1x1.5) = 3 m²']);
  });
});

describe('the face of running metres, pieces and relief', () => {
  const face = (size: string, girth: string, reliefFactor = 1) =>
    takeOffFace({ size, girth, reliefFactor }, 'metric');

  it('is running metres times the girth', () => {
    expect(face('24', '0.35')).toEqual({
      ok: true,
      squareMetres: 8.4,
      sum: ['24 = 24 m', '24 m × 0.35 = 8.4 m²'],
      pieces: null,
    });
  });

  it('is pieces times the face of one', () => {
    expect(face('14pcs', '2 x 0.4 x 1.1')).toMatchObject({ ok: false });
    expect(face('14pcs', '2(0.4x1.1)')).toMatchObject({ ok: true, squareMetres: 12.32 });
    expect(face('1pcs', '0.6m2')).toMatchObject({
      ok: true,
      sum: ['1pcs = 1 piece', '1 piece × 0.6m2 = 0.6 m²'],
    });
  });

  it('grows by carving and corrugation', () => {
    expect(face('6x2', '', 1.25)).toEqual({
      ok: true,
      squareMetres: 15,
      sum: ['6x2 = 12 m²', '× relief 1.25 = 15 m²'],
      pieces: null,
    });
  });

  it('an area pays no heed to a girth that stands beside it', () => {
    expect(face('6x2', '0.3')).toMatchObject({ ok: true, squareMetres: 12, sum: ['6x2 = 12 m²'] });
  });

  it.each([
    ['24', '', 'for rails and copings give the girth'],
    ['14pcs', '', 'write the area of one piece'],
    ['14pcs', '0.4', 'want the area of one piece'],
    ['24m', '3m2', 'want the girth as a length'],
    ['24m', '3 y', 'in the girth "3 y"'],
  ])('%s with the girth "%s" says %s', (size, girth, words) => {
    const result = face(size, girth);
    expect(!result.ok && result.fault.message).toContain(words);
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
    ['tri(3, (2,5 + 1))', 8, 3, '2.5'],
    ['(3x2', 0, 1, ')'],
    ['2.5(3x2)', 0, 3, '2.5 x '],
    ['11x7.2 @32', 8, 2, '32deg'],
    ['6x2 + circl(3)', 6, 5, 'circle'],
    ['6x2 + tir(3, 4)', 6, 3, 'tri'],
    ['3x4 + 2 meetrs', 8, 6, 'meters'],
    ['tri + 2', 0, 3, 'tri(4, 2.5)'],
    ['tri(3, 2', 3, 1, ')'],
  ])('%s at %p', (text, position, length, proposal) => {
    expect(faultOf(text)).toMatchObject({ position, length, proposal });
  });

  it.each([
    ['3 x', 3, 'ends here'],
    ['3 y 4', 2, 'not a unit'],
    ['3x4 ? 2', 4, 'no meaning'],
    ['3x4 5x6', 4, 'expected an operator'],
    ['2x3x4', 0, 'volume'],
    ['2x3 x 1.3', 0, 'a relief factor with a star, as in 4x3 * 1.3'],
    ['2x3 * 0.5', 6, 'outside 1 to 10'],
    ['2x3 * 1.2m', 0, 'volume'],
    ['3 * 2 x 4', 0, 'volume'],
    ['tri(3)', 0, 'tri takes base, height'],
    ['tri(3,5,2)', 0, 'decimals take a point'],
    ['tri(3m2, 2)', 4, 'the base of a tri is a length, this is an area'],
    ['tri(2-3, 2)', 4, 'must not be below 0'],
    ['gable(8, 5, 4)', 0, 'ridge lies below the eaves'],
    ['tri((3,2), 2)', 5, 'decimals take a point'],
    ['11x7.2 - 1x1 @ 32deg', 9, 'put brackets around all that is pitched'],
    ['circle(2 3)', 9, 'an operator (+, -, x) or ")"'],
    ['11 @ 32deg', 0, 'a pitch belongs to an area'],
    ['11x7 @ 85deg', 7, 'steeper than 80'],
    ['11x7 @ 8:0', 9, 'a run of 0'],
    ['11x7 @ 90:1', 7, 'steeper than 80'],
    ['11x7 @ steep', 7, 'not a unit or shape'],
    ['11x7 @ x', 7, 'expected a pitch'],
    ['11x7 @ 8:', 9, 'the run of the pitch'],
    ['14pcs', 0, 'this is a count, 14 pieces'],
    ['1.5pcs x 2m2', 0, 'a count is a whole number'],
    ['3pcs + 2m', 0, 'a length is due here, this is a count'],
    ['2x3 + 4 1/0', 6, 'divides by 0'],
    ['40km x 3', 2, 'not a unit'],
    ['40000m x 30', 0, 'check the units'],
    ['2x2 - 3x3', 0, 'larger than the surface'],
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

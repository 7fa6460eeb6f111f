import { describe, expect, it } from '@jest/globals';
import type { EntityId } from '../survey/entity-id.ts';
import { sideWays } from './side-ways.ts';

const sides = (metres: readonly (number | null)[]) =>
  metres.map((routeMetres, position) => ({ id: `s${position}` as EntityId, position, routeMetres }));
const seconds = (metres: readonly (number | null)[]) =>
  Object.fromEntries(sideWays(sides(metres), 120).map((way) => [way.between.join(' '), way.seconds]));

describe('the way from one side to another', () => {
  it('is what their ways from the vehicle differ by, with time to put down and take up', () => {
    expect(seconds([5, 30])).toEqual({ 's0 s1': 60 + 50 });
  });

  it('goes the shorter way round, or past the vehicle', () => {
    // Front 0 m, left 20 m, back 45 m, right 20 m: from left to right over the front, not over the back.
    expect(seconds([0, 20, 45, 20])).toMatchObject({ 's0 s2': 60 + 90, 's1 s3': 60 + 80, 's0 s3': 60 + 40 });
    // Two wings, each with its end far from the vehicle.
    expect(seconds([10, 60, 15])).toMatchObject({ 's1 s2': 60 + 90, 's0 s2': 60 + 10 });
  });

  it('is left to the company where nobody has paced it', () => {
    expect(seconds([5, null, 30])).toEqual({ 's0 s2': 60 + 50 });
    expect(seconds([null, 10])).toEqual({});
    expect(seconds([])).toEqual({});
  });
});

import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { jetForce, nozzleFlow, pumpPressure, surfacePressure } from './surface-pressure.ts';

const tip = (fanDegrees: number, standOffMetres: number) => ({
  orifice: 3.5,
  nozzles: 1,
  psi: 2400,
  fanDegrees,
  standOffMetres,
});

describe('a jet on the surface', () => {
  it('flows and pushes as its orifice and pressure say', () => {
    expect(nozzleFlow(3.5, 2400)).toBeCloseTo(10.3, 1);
    expect(jetForce(3.5, 2400)).toBeCloseTo(31.1, 1);
    expect(pumpPressure(15, 3.5)).toBeCloseTo(5128, 0);
    expect(pumpPressure(15, 5)).toBeCloseTo(2513, 0);
  });

  it.each([
    [25, 0.2, 22, 0.5],
    [15, 0.15, 61, 0.5],
    [40, 0.6, 1.6, 0.05],
    [0, 0.3, 900, 10],
  ])('of %p° at %p m presses %p kPa', (fan, distance, kilopascal, tolerance) => {
    expect(Math.abs(surfacePressure(tip(fan, distance)) - kilopascal)).toBeLessThan(tolerance);
  });

  it('of the garden hose stays within garden force', () => {
    const { jet } = CATALOGUE.tool('garden-hose');
    expect(jet && surfacePressure(jet)).toBeCloseTo(2.1, 1);
  });

  it('of every tool in the catalogue is a number above nothing', () => {
    for (const { jet } of CATALOGUE.tools) if (jet) expect(surfacePressure(jet)).toBeGreaterThan(0.5);
  });
});

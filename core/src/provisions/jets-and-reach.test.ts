import { describe, expect, it } from '@jest/globals';
import { WASHER, gear, provided, wall, yard } from '../test/provided-job.ts';
import { jetAtStandOff } from '../visit/jet-match.ts';
import type { Provisions } from './provisions.ts';

/** Boards that are washed by a jet. */
const deck = {
  id: 'deck',
  material: 'larch-boards',
  side: 'north',
  band: 'floor',
  tiltDegrees: 0,
  topMetres: 0,
  size: '6x4',
  findings: [{ contaminant: 'green-algae', severity: 3 }],
};

describe('jets', () => {
  it('of a pump that is stronger than the work is judged by are turned down or led farther off', () => {
    const strong = { ...WASHER, flowLitresPerMinute: 21, pressureBar: 250 };
    const { jets } = provided({
      surfaces: [deck, yard],
      ...gear({}, [
        strong,
        { kind: 'sprayer', count: 4 },
        { kind: 'hose', count: 2 },
        { kind: 'surface-cleaner', count: 1 },
      ]),
    });
    const washed = jets.filter((j) => j.match !== null);
    expect(washed.length).toBeGreaterThan(0);
    for (const jet of washed) {
      expect(jet.advice).toMatch(
        /^This pump gives \d+ bar through this tip, and the work is figured with \d+ bar: turn the pump down/,
      );
      expect(jet.leastMetres).toBeGreaterThan(0);
    }
  });

  it('of a larger tip are turned down by as much as it lets out more, or led farther off; surface cleaners keep theirs', () => {
    const washedBy = (machine: object) =>
      provided({
        surfaces: [deck, yard],
        ...gear({}, [
          { ...WASHER, flowLitresPerMinute: null, pressureBar: null, ...machine },
          { kind: 'sprayer', count: 4 },
          { kind: 'hose', count: 2 },
          { kind: 'surface-cleaner', count: 1 },
        ]),
      }).jets;
    const lance = (jets: Provisions['jets']) =>
      jets.find((j) => j.orifice !== null && j.tool !== 'garden-hose');
    const [usual, large] = [lance(washedBy({})), lance(washedBy({ tipOrifice: 7 }))];
    if (!usual || !large) throw new Error('a lance is led here');
    expect(usual.advice).toBeNull();
    expect(large.orifice).toBe(7);
    expect(large.kilopascal / usual.kilopascal).toBeCloseTo(7 / (usual.orifice ?? 1), 6);
    expect(large.advice).toMatch(
      /^Orifice 7 at \d+ bar hits the surface harder than orifice [\d.]+ at \d+ bar, which the work is figured with: turn the pump down to \d+ bar at the tip/,
    );
    expect(jetAtStandOff(large).kilopascal).toBeLessThanOrEqual(
      Math.max(large.limitKilopascal, 0.001) * 1.001,
    );
    const cleaners = (jets: Provisions['jets']) =>
      jets.filter((j) => j.tool.startsWith('surface-cleaner')).map((j) => j.kilopascal);
    expect(cleaners(washedBy({ tipOrifice: 7 }))).toEqual(cleaners(washedBy({})));
  });
});

describe('reach', () => {
  it('tells of a ridge and of a wall top that nothing reaches, and of a pole that does', () => {
    const roof = {
      id: 'roof',
      material: 'concrete-roof-tile',
      side: 'north',
      band: 'roof',
      tiltDegrees: 35,
      topMetres: 7.8,
      footMetres: 5,
      size: '6x5',
      findings: [{ contaminant: 'moss', severity: 2 }],
    };
    const surfaces = [roof, wall({ topMetres: 9 })];
    const { reach } = provided({ surfaces });
    expect(reach.find((r) => r.surface === 'roof')?.text).toContain(
      'A straight pole to the ridge is 11 m long and clears the slope from 9 m off',
    );
    expect(reach.find((r) => r.surface === 'wall')).toMatchObject({ ok: false });
    expect(provided({ surfaces, ...gear({ longestPoleMetres: 12 }) }).reach.every((r) => r.ok)).toBe(true);
    expect(provided().reach).toEqual([]);
  });

  it('takes a ladder for tools without a jet, and a pole from a step off the wall', () => {
    const at = (topMetres: number, more: object, contaminant = 'green-algae') =>
      provided({ surfaces: [wall({ topMetres, findings: [{ contaminant, severity: 2 }] })], ...gear(more) })
        .reach[0];
    expect(at(7, { ladderMetres: 4 })).toMatchObject({ ok: true, by: 'ladder' });
    expect(at(7, { ladderMetres: 1 })).toMatchObject({ ok: false, by: null });
    // √(5.5² + 1²) = 5.59 m, rounded up.
    expect(at(7, { ladderMetres: null, longestPoleMetres: 5.6 })).toMatchObject({
      ok: true,
      by: 'pole of 5.6 m',
    });
    expect(at(7, { ladderMetres: null, longestPoleMetres: 5.5 })).toMatchObject({ ok: false });
  });

  it('takes a tower or a lift that comes along where it passes the gap of that side, and says why where not', () => {
    const side = (gapMetres: number | null) => [
      { id: 'north', aspectDegrees: 0, routeMetres: 30, gapMetres },
    ];
    const high = (gapMetres: number | null, more: object) =>
      provided({
        sides: side(gapMetres),
        surfaces: [wall({ topMetres: 7 })],
        ...gear({ ladderMetres: null, ...more }),
      }).reach[0];
    const tower = { baseMetres: 1.35, platformMetres: 6 };
    const lift = { baseMetres: 2.2, platformMetres: 12 };
    expect(high(1.5, { tower })).toMatchObject({ ok: true });
    expect(high(1.5, { tower, lift })?.text).toMatch(
      /The tower does it \(.*the gap 1.5 m; the lift does not fit: its base is 2.2 m wide, the gap 1.5 m\./,
    );
    expect(high(1.2, { tower, lift })).toMatchObject({ ok: false });
    expect(high(null, { lift })?.text).toContain('measure the gap');
    expect(high(1.5, { tower: { ...tower, platformMetres: 1 } })?.text).toContain('The tower is too low');
  });
});

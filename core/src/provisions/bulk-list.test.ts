import { describe, expect, it } from '@jest/globals';
import { provided } from '../test/provided-job.ts';
import { bulkText } from './bulk-list.ts';

const paved = (more: object = {}) => ({
  id: 'drive',
  material: 'block-paving',
  side: 'north',
  band: 'floor',
  tiltDegrees: 0,
  topMetres: 0,
  size: '8x6',
  paving: { lengthMillimetres: 240, widthMillimetres: 160, jointMillimetres: 4, depthMillimetres: 60 },
  findings: [{ contaminant: 'empty-joints', severity: 4 }],
  ...more,
});

describe('solids of a visit', () => {
  it('has sand for the joints by how the face is laid, with waste, in whole bags', () => {
    const { bulk, load } = provided({ surfaces: [paved()] });
    const [sand] = bulk;
    // 48 m² × 3.88 kg/m², all of the joints, a tenth wasted.
    expect(sand).toMatchObject({
      what: 'kiln-dried jointing sand',
      way: 'brought',
      bags: 9,
      bagSize: '25 kg',
    });
    expect(sand?.kilograms).toBeCloseTo(48 * 3.88 * 1.1, 0);
    expect(sand?.leftOverKilograms).toBeCloseTo(9 * 25 - 48 * 3.88 * 1.1, 0);
    expect(sand?.sums[0]).toMatch(
      /^Drive: \(1 − 240 × 160 ÷ \(244 × 164\)\) .* = 3\.88 kg\/m², × 48 m² × 100 % of the joints = 186\.\d kg$/,
    );
    expect(sand?.sums.at(-1)).toMatch(/^All \+ 10 % waste = 20\d(\.\d)? kg$/);
    expect(load.items.find((i) => i.key === 'bulk kiln-dried jointing sand')).toMatchObject({
      amount: '9 bags of 25 kg',
      group: 'products',
    });
    expect(load.items.find((i) => i.key === 'bulk kiln-dried jointing sand')?.kilograms).toBeCloseTo(205, 0);
  });

  it('takes less for joints that are half full, more for wider ones, and says where nobody measured', () => {
    const kilograms = (more: object) => provided({ surfaces: [paved(more)] }).bulk[0]?.kilograms ?? 0;
    const full = kilograms({});
    expect(kilograms({ findings: [{ contaminant: 'empty-joints', severity: 2 }] })).toBeCloseTo(full / 2, 0);
    expect(
      kilograms({
        paving: { lengthMillimetres: 240, widthMillimetres: 160, jointMillimetres: 8, depthMillimetres: 60 },
      }),
    ).toBeGreaterThan(full * 1.9);
    expect(provided({ surfaces: [paved({ paving: null })] }).bulk[0]?.sums[0]).toContain(
      'measure one and its joint',
    );
  });

  it('carries off what is scraped in sacks, which are what is loaded', () => {
    const roof = {
      id: 'roof',
      material: 'clay-roof-tile',
      side: 'north',
      band: 'roof',
      tiltDegrees: 35,
      topMetres: 4,
      footMetres: 3,
      size: '10x6',
      findings: [{ contaminant: 'moss', severity: 3 }],
    };
    const { bulk, load } = provided({ surfaces: [roof] });
    expect(bulk.map((b) => [b.what, b.way, b.kilograms])).toEqual([['moss and silt', 'carried-off', null]]);
    expect(bulk[0]?.litres).toBe(180);
    expect(bulk[0] && bulkText(bulk[0])).toBe('5 sacks of 40 L for moss and silt');
    expect(load.items.find((i) => i.name === 'Sacks')?.kilograms).toBeLessThan(1);
  });

  it('is empty where nothing is brought or carried off, and refuses blocks that are none', () => {
    expect(provided().bulk).toEqual([]);
    expect(() =>
      provided({
        surfaces: [
          paved({
            paving: {
              lengthMillimetres: 0.24,
              widthMillimetres: 160,
              jointMillimetres: 4,
              depthMillimetres: 60,
            },
          }),
        ],
      }),
    ).toThrow('lengthMillimetres');
  });
});

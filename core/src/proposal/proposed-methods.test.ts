import { describe, expect, it } from '@jest/globals';
import type { Surface } from '../survey/surface.ts';
import { finding, surface, treat } from '../test/treated-wall.ts';
import type { TreatmentInput } from './face-options.ts';
import type { Neighbour } from './surroundings.ts';

const proposal = (
  material: string,
  contaminant: string,
  severity: 1 | 2 | 3 | 4,
  { on = {}, ...more }: Partial<TreatmentInput> & { on?: Partial<Surface> } = {},
) => {
  const [first] = treat(
    surface(material, { topMetres: 2.5, ...on }),
    [finding(contaminant, severity)],
    more,
  ).proposals;
  if (!first) throw new Error('one finding, one proposal');
  const left = new Map(first.alternatives.map((r) => [r.method.id, r.leftOut?.rule ?? null]));
  return { method: first.chosen?.method.id, left, why: first.whyNotMore };
};
const floor = { tiltDegrees: 0, topMetres: 0, band: 'floor' as const };
const drip = (name: string, harmedBy: Neighbour['harmedBy'], isPlanting = false): Neighbour => ({
  name,
  exposed: 'drip',
  isPlanting,
  harmedBy,
});

describe('what is proposed of what is permitted', () => {
  it('removes it from severity 3 on, and shows at all below', () => {
    expect(proposal('concrete', 'cooking-grease', 3).left.get('neutral-wash')).toBe('left-out/insufficient');
    expect(proposal('limestone', 'green-algae', 2).left.get('neutral-rinse')).toBe('left-out/insufficient');
    expect(proposal('limestone', 'green-algae', 1).method).not.toBe('neutral-rinse');
  });

  it('spares what it would drip on, where another does well enough, and says so', () => {
    const around = {
      surroundings: {
        neighbours: [drip('Cedar', ['hypochlorite', 'caustic']), drip('Bed', [], true)],
        isCaught: false,
        doorMetres: 0,
      },
    };
    const bare = proposal('painted-render', 'green-algae', 2);
    expect(bare.method).toBe('soft-wash-hypochlorite');
    const above = proposal('painted-render', 'green-algae', 2, around);
    expect(above.left.get('soft-wash-hypochlorite')).toBe('left-out/drips');
    expect(above.method).not.toBe('soft-wash-hypochlorite');
  });

  it('goes by machine on floors past the size of hand work, and only there', () => {
    const large = proposal('concrete', 'traffic-soot', 2, { on: floor, areaSquareMetres: 60 });
    expect(large.method).toBe('degrease-phosphate-hot');
    expect(large.left.get('neutral-wash')).toBe('left-out/by-hand');
    expect(
      proposal('concrete', 'traffic-soot', 2, { on: floor, areaSquareMetres: 40 }).left.get('neutral-wash'),
    ).toBeUndefined();
    expect(proposal('concrete', 'traffic-soot', 2, { areaSquareMetres: 60 }).method).toBe('neutral-wash');
  });

  it('never puts what cannot be worked above what can', () => {
    const hot = {
      air: { temperatureC: 38, humidity: 0.15, windMetresPerSecond: 6, netRadiationWattsPerSquareMetre: 600 },
      schools: { 'pre-wet': 'never' },
    };
    const { left } = proposal('limestone', 'traffic-soot', 3, hot);
    expect(left.get('neutral-wash')).toBe('left-out/unworkable');
  });

  it('keeps what is slow for spots', () => {
    expect(proposal('clay-brick', 'moss', 4).left.get('steam-growth')).toMatch(/insufficient|bit-by-bit/);
  });

  it('gives a roof that was cleaned before biocide alone, while it has only begun to grow again', () => {
    const past = [{ act: 'cleaned' as const, date: null, how: 'scraped' }];
    const roof = { tiltDegrees: 35, band: 'roof' as const };
    const schools = { roofs: 'by-material' };
    expect(proposal('concrete-roof-tile', 'moss', 2, { on: { ...roof, past }, schools }).method).toBe(
      'leave-on-biocide',
    );
    expect(proposal('concrete-roof-tile', 'moss', 2, { on: roof, schools }).method).toBe('roof-reduced-wash');
    expect(proposal('concrete-roof-tile', 'moss', 4, { on: { ...roof, past }, schools }).method).toBe(
      'roof-reduced-wash',
    );
  });

  it('tells why it stands above a method with more points', () => {
    const { why } = proposal('limestone', 'green-algae', 2, { schools: { result: 'same-day' } });
    if (why !== null) expect(why).toContain('has fewer points than');
    expect(proposal('painted-render', 'green-algae', 2).why).toBeNull();
  });
});

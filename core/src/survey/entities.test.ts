import { describe, expect, it } from '@jest/globals';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEFAULT_HOUSE, machineCounts } from './job-detail.ts';
import { aspectName, isShadySide } from './side.ts';
import type { Side } from './side.ts';
import { isOpenWater } from './feature.ts';
import type { Feature } from './feature.ts';
import { BANDS, usualTilt, usualTop } from './surface.ts';

const side = (aspectDegrees: number | null, shade: Side['shade'] = 'open'): Side => ({
  id: 's',
  position: 0,
  name: 'S',
  aspectDegrees,
  shade,
  routeMetres: null,
  gapMetres: null,
});
const feature = (kind: Feature['kind'], leadsTo: Feature['leadsTo'] = null) => ({ kind, leadsTo });

describe('a side', () => {
  it.each([
    [0, 'N'],
    [44, 'NE'],
    [90, 'E'],
    [180, 'S'],
    [225, 'SW'],
    [350, 'N'],
    [null, 'aspect open'],
  ])('that faces %p° is %s', (degrees, name) => {
    expect(aspectName(degrees)).toBe(name);
  });

  it.each<[Side, boolean]>([
    [side(0), true],
    [side(330), true],
    [side(90), false],
    [side(180), false],
    [side(180, 'trees'), true],
    [side(180, 'part'), false],
    [side(null), false],
  ])('%j is shady: %p', (given, shady) => {
    expect(isShadySide(given, 47)).toBe(shady);
  });

  it('has its shady side turned from the sun of its hemisphere', () => {
    expect([isShadySide(side(0), -33), isShadySide(side(180), -33)]).toEqual([false, true]);
  });
});

describe('open water', () => {
  it.each<[Pick<Feature, 'kind' | 'leadsTo'>, boolean]>([
    [feature('pond'), true],
    [feature('stream'), true],
    [feature('drain', 'watercourse'), true],
    [feature('drain', 'storm-drain'), true],
    [feature('drain', 'foul-sewer'), false],
    [feature('drain', 'unknown'), false],
    [feature('lawn'), false],
  ])('%j: %p', (given, water) => {
    expect(isOpenWater(given)).toBe(water);
  });
});

describe('a band', () => {
  it('tilts as faces of its height usually do', () => {
    expect(BANDS.map(usualTilt)).toEqual([30, 90, 90, 90, 0]);
  });

  it('is a storey high until it is measured, a floor on the ground', () => {
    expect(BANDS.map(usualTop)).toEqual([2.5, 2.5, 2.5, 2.5, 0]);
  });
});

describe('the machines of a house', () => {
  it('are counted by kind, none where none is listed', () => {
    expect(
      machineCounts({
        ...DEFAULT_HOUSE,
        machines: [
          { kind: 'hose', count: 2, flowLitresPerMinute: null, pressureBar: null, tipOrifice: null },
        ],
      }),
    ).toMatchObject({ hose: 2, sprayer: 0 });
  });
});

describe('the catalogue by id', () => {
  it('tells what is used as sold', () => {
    const ready = CATALOGUE.agents.filter(isReadyToUse).map((a) => a.id);
    expect(ready).toEqual(expect.arrayContaining(['citrate-gel', 'masonry-remover', 'clay-poultice']));
    expect(ready).not.toContain('hypochlorite');
    expect(isReadyToUse(CATALOGUE.agent('hypochlorite'))).toBe(false);
  });

  it('names what it does not have', () => {
    expect(() => CATALOGUE.material('cheese')).toThrow('the catalogue has no material "cheese"');
    expect(() => CATALOGUE.agent('vinegar')).toThrow('the catalogue has no agent "vinegar"');
  });

  it('gives the entry that is listed', () => {
    for (const material of CATALOGUE.materials) expect(CATALOGUE.material(material.id)).toBe(material);
  });
});

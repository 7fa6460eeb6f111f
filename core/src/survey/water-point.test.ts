import { describe, expect, it } from '@jest/globals';
import { needsPermission, waterFlow } from './water-point.ts';
import { FEATURE_DETAILS, FEATURE_KINDS, FEATURE_NAMES, detailSettings } from './feature.ts';
import { stretchSize } from './long-asset.ts';
import { takeOffArea } from '../takeoff/take-off.ts';
import { FEATURE_PROTECTIONS } from '../catalogue/data/protections.ts';
import { checkedDetail } from './survey.ts';

describe('the flow of a water point', () => {
  it.each([
    [[], null, null],
    [[], 14, { litresPerMinute: 14, measured: false }],
    [[{ litres: 10, seconds: 43 }], 20, { litresPerMinute: 13.95, measured: true }],
    [
      [
        { litres: 10, seconds: 40 },
        { litres: 10, seconds: 50 },
      ],
      null,
      { litresPerMinute: 13.33, measured: true },
    ],
  ])('with buckets %j and told %p is %j', (buckets, flowLitresPerMinute, flow) => {
    expect(waterFlow({ buckets, flowLitresPerMinute })).toEqual(flow);
  });
});

describe('permission', () => {
  it.each([
    ['tap', 'unknown', false],
    ['hydrant', 'unknown', true],
    ['hydrant', 'asked', true],
    ['hydrant', 'refused', true],
    ['hydrant', 'granted', false],
  ] as const)('for a %s that is %s: %p', (kind, permission, needed) => {
    expect(needsPermission({ kind, permission })).toBe(needed);
  });
});

describe('every kind of feature', () => {
  it.each(FEATURE_KINDS)(
    '%s has a name, an act before and after, and details that its check knows',
    (kind) => {
      expect(FEATURE_NAMES[kind].length).toBeGreaterThan(2);
      const acts = FEATURE_PROTECTIONS[kind];
      expect([acts?.before, acts?.after].filter((act) => (act?.text.length ?? 0) > 8)).toHaveLength(2);
      for (const key of FEATURE_DETAILS[kind]) {
        const value = detailSettings(key)?.[1] ?? 'words';
        expect(checkedDetail('feature', { name: 'F', kind, [key]: value }).ok).toBe(true);
        expect(checkedDetail('feature', { name: 'F', kind, [key]: 7 }).ok).toBe(false);
      }
    },
  );
});

describe('a stretch of a long asset', () => {
  it('is measured by its chainage, the sum visible', () => {
    const size = stretchSize({ fromMetres: 40, toMetres: 100 }, 2.4);
    expect(size).toBe('(100m - 40m) x 2.4m');
    expect(takeOffArea(size, 'us')).toMatchObject({ ok: true, squareMetres: 144 });
  });
});

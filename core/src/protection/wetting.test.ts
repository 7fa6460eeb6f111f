import { describe, expect, it } from '@jest/globals';
import { wettedFrom } from './wetting.ts';
import type { Touch } from './chemistry-guard.ts';

const face = (id: string, ...touches: readonly Touch[]) => ({ id, touches });

describe('what gets wet by the work on a face', () => {
  const onto = new Map([
    ['roof', new Set(['wall'])],
    ['wall', new Set(['path'])],
    ['path', new Set(['gully'])],
  ]);

  it('is all that its water runs over, and what stands beside it, never the face itself', () => {
    const wetted = wettedFrom([face('roof', { face: 'dormer', how: 'beside' }), face('path')], onto);
    expect([...(wetted.get('roof') ?? [])]).toEqual(['wall', 'path', 'gully', 'dormer']);
    expect([...(wetted.get('path') ?? [])]).toEqual(['gully']);
  });

  it('is, at a wall that it splashes, also what the rinse of the wall foot runs onto and comes to beside it', () => {
    const wetted = wettedFrom(
      [face('path', { face: 'wall', how: 'splash' }), face('wall', { face: 'door', how: 'beside' })],
      onto,
    );
    expect([...(wetted.get('path') ?? [])].sort()).toEqual(['door', 'gully', 'wall']);
  });
});

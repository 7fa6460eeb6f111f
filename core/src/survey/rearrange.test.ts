import { describe, expect, it } from '@jest/globals';
import { QUICK_SURVEY as survey } from '../test/quick-line-survey.ts';
import { applyChanges } from './change.ts';
import type { DraftChange } from './change.ts';
import { copiedToSides, movedSide, movedSurface } from './rearrange.ts';
import { entityIn, stateOf, surveyOf } from './survey-state.ts';

const after = (drafts: readonly DraftChange[]) => {
  const state = stateOf('job', survey);
  const outcome = applyChanges(
    state,
    drafts.map((d, i) => ({ ...d, id: `c${i}`, base: entityIn(state, d.entity)?.revision ?? 0 })),
  );
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return surveyOf(outcome.state);
};
const surface = (id: string) => {
  const found = survey.surfaces.find((s) => s.id === id);
  if (!found) throw new Error(id);
  return found;
};
const ids = () => {
  let n = 0;
  return () => `copy-${(n += 1)}`;
};

describe('rearranging', () => {
  it('puts a surface on another side and into another band, with the tilt that band usually has', () => {
    const moved = after(movedSurface(surface('drum'), { side: surface('yard').side, band: 'floor' }));
    expect(moved.surfaces.find((s) => s.id === 'drum')).toMatchObject({
      side: 'east',
      band: 'floor',
      tiltDegrees: 0,
    });
    expect(movedSurface(surface('drum'), surface('drum'))).toEqual([]);
  });

  it('puts a side elsewhere in the walking order, whatever the index', () => {
    const order = (to: number) => after(movedSide(survey, 'west', to)).sides.map((s) => s.id);
    expect(order(0)).toEqual(['west', 'north', 'east', 'south']);
    expect(order(2)).toEqual(['north', 'east', 'west', 'south']);
    expect(order(99)).toEqual(['north', 'east', 'south', 'west']);
    expect(movedSide(survey, 'west', 3)).toEqual([]);
  });

  it('copies a surface with what is on it to other sides, named after them', () => {
    const copied = after(
      copiedToSides(
        survey,
        surface('drum'),
        survey.sides.slice(1, 3).map((s) => s.id),
        ids(),
      ),
    );
    const made = copied.surfaces.filter((s) => s.id.startsWith('copy'));
    expect(made.map((s) => [s.name, s.side, s.size, s.conditions])).toEqual([
      ['Drum wall, east', 'east', '7.5x4', ['chalking']],
      ['Drum wall, south', 'south', '7.5x4', ['chalking']],
    ]);
    expect(
      copied.findings.filter((f) => f.surface === made[1]?.id).map((f) => [f.contaminant, f.share]),
    ).toEqual([
      ['green-algae', 1],
      ['surface-rust', 0.1],
    ]);
  });
});

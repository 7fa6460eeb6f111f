import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Stage } from '../treatment/stage.ts';
import { phaseId, wetSteps } from './work-phase.ts';

/** "kind agent" or "kind"; a neutraliser says what it neutralises. */
const stage = (text: string, method = 'first'): Stage => {
  const [kind, agent = null, neutralises] = text.split(' ');
  return {
    id: text,
    kind,
    method,
    apply: agent === null ? null : { agent },
    neutralises: neutralises === undefined ? [] : [neutralises],
  } as unknown as Stage;
};
const stepsOf = (stages: readonly Stage[]) =>
  wetSteps(stages, CATALOGUE.agent).map((step) => step.map(({ id }) => id));

describe('the wet work on a face', () => {
  const chlorine = ['apply hypochlorite', 'rinse', 'neutralise sodium-ascorbate hypochlorite', 'reading'];
  const acid = ['pre-wet', 'apply oxalic-acid', 'neutralise sodium-bicarbonate oxalic-acid', 'reading'];

  it('is one step where nothing opposes anything', () => {
    expect(stepsOf(chlorine.map((text) => stage(text)))).toEqual([chlorine]);
    expect(stepsOf([])).toEqual([]);
  });

  it('has another with what opposes one before, and with what prepares the face for that; a gate belongs to what it follows', () => {
    const stages = [...chlorine.map((text) => stage(text)), ...acid.map((text) => stage(text, 'second'))];
    expect(stepsOf(stages)).toEqual([chlorine, acid]);
  });

  it('is named step by step', () => {
    const names = [0, 1].map((step) => phaseId({ face: 'wall', part: 'wet', step }));
    expect(names).toEqual(['wall', 'wall (step 2)']);
  });
});

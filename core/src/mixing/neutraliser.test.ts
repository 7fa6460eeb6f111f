import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { neutraliserGrams } from './neutraliser.ts';

describe('neutralisers', () => {
  it.each([
    ['hypochlorite', 'sodium-ascorbate', 198.11 / 70.906],
    ['oxalic-acid', 'sodium-bicarbonate', 1.33],
    ['phosphoric-acid', 'sodium-bicarbonate', 1.71],
    ['caustic', 'citric-acid', 1.75],
  ])('%s is brought to rest by %s', (agent, by, ratio) => {
    expect(CATALOGUE.agent(agent).neutraliser?.agent).toBe(by);
    expect(neutraliserGrams(CATALOGUE.agent(agent), 10, 1)).toBeCloseTo(10 * ratio, 1);
  });

  it('need none where the agent is neutral', () => {
    expect(neutraliserGrams(CATALOGUE.agent('citrate-gel'), 1000, 1)).toBe(0);
  });

  it('are never thiosulfate or sulfite, which an acid turns to sulfur dioxide', () => {
    for (const agent of CATALOGUE.agents) expect(agent.neutraliser?.agent ?? '').not.toMatch(/sulf/);
  });
});

import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { limitsOnAgent, limitsOnTool } from '../treatment/limit-verdict.ts';
import { soundState } from '../treatment/surface-state.ts';
import type { Finish } from '../catalogue/material.ts';
import { catalogueMatrix } from './catalogue-matrix.ts';

const sign = (limits: readonly { readonly standing: string }[]) =>
  limits.length === 0 ? 'allowed' : limits.some((l) => l.standing === 'floor') ? 'refused' : 'asks';
const stateOf = (material: string, finish: Finish, conditions: readonly string[]) =>
  soundState(CATALOGUE.material(material), finish, CATALOGUE, conditions);
const underAgent = (
  material: string,
  agent: string,
  finish: Finish = 'bare',
  conditions: readonly string[] = [],
) => sign(limitsOnAgent(stateOf(material, finish, conditions), CATALOGUE.agent(agent), CATALOGUE));
const underTool = (
  material: string,
  tool: string,
  finish: Finish = 'bare',
  conditions: readonly string[] = [],
) => sign(limitsOnTool(stateOf(material, finish, conditions), CATALOGUE.tool(tool), CATALOGUE));

describe('the matrix of the catalogue', () => {
  it('is the one in docs: npm run formats writes it anew, so that a change shows in review', () => {
    const path = new URL('../../../docs/catalogue-matrix.md', import.meta.url);
    expect(readFileSync(path, 'utf8')).toBe(catalogueMatrix(CATALOGUE));
  });

  it('has a row for every material and finish, and a number for every rule', () => {
    const text = catalogueMatrix(CATALOGUE);
    for (const { name, finishes } of CATALOGUE.materials)
      for (const finish of finishes) expect(text).toContain(`| ${name}, ${finish} |`);
    for (const { id } of CATALOGUE.limits) expect(text).toContain(`\`${id}\``);
  });

  it.each<[string, string, Finish, string[], string]>([
    ['limestone', 'percarbonate', 'bare', [], 'asks'],
    ['sandstone', 'metasilicate', 'bare', [], 'asks'],
    ['lime-render', 'trisodium-phosphate', 'bare', [], 'asks'],
    ['terracotta', 'percarbonate', 'bare', [], 'asks'],
    ['granite', 'percarbonate', 'bare', [], 'allowed'],
    ['concrete', 'caustic', 'sealed', [], 'asks'],
    ['block-paving', 'masonry-remover', 'sealed', [], 'asks'],
    ['concrete', 'caustic', 'bare', [], 'allowed'],
    ['clear-glass', 'silane-impregnator', 'bare', [], 'refused'],
    ['solar-panel', 'acrylic-sealer', 'bare', [], 'refused'],
    ['stainless-steel', 'acrylic-sealer', 'bare', [], 'refused'],
    ['copper', 'gluconate-chelate', 'bare', [], 'asks'],
    ['lead', 'citrate-gel', 'bare', [], 'asks'],
    ['zinc', 'gluconate-chelate', 'bare', [], 'asks'],
    ['weathering-steel', 'citrate-gel', 'bare', [], 'asks'],
    ['copper', 'hydrogen-peroxide', 'bare', [], 'asks'],
    ['clay-brick', 'oxalic-acid', 'bare', ['historic'], 'asks'],
    ['clay-brick', 'alkaline-shadow-gel', 'bare', ['historic'], 'asks'],
    ['clay-brick', 'oxalic-acid', 'bare', [], 'allowed'],
    ['painted-aluminium', 'hypochlorite', 'painted', [], 'asks'],
    ['coated-steel', 'hypochlorite', 'painted', [], 'asks'],
    ['single-ply', 'hypochlorite', 'bare', [], 'asks'],
    ['vinyl-cladding', 'hypochlorite', 'bare', [], 'allowed'],
  ])('says of %s under %s, %s %j: %s', (material, agent, finish, conditions, verdict) => {
    expect(underAgent(material, agent, finish, conditions)).toBe(verdict);
  });

  it.each<[string, string, Finish, string]>([
    ['concrete', 'surface-cleaner-50', 'painted', 'asks'],
    ['concrete', 'hot-fan', 'painted', 'asks'],
    ['concrete', 'surface-cleaner-50', 'bare', 'allowed'],
    ['solar-panel', 'hand-scraper', 'bare', 'asks'],
    ['acrylic-sheet', 'hand-scraper', 'bare', 'asks'],
    ['coated-glass', 'hand-scraper', 'bare', 'asks'],
    ['zinc', 'hand-scraper', 'bare', 'asks'],
    ['granite', 'hand-scraper', 'bare', 'allowed'],
    ['asphalt-shingle', 'broom', 'bare', 'asks'],
    ['copper', 'rinse-fan', 'bare', 'asks'],
    ['granite', 'rinse-fan', 'bare', 'allowed'],
  ])('says of %s under %s, %s: %s', (material, tool, finish, verdict) => {
    expect(underTool(material, tool, finish)).toBe(verdict);
  });
});

import { describe, expect, it } from '@jest/globals';
import { RATED_RISKS, RISK_KINDS } from '../catalogue/data/risk-matrix.ts';
import { crewOrder } from '../order/crew-order.ts';
import type { CrewOrder } from '../order/crew-order.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';
import { demo, surveyOf } from '../test/demo-survey.ts';
import { randomProperty } from '../test/random-property.ts';
import { orderPaper } from './order-paper.ts';
import { paperSchema } from './paper.ts';
import type { Paper, PaperBlock, PaperRound } from './paper.ts';
import { PAPERS_OF_PLAN } from './papers.ts';
import { bandOf, opposedAgents, risksOf } from './risks.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const SEEDS = 40;

/** All that stands on a paper, in the order in which it is read. */
function wordsOf(value: unknown): readonly string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(wordsOf);
}
const blocksOf = (paper: Paper): readonly PaperBlock[] => paper.parts.flatMap(({ blocks }) => blocks);
const roundsFor = (paper: Paper, person: string): readonly PaperRound[] =>
  paper.parts
    .filter((part) => part.person === person)
    .flatMap(({ blocks }) => blocks.flatMap((block) => (block.is === 'rounds' ? block.rounds : [])));

function checked(made: Plan, survey: Survey): number {
  const papers = Object.values(PAPERS_OF_PLAN).map((make) => make(made, survey));
  for (const paper of papers) {
    expect(paperSchema.validate(paper).error).toBeUndefined();
    const words = wordsOf(paper.parts);
    expect(words.filter((text) => /undefined|NaN|\[object|\{[a-z]|\.;|\.\.$|Infinity/.test(text))).toEqual(
      [],
    );
    for (const block of blocksOf(paper))
      if (block.is === 'table') for (const row of block.rows) expect(row).toHaveLength(block.head.length);
  }
  return papers.length;
}

/** The order on paper against the plan that it is of. */
function checkedOrder(made: Plan, order: CrewOrder): void {
  const paper = orderPaper(order, 7);
  expect(paperSchema.validate(paper).error).toBeUndefined();
  const placed = new Map((made.visit?.schedule.placements ?? []).map((own) => [own.operation, own.person]));
  for (const { id, name, rounds = [], entries } of order.people) {
    const own = [...placed].filter(([, person]) => person === id).map(([operation]) => operation);
    expect(rounds.flatMap(({ operations }) => operations).sort()).toEqual([...own].sort());
    const shown = roundsFor(paper, name);
    expect(shown).toHaveLength(rounds.length);
    rounds.forEach(({ operations, name: round }, i) => {
      expect(shown[i]?.name).toContain(round);
      const lines = (shown[i]?.lines ?? []).map(({ text, strong = '' }) => `${text}${strong}`);
      for (const entry of entries.filter(({ operation }) => operations.includes(operation)))
        for (const line of [...entry.how, ...entry.checks])
          expect(lines.some((own) => own.includes(line))).toBe(true);
    });
  }
  const defined = blocksOf(paper)
    .flatMap((block) => (block.is === 'labels' ? block.labels : []))
    .map(({ name }) => name);
  const used = order.people.flatMap(({ entries }) => entries.flatMap(({ mix }) => mix ?? []));
  for (const mix of new Set(used))
    expect(defined.some((label) => label === mix || label.startsWith(`${mix} ·`))).toBe(true);
}

/** What is put over something before the work comes off after it, by somebody who is told so. */
function checkedProtections(made: Plan): void {
  const told = (when: 'before' | 'after') =>
    made.work.shares.flatMap(({ protections }) => protections.filter((own) => own.when === when));
  const placesOf = (acts: ReturnType<typeof told>) =>
    acts.map(({ feature, surface, placeName }) => feature ?? surface ?? placeName).sort();
  expect(new Set(placesOf(told('after')))).toEqual(new Set(placesOf(told('before'))));
  expect(told('before')).toHaveLength(made.protections.filter(({ when }) => when === 'before').length);
}

describe(`the papers of ${SEEDS} random properties`, () => {
  it('hold all that they should, in words that are whole', () => {
    let orders = 0;
    let papers = 0;
    for (let seed = 1; seed <= SEEDS; seed += 1) {
      const survey = surveyOf(randomProperty(seed));
      const made = plan(survey, OPTIONS);
      papers += checked(made, survey);
      if (!made.visit) continue;
      orders += 1;
      checkedOrder(made, crewOrder(made, survey));
      checkedProtections(made);
    }
    expect([papers, orders > SEEDS / 2]).toEqual([6 * SEEDS, true]);
  });
});

describe('the papers of the demo', () => {
  const survey = demo('hill-observatory');
  const made = plan(survey, { ...OPTIONS, budget: 20 });
  const paper = (kind: keyof typeof PAPERS_OF_PLAN) => wordsOf(PAPERS_OF_PLAN[kind](made, survey)).join('\n');

  it('propose what is done on each surface, and leave out what is not ours', () => {
    const told = paper('proposal');
    expect(told).toMatch(
      /Drum wall, north \(painted render\)\ngreen algae, heavy; surface rust, moderate\nsoft wash/,
    );
    expect(told).not.toMatch(/\nBicycle shelter \(/);
    expect(told).toMatch(/Monday, 4 May 2026/);
  });

  it('tell the customer no more than ten things to expect', () => {
    const blocks = blocksOf(PAPERS_OF_PLAN.proposal(made, survey));
    const at = blocks.findIndex((block) => block.is === 'heading' && block.text === 'What to expect');
    const list = blocks[at + 1];
    expect(list?.is === 'list' ? list.lines.length : 0).toBeGreaterThan(3);
    expect(list?.is === 'list' ? list.lines.length : 99).toBeLessThanOrEqual(10);
  });

  it('name the tower, the sockets and the pond among the risks, none of them high once something is done about it', () => {
    const risks = risksOf(made, survey);
    const all = risks.map(({ hazard }) => hazard).join('\n');
    expect(all).toMatch(/Fall from a tower or lift: Glass roof of the hall/);
    expect(all).toMatch(/Water reaches live parts: Outside sockets, north/);
    expect(all).toMatch(/Run-off reaches Newt pond/);
    expect(risks.filter(({ before }) => bandOf(before) === 'high').length).toBeGreaterThan(5);
    expect(risks.filter(({ after }) => bandOf(after) === 'high')).toEqual([]);
  });

  it('say what never meets once for each pair', () => {
    const catalogue = companyCatalogue(survey.handbook);
    const agents = ['hypochlorite', 'oxalic-acid', 'citric-acid', 'sodium-bicarbonate'].map((id) =>
      catalogue.agent(id),
    );
    const told = opposedAgents(agents).map(({ agent, others }) => [agent.id, ...others.map(({ id }) => id)]);
    expect(told[0]).toEqual(['hypochlorite', 'oxalic-acid', 'citric-acid']);
  });

  it('give the neighbours the hours in which nothing is loud', () => {
    expect(paper('neighbour-notice')).toMatch(/Machines are silent 12:00–13:00\./);
    expect(paper('windscreen-notice')).toMatch(/Please move it by 08:00 on Monday, 4 May 2026\./);
  });
});

describe('the rated risks', () => {
  it('are never worse after than before, by figures of one to five', () => {
    for (const kind of RISK_KINDS) {
      const { before, after } = RATED_RISKS[kind];
      for (const figure of [before.likely, before.harm, after.likely, after.harm])
        expect([1, 2, 3, 4, 5]).toContain(figure);
      expect(after.likely * after.harm).toBeLessThan(before.likely * before.harm + 1);
    }
  });
});

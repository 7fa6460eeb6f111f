import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { CrewMember } from '../survey/crew-and-machines.ts';
import { handbookWith, override } from '../test/company-overrides.ts';
import { readJobFile } from '../interchange/job-file.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 60 };
const gear = { longestPoleMetres: null, ladderMetres: null, tower: { baseMetres: 1.35, platformMetres: 6 } };
/** A high wall worked from a tower, weeds in the yard, and rust on steps, with two people. */
function madeWith(crew: readonly Partial<CrewMember>[], handbook: object = {}) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    sides: [{ id: 'north', aspectDegrees: 0, gapMetres: 2 }],
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 25 }] },
    surfaces: [
      {
        id: 'wall',
        name: 'High wall',
        side: 'north',
        material: 'painted-render',
        footMetres: 0,
        topMetres: 7.5,
        size: '8x7.5',
        findings: [{ contaminant: 'green-algae', severity: 3 }],
      },
      {
        id: 'steps',
        name: 'Steps',
        side: 'north',
        band: 'floor',
        material: 'granite',
        size: '4x1',
        findings: [{ contaminant: 'surface-rust', severity: 2 }],
      },
    ],
    handbook,
    house: { crew: crew.map((member, i) => ({ id: 'ab'[i], tickets: [], ...member })), gear },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const made = plan(reading.survey, OPTIONS);
  if (!made.visit) throw new Error(made.warnings.map(({ text }) => text).join('\n'));
  const { placements } = made.visit.schedule;
  expect(scheduleViolations(made.work.problem, made.visit.schedule)).toEqual([]);
  const who = (surface: string) => {
    const own = new Set(
      made.work.planned
        .filter(
          ({ parts, task, standing }) =>
            task !== 'mix' && !standing?.helps && parts.some((part) => part.surface === surface),
        )
        .map(({ id }) => id),
    );
    return [
      ...new Set(placements.filter(({ operation }) => own.has(operation)).map(({ person }) => person)),
    ].sort();
  };
  const missing = made.warnings.filter(({ rule }) => rule === 'ticket-missing');
  return { made, who, missing };
}

describe('tickets', () => {
  it('a tower is worked from only by who holds the ticket, whoever has it written down how', () => {
    for (const ticket of ['Mobile towers, 2024', 'scaffold card'])
      for (const [i, holder] of ['a', 'b'].entries()) {
        const { who, missing } = madeWith([0, 1].map((k) => ({ tickets: k === i ? [ticket] : [] })));
        expect(who('wall')).toEqual([holder]);
        expect(missing).toEqual([]);
      }
  });

  it('is asked for in words where nobody of the crew is entered with it, and the day is planned all the same', () => {
    const { missing, made } = madeWith([{}, {}]);
    expect(missing.map(({ severity, text }) => [severity, text])).toEqual([
      [
        'warn',
        expect.stringMatching(
          /^Nobody of the crew is entered with a ticket for towers, which High wall needs\./,
        ),
      ],
    ]);
    expect(
      made.work.problem.operations.some(({ place, people }) => place === 'wall' && people !== null),
    ).toBe(false);
  });

  it('an apprentice puts on no acid while somebody trained is there, and does all else', () => {
    const { made, who } = madeWith([{}, { isApprentice: true }]);
    const acid = made.surfaces
      .flatMap(({ treatment }) => treatment?.stages ?? [])
      .find(({ apply }) => apply?.agentClass === 'acid');
    expect(CATALOGUE.agent(acid?.apply?.agent ?? '').class).toBe('acid');
    const applied = made.work.planned.filter(({ stages }) => stages.includes(acid?.id ?? ''));
    expect(applied.length).toBeGreaterThan(0);
    for (const { id } of applied)
      expect(made.work.problem.operations.find((own) => own.id === id)?.people).toEqual(['a']);
    expect(who('steps')).toContain('a');
    const alone = madeWith([{ isApprentice: true }]);
    expect(
      alone.made.work.problem.operations.every(({ people }) => people === null || people.includes('a')),
    ).toBe(true);
  });

  it('an apprentice is never alone with what the company has put on its list either', () => {
    const crew = [{}, { isApprentice: true }];
    const putOn = (made: ReturnType<typeof madeWith>['made']) => {
      const mild = made.surfaces
        .flatMap(({ treatment }) => treatment?.stages ?? [])
        .filter(({ apply }) => apply && !CATALOGUE.agent(apply.agent).apprenticeNeverAlone);
      const ids = made.work.planned.filter(({ stages }) => mild.some(({ id }) => stages.includes(id)));
      expect(ids.length).toBeGreaterThan(0);
      const agents = [...new Set(mild.flatMap(({ apply }) => apply?.agent ?? []))];
      const who = ids.map(({ id }) => made.work.problem.operations.find((own) => own.id === id)?.people);
      return { agents, who };
    };
    const usual = putOn(madeWith(crew).made);
    expect(usual.who).toContain(null);
    const listed = handbookWith(
      ...usual.agents.map((agent) => override('agent', agent, 'apprenticeNeverAlone', true, false)),
    );
    for (const people of putOn(madeWith(crew, listed).made).who) expect(people).toEqual(['a']);
  });

  it('an apprentice with the only ticket is not left alone with chlorine for it: the missing ticket is told', () => {
    const { made, missing } = madeWith([{}, { isApprentice: true, tickets: ['Mobile towers'] }]);
    const chlorine = made.surfaces
      .flatMap(({ treatment }) => treatment?.stages ?? [])
      .filter(({ apply }) => apply?.agentClass === 'hypochlorite')
      .map(({ id }) => id);
    const applied = made.work.planned.filter(
      ({ stages, task }) => task !== 'mix' && stages.some((id) => chlorine.includes(id)),
    );
    expect(applied.length).toBeGreaterThan(0);
    for (const { id } of applied)
      expect(made.work.problem.operations.find((own) => own.id === id)?.people).toEqual(['a']);
    expect(missing.map(({ text }) => text)).toEqual([expect.stringMatching(/towers, which High wall needs/)]);
  });
});

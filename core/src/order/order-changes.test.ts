import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';
import { demo } from '../test/demo-survey.ts';
import { crewOrder } from './crew-order.ts';
import type { CrewOrder, OrderRound } from './crew-order.ts';
import { orderChanges } from './order-changes.ts';

const survey = demo('lock-cottage');
const orderOf = (of: Survey) => crewOrder(plan(of, { asOf: '2026-05-04', seed: 1, budget: 8 }), of);
const order = orderOf(survey);
const changed = (now: CrewOrder, before = order) => orderChanges(now, before, 3).lines;
const people = (change: (rounds: readonly OrderRound[]) => readonly OrderRound[]): CrewOrder => ({
  ...order,
  people: order.people.map((person, i) =>
    i === 0 ? { ...person, rounds: change(person.rounds ?? []) } : person,
  ),
});
const [first] = order.people;
const round = first?.rounds?.[1];
if (!first || !round) throw new Error('the cottage has somebody with two rounds');

describe('what changed against the order before', () => {
  it('is nothing between an order and itself, and names the order', () => {
    expect(orderChanges(order, order, 3)).toEqual({ since: 3, lines: [] });
  });

  it('tells a new day, and who comes and who does not', () => {
    const other = { ...order, date: '2026-05-06', people: [{ ...first, name: 'Eike' }] };
    const lines = changed(other);
    expect(lines[0]).toContain('2026-05-06');
    expect(lines).toContain('Eike joins the crew.');
    expect(lines).toContain(`${first.name} is not there.`);
  });

  it('tells a round at another time, not for a few minutes', () => {
    const at = (start: string) =>
      people((rounds) => rounds.map((one) => (one === round ? { ...one, start } : one)));
    expect(changed(at('23:00'))).toEqual([
      `${first.name}: ${round.name} at 23:00, no longer ${round.start}.`,
    ]);
    const [hours = '', minutes = ''] = round.start.split(':');
    const soon = `${hours}:${String((Number(minutes) % 50) + 5).padStart(2, '0')}`;
    expect(changed(at(soon)).length).toBe(Math.abs(Number(minutes) - Number(soon.slice(3))) >= 10 ? 1 : 0);
  });

  it('tells in one line what moved together', () => {
    const shifted = (hours: number): CrewOrder => ({
      ...order,
      people: order.people.map((person) => ({
        ...person,
        rounds: (person.rounds ?? []).map((one) => ({
          ...one,
          start: `${String(Number(one.start.slice(0, 2)) + hours).padStart(2, '0')}${one.start.slice(2)}`,
        })),
      })),
    });
    expect(changed(shifted(2))).toEqual(['All of it 2 h later.']);
    expect(changed(order, shifted(2))).toEqual(['All of it 2 h earlier.']);
  });

  it('tells a round that is new or gone, and knows one by its work under another name', () => {
    const without = people((rounds) => rounds.filter((one) => one !== round));
    expect(changed(without)).toEqual([`No longer: ${first.name}, ${round.name}.`]);
    expect(changed(order, without)).toEqual([`New: ${first.name}, ${round.start} ${round.name}.`]);
    const called = people((rounds) => rounds.map((one) => (one === round ? { ...one, name: 'Else' } : one)));
    expect(changed(called)).toEqual([]);
  });

  it('tells who has it now', () => {
    const given: CrewOrder = {
      ...order,
      people: [...order.people, { ...first, id: 'x', name: 'Eike', rounds: [round] }].map((person) =>
        person.id === first.id
          ? { ...person, rounds: (person.rounds ?? []).filter((one) => one !== round) }
          : person,
      ),
    };
    expect(changed(given)).toEqual([
      'Eike joins the crew.',
      `Eike instead of ${first.name}: ${round.start} ${round.name}.`,
    ]);
  });

  it('tells mixes that are other, new and gone, with strength and litres', () => {
    const [mix] = order.mixes;
    if (!mix) throw new Error('the cottage has a mix');
    const more = { ...mix, mix: { ...mix.mix, litres: 2 * mix.mix.litres } };
    const rest = order.mixes.slice(1);
    expect(changed({ ...order, mixes: [more, ...rest] })).toEqual([
      expect.stringMatching(/g\/L.*; before: .*g\/L/),
    ]);
    expect(changed({ ...order, mixes: rest })[0]).toMatch(/^No longer mixed: /);
    expect(changed(order, { ...order, mixes: rest })[0]).toMatch(/^New: /);
  });

  it('tells what to cover, and keeps long lists short', () => {
    const covers = Array.from({ length: 20 }, (_, i) => `Bed ${i}: wet it`);
    const lines = changed({ ...order, before: [...order.before, ...covers] });
    expect(lines).toHaveLength(9);
    expect(lines.at(-1)).toBe('And 12 more of the kind.');
  });

  it('reads orders from before rounds were kept', () => {
    const old = { ...order, people: order.people.map(({ rounds: _none, ...person }) => person) };
    expect(changed(order, old).length).toBeGreaterThan(0);
    expect(changed(old, old)).toEqual([]);
  });
});

import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import { catalogueEntriesOf, crewOrder } from './crew-order.ts';
import { saidOnce } from './said-once.ts';

const reading = readJobFile(
  JSON.parse(readFileSync(new URL('../../../demo/hill-observatory.etappe.json', import.meta.url), 'utf8')),
);
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { survey } = reading;
const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 2 });
const order = crewOrder(made, survey);
const entries = order.people.flatMap((p) => p.entries);

describe('the crew order of the demo job', () => {
  it('gives each person their work in the order of time, from setting out to clearing up', () => {
    for (const { entries: own } of order.people) {
      expect(own.map((e) => e.start)).toEqual(own.map((e) => e.start).sort());
      expect(own[0]?.task).toBe('set-out');
      expect(own.at(-1)?.task).toBe('clear-up');
    }
  });

  it('says at every application which mix, when the rinse is due, at the latest, and by whom', () => {
    const applies = entries.filter((e) => e.task === 'apply');
    expect(applies.length).toBeGreaterThan(5);
    for (const e of applies) {
      expect(e.mix).toMatch(/^Mix [A-Z]$/);
      expect(e.rinse?.from.localeCompare(e.rinse.latest)).toBeLessThanOrEqual(0);
      expect(order.people.map((p) => p.name)).toContain(e.rinse?.by);
    }
  });

  it('says how something is done once to each person and points there after', () => {
    const said = entries.find((e) => e.how.length > 2);
    if (!said) throw new Error('no entry says how');
    const [first, again, elsewhere] = saidOnce([
      { entry: said, toldAt: '08:55' },
      { entry: { ...said, start: '23:00' }, toldAt: '22:55' },
      { entry: { ...said, start: '23:30', place: 'Elsewhere' }, toldAt: '23:30' },
    ]);
    expect(first).toBe(said);
    expect(again).toMatchObject({ start: '23:00', sameAs: '08:55', how: [], checks: [], cautions: [] });
    expect(elsewhere).toMatchObject({ sameAs: null, how: said.how });
  });

  it('has every force limit beside the jet that keeps to it', () => {
    const forces = entries.flatMap((e) => e.force ?? []);
    expect(forces.length).toBeGreaterThan(3);
    for (const { limitKilopascal, kilopascals } of forces) {
      expect(kilopascals.length).toBeGreaterThan(0);
      for (const force of kilopascals) expect(force).toBeLessThanOrEqual(limitKilopascal);
    }
    // Drawn where it is told how, and not where an entry points back.
    expect(entries.filter((e) => e.sameAs !== null && e.force)).toEqual([]);
    expect(entries.filter((e) => e.task === 'mix' && e.force)).toEqual([]);
    const rinses = entries.filter((e) => e.task === 'finish' && e.sameAs === null);
    expect(rinses.every((e) => e.force !== null)).toBe(true);
  });

  it('loads whole containers and machines, and wears what the agents ask for', () => {
    expect(order.products.every((p) => p.containers.length > 0)).toBe(true);
    expect(order.machines).toContain('Surface cleaner');
    expect(order.protection).toEqual(expect.arrayContaining(['goggles', 'chemical gloves', 'face shield']));
  });

  it('always carries the safety floor, protections, what to expect and what is open', () => {
    expect(order.safetyFloor.join(' ')).toMatch(/label.*data sheet/i);
    expect(order.before.join(' ')).toContain('Newt pond');
    expect(order.after.join(' ')).toContain('Rose bed');
    expect(order.expectations.length).toBeGreaterThan(5);
    expect(order.questions.length).toBe(made.questions.length);
  });

  it('marks a mix that gives off gas', () => {
    const open = new Set(order.mixes.filter((m) => m.openOnly).map((m) => m.agent));
    expect(
      [...open].every((name) =>
        CATALOGUE.agents.some((a) => a.name === name && ['peroxide', 'hypochlorite'].includes(a.class)),
      ),
    ).toBe(true);
    expect(open).toContain('Sodium hypochlorite');
  });

  it('keeps the catalogue entries that it rests on', () => {
    const kept = catalogueEntriesOf(made, survey);
    expect(kept['agents']?.length).toBeGreaterThan(5);
    expect(kept['materials']?.length).toBe(new Set(survey.surfaces.map((s) => s.material)).size);
  });

  it('is refused for a plan without a visit', () => {
    expect(() => crewOrder({ ...made, visit: null }, survey)).toThrow(
      'a plan without a visit cannot be ordered',
    );
  });
});

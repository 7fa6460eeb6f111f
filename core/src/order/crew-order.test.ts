import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import { catalogueEntriesOf, crewOrder } from './crew-order.ts';

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

  it('names each tool where it is used, and tells once how it is handled', () => {
    const tools = order.tools ?? [];
    expect(new Set(tools.map(({ name }) => name)).size).toBe(tools.length);
    const how = entries.flatMap((e) => e.how);
    for (const { name, handling } of tools) {
      expect(how.some((line) => line.includes(name.toLowerCase()) || line.includes(name))).toBe(true);
      expect(how.some((line) => line.includes(handling))).toBe(false);
    }
    expect(entries.filter((e) => e.sameAs != null)).toEqual([]);
  });

  it('has every force limit beside the jet that keeps to it', () => {
    const forces = entries.flatMap((e) => e.force ?? []);
    expect(forces.length).toBeGreaterThan(3);
    for (const { limitKilopascal, kilopascals } of forces) {
      expect(kilopascals.length).toBeGreaterThan(0);
      for (const force of kilopascals) expect(force).toBeLessThanOrEqual(limitKilopascal);
    }
    expect(entries.filter((e) => e.task === 'mix' && e.force)).toEqual([]);
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

import { describe, expect, it } from '@jest/globals';
import { told } from '../messages/message.ts';
import { onlyWhatDiffers } from './only-what-differs.ts';
import type { OrderEntry } from './order-entry.ts';

const goggles = told('order/wear', { what: 'goggles' });
const helmet = told('order/wear', { what: 'goggles, helmet' });
const card = told('order/mix/how');
const dwell = told('order/dwell', { from: 8, to: 15, aim: 10, look: 4, useful: 'no' });

const entry = (lines: readonly ReturnType<typeof told>[], more: Partial<OrderEntry> = {}): OrderEntry => ({
  operation: 'x',
  start: '08:00',
  finish: '08:10',
  task: 'apply',
  title: 'Apply',
  place: 'Wall',
  section: null,
  area: null,
  mix: 'Mix A',
  how: lines.map(({ text }) => text),
  said: { title: { id: 'order/leave-on', params: {} }, how: lines.map(({ id, params }) => ({ id, params })) },
  rinse: null,
  checks: [],
  stopWhen: null,
  ifNotEnough: null,
  cautions: [],
  ...more,
});
const hows = (entries: readonly OrderEntry[]) => onlyWhatDiffers(entries).map(({ how }) => how);

describe('what one person is told', () => {
  it('says what to put on beside what they have on, and all of it where nothing is the same', () => {
    const gloves = told('order/wear', { what: 'gloves' });
    expect(
      hows([entry([goggles]), entry([goggles]), entry([helmet]), entry([goggles]), entry([gloves])]),
    ).toEqual([['Wear: goggles.'], [], ['Also wear: helmet.'], [], ['Wear: gloves.']]);
  });

  it('says all of it again after lunch', () => {
    const lunch = entry([], { task: 'lunch' });
    expect(hows([entry([goggles]), lunch, entry([helmet])]).at(-1)).toEqual(['Wear: goggles, helmet.']);
  });

  it('says how long something dwells every time, and where the card is once', () => {
    expect(hows([entry([card, dwell]), entry([card, dwell])])).toEqual([
      [card.text, dwell.text],
      [dwell.text],
    ]);
  });

  it('asks for what is looked at once, for what is read off every time', () => {
    const checks = { checks: ['Green is gone.', 'Strip reads 0.'], readings: ['Strip reads 0.'] };
    const [first, again] = onlyWhatDiffers([entry([], checks), entry([], checks)]);
    expect(first?.checks).toEqual(checks.checks);
    expect(again?.checks).toEqual(checks.readings);
  });

  it('says when to stop and what if it is not enough once for each mix', () => {
    const rules = { stopWhen: 'It is gone.', ifNotEnough: 'Again.', cautions: ['Never together.'] };
    const entries = [entry([], rules), entry([], rules), entry([], { ...rules, mix: 'Mix B' })];
    expect(onlyWhatDiffers(entries).map((e) => [e.stopWhen, e.ifNotEnough, e.cautions.length])).toEqual([
      ['It is gone.', 'Again.', 1],
      [null, null, 0],
      ['It is gone.', 'Again.', 0],
    ]);
  });

  it('draws the force of a jet once where it comes near what the face allows', () => {
    const force = (kilopascal: number) => ({ force: { limitKilopascal: 10, kilopascals: [1, kilopascal] } });
    const entries = [2, 7, 7].map((kilopascal) => entry([], force(kilopascal)));
    expect(onlyWhatDiffers(entries).map((e) => e.force !== null)).toEqual([false, true, false]);
  });

  it('keeps the lines and their ids side by side', () => {
    for (const { how, said } of onlyWhatDiffers([
      entry([goggles, card, dwell]),
      entry([goggles, card, dwell]),
    ]))
      expect(said?.how).toHaveLength(how.length);
  });
});

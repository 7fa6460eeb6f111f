import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { clear, createStore } from 'idb-keyval';
import { ServerProblem } from '../server-connection.ts';
import { PendingPhotos } from './pending-photos.ts';

const picture = (text: string) => new Blob([text], { type: 'image/jpeg' });
const lost = new ServerProblem(0, 'Cannot reach the server.');
let answers: (Error | null)[];
let sent: number;
let opened: PendingPhotos[];

/** A page with its own view on what the device keeps. */
function page(): PendingPhotos {
  const photos = new PendingPhotos(async () => {
    await Promise.resolve();
    sent += 1;
    const answer = answers.shift();
    if (answer) throw answer;
  });
  opened.push(photos);
  return photos;
}
const states = (photos: PendingPhotos) => [...photos.read().values()].map((p) => p.state);
async function settled(photos: PendingPhotos, expected: readonly string[]): Promise<void> {
  for (let i = 0; i < 60 && states(photos).join() !== expected.join(); i += 1)
    await new Promise((resolve) => setTimeout(resolve, 10));
  expect(states(photos)).toEqual(expected);
}

/** Waits until so many were sent, and what came of the last is known. */
async function tried(times: number): Promise<void> {
  for (let i = 0; i < 60 && sent < times; i += 1) await new Promise((resolve) => setTimeout(resolve, 10));
  await new Promise((resolve) => setTimeout(resolve, 10));
  expect(sent).toBe(times);
}

beforeEach(async () => {
  URL.createObjectURL = () => 'blob:shown';
  URL.revokeObjectURL = jest.fn();
  answers = [];
  sent = 0;
  opened = [];
  await clear(createStore('etappe-photos', 'photos'));
});
afterEach(() => {
  for (const photos of opened) photos.stop();
});

describe('a picture on its way', () => {
  it('is dropped from the device once the server has it', async () => {
    const photos = page();
    await photos.add('a', picture('a'));
    await settled(photos, []);
    expect(sent).toBe(1);
    const next = page();
    await next.open();
    expect(states(next)).toEqual([]);
  });

  it('waits while the server is away, and goes when it is tried again', async () => {
    answers = [lost, null];
    const photos = page();
    await photos.add('a', picture('a'));
    await tried(1);
    expect(states(photos)).toEqual(['waiting']);
    expect(photos.read().get('a')?.url).toBe('blob:shown');
    photos.flush();
    await settled(photos, []);
    expect(sent).toBe(2);
  });

  it('whose answer is cut off waits and is sent again', async () => {
    answers = [new SyntaxError('Unexpected end of JSON input'), null];
    const photos = page();
    await photos.add('a', picture('a'));
    await tried(1);
    expect(states(photos)).toEqual(['waiting']);
    photos.flush();
    await settled(photos, []);
    expect(sent).toBe(2);
  });

  it('outlives the page: the next one sends it', async () => {
    answers = [lost];
    const photos = page();
    await photos.add('a', picture('a'));
    await tried(1);
    photos.stop();
    const next = page();
    await next.open();
    await settled(next, []);
    expect(sent).toBe(2);
  });

  it('that is refused stays with the reason, does not hold up the others, and can be tried again', async () => {
    answers = [new ServerProblem(507, 'The server has no room'), null, null];
    const photos = page();
    await photos.add('a', picture('a'));
    await settled(photos, ['refused']);
    expect(photos.read().get('a')?.refusal).toBe('The server has no room');
    await photos.add('b', picture('b'));
    await settled(photos, ['refused']);
    expect(photos.read().has('b')).toBe(false);
    photos.flush(true);
    await settled(photos, []);
  });

  it('tells who looks', async () => {
    const photos = page();
    let told = 0;
    const quiet = photos.subscribe(() => {
      told += 1;
    });
    await photos.add('a', picture('a'));
    await settled(photos, []);
    expect(told).toBeGreaterThanOrEqual(2);
    quiet();
    const before = told;
    await photos.add('b', picture('b'));
    expect(told).toBe(before);
  });
});

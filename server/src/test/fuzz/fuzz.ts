import { seededRandom } from '@etappe/core';
import type { Express, Router } from 'express';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { spoilt } from './fuzzed-body.ts';
import { Draw } from './hostile-values.ts';
import { FORM_FIELDS, SOUND_BODIES } from './sound-bodies.ts';
import type { Known } from './sound-bodies.ts';

/** Answers that are errors are short, and come soon. */
const LARGEST_ERROR_BYTES = 64 * 1024;
const LONGEST_MILLISECONDS = 2000;

export interface Fuzzed {
  /** How many answers had which status. */
  readonly statuses: Readonly<Record<string, number>>;
  /** What must not be, however busy the machine: errors of the server, long answers. */
  readonly faults: readonly string[];
  readonly slow: readonly string[];
  readonly slowestMilliseconds: number;
}

/** Every address of a router, as "GET /api/v1/jobs/:job". */
export function addressesOf({ stack }: Router): readonly string[] {
  return stack
    .flatMap(({ route }) =>
      route ? route.stack.map(({ method }) => `${method.toUpperCase()} ${route.path}`) : [],
    )
    .filter((address, i, all) => all.indexOf(address) === i);
}

/**
 * Sends requests to every address of a server: sound, nearly sound and hostile, the same ones for the same seed.
 * @param addresses what there is to be asked
 */
export async function fuzz(
  app: Express | string,
  addresses: readonly string[],
  known: Known,
  { count, seed }: { readonly count: number; readonly seed: number },
): Promise<Fuzzed> {
  const draw = new Draw(seededRandom(seed));
  const statuses: Record<string, number> = {};
  const faults: string[] = [];
  const slow: string[] = [];
  let slowest = 0;
  for (let i = 0; i < count; i += 1) {
    const address = draw.one(addresses);
    const asked = requestTo(app, address, known, draw);
    const began = performance.now();
    const answer = await asked.ok(() => true).catch((error: unknown) => String(error));
    const took = performance.now() - began;
    slowest = Math.max(slowest, took);
    const name = `seed ${seed}, request ${i}, ${address}`;
    if (typeof answer === 'string') {
      // A line that the server cuts is told by the client, not by a status.
      statuses['cut'] = (statuses['cut'] ?? 0) + 1;
      if (!/ECONNRESET|EPIPE|socket hang up/.test(answer)) faults.push(`${name}: ${answer}`);
      continue;
    }
    statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
    // A file has none.
    const text = (answer.text as string | undefined) ?? '';
    if (answer.status >= 500) faults.push(`${name}: ${answer.status} ${text.slice(0, 200)}`);
    const bytes = Buffer.byteLength(text);
    if (answer.status >= 400 && bytes > LARGEST_ERROR_BYTES) faults.push(`${name}: ${bytes} bytes`);
    if (took > LONGEST_MILLISECONDS) slow.push(`${name}: ${took.toFixed(0)} ms`);
  }
  return { statuses, faults, slow, slowestMilliseconds: slowest };
}

function requestTo(app: Express | string, address: string, known: Known, draw: Draw): request.Test {
  const [method = 'GET', path = '/'] = address.split(' ');
  // What is there stays there, for the others to come to.
  const named = method === 'DELETE' ? { ...known, job: uuidv7(), template: uuidv7() } : known;
  const url = `${filled(path, named, draw)}${query(draw)}`;
  const verb = method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  const asked = request(app)[verb](url);
  if (draw.often(0.1))
    void asked.set('Etappe-Person', encodeURIComponent(draw.one(['Ada', '\u0000', '💧', 'x'.repeat(300)])));
  if (draw.often(0.02)) void asked.set('Etappe-Person', '%E0%A4%A');
  const field = FORM_FIELDS[address];
  if (field !== undefined) return withForm(asked, field, draw);
  const sound = SOUND_BODIES[address];
  return sound ? withBody(asked, sound(known, draw), draw) : asked;
}

/** The address with its parts: mostly of what there is, sometimes of what there is not, sometimes of nothing that can be. */
function filled(path: string, known: Known, draw: Draw): string {
  const there: Readonly<Record<string, string>> = {
    job: known.job,
    entity: known.surface,
    template: known.template,
    customer: known.customer,
    number: '1',
    photo: 'ab'.repeat(32),
    size: 'thumb',
    format: draw.one(['A4', 'LETTER']),
    sheet: 'ab'.repeat(32),
    use: uuidv7(),
  };
  return path.replace(/:(\w+)/g, (_, name: string) => {
    if (draw.often(0.6)) return there[name] ?? 'x';
    if (draw.often(0.4)) return name === 'number' ? String(draw.below(2 ** 40)) : uuidv7();
    return draw.often(0.1) ? '%' : encodeSafely(draw.hostileText()) || 'x';
  });
}

function query(draw: Draw): string {
  if (draw.often(0.6)) return '';
  const name = draw.one(['find', 'sort', 'from', 'size', 'after', 'job', '__proto__', 'find[a][b]']);
  const value = draw.often(0.4)
    ? String(draw.one([0, 1, 25, -1, 1e9, 2 ** 53, 1e21, 'name']))
    : encodeSafely(draw.hostileText());
  return `?${name}=${value}${draw.often(0.2) ? `&${name}=2` : ''}`;
}

/** Percent signs of a text in UTF-8; half a character has none. */
function encodeSafely(text: string): string {
  try {
    return encodeURIComponent(text);
  } catch {
    return '%ED%A0%80';
  }
}

const TYPES = [
  'text/plain',
  'application/json; charset=utf-16',
  'application/json; charset=klingon',
  'multipart/form-data',
  '',
  'application/jsonp',
];
const RAW = [
  '',
  '{',
  'null',
  '[]',
  '"x"',
  '{"a":1e999}',
  '{"id":"\\u0000"}',
  '\u0000',
  '['.repeat(20_000),
  `{"changes":[${'1,'.repeat(5000)}1]}`,
  '{"__proto__":1}',
  '{"a":1,"a":2}',
];

function withBody(asked: request.Test, sound: unknown, draw: Draw): request.Test {
  if (draw.often(0.06)) return asked;
  if (draw.often(0.06)) return asked.set('Content-Type', draw.one(TYPES)).send(JSON.stringify(sound));
  if (draw.often(0.08)) return asked.set('Content-Type', 'application/json').send(draw.one(RAW));
  const body = draw.often(0.15) ? sound : draw.often(0.1) ? draw.hostile() : spoilt(sound, draw);
  return asked.set('Content-Type', 'application/json').send(JSON.stringify(body));
}

function withForm(asked: request.Test, field: string, draw: Draw): request.Test {
  if (draw.often(0.1)) return asked.set('Content-Type', 'multipart/form-data').send('no boundary');
  const bytes = draw.one([
    Buffer.from(''),
    Buffer.from('%PDF-1.7 %%EOF'),
    Buffer.from('%PDF-1.7'),
    Buffer.from([0xff, 0xd8, 0xff, 0xe0]),
    Buffer.from('GIF89a'),
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
    Buffer.alloc(4000, 7),
  ]);
  const name = draw.often(0.8) ? field : draw.one(['', 'file', '__proto__', 'x'.repeat(2000)]);
  return asked.attach(name || 'x', bytes, draw.one(['a.jpg', '../../a.jpg', 'x'.repeat(3000), 'a.pdf']));
}

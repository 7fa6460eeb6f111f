import { fork } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { readJobFile } from '@etappe/core';
import { randomProperty } from '../core/src/test/random-property.ts';
import { dayFaults } from './soak/day-faults.ts';
import type { SoakedDay } from './soak/day-faults.ts';

/**
 * `npm run soak -- N [--from SEED]`: plans N random properties, judges and checks the first schedule of each, and shrinks what
 * is not sound to the smallest property that still is not. Runs on all cores; called again with the same figures it goes on
 * where it was stopped.
 */
const CHUNK = 100;
const DATA = fileURLToPath(new URL('../.data/', import.meta.url));

interface Progress {
  readonly done: number[];
  readonly counts: Record<string, number>;
  readonly failures: { readonly seed: number; readonly why: string }[];
}

function soakChunk(from: number): { counts: Record<string, number>; failures: Progress['failures'] } {
  const counts: Record<string, number> = {};
  const failures: Progress['failures'] = [];
  for (let seed = from; seed < from + CHUNK; seed += 1) {
    const day = dayOf(randomProperty(seed));
    counts[day.kind] = (counts[day.kind] ?? 0) + 1;
    for (const what of day.interesting) counts[what] = (counts[what] ?? 0) + 1;
    if (day.fault !== null) failures.push({ seed, why: day.fault });
  }
  return { counts, failures };
}

function dayOf(file: Record<string, unknown>): SoakedDay {
  const reading = readJobFile(file);
  if (!reading.ok) return { kind: 'unreadable', fault: JSON.stringify(reading.faults[0]), interesting: [] };
  return dayFaults(reading.survey);
}

interface Surface {
  readonly id: string;
  readonly findings: readonly unknown[];
}

/** The smallest property with a fault of the same kind: surfaces go one by one, then findings. */
function shrunk(file: Record<string, unknown>): Record<string, unknown> {
  const kind = dayOf(file).kind;
  const still = (surfaces: readonly Surface[]) => {
    const day = dayOf({ ...file, surfaces });
    return day.fault !== null && day.kind === kind;
  };
  let surfaces = file['surfaces'] as readonly Surface[];
  for (let i = surfaces.length - 1; i >= 0; i -= 1) {
    const fewer = surfaces.filter((_, n) => n !== i);
    if (still(fewer)) surfaces = fewer;
  }
  surfaces.forEach((surface, n) => {
    for (const finding of surface.findings) {
      const findings = (surfaces[n]?.findings ?? []).filter((f) => f !== finding);
      const fewer = surfaces.map((s, i) => (i === n ? { ...s, findings } : s));
      if (still(fewer)) surfaces = fewer;
    }
  });
  return { ...file, surfaces };
}

async function main(count: number, from: number): Promise<void> {
  mkdirSync(DATA, { recursive: true });
  const path = `${DATA}soak-${from}-${count}.json`;
  const progress: Progress = existsSync(path)
    ? (JSON.parse(readFileSync(path, 'utf8')) as Progress)
    : { done: [], counts: {}, failures: [] };
  const chunks = Array.from({ length: Math.ceil(count / CHUNK) }, (_, i) => from + i * CHUNK);
  const left = chunks.filter((chunk) => !progress.done.includes(chunk));
  if (left.length < chunks.length)
    process.stderr.write(`${chunks.length - left.length} of ${chunks.length} chunks are done already\n`);
  const worker = () =>
    new Promise<void>((resolve, reject) => {
      const child = fork(fileURLToPath(import.meta.url), ['--worker'], { execArgv: ['--import', 'tsx'] });
      const next = () => {
        const chunk = left.shift();
        if (chunk === undefined) child.disconnect();
        else child.send(chunk);
      };
      child.on('message', (message: ReturnType<typeof soakChunk> & { readonly chunk: number }) => {
        progress.done.push(message.chunk);
        progress.failures.push(...message.failures);
        for (const [what, n] of Object.entries(message.counts))
          progress.counts[what] = (progress.counts[what] ?? 0) + n;
        writeFileSync(path, JSON.stringify(progress));
        process.stderr.write(
          `${progress.done.length * CHUNK} properties, ${progress.failures.length} not sound\r`,
        );
        next();
      });
      child.once('error', reject);
      child.once('exit', () => {
        resolve();
      });
      next();
    });
  await Promise.all(Array.from({ length: Math.min(availableParallelism(), left.length) }, worker));
  process.stdout.write(`\n${JSON.stringify(progress.counts, null, 2)}\n`);
  for (const { seed, why } of progress.failures.slice(0, 20)) process.stdout.write(`seed ${seed}: ${why}\n`);
  const [first] = progress.failures;
  if (first)
    process.stdout.write(
      `smallest of seed ${first.seed}:\n${JSON.stringify(shrunk(randomProperty(first.seed)), null, 1)}\n`,
    );
  process.exitCode = progress.failures.length > 0 ? 1 : 0;
}

if (process.argv[2] === '--worker') {
  process.on('message', (chunk: number) => {
    process.send?.({ chunk, ...soakChunk(chunk) });
  });
} else {
  const [count, ...more] = process.argv.slice(2);
  const from = more[0] === '--from' ? Number(more[1]) : 1;
  if (!(Number(count) > 0) || !Number.isInteger(from)) {
    process.stderr.write('How many properties? npm run soak -- 20000 [--from SEED]\n');
    process.exit(2);
  }
  await main(Number(count), from);
}

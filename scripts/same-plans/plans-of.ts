import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import type * as Core from '@etappe/core';

/**
 * Plans and orders of many job files by the core of one working tree, as lines of JSON without prose: `plans-of.ts TREE INPUTS
 * OUTPUT PROSE-KEYS`. Runs in a process of its own, so that each tree has its own core.
 */
const [tree = '', inputs = '', output = '', prose = ''] = process.argv.slice(2);
const { crewOrder, plan, readJobFile } = (await import(
  pathToFileURL(`${tree}/core/src/index.ts`).href
)) as typeof Core;
const PROSE = new Set(prose.split(','));
const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };

/** What speaks for or against a method: beside its points it is words. */
interface Factor {
  readonly id: string;
  readonly points: number;
}

/** The same letters for the same content: keys in order, maps and sets as lists, prose left out. */
function written(value: unknown): string {
  return JSON.stringify(value, (key, inner: unknown) => {
    if (PROSE.has(key)) return undefined;
    if (key === 'factors') return (inner as readonly Factor[]).map(({ id, points }) => ({ id, points }));
    // Why a cycle cannot be worked, and the heads of site notes, are words; that there is one is not.
    if (key === 'unworkable') return inner !== null;
    if (key === 'site' && Array.isArray(inner)) return inner.length;
    if (inner instanceof Map) return [...(inner as Map<unknown, unknown>)];
    if (inner instanceof Set) return [...(inner as Set<unknown>)];
    if (inner === null || typeof inner !== 'object' || Array.isArray(inner)) return inner;
    return Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)));
  });
}

function lineOf(file: unknown): string {
  const reading = readJobFile(file);
  if (!reading.ok) return written({ faults: reading.faults.map(({ path }) => path) });
  const made = plan(reading.survey, OPTIONS);
  return written({ plan: made, order: made.visit ? crewOrder(made, reading.survey) : null });
}

const files = JSON.parse(readFileSync(inputs, 'utf8')) as readonly unknown[];
const lines = files.map(lineOf);
writeFileSync(output, lines.join('\n'));
process.stdout.write(`${createHash('sha256').update(lines.join('\n')).digest('hex')}\n`);

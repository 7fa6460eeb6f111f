import { readFile } from 'node:fs/promises';
import { plan, planFileOf, readJobFile } from '@etappe/core';

/** `npm run plan -- job.etappe.json`: the plan of a job file on standard output; faults on standard error and exit 2. */
const PLAN_BUDGET = 8;

function fail(lines: readonly string[]): never {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exit(2);
}

const [path] = process.argv.slice(2);
if (path === undefined) fail(['Which job file? npm run plan -- demo/hill-observatory.etappe.json']);

const text = await readFile(path, 'utf8').catch((error: unknown) =>
  fail([`${path} cannot be read: ${(error as Error).message}`]),
);
let value: unknown;
try {
  value = JSON.parse(text);
} catch (error) {
  fail([`${path} is not JSON: ${(error as Error).message}`]);
}
const reading = readJobFile(value);
if (!reading.ok)
  fail([
    `${path} has ${reading.faults.length} fault(s), nothing was planned:`,
    ...reading.faults.map((f) => `  ${f.path}: ${f.message}`),
  ]);

const asOf = reading.survey.job.start ?? '1970-01-01';
const made = plan(reading.survey, { asOf, seed: 1, budget: PLAN_BUDGET });
process.stdout.write(`${JSON.stringify(planFileOf(made, reading.survey, reading.assumed, asOf), null, 2)}\n`);

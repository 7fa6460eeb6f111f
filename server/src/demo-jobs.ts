import { readFile, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { readJobFile } from '@etappe/core';
import { v7 as uuidv7 } from 'uuid';
import type { JobsStore } from './jobs/jobs-store.ts';

/** Gives a house the shipped job files once; deleting them does not bring them back. */
export async function giveDemoJobs(jobs: JobsStore, house: string, folder: string): Promise<void> {
  await jobs.onceForHouse(house, async () => {
    const files = (await readdir(folder))
      .filter((name) => name.endsWith('.etappe.json'))
      .sort()
      .reverse();
    for (const name of files) {
      const reading = readJobFile(JSON.parse(await readFile(join(folder, name), 'utf8')));
      if (!reading.ok)
        throw new Error(`${name}: ${reading.faults.map((f) => `${f.path}: ${f.message}`).join('; ')}`);
      await jobs.create({ house, actor: 'Demo' }, uuidv7(), uuidv7(), reading.survey);
    }
  });
}

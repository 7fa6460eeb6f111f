import { readFile, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { readJobFile } from '@etappe/core';
import { v7 as uuidv7 } from 'uuid';
import type { Stores } from './routes.ts';

/** Folder of the pictures that the shipped job files show. */
const PHOTOS = 'photos';

/** Gives a house the shipped job files once; deleting them does not bring them back. */
export async function giveDemoJobs(
  { jobs, photos }: Pick<Stores, 'jobs' | 'photos'>,
  house: string,
  folder: string,
): Promise<void> {
  const context = { house, actor: 'Demo' };
  await jobs.onceForHouse(house, async () => {
    const pictures = join(folder, PHOTOS);
    for (const name of await readdir(pictures)) await photos.keep(context, join(pictures, name));
    const files = (await readdir(folder))
      .filter((name) => name.endsWith('.etappe.json'))
      .sort()
      .reverse();
    for (const name of files) {
      const reading = readJobFile(JSON.parse(await readFile(join(folder, name), 'utf8')));
      if (!reading.ok)
        throw new Error(`${name}: ${reading.faults.map((f) => `${f.path}: ${f.message}`).join('; ')}`);
      await jobs.create(context, uuidv7(), uuidv7(), reading.survey);
    }
  });
}

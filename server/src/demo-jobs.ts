import { existsSync } from 'node:fs';
import { readFile, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { HANDBOOK_PARTS, readJobFile } from '@etappe/core';
import type { HandbookChange, HandbookPart, CompanyHandbook } from '@etappe/core';
import { v7 as uuidv7 } from 'uuid';
import type { Stores } from './routes.ts';

/** Folder of the pictures that the shipped job files show. */
const PHOTOS = 'photos';

/** What the demo's company has made of the catalogue, and the data sheets of its products. */
const HANDBOOK = 'handbook.json';
const SHEETS = 'data-sheets';

/** Gives a company the shipped job files and their handbook once; deleting them does not bring them back. */
export async function giveDemoJobs(
  { jobs, photos, handbook, dataSheets }: Pick<Stores, 'jobs' | 'photos' | 'handbook' | 'dataSheets'>,
  house: string,
  folder: string,
): Promise<void> {
  const context = { house, actor: 'Demo' };
  await jobs.onceForHouse(house, async () => {
    if (existsSync(join(folder, HANDBOOK))) {
      const sheets = join(folder, SHEETS);
      for (const name of await readdir(sheets)) await dataSheets.keep(context, join(sheets, name));
      const given = JSON.parse(await readFile(join(folder, HANDBOOK), 'utf8')) as CompanyHandbook;
      await handbook.change(context, changesOf(given));
    }
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

/** A handbook as the changes that write it. */
function changesOf(given: CompanyHandbook): readonly HandbookChange[] {
  return (Object.keys(HANDBOOK_PARTS) as HandbookPart[]).flatMap((part) =>
    (given[HANDBOOK_PARTS[part].list] ?? []).map(({ id, ...detail }) => ({
      id: uuidv7(),
      part,
      entry: id,
      op: 'put' as const,
      base: 0,
      detail: { ...detail },
    })),
  );
}

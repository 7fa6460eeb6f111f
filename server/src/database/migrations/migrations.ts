import type { Knex } from 'knex';
import * as foundation from './2026-11-25-foundation.ts';
import * as record from './2026-11-25b-record.ts';
import * as photos from './2026-11-25c-photos.ts';
import * as handbook from './2026-11-25d-handbook.ts';
import * as visits from './2026-11-27-visits.ts';
import * as supply from './2026-11-28-supply.ts';
import * as laid from './2026-11-28b-laid.ts';
import * as electrics from './2026-11-29-electrics.ts';
import * as guarantee from './2026-11-30-guarantee.ts';
import * as orderPdfs from './2026-12-02-order-pdfs.ts';
import * as orderWordings from './2026-12-02b-order-wordings.ts';

/** Every migration in order. A landed one is never edited. */
const ALL: readonly { readonly name: string; readonly migration: Knex.Migration }[] = [
  { name: '2026-11-25-foundation', migration: foundation },
  { name: '2026-11-25b-record', migration: record },
  { name: '2026-11-25c-photos', migration: photos },
  { name: '2026-11-25d-handbook', migration: handbook },
  { name: '2026-11-27-visits', migration: visits },
  { name: '2026-11-28-supply', migration: supply },
  { name: '2026-11-28b-laid', migration: laid },
  { name: '2026-11-29-electrics', migration: electrics },
  { name: '2026-11-30-guarantee', migration: guarantee },
  { name: '2026-12-02-order-pdfs', migration: orderPdfs },
  { name: '2026-12-02b-order-wordings', migration: orderWordings },
];

export const migrations: Knex.MigrationSource<(typeof ALL)[number]> = {
  getMigrations: () => Promise.resolve([...ALL]),
  getMigrationName: (entry) => entry.name,
  getMigration: (entry) => Promise.resolve(entry.migration),
};

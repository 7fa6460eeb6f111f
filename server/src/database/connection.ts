import knex from 'knex';
import type { Knex } from 'knex';
import { migrations } from './migrations/migrations.ts';

const silent = () => undefined;

/** A pool on a PostgreSQL database; reconnects by itself after the server was away. */
export function connect(databaseUrl: string): Knex {
  return knex({
    client: 'pg',
    connection: databaseUrl,
    acquireConnectionTimeout: 3000,
    pool: { min: 0, max: 10 },
    // What goes wrong reaches the log with the request that met it; knex would write it to the console besides.
    log: { warn: silent, error: silent, deprecate: silent, debug: silent },
  });
}

/** Brings a database to the newest form, with its data. Any number of processes may call it at once. */
export async function migrate(database: Knex): Promise<void> {
  await database.migrate.latest({ migrationSource: migrations });
}

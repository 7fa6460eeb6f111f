import knex from 'knex';
import type { Knex } from 'knex';
import { WatchedDialect } from './watched-dialect.ts';
import { migrations } from './migrations/migrations.ts';

const LONGEST_WAIT_MILLISECONDS = 15_000;
const MOST_CONNECTIONS = 10;

const silent = () => undefined;

/**
 * A pool on a PostgreSQL database; reconnects by itself after the server was away.
 * @param most connections at once
 */
export function connect(databaseUrl: string, most = MOST_CONNECTIONS): Knex {
  return knex({
    client: WatchedDialect,
    connection: databaseUrl,
    // On a busy machine one waits; how many may wait is bounded where requests come in.
    acquireConnectionTimeout: LONGEST_WAIT_MILLISECONDS,
    pool: { min: 0, max: most },
    // What goes wrong reaches the log with the request that met it; knex would write it to the console besides.
    log: { warn: silent, error: silent, deprecate: silent, debug: silent },
  });
}

/** Brings a database to the newest form, with its data. Any number of processes may call it at once. */
export async function migrate(database: Knex): Promise<void> {
  await database.migrate.latest({ migrationSource: migrations });
}

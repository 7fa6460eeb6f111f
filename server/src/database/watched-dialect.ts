import PostgresClient from 'knex/lib/dialects/postgres/index.js';
import pg from 'pg';

/** The database cannot be reached, or was lost while it was asked; whatever was asked may be asked again. */
export class DatabaseAway extends Error {
  constructor(cause: unknown) {
    super('the database does not answer', { cause });
  }
}

/** All connections are in use, and stayed so for as long as one waits. */
export class DatabaseBusy extends Error {
  constructor(cause: unknown) {
    super('no connection to the database got free', { cause });
  }
}

/**
 * Classes and codes of PostgreSQL by which the server says that it goes away or has no room: lost connection, operator
 * intervention, insufficient resources, system error; and that two transactions stood in each other's way.
 */
const PASSING_CODES = /^(08...|57...|53...|58...|40001|40P01|55P03)$/;

/** Tells by what failed, not by its words, whether the database was there: an answer of it is a DatabaseError with a code. */
function named(error: unknown): unknown {
  if (error instanceof DatabaseAway) return error;
  const answered = error instanceof pg.DatabaseError;
  return answered && !PASSING_CODES.test(error.code ?? '') ? error : new DatabaseAway(error);
}

/** The dialect that knex ships, with every loss of the connection named as such. */
export class WatchedDialect extends PostgresClient {
  override async acquireConnection(): Promise<unknown> {
    try {
      return await super.acquireConnection();
    } catch (error) {
      throw (error as Error).name === 'KnexTimeoutError' ? new DatabaseBusy(error) : new DatabaseAway(error);
    }
  }

  override async _query(connection: unknown, query: unknown): Promise<unknown> {
    try {
      return await super._query(connection, query);
    } catch (error) {
      throw named(error);
    }
  }
}

/** The dialect of PostgreSQL that knex ships, as far as it is built upon here. */
declare module 'knex/lib/dialects/postgres/index.js' {
  import type { Knex } from 'knex';
  export default class PostgresClient extends Knex.Client {
    acquireConnection(): Promise<unknown>;
    _query(connection: unknown, query: unknown): Promise<unknown>;
  }
}

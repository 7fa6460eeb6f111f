import type { Knex } from 'knex';

/** What a house makes of the catalogue, with the log of it and the data sheets of its products. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    ALTER TABLE houses ADD COLUMN handbook_revision integer NOT NULL DEFAULT 0;

    CREATE TABLE handbook_entries (
      house_id uuid NOT NULL REFERENCES houses,
      part text NOT NULL,
      id text NOT NULL,
      revision integer NOT NULL,
      detail jsonb NOT NULL,
      PRIMARY KEY (house_id, part, id)
    );

    CREATE TABLE handbook_changes (
      id uuid PRIMARY KEY,
      sequence bigint GENERATED ALWAYS AS IDENTITY,
      house_id uuid NOT NULL REFERENCES houses,
      actor text NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now(),
      part text NOT NULL,
      entry_id text NOT NULL,
      op text NOT NULL,
      before jsonb,
      after jsonb
    );
    CREATE INDEX ON handbook_changes (house_id, sequence DESC);

    CREATE TABLE data_sheets (
      house_id uuid NOT NULL REFERENCES houses,
      sha256 text NOT NULL CHECK (sha256 ~ '^[0-9a-f]{64}$'),
      media_type text NOT NULL,
      bytes bytea NOT NULL,
      received_at timestamptz NOT NULL DEFAULT now(),
      received_by text NOT NULL,
      PRIMARY KEY (house_id, sha256)
    );
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    DROP TABLE data_sheets, handbook_changes, handbook_entries;
    ALTER TABLE houses DROP COLUMN handbook_revision;
  `);
}

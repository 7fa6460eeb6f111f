import type { Knex } from 'knex';

/** What is known of the files of photos, which lie beside the database under their hash; how a size was measured. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    CREATE TABLE photos (
      house_id uuid NOT NULL REFERENCES houses,
      sha256 text NOT NULL CHECK (sha256 ~ '^[0-9a-f]{64}$'),
      bytes integer NOT NULL,
      width_pixels integer NOT NULL,
      height_pixels integer NOT NULL,
      taken_at text,
      received_at timestamptz NOT NULL DEFAULT now(),
      received_by text NOT NULL,
      PRIMARY KEY (house_id, sha256)
    );
    UPDATE entities SET detail = '{"sizeSource": ""}'::jsonb || detail WHERE kind = 'surface';
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    DROP TABLE photos;
    UPDATE entities SET detail = detail - 'sizeSource' WHERE kind = 'surface';
  `);
}

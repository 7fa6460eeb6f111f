import type { Knex } from 'knex';

/** The order as a file, made after it was issued and kept for good under its hash. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    CREATE TABLE order_pdfs (
      order_id uuid PRIMARY KEY REFERENCES orders (id) ON DELETE CASCADE,
      house_id uuid NOT NULL REFERENCES houses (id),
      asked_at timestamptz NOT NULL DEFAULT now(),
      made_at timestamptz,
      pdf bytea,
      sha256 text,
      failed_why text,
      CHECK ((pdf IS NULL) = (sha256 IS NULL) AND (pdf IS NULL) = (made_at IS NULL))
    )
  `);
  await knex.raw(
    `CREATE INDEX order_pdfs_to_make ON order_pdfs (asked_at) WHERE pdf IS NULL AND failed_why IS NULL`,
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('DROP TABLE order_pdfs');
}

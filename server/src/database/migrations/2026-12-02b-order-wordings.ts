import type { Knex } from 'knex';

/** An issued order as it reads in another language: kept for good like the order itself. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    CREATE TABLE order_wordings (
      order_id uuid NOT NULL REFERENCES orders (id),
      language text NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now(),
      document text NOT NULL,
      document_sha256 text NOT NULL,
      PRIMARY KEY (order_id, language)
    )
  `);
  await knex.raw(`
    CREATE TRIGGER order_wordings_stay BEFORE UPDATE OR DELETE ON order_wordings
      FOR EACH ROW EXECUTE FUNCTION refuse_change_of_issued()
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('DROP TABLE order_wordings');
}

import type { Knex } from 'knex';

/** The house that everything belongs to until accounts come. */
const FIRST_HOUSE = '01900000-0000-7000-8000-000000000001';

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    CREATE TABLE houses (
      id uuid PRIMARY KEY,
      name text NOT NULL,
      next_order_number integer NOT NULL DEFAULT 1,
      demo_given_at timestamptz
    );
    INSERT INTO houses (id, name) VALUES ('${FIRST_HOUSE}', 'My house');

    CREATE TABLE properties (
      id uuid PRIMARY KEY,
      house_id uuid NOT NULL REFERENCES houses,
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX ON properties (house_id);

    CREATE TABLE jobs (
      id uuid PRIMARY KEY,
      house_id uuid NOT NULL REFERENCES houses,
      property_id uuid NOT NULL REFERENCES properties,
      name text NOT NULL,
      customer text NOT NULL,
      revision integer NOT NULL,
      field_revisions jsonb NOT NULL,
      detail jsonb NOT NULL,
      created_at timestamptz NOT NULL DEFAULT now(),
      updated_at timestamptz NOT NULL DEFAULT now(),
      deleted_at timestamptz
    );
    CREATE INDEX ON jobs (house_id, updated_at DESC) WHERE deleted_at IS NULL;
    CREATE INDEX ON jobs (property_id);

    -- What a survey consists of: entities that last with the property (job_id null) or pass with a job.
    CREATE TABLE entities (
      property_id uuid NOT NULL REFERENCES properties,
      id text NOT NULL,
      house_id uuid NOT NULL REFERENCES houses,
      job_id uuid REFERENCES jobs,
      kind text NOT NULL,
      parent_id text,
      position double precision NOT NULL,
      revision integer NOT NULL,
      field_revisions jsonb NOT NULL,
      detail jsonb NOT NULL,
      PRIMARY KEY (property_id, id)
    );
    CREATE INDEX ON entities (job_id);

    -- The log of changes: audit trail, repeat guard, and later undo.
    CREATE TABLE changes (
      id uuid PRIMARY KEY,
      sequence bigint GENERATED ALWAYS AS IDENTITY,
      house_id uuid NOT NULL REFERENCES houses,
      job_id uuid NOT NULL REFERENCES jobs,
      actor text NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now(),
      kind text NOT NULL,
      entity_id text NOT NULL,
      op text NOT NULL,
      base integer NOT NULL,
      fields jsonb NOT NULL,
      before jsonb,
      revision integer
    );
    CREATE INDEX ON changes (job_id, sequence);

    CREATE TABLE orders (
      id uuid PRIMARY KEY,
      house_id uuid NOT NULL REFERENCES houses,
      job_id uuid NOT NULL REFERENCES jobs,
      number integer NOT NULL,
      issued_at timestamptz NOT NULL DEFAULT now(),
      issued_by text NOT NULL,
      engine text NOT NULL,
      catalogue_version text NOT NULL,
      inputs_hash text NOT NULL,
      inputs jsonb NOT NULL,
      catalogue jsonb NOT NULL,
      decided jsonb NOT NULL,
      document text NOT NULL,
      document_sha256 text NOT NULL,
      UNIQUE (house_id, number)
    );
    CREATE INDEX ON orders (job_id, number);

    CREATE FUNCTION refuse_change_of_issued() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      RAISE EXCEPTION 'an issued order cannot be changed or deleted';
    END $$;
    CREATE TRIGGER orders_stay BEFORE UPDATE OR DELETE ON orders
      FOR EACH ROW EXECUTE FUNCTION refuse_change_of_issued();
    CREATE TRIGGER orders_stay_all BEFORE TRUNCATE ON orders
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_change_of_issued();
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    DROP TABLE orders, changes, entities, jobs, properties, houses;
    DROP FUNCTION refuse_change_of_issued();
  `);
}

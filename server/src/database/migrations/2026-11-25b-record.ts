import type { Knex } from 'knex';

/** Fields that entities got with this migration, by kind, with the values that mean what was meant before. */
const NEW_FIELDS: Readonly<Record<string, object>> = {
  side: { routeMetres: null },
  surface: {
    unsureBetween: [],
    newSince: null,
    girth: '',
    reliefFactor: 1,
    thinMember: false,
    asset: null,
    below: [],
    behind: [],
    past: [],
    recurring: null,
    note: '',
  },
  feature: {
    state: 'unknown',
    owner: '',
    behind: '',
    weatherproof: 'unknown',
    movable: 'unknown',
    occupied: 'unknown',
    what: '',
    note: '',
  },
  'water-point': { buckets: [], pressureBar: null, permission: 'unknown', backflow: 'unknown', note: '' },
  finding: { zone: null, confidence: 1, note: '' },
};

/**
 * Customers and templates; what lasts of a property becomes its own record; the scope of a surface passes with the job;
 * the log of changes is read by property.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    CREATE TABLE customers (
      id uuid PRIMARY KEY DEFAULT gen_random_uuid(),
      house_id uuid NOT NULL REFERENCES houses,
      name text NOT NULL,
      contact jsonb NOT NULL DEFAULT '{}',
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE UNIQUE INDEX ON customers (house_id, lower(name));

    ALTER TABLE properties ADD COLUMN name text NOT NULL DEFAULT '', ADD COLUMN customer_id uuid REFERENCES customers;
    CREATE INDEX ON properties (customer_id);

    INSERT INTO customers (house_id, name)
      SELECT DISTINCT ON (house_id, lower(customer)) house_id, customer FROM jobs WHERE customer <> ''
      ORDER BY house_id, lower(customer), updated_at DESC;

    -- The last edited job of a property says what is known of it.
    CREATE TEMPORARY TABLE latest ON COMMIT DROP AS
      SELECT DISTINCT ON (property_id) * FROM jobs ORDER BY property_id, updated_at DESC;
    UPDATE properties p SET name = l.name,
      customer_id = (SELECT c.id FROM customers c WHERE c.house_id = p.house_id AND lower(c.name) = lower(l.customer))
      FROM latest l WHERE l.property_id = p.id;
    INSERT INTO entities (property_id, id, house_id, job_id, kind, position, revision, field_revisions, detail)
      SELECT property_id, 'property', house_id, NULL, 'property', 0, 1, '{}', jsonb_build_object(
        'name', name, 'customer', customer, 'address', '', 'place', detail->'place', 'access', '', 'vehicleStand', '',
        'power', '', 'hours', NULL, 'quietHours', '[]'::jsonb)
      FROM latest;

    -- What was left out is left out of each job on the property.
    INSERT INTO entities (property_id, id, house_id, job_id, kind, parent_id, position, revision, field_revisions, detail)
      SELECT e.property_id, gen_random_uuid()::text, e.house_id, j.id, 'scope', e.id, e.position, 1, '{}', jsonb_build_object(
        'surface', e.id, 'inScope', e.detail->'inScope', 'scopeReason', e.detail->'scopeReason', 'nothingFound', false)
      FROM entities e JOIN jobs j ON j.property_id = e.property_id
      WHERE e.kind = 'surface' AND e.detail->>'inScope' = 'false';
    UPDATE entities SET detail = detail - 'inScope' - 'scopeReason' WHERE kind = 'surface';
    UPDATE jobs SET detail = '{"event": "", "peoplePresent": ""}'::jsonb || (detail - 'place' - 'customer');
    ALTER TABLE jobs DROP COLUMN customer;

    ALTER TABLE changes ADD COLUMN property_id uuid REFERENCES properties, ADD COLUMN device_at timestamptz;
    UPDATE changes c SET property_id = j.property_id FROM jobs j WHERE j.id = c.job_id;
    ALTER TABLE changes ALTER COLUMN property_id SET NOT NULL;
    CREATE INDEX ON changes (property_id, sequence);
    CREATE INDEX ON changes (property_id, entity_id);

    CREATE TABLE templates (
      id uuid PRIMARY KEY,
      house_id uuid NOT NULL REFERENCES houses,
      name text NOT NULL,
      file jsonb NOT NULL,
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX ON templates (house_id, name);
  `);
  for (const [kind, fields] of Object.entries(NEW_FIELDS))
    await knex.raw('UPDATE entities SET detail = ?::jsonb || detail WHERE kind = ?', [
      JSON.stringify(fields),
      kind,
    ]);
}

/** Scopes and what only the new form knows are lost on the way back. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    ALTER TABLE jobs ADD COLUMN customer text NOT NULL DEFAULT '';
    UPDATE jobs j SET customer = e.detail->>'customer',
      detail = (j.detail - 'event' - 'peoplePresent')
        || jsonb_build_object('place', e.detail->'place', 'customer', e.detail->>'customer')
      FROM entities e WHERE e.property_id = j.property_id AND e.id = 'property';
    ALTER TABLE jobs ALTER COLUMN customer DROP DEFAULT;
    DELETE FROM entities WHERE kind IN ('property', 'scope', 'zone', 'long-asset', 'damage', 'precondition');
    UPDATE entities SET detail = '{"inScope": true, "scopeReason": ""}'::jsonb || detail WHERE kind = 'surface';
    ALTER TABLE changes DROP COLUMN property_id, DROP COLUMN device_at;
    DROP TABLE templates;
    ALTER TABLE properties DROP COLUMN name, DROP COLUMN customer_id;
    DROP TABLE customers;
  `);
  for (const [kind, fields] of Object.entries(NEW_FIELDS))
    for (const field of Object.keys(fields))
      await knex.raw('UPDATE entities SET detail = detail - ? WHERE kind = ?', [field, kind]);
}

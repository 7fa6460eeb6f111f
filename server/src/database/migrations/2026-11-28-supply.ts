import type { Knex } from 'knex';

const GEAR =
  '{"drumLitres": null, "injectorShare": 0.1, "triggerShare": 0.6, "tank": null, "hoses": [{"use": "pressure", "metres": 60, "innerMillimetres": 9.5}, {"use": "supply", "metres": 50, "innerMillimetres": 12.7}], "booster": null, "longestPoleMetres": null, "catchLitres": 200, "waterPrice": null, "vehicle": null}';

/** What you bring for water and mixes stands in the job; what the plans of issued orders take off the shelf is reserved. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE jobs SET detail = jsonb_set(detail, '{house,gear}', '${GEAR}'::jsonb)
      WHERE detail -> 'house' IS NOT NULL AND detail #> '{house,gear}' IS NULL;

    UPDATE jobs SET detail = '{"loaded": {}}'::jsonb || detail;

    CREATE TABLE lot_reservations (
      house_id uuid NOT NULL REFERENCES houses,
      lot text NOT NULL,
      job_id uuid NOT NULL REFERENCES jobs ON DELETE CASCADE,
      order_number integer NOT NULL,
      amount numeric(12, 3) NOT NULL CHECK (amount > 0),
      PRIMARY KEY (house_id, lot, job_id)
    );
    CREATE INDEX ON lot_reservations (job_id);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    DROP TABLE lot_reservations;
    UPDATE jobs SET detail = (detail - 'loaded') #- '{house,gear}';
  `);
}

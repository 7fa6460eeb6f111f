import type { Knex } from 'knex';

const LABEL =
  '{"nextCoatSquareMetresPerLitre": null, "mostSquareMetresPerLitre": null, "caughtMayBeReused": false}';

/** How a face is laid, how narrow the way to a side is, what brings people up, which tips a lance has, what was used of lots, and what labels say of coats and caught water. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE jobs SET detail = jsonb_set(detail, '{house,gear}', '{"tower": null, "lift": null}'::jsonb || (detail #> '{house,gear}'))
      WHERE detail #> '{house,gear}' IS NOT NULL;
    UPDATE jobs SET detail = jsonb_set(detail, '{house,machines}',
        (SELECT COALESCE(jsonb_agg('{"tipOrifice": null}'::jsonb || machine ORDER BY place), '[]'::jsonb)
          FROM jsonb_array_elements(detail #> '{house,machines}') WITH ORDINALITY AS listed (machine, place)))
      WHERE detail #> '{house,machines}' IS NOT NULL;

    UPDATE entities SET detail = '{"paving": null}'::jsonb || detail WHERE kind = 'surface';
    UPDATE entities SET detail = '{"gapMetres": null}'::jsonb || detail WHERE kind = 'side';

    UPDATE handbook_entries SET detail = jsonb_set(detail, '{label}', '${LABEL}'::jsonb || (detail -> 'label'))
      WHERE part = 'product' AND detail -> 'label' IS NOT NULL;

    CREATE TABLE lot_uses (
      id uuid PRIMARY KEY,
      house_id uuid NOT NULL REFERENCES houses,
      lot text NOT NULL,
      job_id uuid NOT NULL REFERENCES jobs,
      amount numeric(12, 3) NOT NULL CHECK (amount > 0),
      written_by text NOT NULL,
      written_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX ON lot_uses (job_id);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    DROP TABLE lot_uses;
    UPDATE jobs SET detail = detail #- '{house,gear,tower}' #- '{house,gear,lift}';
    UPDATE jobs SET detail = jsonb_set(detail, '{house,machines}',
        (SELECT COALESCE(jsonb_agg(machine - 'tipOrifice' ORDER BY place), '[]'::jsonb)
          FROM jsonb_array_elements(detail #> '{house,machines}') WITH ORDINALITY AS listed (machine, place)))
      WHERE detail #> '{house,machines}' IS NOT NULL;
    UPDATE entities SET detail = detail - 'paving' WHERE kind = 'surface';
    UPDATE entities SET detail = detail - 'gapMetres' WHERE kind = 'side';
    UPDATE handbook_entries
      SET detail = detail #- '{label,nextCoatSquareMetresPerLitre}' #- '{label,mostSquareMetresPerLitre}' #- '{label,caughtMayBeReused}'
      WHERE part = 'product';
  `);
}

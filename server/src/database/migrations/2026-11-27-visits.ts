import type { Knex } from 'knex';

/** A job says which visit is planned, a face which habits of the house do not hold on it. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE jobs SET detail = '{"visit": 1, "wordings": {}, "acknowledgement": null}'::jsonb || detail;
    UPDATE entities SET detail = '{"schools": {}}'::jsonb || detail WHERE kind = 'surface';
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE jobs SET detail = detail - 'visit' - 'wordings' - 'acknowledgement';
    UPDATE entities SET detail = detail - 'schools' WHERE kind = 'surface';
  `);
}

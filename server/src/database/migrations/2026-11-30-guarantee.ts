import type { Knex } from 'knex';

/** How long a company stands for its work, and on what terms. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE jobs SET detail = jsonb_set(detail, '{house}', '{"guarantee": null}'::jsonb || (detail -> 'house'))
      WHERE detail -> 'house' IS NOT NULL
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`UPDATE jobs SET detail = detail #- '{house,guarantee}'`);
}

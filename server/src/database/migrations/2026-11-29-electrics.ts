import type { Knex } from 'knex';

interface Job {
  readonly id: string;
  readonly property_id: string;
  readonly detail: { readonly answers?: Readonly<Record<string, string>> };
}
interface Feature {
  readonly id: string;
  readonly property_id: string;
  readonly kind: string;
  readonly detail: { readonly kind: string; readonly note?: string };
}

const QUESTION = 'electrics-weatherproof';
const ELECTRICAL = ['electrics', 'lamp', 'panel'];
const MOST_LETTERS = 500;

/**
 * Whether electrics are safe is answered by fields of the feature: what was said in words becomes a note of it, and the
 * question opens again. A panel of before is one of unknown kind. A step ladder comes along.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(
    `UPDATE entities SET detail = '{"isolated": "unknown"}'::jsonb || detail WHERE kind = 'feature'`,
  );
  await knex.raw(`
    UPDATE jobs SET detail = jsonb_set(detail, '{house,gear}', '{"ladderMetres": 2}'::jsonb || (detail #> '{house,gear}'))
      WHERE detail #> '{house,gear}' IS NOT NULL
  `);
  const jobs = await knex<Job>('jobs').select('id', 'property_id', 'detail');
  for (const { id, property_id, detail } of jobs) {
    const { answers = {} } = detail;
    const keys = Object.keys(answers).filter((key) => key === QUESTION || key.startsWith(`${QUESTION} `));
    if (keys.length === 0) continue;
    const features = await knex<Feature>('entities')
      .where({ property_id, kind: 'feature' })
      .select('id', 'detail');
    for (const feature of features) {
      if (!ELECTRICAL.includes(feature.detail.kind)) continue;
      const said = answers[`${QUESTION} ${feature.id}`.slice(0, 64)] ?? answers[QUESTION];
      if (said === undefined) continue;
      const before = feature.detail.note ? `${feature.detail.note} ` : '';
      const note = `${before}Answered in words: “${said}”`.slice(0, MOST_LETTERS);
      await knex('entities')
        .where({ property_id, id: feature.id })
        .update({ detail: knex.raw(`detail || jsonb_build_object('note', ?::text)`, [note]) });
    }
    await knex('jobs')
      .where({ id })
      .update({
        detail: knex.raw(`jsonb_set(detail, '{answers}', (detail -> 'answers') - ?::text[])`, [keys]),
      });
  }
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE entities SET detail = detail - 'isolated' WHERE kind = 'feature';
    UPDATE jobs SET detail = detail #- '{house,gear,ladderMetres}';
  `);
}

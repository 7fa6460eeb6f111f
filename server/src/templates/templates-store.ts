import { readJobFile } from '@etappe/core';
import type { Survey, Template } from '@etappe/core';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import { invalid, notFound } from '../problems/problem.ts';
import { TemplateRecord } from './template-record.ts';

/** Job files of the company that new jobs begin with: the sides and surfaces of a property as there are many. */
export interface TemplatesStore {
  list(context: Context): Promise<readonly Template[]>;
  save(context: Context, id: string, name: string, file: Readonly<Record<string, unknown>>): Promise<void>;
  /** The survey that a template holds. */
  survey(context: Context, id: string): Promise<Survey>;
  remove(context: Context, id: string): Promise<void>;
}

export function templatesStore(database: Knex): TemplatesStore {
  return {
    async list({ house }) {
      const rows = await database('templates')
        .where({ house_id: house })
        .orderBy('name')
        .select<{ id: string; name: string; surfaces: number }[]>(
          'id',
          'name',
          database.raw(`jsonb_array_length(file->'surfaces') AS surfaces`),
        );
      return rows;
    },
    async save({ house }, id, name, file) {
      await TemplateRecord.query(database)
        .insert({ id, house_id: house, name, file: { ...file } })
        .onConflict('id')
        .ignore();
    },
    async survey({ house }, id) {
      const row = await TemplateRecord.query(database).findById(id).where({ house_id: house });
      if (!row) throw notFound('template');
      const reading = readJobFile(row.file);
      if (!reading.ok) throw invalid(reading.faults);
      return reading.survey;
    },
    async remove({ house }, id) {
      const count = await TemplateRecord.query(database).where({ id, house_id: house }).delete();
      if (count === 0) throw notFound('template');
    },
  };
}

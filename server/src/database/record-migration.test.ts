import type { Knex } from 'knex';
import { describe, expect, it } from '@jest/globals';
import { DEFAULT_HOUSE, DEFAULT_WEATHER, surveyOf } from '@etappe/core';
import { v7 as uuidv7 } from 'uuid';
import { changesStore } from '../changes/changes-store.ts';
import { jobsStore } from '../jobs/jobs-store.ts';
import { freshDatabase } from '../test/fresh-app.ts';
import { connect, migrate } from './connection.ts';
import { migrations } from './migrations/migrations.ts';

const house = '01900000-0000-7000-8000-000000000001';
const place = { latitude: 47.1, longitude: 9.3, timeZone: 'Europe/Zurich' };
const oldSurface = {
  name: 'Wall',
  side: 'north',
  band: 'wall',
  material: 'concrete',
  finish: 'bare',
  conditions: [],
  size: '3x2',
  footMetres: 0,
  topMetres: 2,
  tiltDegrees: 90,
  drainsOnto: ['drain'],
  beside: [],
  inScope: false,
  scopeReason: 'water creeps in',
};

/** A database as the first version left it, with a job in it. */
async function oldDatabase() {
  const database = connect(await freshDatabase());
  await database.migrate.up({ migrationSource: migrations });
  const [property, job] = [uuidv7(), uuidv7()];
  const { gear: _, machines, ...before } = DEFAULT_HOUSE;
  const houseBefore = { ...before, machines: machines.map(({ tipOrifice: _tip, ...machine }) => machine) };
  await database('properties').insert({ id: property, house_id: house });
  await database('jobs').insert({
    id: job,
    house_id: house,
    property_id: property,
    name: 'Mill',
    customer: 'Miller & Co',
    revision: 3,
    field_revisions: { customer: 2 },
    detail: {
      name: 'Mill',
      customer: 'Miller & Co',
      place,
      units: 'metric',
      start: null,
      eventDate: null,
      weather: DEFAULT_WEATHER,
      house: houseBefore,
      answers: {},
    },
  });
  const entity = (id: string, kind: string, detail: object, jobId: string | null = null) =>
    database('entities').insert({
      property_id: property,
      id,
      house_id: house,
      job_id: jobId,
      kind,
      position: 1,
      revision: 2,
      field_revisions: {},
      detail,
    });
  await entity('north', 'side', { name: 'North', aspectDegrees: 0, shade: 'open' });
  await entity('wall', 'surface', oldSurface);
  await entity('drain', 'feature', { name: 'Drain', kind: 'drain', leadsTo: 'unknown' });
  await entity('tap', 'water-point', {
    name: 'Tap',
    kind: 'tap',
    flowLitresPerMinute: 12,
    distanceMetres: null,
  });
  await entity('f1', 'finding', { surface: 'wall', contaminant: 'lichen', severity: 2, share: 1 }, job);
  await database('changes').insert({
    id: uuidv7(),
    house_id: house,
    job_id: job,
    actor: 'Office',
    kind: 'surface',
    entity_id: 'wall',
    op: 'patch',
    base: 1,
    fields: { size: '3x2' },
  });
  return { database, property, job };
}

/** Takes back one migration, and all that came after it. */
async function backBefore(database: Knex, name: string): Promise<void> {
  for (;;) {
    const [done] = (await database.migrate.list({ migrationSource: migrations })) as [{ name: string }[]];
    if (!done.some((one) => one.name === name)) return;
    await database.migrate.down({ migrationSource: migrations });
  }
}

describe('the migration to the full record', () => {
  it('brings a database with data along: nothing is lost, and it can be edited at once', async () => {
    const { database, job } = await oldDatabase();
    await migrate(database);
    const context = { house, actor: 'Test' };
    const opened = await jobsStore(database).open(context, job);
    const survey = surveyOf(opened.state);
    expect(survey.property).toMatchObject({ name: 'Mill', customer: 'Miller & Co', place, quietHours: [] });
    expect(survey.scopes).toMatchObject([
      { surface: 'wall', inScope: false, scopeReason: 'water creeps in' },
    ]);
    expect(survey.surfaces[0]).toMatchObject({
      size: '3x2',
      reliefFactor: 1,
      past: [],
      below: [],
      schools: {},
      paving: null,
    });
    expect(survey.sides).toMatchObject([{ name: 'North', gapMetres: null }]);
    expect(survey.job).toMatchObject({ visit: 1, wordings: {}, acknowledgement: null });
    expect(survey.job.house.gear).toEqual(DEFAULT_HOUSE.gear);
    expect(survey.job.house.machines).toEqual(DEFAULT_HOUSE.machines);
    expect(survey.surfaces[0]).not.toHaveProperty('inScope');
    expect(survey.findings).toMatchObject([{ surface: 'wall', zone: null, confidence: 1 }]);
    expect(survey.job).not.toHaveProperty('customer');
    expect(opened.sequence).toBeGreaterThan(0);
    const listed = await jobsStore(database).list(context, {
      find: 'miller',
      sort: 'name',
      from: 0,
      size: 9,
    });
    expect(listed.jobs).toMatchObject([{ id: job, customer: 'Miller & Co' }]);
    const patched = await changesStore(database).apply(
      context,
      job,
      [
        {
          id: uuidv7(),
          kind: 'feature',
          entity: 'drain',
          op: 'patch',
          base: 2,
          fields: { state: 'blocked' },
        },
      ],
      null,
    );
    expect(patched.entities[0]?.entity).toMatchObject({
      revision: 3,
      detail: { state: 'blocked', owner: '' },
    });
    await database.destroy();
  });

  it('gives labels that were written before the coats of their own their new lines, and leaves the rest', async () => {
    const { database } = await oldDatabase();
    await migrate(database);
    await backBefore(database, '2026-11-28b-laid');
    const label = { squareMetresPerLitre: 5, keepFromWater: true, note: 'by the drum' };
    await database('handbook_entries').insert({
      house_id: house,
      part: 'product',
      id: 'seal',
      revision: 1,
      detail: { name: 'Seal', label },
    });
    await database('handbook_entries').insert({
      house_id: house,
      part: 'lot',
      id: 'l1',
      revision: 1,
      detail: { left: 3 },
    });
    await migrate(database);
    const rows = await database('handbook_entries').orderBy('id').select<{ detail: object }[]>('detail');
    expect(rows.map((row) => row.detail)).toEqual([
      { left: 3 },
      {
        name: 'Seal',
        label: {
          ...label,
          nextCoatSquareMetresPerLitre: null,
          mostSquareMetresPerLitre: null,
          caughtMayBeReused: false,
        },
      },
    ]);
    await database.destroy();
  });

  it('makes of answers in words about electrics a note, and opens the question again', async () => {
    const { database } = await oldDatabase();
    await migrate(database);
    await backBefore(database, '2026-11-29-electrics');
    const job = await database('jobs').first<{ id: string; property_id: string; house_id: string }>();
    const feature = (id: string, kind: string, note: string) =>
      database('entities').insert({
        property_id: job.property_id,
        house_id: job.house_id,
        id,
        kind: 'feature',
        position: 1,
        revision: 1,
        field_revisions: {},
        detail: { name: id, kind, note, weatherproof: 'unknown' },
      });
    await feature('lamp', 'lamp', 'By the door.');
    await feature('board', 'panel', '');
    await feature('bed', 'plant-bed', '');
    const answers = {
      'electrics-weatherproof lamp': 'yes, says Bo',
      'electrics-weatherproof': 'no idea',
      windows: 'shut',
    };
    await database('jobs')
      .where({ id: job.id })
      .update({ detail: database.raw(`detail || ?::jsonb`, [JSON.stringify({ answers })]) });
    await migrate(database);
    const rows = await database('entities')
      .whereIn('id', ['lamp', 'board', 'bed'])
      .orderBy('id')
      .select<{ detail: Record<string, unknown> }[]>('detail');
    expect(rows.map(({ detail }) => [detail['kind'], detail['isolated'], detail['note']])).toEqual([
      ['plant-bed', 'unknown', ''],
      ['panel', 'unknown', 'Answered in words: “no idea”'],
      ['lamp', 'unknown', 'By the door. Answered in words: “yes, says Bo”'],
    ]);
    const after = await database('jobs').where({ id: job.id }).first<{ detail: { answers: unknown } }>();
    expect(after.detail.answers).toEqual({ windows: 'shut' });
    await database.destroy();
  });

  it('can be taken back', async () => {
    const { database } = await oldDatabase();
    await migrate(database);
    await backBefore(database, '2026-11-25b-record');
    const [job] = await database('jobs').select<{ customer: string; detail: { place: unknown } }[]>();
    expect([job?.customer, job?.detail.place]).toEqual(['Miller & Co', place]);
    expect(await database('entities').where({ kind: 'property' })).toEqual([]);
    await migrate(database);
    await database.destroy();
  });
});

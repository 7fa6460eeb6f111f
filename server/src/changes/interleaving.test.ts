import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { applyChanges } from '@etappe/core';
import type { SurveyChange } from '@etappe/core';
import fc from 'fast-check';
import { v7 as uuidv7 } from 'uuid';
import { jobsStore } from '../jobs/jobs-store.ts';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { changesStore } from './changes-store.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());

const edit = fc.record({
  surface: fc.constantFrom('drum-north', 'path-north', 'yard-east'),
  field: fc.constantFrom('name', 'size', 'note'),
  value: fc.integer({ min: 1, max: 9 }),
  base: fc.integer({ min: 1, max: 3 }),
});
const batch = fc.array(edit, { minLength: 1, maxLength: 3 });
const changeOf = (e: { surface: string; field: string; value: number; base: number }): SurveyChange => ({
  id: uuidv7(),
  kind: 'surface',
  entity: e.surface,
  op: 'patch',
  base: e.base,
  fields: { [e.field]: e.field === 'size' ? `${e.value}x2` : `text ${e.value}` },
});

describe('any batches, some sent twice', () => {
  it('leave in the database just what applying the accepted ones in order gives', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ edits: batch, twice: fc.boolean() }), { maxLength: 6 }),
        async (batches) => {
          const context = { house: fresh.house, actor: 'Test' };
          const [jobs, changes] = [jobsStore(fresh.database), changesStore(fresh.database)];
          const job = await fresh.demoJob();
          let expected = (await jobs.open(context, job)).state;
          for (const { edits, twice } of batches) {
            const sent = edits.map(changeOf);
            const accepted = await changes.apply(context, job, sent, null).then(
              () => true,
              () => false,
            );
            if (accepted) {
              const outcome = applyChanges(expected, sent);
              if (!outcome.ok) throw new Error('the server accepted what the core refuses');
              expected = outcome.state;
              if (twice) await changes.apply(context, job, sent, null);
            }
          }
          const kept = (await jobs.open(context, job)).state;
          for (const [id, entity] of expected.entities) expect(kept.entities.get(id)).toEqual(entity);
        },
      ),
      { numRuns: 25 },
    );
  }, 60_000);

  it('with an id that another job has used are refused', async () => {
    const context = { house: fresh.house, actor: 'Test' };
    const changes = changesStore(fresh.database);
    const [one, other] = [await fresh.demoJob(), await fresh.demoJob()];
    const change = changeOf({ surface: 'drum-north', field: 'name', value: 1, base: 1 });
    await changes.apply(context, one, [change], null);
    await expect(changes.apply(context, other, [change], null)).rejects.toThrow('was used by another job');
  });
});

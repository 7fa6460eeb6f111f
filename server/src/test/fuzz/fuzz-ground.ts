import { readFile } from 'node:fs/promises';
import { v7 as uuidv7 } from 'uuid';
import { freshApp } from '../fresh-app.ts';
import type { FreshApp } from '../fresh-app.ts';
import { paperPdf } from '../../papers/paper-pdf.ts';
import { routes } from '../../routes.ts';
import { addressesOf } from './fuzz.ts';
import type { Known } from './sound-bodies.ts';

/** A server of its own with a job of the demo on it, to be sent anything. */
export async function fuzzGround(): Promise<{
  readonly fresh: FreshApp;
  readonly addresses: readonly string[];
  readonly known: Known;
}> {
  const fresh = await freshApp(undefined, { make: paperPdf, stop: () => undefined });
  const { stores, database, house } = fresh;
  const context = { house, actor: 'Fuzz' };
  const job = await fresh.demoJob('lock-cottage');
  const file = JSON.parse(
    await readFile(new URL('../../../../demo/lock-cottage.etappe.json', import.meta.url), 'utf8'),
  ) as Known['file'];
  const template = uuidv7();
  await stores.templates.save(context, template, 'Fuzz', file);
  const [customer] = await stores.customers.list(context);
  const { entities } = (await stores.jobs.open(context, job)).state;
  const surface = [...entities.values()].find((entity) => entity.kind === 'surface')?.id ?? '';
  const { propertyId } = await stores.jobs.open(context, job);
  return {
    fresh,
    addresses: addressesOf(routes(stores, database)),
    known: {
      job,
      property: propertyId,
      surface,
      template,
      customer: customer?.id ?? uuidv7(),
      lot: 'white-feb',
      file,
    },
  };
}

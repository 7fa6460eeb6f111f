import { Router } from 'express';
import type { Knex } from 'knex';
import { changesRequests } from './changes/changes-requests.ts';
import type { ChangesStore } from './changes/changes-store.ts';
import { health } from './health/health-requests.ts';
import { jobsRequests } from './jobs/jobs-requests.ts';
import type { JobsStore } from './jobs/jobs-store.ts';
import { ordersRequests } from './orders/orders-requests.ts';
import type { OrdersStore } from './orders/orders-store.ts';
import { unknownRoute } from './problems/problem-handler.ts';

export interface Stores {
  readonly jobs: JobsStore;
  readonly changes: ChangesStore;
  readonly orders: OrdersStore;
}

/** Every URL of the server, apart from the files of the web application. */
export function routes(stores: Stores, database: Knex): Router {
  const jobs = jobsRequests(stores.jobs, stores.orders);
  const changes = changesRequests(stores.changes);
  const orders = ordersRequests(stores.orders);
  return Router()
    .get('/healthz', health(database))
    .get('/api/v1/jobs', jobs.list)
    .post('/api/v1/jobs', jobs.create)
    .get('/api/v1/jobs/:job', jobs.open)
    .delete('/api/v1/jobs/:job', jobs.remove)
    .post('/api/v1/jobs/:job/changes', changes.apply)
    .post('/api/v1/jobs/:job/orders', orders.issue)
    .get('/api/v1/jobs/:job/orders/:number', orders.document)
    .use('/api', unknownRoute);
}

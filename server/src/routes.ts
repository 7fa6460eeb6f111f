import { Router } from 'express';
import type { Request } from 'express';
import type { Knex } from 'knex';
import { jsonBody } from './admission/json-body.ts';
import type { BodyLimits } from './admission/json-body.ts';
import { notKept } from './admission/not-kept.ts';
import type { ChangeLog } from './changes/change-log.ts';
import { changesRequests } from './changes/changes-requests.ts';
import type { ChangesStore } from './changes/changes-store.ts';
import { customersRequests } from './customers/customers-requests.ts';
import type { CustomersStore } from './customers/customers-store.ts';
import { health } from './health/health-requests.ts';
import type { DataSheetsStore } from './handbook/data-sheets-store.ts';
import { handbookRequests } from './handbook/handbook-requests.ts';
import type { HandbookStore } from './handbook/handbook-store.ts';
import { crowd } from './heavy-work/crowd.ts';
import type { HeavyWorkers } from './heavy-work/heavy-workers.ts';
import { isLarge, lanes } from './heavy-work/lanes.ts';
import { jobsRequests } from './jobs/jobs-requests.ts';
import type { JobsStore } from './jobs/jobs-store.ts';
import { ordersRequests } from './orders/orders-requests.ts';
import type { OrdersStore } from './orders/orders-store.ts';
import { photosRequests } from './photos/photos-requests.ts';
import type { OrderPdfsStore } from './papers/order-pdfs-store.ts';
import type { Outbox } from './papers/outbox.ts';
import { papersRequests } from './papers/papers-requests.ts';
import type { PdfMaker } from './papers/pdf-maker.ts';
import type { PhotosStore } from './photos/photos-store.ts';
import { unknownRoute } from './problems/problem-handler.ts';
import { propertiesRequests } from './properties/properties-requests.ts';
import type { PropertiesStore } from './properties/properties-store.ts';
import { stockRequests } from './stock/stock-requests.ts';
import type { StockStore } from './stock/stock-store.ts';
import { templatesRequests } from './templates/templates-requests.ts';
import type { TemplatesStore } from './templates/templates-store.ts';

export interface Stores {
  readonly jobs: JobsStore;
  readonly properties: PropertiesStore;
  readonly customers: CustomersStore;
  readonly templates: TemplatesStore;
  readonly changes: ChangesStore;
  readonly log: ChangeLog;
  readonly orders: OrdersStore;
  readonly orderPdfs: OrderPdfsStore;
  readonly handbook: HandbookStore;
  readonly dataSheets: DataSheetsStore;
  readonly photos: PhotosStore;
  readonly stock: StockStore;
}

/** What a person fills in. */
const FORM: BodyLimits = { kilobytes: 256, listed: 2000 };
/** Whole surveys come at once: job files, and batches that bring in a list of surfaces. */
const SURVEY: BodyLimits = { kilobytes: 20 * 1024, listed: 25_000 };
/** A schedule with every operation. */
const SCHEDULE: BodyLimits = { kilobytes: 4 * 1024, listed: 20_000 };
/** With all rows of its tables. */
const PAPER: BodyLimits = { kilobytes: 1024, listed: 10_000 };
/** Methods and materials of the company, with all their values. */
const HANDBOOK: BodyLimits = { kilobytes: 2 * 1024, listed: 2000 };

/** Requests that are with the server at once. */
const MOST_WAITING = 300;
/** A template is a whole survey, which is read and checked. */
function beginsWithTemplate({ body }: Request): boolean {
  return typeof body === 'object' && body !== null && 'template' in body;
}

/** What papers are made and sent by; on threads nobody does. */
export interface PaperWays {
  readonly maker?: PdfMaker | null;
  readonly outbox?: Outbox | null;
}

/** Every URL of the server, apart from the files of the web application. */
export function routes(
  stores: Stores,
  database: Knex,
  heavyWorkers?: HeavyWorkers,
  { maker = null, outbox = null }: PaperWays = {},
): Router {
  const jobs = jobsRequests(stores.jobs, stores.orders, stores.templates);
  const properties = propertiesRequests(stores.properties);
  const customers = customersRequests(stores.customers);
  const templates = templatesRequests(stores.templates, stores.jobs);
  const changes = changesRequests(stores.changes, stores.log);
  const orders = ordersRequests(stores.orders);
  const handbook = handbookRequests(stores.handbook, stores.dataSheets);
  const photos = photosRequests(stores.photos);
  const stock = stockRequests(stores.stock);
  const papers = papersRequests(stores.orderPdfs, stores.photos, maker, outbox);
  const form = jsonBody(FORM);
  const { heavy, heavyIf } = lanes(heavyWorkers);
  return Router()
    .get('/healthz', health(database))
    .use('/api', notKept, crowd(MOST_WAITING))
    .post('/api/v1/jobs/import', heavyIf(isLarge), ...jsonBody(SURVEY), jobs.importFile)
    .post('/api/v1/jobs/:job/changes', heavyIf(isLarge), ...jsonBody(SURVEY), changes.apply)
    .post('/api/v1/photos', ...photos.upload)
    .get('/api/v1/photos/:photo/:size', photos.file)
    .post('/api/v1/data-sheets', ...handbook.uploadSheet)
    .get('/api/v1/data-sheets/:sheet', handbook.sheet)
    .get('/api/v1/jobs', jobs.list)
    .post('/api/v1/jobs', ...form, heavyIf(beginsWithTemplate), jobs.create)
    .get('/api/v1/jobs/:job', jobs.open)
    .delete('/api/v1/jobs/:job', jobs.remove)
    .post('/api/v1/jobs/:job/copies', heavy, ...form, jobs.duplicate)
    .get('/api/v1/jobs/:job/changes', changes.since)
    .get('/api/v1/jobs/:job/log/:entity', changes.log)
    .post('/api/v1/jobs/:job/orders', papers.wakeAfter, heavy, ...jsonBody(SCHEDULE), orders.issue)
    .get('/api/v1/jobs/:job/orders/:number', heavy, orders.document)
    .get('/api/v1/jobs/:job/orders/:number/in/:language', orders.wording)
    .get('/api/v1/jobs/:job/orders/:number/pdf', papers.orderState)
    .get('/api/v1/jobs/:job/orders/:number/pdf/file', papers.orderFile)
    .get('/api/v1/jobs/:job/orders/:number/pdf/of/:person', papers.orderOfPerson)
    .post('/api/v1/papers/:format', ...jsonBody(PAPER), papers.print)
    .post('/api/v1/papers/:format/mail', ...jsonBody(PAPER), papers.mail)
    .get('/api/v1/properties', properties.list)
    .get('/api/v1/customers', customers.list)
    .put('/api/v1/customers/:customer/contact', ...form, customers.setContact)
    .get('/api/v1/handbook', handbook.read)
    .post('/api/v1/handbook/changes', heavyIf(isLarge), ...jsonBody(HANDBOOK), handbook.change)
    .get('/api/v1/handbook/log', handbook.log)
    .get('/api/v1/stock/reservations', stock.reservations)
    .get('/api/v1/stock/uses', stock.uses)
    .post('/api/v1/stock/uses', ...form, stock.record)
    .delete('/api/v1/stock/uses/:use', stock.takeBack)
    .get('/api/v1/templates', templates.list)
    .post('/api/v1/templates', heavy, ...form, templates.save)
    .delete('/api/v1/templates/:template', templates.remove)
    .use('/api', unknownRoute);
}

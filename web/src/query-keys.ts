import { LANGUAGE } from '@etappe/core/language';

/** Keys of everything that is kept of the server's answers. */
export const queryKeys = {
  jobs: ['jobs'] as const,
  jobList: (query: object) => ['jobs', query] as const,
  job: (id: string) => ['job', id] as const,
  orders: (job: string) => ['orders', job] as const,
  /** In the language of the page: what a device keeps of another is not shown for it. English as it was kept before there were others. */
  order: (job: string, number: string) =>
    ['order', job, number, ...(LANGUAGE === 'en' ? [] : [LANGUAGE])] as const,
  orderPdf: (job: string, number: string) => ['order-pdf', job, number] as const,
  properties: ['properties'] as const,
  propertyList: (query: object) => ['properties', query] as const,
  customers: ['customers'] as const,
  templates: ['templates'] as const,
  handbook: ['handbook'] as const,
  handbookLog: ['handbook', 'log'] as const,
  reservations: ['reservations'] as const,
  lotUses: (job: string) => ['lot-uses', job] as const,
  jobsOnDevice: ['jobs-on-device'] as const,
  log: (job: string, entity: string) => ['log', job, entity] as const,
};

/** What the device keeps of them, to be read without the server. */
export const KEPT_ON_DEVICE: readonly string[] = [
  'jobs',
  'order',
  'properties',
  'customers',
  'templates',
  'handbook',
  'reservations',
  'lot-uses',
];

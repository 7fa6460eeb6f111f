import { v7 as uuidv7 } from 'uuid';
import type { Draw } from './hostile-values.ts';

/** What there is in the database of the fuzz, to be named in requests. */
export interface Known {
  readonly job: string;
  readonly property: string;
  readonly surface: string;
  readonly template: string;
  readonly customer: string;
  readonly lot: string;
  readonly file: Readonly<Record<string, unknown>>;
}

/** A sound body of every address that takes one; a new address that is missing here fails the test of the fuzz. */
/** One of every kind of block. */
const PAPER = {
  kind: 'proposal',
  title: 'Proposal',
  company: 'Fuzz & Sons',
  job: 'Fuzz',
  about: '',
  imprint: 'Fuzz',
  parts: [
    {
      person: 'Ada',
      isOnOwnSheet: false,
      blocks: [
        { is: 'heading', text: 'Found' },
        { is: 'text', text: 'Moss', tone: 'warning' },
        { is: 'list', lines: ['One', { strong: 'Two', text: 'three' }], isTicked: true, isShort: true },
        { is: 'facts', facts: [{ about: 'Where', text: 'Here' }] },
        { is: 'table', head: ['a', 'b'], shares: [0.5, 0.5], rows: [['1', '2']] },
        {
          is: 'site-plan',
          plan: {
            widthMetres: 4,
            topMetres: 3,
            depthMetres: 0,
            sides: [{ name: 'North', about: 'N', x: 0, width: 4 }],
            surfaces: [
              {
                id: 'a',
                name: 'Wall',
                number: 1,
                band: 'wall',
                x: 0,
                y: 0,
                width: 3,
                height: 2,
                isInScope: true,
              },
            ],
            marks: [{ letter: 'a', kind: 'water', x: 1, text: 'Tap' }],
          },
        },
        {
          is: 'rounds',
          rounds: [{ time: '08:00', name: 'Wash', lines: [{ text: 'Rinse', isTicked: true }] }],
        },
        { is: 'labels', labels: [{ name: 'A', lines: ['12 g/L'] }] },
        { is: 'signatures', who: ['Ada'] },
      ],
    },
  ],
};

export const SOUND_BODIES: Readonly<Record<string, (known: Known, draw: Draw) => unknown>> = {
  'POST /api/v1/papers/:format': () => PAPER,
  'POST /api/v1/papers/:format/mail': () => ({
    paper: PAPER,
    to: 'office@fuzz.example',
    subject: 'Fuzz',
    text: 'See attached.',
  }),
  'POST /api/v1/jobs': ({ property, template }, draw) => ({
    id: uuidv7(),
    propertyId: draw.often(0.5) ? property : uuidv7(),
    job: { name: 'Fuzz', start: '2026-05-04', house: { crew: [{ id: 'ada', name: 'Ada' }] } },
    ...(draw.often(0.7) ? { property: { name: 'Fuzz', customer: 'Fuzz & Sons' } } : {}),
    ...(draw.often(0.2) ? { template } : {}),
  }),
  'POST /api/v1/jobs/import': ({ file }) => ({ id: uuidv7(), propertyId: uuidv7(), file }),
  'POST /api/v1/jobs/:job/copies': () => ({ id: uuidv7(), name: 'Copy' }),
  'POST /api/v1/jobs/:job/changes': ({ surface, job }, draw) => ({
    changes: draw.one([
      [
        {
          id: uuidv7(),
          kind: 'surface',
          entity: surface,
          op: 'patch',
          base: 1,
          fields: { name: 'Wall', size: '3x2', drainsOnto: [], position: 2 },
        },
      ],
      [
        {
          id: uuidv7(),
          kind: 'finding',
          entity: `f-${draw.below(1e6)}`,
          op: 'create',
          base: 0,
          fields: { surface, contaminant: 'lichen', severity: 2, share: 1, zone: null, note: '' },
        },
      ],
      [
        {
          id: uuidv7(),
          kind: 'feature',
          entity: `x-${draw.below(50)}`,
          op: 'delete',
          base: 1,
          fields: {},
        },
      ],
      [
        {
          id: uuidv7(),
          kind: 'job',
          entity: job,
          op: 'patch',
          base: 1,
          fields: { start: '2026-05-04', answers: { a: 'b' }, weather: { temperatureC: 12 } },
        },
      ],
    ]),
    deviceAt: '2026-05-04T08:00:00.000Z',
  }),
  'POST /api/v1/jobs/:job/orders': () => ({
    id: uuidv7(),
    inputsHash: 'ab'.repeat(32),
    decided: {
      fronts: [],
      schedule: {
        placements: [{ operation: 'set-out.ada', person: 'ada', start: 0, finish: 60 }],
        makespan: 60,
      },
    },
  }),
  'PUT /api/v1/customers/:customer/contact': () => ({
    person: 'A',
    phone: '1',
    mail: 'a@example.org',
    note: '',
  }),
  'POST /api/v1/handbook/changes': ({ lot }, draw) => ({
    changes: [
      draw.often(0.5)
        ? { id: uuidv7(), part: 'lot', entry: lot, op: 'remove', base: 99, detail: null }
        : {
            id: uuidv7(),
            part: 'override',
            entry: 'material.limestone.poreShare',
            op: 'put',
            base: 0,
            detail: {
              kind: 'material',
              entry: 'limestone',
              path: 'poreShare',
              value: 0.2,
              replaced: 0.1,
              reason: 'x',
              by: 'A',
              at: '2026-05-04T08:00:00Z',
            },
          },
    ],
  }),
  'POST /api/v1/stock/uses': ({ job, lot }) => ({ id: uuidv7(), job, lot, amount: 0.001 }),
  'POST /api/v1/templates': ({ job }) => ({ id: uuidv7(), name: 'Fuzz', job }),
};

/** Files that come as forms, by the field that they come in. */
export const FORM_FIELDS: Readonly<Record<string, string>> = {
  'POST /api/v1/photos': 'photo',
  'POST /api/v1/data-sheets': 'sheet',
};

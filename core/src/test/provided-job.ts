import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import { NO_RESTRICTIONS } from '../company/product.ts';
import type { Product } from '../company/product.ts';
import type { StockLot } from '../company/stock-lot.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import { provisionsOf } from '../provisions/provisions.ts';
import type { Provisions } from '../provisions/provisions.ts';
import type { Survey } from '../survey/survey.ts';

export const DATE = '2026-05-04';
export const TAP = { id: 'tap', flowLitresPerMinute: 12, distanceMetres: 20, pressureBar: 3 };
export const wall = (more: object = {}) => ({
  id: 'wall',
  material: 'painted-render',
  side: 'north',
  size: '8x3',
  topMetres: 3,
  findings: [{ contaminant: 'green-algae', severity: 2 }],
  ...more,
});
export const yard = {
  id: 'yard',
  material: 'concrete',
  side: 'north',
  band: 'floor',
  tiltDegrees: 0,
  topMetres: 0,
  size: '10x8',
  findings: [{ contaminant: 'moss', severity: 2 }],
};

type HandbookParts = Partial<Pick<CompanyHandbook, 'lots' | 'products'>>;

/** A small job with a wall on the north side; what differs is said as a job file says it. @throws Error with its faults */
export function surveyWith(more: object = {}, parts: HandbookParts = {}): Survey {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    start: DATE,
    sides: [{ id: 'north', aspectDegrees: 0, routeMetres: 30 }],
    site: { waterPoints: [TAP] },
    surfaces: [wall()],
    handbook: { ...EMPTY_HANDBOOK, ...parts },
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}

export function planOf(survey: Survey): Plan {
  return plan(survey, { asOf: DATE, seed: 1, budget: 1 });
}

/** What a small job brings along. */
export function provided(
  more: object = {},
  parts: HandbookParts = {},
  reserved: Readonly<Record<string, number>> = {},
  recorded: Readonly<Record<string, number>> = {},
): Provisions {
  const survey = surveyWith(more, parts);
  return provisionsOf(planOf(survey), survey, {
    reserved: new Map(Object.entries(reserved)),
    recorded: new Map(Object.entries(recorded)),
  });
}
export const gear = (more: object, machines?: readonly object[]) => ({
  house: { gear: more, ...(machines ? { machines } : {}) },
});
export const lot = (more: Partial<StockLot> = {}): StockLot => ({
  id: 'a',
  agent: 'hypochlorite',
  product: null,
  lot: 'A-1',
  boughtOn: '2026-04-01',
  openedOn: null,
  expiresOn: null,
  place: 'yard',
  left: 10,
  storageCelsius: [15],
  measured: [],
  ...more,
});
export const WASHER = { kind: 'pressure-washer', count: 1, flowLitresPerMinute: 15, pressureBar: 150 };
export const product = (more: Partial<Product> = {}): Product => ({
  id: 'p',
  name: 'House product',
  agent: 'silane-impregnator',
  strength: { basis: 'g/L', value: 1000 },
  strengthRead: true,
  packs: [{ size: 5, price: null }],
  label: NO_RESTRICTIONS,
  dataSheet: null,
  inUse: true,
  by: 'Ada',
  at: '2026-05-01T08:00:00Z',
  ...more,
});

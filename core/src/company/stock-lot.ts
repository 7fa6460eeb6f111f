import Joi from 'joi';
import { dateSchema } from '../quantity/moment.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Product } from './product.ts';

export const STRENGTH_READINGS = ['strip', 'titration', 'meter'] as const;
export type StrengthReading = (typeof STRENGTH_READINGS)[number];

/** What somebody measured of a lot. */
export interface MeasuredStrength {
  /** YYYY-MM-DD */
  readonly on: string;
  readonly gramsPerLitre: number;
  readonly how: StrengthReading;
  readonly by: string;
}

/** One lot of one agent on the shelf. Amounts in litres, of powders in kilograms. Days as YYYY-MM-DD. */
export interface StockLot {
  readonly id: string;
  readonly agent: string;
  /** Id of the company's product that it is; null where the company names none. */
  readonly product: string | null;
  /** Number on the container. */
  readonly lot: string;
  readonly boughtOn: string;
  readonly openedOn: string | null;
  readonly expiresOn: string | null;
  readonly place: string;
  readonly left: number;
  /** Of its shelf, °C: one figure, or one for each month from January. */
  readonly storageCelsius: readonly number[];
  readonly measured: readonly MeasuredStrength[];
}

const MONTHS = 12;
const MOST_READINGS = 50;

export const stockLotSchema = Joi.object<Omit<StockLot, 'id'>>({
  agent: Joi.string().max(100).required(),
  product: Joi.string().max(100).allow(null).default(null),
  lot: Joi.string().trim().max(60).allow('').default(''),
  boughtOn: dateSchema.required(),
  openedOn: dateSchema.allow(null).default(null),
  expiresOn: dateSchema.allow(null).default(null),
  place: Joi.string().trim().max(120).allow('').default(''),
  left: Joi.number().min(0).max(20_000).required(),
  storageCelsius: Joi.array()
    .items(Joi.number().min(-10).max(60))
    .custom((list: readonly number[], helpers) =>
      list.length === 1 || list.length === MONTHS ? list : helpers.error('storage.count'),
    )
    .messages({
      'storage.count': '{#label} has neither one temperature nor one for each of the twelve months',
    })
    .default([15]),
  measured: Joi.array()
    .items(
      Joi.object<MeasuredStrength>({
        on: dateSchema.required(),
        gramsPerLitre: Joi.number().greater(0).max(1500).required(),
        how: Joi.valid(...STRENGTH_READINGS).required(),
        by: Joi.string().trim().max(120).allow('').default(''),
      }),
    )
    .max(MOST_READINGS)
    .default([]),
});

interface LotFault {
  readonly path: string;
  readonly message: string;
}

/** What is wrong with a lot beside its shape: what leads nowhere, and days in the wrong order. */
export function lotFaults(lot: StockLot, products: readonly Product[]): readonly LotFault[] {
  const faults: LotFault[] = [];
  const agent = CATALOGUE.agents.find((a) => a.id === lot.agent);
  if (!agent) faults.push({ path: 'agent', message: `the catalogue has no agent "${lot.agent}"` });
  const product = lot.product === null ? null : products.find((p) => p.id === lot.product);
  if (product === undefined)
    faults.push({ path: 'product', message: 'this product is not in the handbook: pick another, or none' });
  else if (product && product.agent !== lot.agent)
    faults.push({
      path: 'product',
      message: `“${product.name}” is not ${agent?.name.toLowerCase() ?? lot.agent}: pick another, or none`,
    });
  const notBefore = (path: string, day: string | null, what: string) => {
    if (day !== null && day < lot.boughtOn)
      faults.push({
        path,
        message: `${what} ${day} is before the lot was bought, ${lot.boughtOn}: one of the two is wrong`,
      });
  };
  notBefore('openedOn', lot.openedOn, 'opened on');
  notBefore('expiresOn', lot.expiresOn, 'expiry');
  lot.measured.forEach(({ on }, i) => {
    notBefore(`measured[${i}].on`, on, 'measured on');
  });
  if (agent?.stock.form !== 'liquid' && lot.measured.length > 0)
    faults.push({
      path: 'measured',
      message: `${agent?.name ?? lot.agent} is not counted by the strength of a liquid: take the readings out`,
    });
  return faults;
}

/** Days of a lot that have not come yet; what was bought tomorrow is a slip of the date. */
export function daysAhead(lot: Omit<StockLot, 'id'>, today: string): readonly LotFault[] {
  const days: readonly (readonly [string, string, string | null])[] = [
    ['boughtOn', 'bought on', lot.boughtOn],
    ['openedOn', 'opened on', lot.openedOn],
    ...lot.measured.map(({ on }, i) => [`measured[${i}].on`, 'measured on', on] as const),
  ];
  return days.flatMap(([path, what, day]) =>
    day !== null && day > today
      ? [
          {
            path,
            message: `${what} ${day} has not come yet, today is ${today}: write the day on which it was`,
          },
        ]
      : [],
  );
}

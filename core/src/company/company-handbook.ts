import Joi from 'joi';
import { catalogueOverrideSchema } from './catalogue-override.ts';
import type { CatalogueOverride } from './catalogue-override.ts';
import { ownIdSchema, ownMaterialSchema, ownMethodSchema } from './own-entry.ts';
import type { OwnMaterial, OwnMethod } from './own-entry.ts';
import { companyPersonSchema } from './person.ts';
import type { CompanyPerson } from './person.ts';
import { PROFILE_ID, companyProfileSchema } from './profile.ts';
import type { CompanyProfile } from './profile.ts';
import { productSchema } from './product.ts';
import type { Product } from './product.ts';
import { stockLotSchema } from './stock-lot.ts';
import type { StockLot } from './stock-lot.ts';

/** What a company has made of the catalogue: values of its own, its products and their lots, its materials and methods; its people, and itself. */
export interface CompanyHandbook {
  readonly overrides: readonly CatalogueOverride[];
  readonly products: readonly Product[];
  readonly materials: readonly OwnMaterial[];
  readonly methods: readonly OwnMethod[];
  readonly lots: readonly StockLot[];
  /** Left out in surveys that devices and orders have kept since before people were entries. */
  readonly people?: readonly CompanyPerson[];
  /** None or one; left out in what was kept since before there was one. */
  readonly profiles?: readonly CompanyProfile[];
}

/** The catalogue as it is shipped. */
export const EMPTY_HANDBOOK: CompanyHandbook = {
  overrides: [],
  products: [],
  materials: [],
  methods: [],
  lots: [],
  people: [],
  profiles: [],
};

const overrideIdSchema = Joi.string().max(300).required();
const productIdSchema = Joi.string()
  .pattern(/^[a-z0-9][a-z0-9-]{0,98}$/, 'lower-case words with hyphens')
  .required();

/** Kinds of entries that a company writes: the list that holds each and what checks it. */
export const HANDBOOK_PARTS = {
  override: { list: 'overrides', schema: catalogueOverrideSchema, id: overrideIdSchema },
  product: { list: 'products', schema: productSchema, id: productIdSchema },
  material: { list: 'materials', schema: ownMaterialSchema, id: ownIdSchema },
  method: { list: 'methods', schema: ownMethodSchema, id: ownIdSchema },
  lot: { list: 'lots', schema: stockLotSchema, id: productIdSchema },
  person: { list: 'people', schema: companyPersonSchema, id: productIdSchema },
  profile: { list: 'profiles', schema: companyProfileSchema, id: Joi.string().valid(PROFILE_ID).required() },
} as const satisfies Record<
  string,
  { list: keyof CompanyHandbook; schema: Joi.ObjectSchema; id: Joi.StringSchema }
>;
export type HandbookPart = keyof typeof HANDBOOK_PARTS;
export const HANDBOOK_PART_NAMES = Object.keys(HANDBOOK_PARTS) as readonly HandbookPart[];

/** Most entries of one list. */
const MOST_ENTRIES = 2000;

/** A handbook whole, as it stands in a job file. */
export const companyHandbookSchema = Joi.object<CompanyHandbook>(
  Object.fromEntries(
    Object.values(HANDBOOK_PARTS).map(({ list, schema, id }) => [
      list,
      Joi.array()
        .items((schema as Joi.ObjectSchema).keys({ id }))
        .max(MOST_ENTRIES)
        .unique('id')
        .default([]),
    ]),
  ),
).default(EMPTY_HANDBOOK);

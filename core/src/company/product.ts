import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import Joi from 'joi';
import { dateSchema, momentSchema } from '../quantity/moment.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import { MATERIAL_FAMILIES } from '../catalogue/material.ts';
import type { MaterialFamily } from '../catalogue/material.ts';
import { gramsPerLitre, strengthFault } from '../quantity/concentration.ts';
import type { Strength } from '../quantity/concentration.ts';

/** What the label forbids or bounds; null and empty where it says nothing. */
export interface LabelRestrictions {
  /** Strongest on the surface, g/L of the agent's basis. */
  readonly greatestGramsPerLitre: number | null;
  readonly longestDwellMinutes: number | null;
  readonly coldestCelsius: number | null;
  /** Square metres that one litre of the mix covers. */
  readonly squareMetresPerLitre: number | null;
  /** The same of each coat after the first; as the first where it says nothing. */
  readonly nextCoatSquareMetresPerLitre: number | null;
  /** Spread thinner than this it achieves nothing. */
  readonly mostSquareMetresPerLitre: number | null;
  readonly notOn: readonly MaterialFamily[];
  /** Not where run-off reaches open water. */
  readonly keepFromWater: boolean;
  /** Caught run-off may be used again on the same premises. */
  readonly caughtMayBeReused: boolean;
  readonly note: string;
}

/** A data sheet that is kept, by the hash of its bytes, or where it is to be found, by the hash of its address. */
export interface DataSheet {
  readonly kind: 'file' | 'link';
  /** Name of the file, or the address. */
  readonly name: string;
  readonly sha256: string;
  /** Day of the sheet, or on which the address was looked at, YYYY-MM-DD. */
  readonly dated: string;
}

/** A product that the company buys, by its label. It may carry the name that the company gives it. */
export interface Product {
  readonly id: string;
  readonly name: string;
  /** Id of the agent that it is. */
  readonly agent: string;
  /** By the label; null for powders, which are weighed. */
  readonly strength: Strength | null;
  /** Somebody has read it on the label though it lies far from what such agents have. */
  readonly strengthRead: boolean;
  /** In litres, or kilograms for powders; the smallest first. */
  readonly packs: readonly { readonly size: number; readonly price: number | null }[];
  readonly label: LabelRestrictions;
  readonly dataSheet: DataSheet | null;
  /** Used for its agent; one product at most of each agent is. */
  readonly inUse: boolean;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

export const NO_RESTRICTIONS: LabelRestrictions = {
  greatestGramsPerLitre: null,
  longestDwellMinutes: null,
  coldestCelsius: null,
  squareMetresPerLitre: null,
  nextCoatSquareMetresPerLitre: null,
  mostSquareMetresPerLitre: null,
  notOn: [],
  keepFromWater: false,
  caughtMayBeReused: false,
  note: '',
};

const open = (schema: Joi.NumberSchema) => schema.allow(null).default(null);
const coverage = () => Joi.number().greater(0).max(100);
const labelSchema = Joi.object<LabelRestrictions>({
  greatestGramsPerLitre: open(Joi.number().greater(0).max(1500)),
  longestDwellMinutes: open(Joi.number().greater(0).max(2880)),
  coldestCelsius: open(Joi.number().min(-10).max(40)),
  squareMetresPerLitre: open(coverage()),
  nextCoatSquareMetresPerLitre: open(coverage()),
  mostSquareMetresPerLitre: open(coverage()),
  notOn: Joi.array()
    .items(Joi.valid(...MATERIAL_FAMILIES))
    .unique()
    .default([]),
  keepFromWater: Joi.boolean().default(false),
  caughtMayBeReused: Joi.boolean().default(false),
  note: Joi.string().trim().max(2000).allow('').default(''),
}).default(NO_RESTRICTIONS);

const dataSheetSchema = Joi.object<DataSheet>({
  kind: Joi.valid('file', 'link').required(),
  name: Joi.when('kind', {
    is: 'link',
    then: Joi.string()
      .uri({ scheme: ['http', 'https'] })
      .max(500)
      .required(),
    otherwise: Joi.string().trim().min(1).max(200).required(),
  }),
  sha256: Joi.string().hex().length(64).lowercase().required(),
  dated: dateSchema.required(),
});

/** Unlike what was written down in between: a further coat, or the most, that does not fit the coverage. */
function coverageFaults({
  label,
}: Pick<Product, 'label'>): readonly { readonly path: string; readonly message: string }[] {
  const {
    squareMetresPerLitre: covers,
    nextCoatSquareMetresPerLitre: next,
    mostSquareMetresPerLitre: most,
  } = label;
  const over = (path: string, figure: number | null) =>
    most !== null && figure !== null && figure > most
      ? [
          {
            path: `label.${path}`,
            message: `${figure} m² from a litre are more than the ${most} m² up to which it is of use: read the label again`,
          },
        ]
      : [];
  return [...over('squareMetresPerLitre', covers), ...over('nextCoatSquareMetresPerLitre', next)];
}

export const productSchema = Joi.object<Omit<Product, 'id'>>({
  name: Joi.string().trim().min(1).max(120).required(),
  agent: Joi.string().max(100).required(),
  strength: Joi.object<Strength>({
    basis: Joi.valid('g/L', '% w/v', '% w/w').required(),
    value: Joi.number().greater(0).max(1500).required(),
    densityKilogramsPerLitre: Joi.number().min(0.5).max(2),
  })
    .allow(null)
    .required(),
  strengthRead: Joi.boolean().default(false),
  packs: Joi.array()
    .items(
      Joi.object({
        size: Joi.number().greater(0).max(2000).required(),
        price: Joi.number().min(0).max(100_000).allow(null).default(null),
      }),
    )
    .min(1)
    .max(12)
    .unique('size')
    .required(),
  label: labelSchema,
  dataSheet: dataSheetSchema.allow(null).default(null),
  inUse: Joi.boolean().default(true),
  by: Joi.string().trim().min(1).max(120).required(),
  at: momentSchema.required(),
});

/** Hash of a data sheet's address: another address is seen by it; what lies behind it may change unseen. */
export function addressHash(address: string): string {
  return bytesToHex(sha256(utf8ToBytes(address)));
}

/** From this factor on a label's strength is asked about: a slip of the unit is one of ten. */
const UNLIKELY_FACTOR = 3;

export interface StrengthQuestion {
  readonly text: string;
  /** What was perhaps meant. */
  readonly meant: Strength | null;
}

/** A strength that lies far from what such agents have, with what was perhaps meant; null where it may be. */
export function strengthQuestion(strength: Strength, agent: Agent): StrengthQuestion | null {
  if (agent.stock.form !== 'liquid') return null;
  const usual = gramsPerLitre(agent.stock.strength);
  const fault = strengthFault(strength);
  const likely = (s: Strength) =>
    strengthFault(s) === null &&
    gramsPerLitre(s) < usual * UNLIKELY_FACTOR &&
    gramsPerLitre(s) > usual / UNLIKELY_FACTOR;
  if (likely(strength)) return null;
  const others: readonly Strength[] = [
    { basis: '% w/v', value: strength.value },
    { basis: 'g/L', value: strength.value },
  ];
  const meant = others.find((s) => s.basis !== strength.basis && likely(s)) ?? null;
  const said =
    fault ??
    `${strength.value} ${strength.basis} is ${Number(gramsPerLitre(strength).toPrecision(4))} g/L of ${agent.basis}`;
  return {
    text: `${said}, and such agents have about ${Number(usual.toPrecision(4))} g/L${
      meant ? `: is ${meant.value} ${meant.basis} meant?` : ': look at the label again.'
    }`,
    meant,
  };
}

/** What is wrong with a product beside its shape, each with the field. */
export function productFaults(
  product: Omit<Product, 'id'>,
  agent: Agent,
): readonly { readonly path: string; readonly message: string }[] {
  const { strength, dataSheet } = product;
  const thin = coverageFaults(product);
  if (thin.length > 0) return thin;
  if (dataSheet?.kind === 'link' && dataSheet.sha256 !== addressHash(dataSheet.name))
    return [
      { path: 'dataSheet.sha256', message: 'this is not the hash of the address: write the address again' },
    ];
  if (agent.stock.form === 'powder')
    return strength === null
      ? []
      : [{ path: 'strength', message: `${agent.name} is a powder: it is weighed, and has no strength` }];
  if (strength === null)
    return [{ path: 'strength', message: `${agent.name} is a liquid: write its strength from the label` }];
  if (strength.basis === '% w/w' && !('densityKilogramsPerLitre' in strength))
    return [
      { path: 'strength', message: '% w/w needs the density of the product in kg/L, from its data sheet' },
    ];
  // Not even a label that was read makes more of a thing than all of it.
  const fault = strengthFault(strength);
  if (fault !== null && (isReadyToUse(agent) || product.strengthRead))
    return [{ path: 'strength', message: `${fault}: look at the label again` }];
  const question = isReadyToUse(agent) || product.strengthRead ? null : strengthQuestion(strength, agent);
  return question ? [{ path: 'strength', message: question.text }] : [];
}

import Joi from 'joi';
import type { SitePlan } from '../order/site-plan.ts';
import { sha256Schema } from '../quantity/sha256.ts';
import { BANDS } from '../survey/surface.ts';

/** A line with what it begins with in bold. */
export type PaperLine = string | { readonly strong: string; readonly text: string };

/** Dangers and what must not happen, what is only mentioned, what is read from afar. */
export type PaperTone = 'warning' | 'quiet' | 'large';

/** One round of a person, with what is done in it, line by line. */
export interface PaperRound {
  /** "08:50–09:20" */
  readonly time: string;
  readonly name: string;
  readonly lines: readonly {
    readonly text: string;
    readonly strong?: string;
    readonly tone?: PaperTone;
    readonly isTicked?: boolean;
  }[];
}

/** A picture by the hash under which it is kept. */
export interface PaperPicture {
  readonly sha256: string;
  readonly widthPixels: number;
  readonly heightPixels: number;
}

/** What a paper is made of, one below the other. */
export type PaperBlock =
  | { readonly is: 'heading'; readonly text: string }
  | { readonly is: 'text'; readonly text: string; readonly tone?: PaperTone }
  | {
      readonly is: 'list';
      readonly lines: readonly PaperLine[];
      readonly isTicked?: boolean;
      /** Short things, side by side. */
      readonly isShort?: boolean;
    }
  | { readonly is: 'facts'; readonly facts: readonly { readonly about: string; readonly text: string }[] }
  | {
      readonly is: 'table';
      readonly head: readonly string[];
      /** Of the width, one a column. */
      readonly shares: readonly number[];
      readonly rows: readonly (readonly string[])[];
    }
  | { readonly is: 'site-plan'; readonly plan: SitePlan }
  | { readonly is: 'rounds'; readonly rounds: readonly PaperRound[] }
  | {
      readonly is: 'labels';
      readonly labels: readonly { readonly name: string; readonly lines: readonly string[] }[];
    }
  /** Side by side, each with what it shows. */
  | { readonly is: 'pictures'; readonly pictures: readonly (PaperPicture & { readonly caption: string })[] }
  | { readonly is: 'signatures'; readonly who: readonly string[] };

/** Blocks of one reader; on a sheet of its own, or going on where the part before ends. */
export interface PaperPart {
  /** Whose sheet it is; null for everybody's. */
  readonly person: string | null;
  readonly isOnOwnSheet: boolean;
  readonly blocks: readonly PaperBlock[];
}

export const PAPER_KINDS = [
  'proposal',
  'method-statement',
  'neighbour-notice',
  'windscreen-notice',
  'toolbox-talk',
  'aftercare-sheet',
  'order',
] as const;
export type PaperKind = (typeof PAPER_KINDS)[number];

export const SHEET_SIZES = ['A4', 'LETTER'] as const;
export type SheetSize = (typeof SHEET_SIZES)[number];

/** A document without a medium: a screen and a sheet of paper show the same of it. */
export interface Paper {
  readonly kind: PaperKind;
  readonly title: string;
  /** Whose paper it is; empty where the company has not written its name. */
  readonly company: string;
  readonly job: string;
  /** Below the title: customer, place, date. */
  readonly about: string;
  /** Beside its name; left out by a company without one. */
  readonly logo?: PaperPicture;
  /** Small at the end: how to reach the company, its registrations. */
  readonly imprint: string;
  readonly parts: readonly PaperPart[];
}

/** Every picture of a paper, by the hash under which it is kept. */
export function picturesIn({ logo, parts }: Pick<Paper, 'logo' | 'parts'>): readonly string[] {
  const shown = parts.flatMap(({ blocks }) =>
    blocks.flatMap((block) => (block.is === 'pictures' ? block.pictures : [])),
  );
  return [...new Set([...(logo ? [logo] : []), ...shown].map(({ sha256 }) => sha256))];
}

const LONGEST_TEXT = 4000;
const MOST_BLOCKS = 400;
const MOST_ROWS = 2000;
const MOST_PICTURES = 24;
const LONGEST_SIDE_PIXELS = 30_000;
const text = () => Joi.string().max(LONGEST_TEXT).allow('').required();
const tone = Joi.valid('warning', 'quiet', 'large');
const list = (of: Joi.Schema, most = MOST_ROWS) => Joi.array().items(of).max(most).required();
const pixels = () => Joi.number().integer().min(1).max(LONGEST_SIDE_PIXELS).required();
const pictureFields = { sha256: sha256Schema, widthPixels: pixels(), heightPixels: pixels() };
const metres = () => Joi.number().min(-1000).max(100_000).required();
const sitePlanSchema = Joi.object({
  widthMetres: metres(),
  topMetres: metres(),
  depthMetres: metres(),
  sides: list(Joi.object({ name: text(), about: text(), x: metres(), width: metres() })),
  surfaces: list(
    Joi.object({
      id: text(),
      name: text(),
      number: Joi.number().integer().min(1).allow(null).required(),
      band: Joi.valid(...BANDS).required(),
      x: metres(),
      y: metres(),
      width: metres(),
      height: metres(),
      isInScope: Joi.boolean().required(),
    }),
  ),
  marks: list(
    Joi.object({
      letter: text(),
      kind: Joi.valid('protect', 'drain', 'water', 'vehicle').required(),
      x: metres(),
      text: text(),
    }),
  ),
});
const is = (name: PaperBlock['is']) => Joi.valid(name).required();
const blockSchema = Joi.alternatives(
  Joi.object({ is: is('heading'), text: text() }),
  Joi.object({ is: is('text'), text: text(), tone }),
  Joi.object({
    is: is('list'),
    lines: list(Joi.alternatives(text(), Joi.object({ strong: text(), text: text() }))),
    isTicked: Joi.boolean(),
    isShort: Joi.boolean(),
  }),
  Joi.object({ is: is('facts'), facts: list(Joi.object({ about: text(), text: text() })) }),
  Joi.object({
    is: is('table'),
    head: list(text(), 12),
    shares: list(Joi.number().positive().max(1).required(), 12),
    rows: list(list(text(), 12)),
  })
    .custom((table: Extract<PaperBlock, { is: 'table' }>, helpers) =>
      [table.shares, ...table.rows].every(({ length }) => length === table.head.length)
        ? table
        : helpers.error('table.uneven'),
    )
    .messages({ 'table.uneven': 'a row has more or fewer cells than the table has columns' }),
  Joi.object({ is: is('site-plan'), plan: sitePlanSchema.required() }),
  Joi.object({
    is: is('rounds'),
    rounds: list(
      Joi.object({
        time: text(),
        name: text(),
        lines: list(Joi.object({ text: text(), strong: text().optional(), tone, isTicked: Joi.boolean() })),
      }),
    ),
  }),
  Joi.object({ is: is('labels'), labels: list(Joi.object({ name: text(), lines: list(text()) })) }),
  Joi.object({
    is: is('pictures'),
    pictures: list(Joi.object({ ...pictureFields, caption: text() }), MOST_PICTURES),
  }),
  Joi.object({ is: is('signatures'), who: list(text(), 40) }),
);

/** A paper as it is sent to be printed. */
export const paperSchema = Joi.object<Paper>({
  kind: Joi.valid(...PAPER_KINDS).required(),
  title: text(),
  company: text(),
  job: text(),
  about: text(),
  logo: Joi.object(pictureFields),
  imprint: text(),
  parts: list(
    Joi.object({
      person: Joi.string().max(120).allow(null).required(),
      isOnOwnSheet: Joi.boolean().required(),
      blocks: list(blockSchema, MOST_BLOCKS),
    }),
    60,
  ),
});

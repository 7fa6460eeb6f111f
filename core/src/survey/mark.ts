import Joi from 'joi';
import { LOOK_ALIKES } from '../catalogue/data/look-alikes.ts';
import { PERMANENT_MARKS } from '../catalogue/data/permanent-marks.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { wordsSchema } from './detail-limits.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

/** A mark on a surface of which it is open what it is: tests tell its candidates apart. */
export interface Mark {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly zone: EntityId | null;
  /** The group of what it may be; null where a mark that stays was told by its cue. */
  readonly lookAlike: string | null;
  /** Where on the surface. */
  readonly where: string;
  readonly severity: Severity;
  /** Share of the surface or zone, above 0 to 1. */
  readonly share: number;
  /** What it was decided to be: a contaminant, which is then a finding, or a permanent mark; null while it is open. */
  readonly settledAs: string | null;
  readonly note: string;
}

const permanent = PERMANENT_MARKS.map((m) => m.id);
const candidates = [
  ...new Set([...LOOK_ALIKES.flatMap((group) => group.candidates.map((c) => c.id)), ...permanent]),
];

export const markSchema = Joi.object<Omit<Mark, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  zone: entityIdSchema.allow(null).default(null),
  lookAlike: Joi.valid(...LOOK_ALIKES.map((group) => group.id), null).required(),
  where: wordsSchema,
  severity: Joi.valid(1, 2, 3, 4).default(2),
  share: Joi.number().greater(0).max(1).default(1),
  settledAs: Joi.valid(...candidates)
    .allow(null)
    .default(null),
  note: wordsSchema,
})
  .custom((mark: Pick<Mark, 'lookAlike' | 'settledAs'>, helpers) =>
    mark.lookAlike !== null || permanent.includes(mark.settledAs ?? '') ? mark : helpers.error('mark.cue'),
  )
  .messages({
    'mark.cue':
      '{#label} belongs to no group of look-alikes: then it is settled as one of the marks that stay',
  });

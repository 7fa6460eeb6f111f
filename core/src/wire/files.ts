import Joi from 'joi';
import type { Kept } from './answer.ts';
import { countSchema, momentSchema, sha256Schema, wordsSchema } from './answer.ts';

/** A picture that was kept. */
export interface KeptPhoto {
  /** Of the file as it came. */
  readonly sha256: string;
  readonly widthPixels: number;
  readonly heightPixels: number;
  /** Date and time, as the camera says; null where it does not. */
  readonly takenAt: string | null;
  readonly receivedAt: string;
  readonly receivedBy: string;
}

export const keptPhotoSchema = Joi.object<KeptPhoto>({
  sha256: sha256Schema,
  widthPixels: countSchema,
  heightPixels: countSchema,
  takenAt: Joi.string().isoDate().allow(null).required(),
  receivedAt: momentSchema,
  receivedBy: wordsSchema,
});

/** A data sheet that was kept. */
export const keptSheetSchema = Joi.object<Kept>({ sha256: sha256Schema });

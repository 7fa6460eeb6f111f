import Joi from 'joi';
import { uuidSchema } from '../quantity/uuid.ts';
import { countSchema, listOf, wordsSchema } from './answer.ts';

export interface Template {
  readonly id: string;
  readonly name: string;
  readonly surfaces: number;
}

export interface TemplatesList {
  readonly templates: readonly Template[];
}

export const templatesListSchema = Joi.object<TemplatesList>({
  templates: listOf(Joi.object<Template>({ id: uuidSchema, name: wordsSchema, surfaces: countSchema })),
});

export interface NewTemplate {
  readonly id: string;
  readonly name: string;
  /** Whose surfaces it takes. */
  readonly job: string;
}

export const newTemplateSchema = Joi.object<NewTemplate>({
  id: uuidSchema,
  name: Joi.string().trim().min(1).max(120).required(),
  job: uuidSchema,
});

import Joi from 'joi';

/** A page of a list: how many entries come before it, and how many it has at most. */
export interface Page {
  readonly from: number;
  readonly size: number;
}

/** A page of what is found; all of it where nothing is searched for. */
export interface FoundPage extends Page {
  readonly find: string;
}

const LARGEST_PAGE = 100;
const USUAL_PAGE = 25;

/** What every list that is searched and turned over page by page takes in its address. */
export const pageKeys = {
  find: Joi.string().max(120).allow('').default(''),
  from: Joi.number().integer().min(0).max(1e6).default(0),
  size: Joi.number().integer().min(1).max(LARGEST_PAGE).default(USUAL_PAGE),
};

export const pageSchema = Joi.object<FoundPage>(pageKeys);

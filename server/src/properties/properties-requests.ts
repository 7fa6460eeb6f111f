import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { pageKeys } from '../database/page-of.ts';
import type { Page } from '../database/page-of.ts';
import { validatedQuery } from '../problems/validated.ts';
import type { PropertiesStore } from './properties-store.ts';

const listSchema = Joi.object<Page & { find: string }>(pageKeys);

export function propertiesRequests(properties: PropertiesStore): Record<'list', RequestHandler> {
  return {
    async list(req, res) {
      const { find, ...page } = validatedQuery(listSchema, req.query);
      res.json(await properties.list(contextOf(res), find, page));
    },
  };
}

import { pageSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import { contextOf } from '../context-of.ts';
import { validatedQuery } from '../problems/validated.ts';
import type { PropertiesStore } from './properties-store.ts';

export function propertiesRequests(properties: PropertiesStore): Record<'list', RequestHandler> {
  return {
    async list(req, res) {
      const { find, ...page } = validatedQuery(pageSchema, req.query);
      res.json(await properties.list(contextOf(res), find, page));
    },
  };
}

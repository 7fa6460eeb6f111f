import { handbookBatchSchema, pageSchema } from '@etappe/core';
import { rm } from 'node:fs/promises';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import multer from 'multer';
import { contextOf } from '../context-of.ts';
import { receivedFile } from '../problems/received-file.ts';
import { validated, validatedParam, validatedQuery } from '../problems/validated.ts';
import { LARGEST_SHEET_BYTES } from './data-sheets-store.ts';
import type { DataSheetsStore } from './data-sheets-store.ts';
import type { HandbookStore } from './handbook-store.ts';

const sha256Schema = Joi.string().hex().length(64).lowercase().required().label('data sheet');
const FIELD = 'sheet';

export function handbookRequests(
  handbook: HandbookStore,
  sheets: DataSheetsStore,
): Record<'read' | 'change' | 'log' | 'sheet', RequestHandler> & {
  readonly uploadSheet: readonly RequestHandler[];
} {
  return {
    async read(_req, res) {
      res.json(await handbook.read(contextOf(res)));
    },
    async change(req, res) {
      const { changes } = validated(handbookBatchSchema, req.body);
      res.json(await handbook.change(contextOf(res), changes));
    },
    async log(req, res) {
      const { from, size } = validatedQuery(pageSchema, req.query);
      res.json({ changes: await handbook.log(contextOf(res), from, size) });
    },
    uploadSheet: [
      receivedFile(
        multer({
          dest: sheets.incoming,
          limits: { fileSize: LARGEST_SHEET_BYTES, files: 1, fields: 0, parts: 1 },
        }),
        {
          field: FIELD,
          what: 'data sheet',
          largestBytes: LARGEST_SHEET_BYTES,
          smaller: 'save the PDF in a smaller size',
        },
      ),
      async (req, res) => {
        const { path = '' } = req.file ?? {};
        res
          .status(201)
          .json(await sheets.keep(contextOf(res), path).finally(() => rm(path, { force: true })));
      },
    ],
    async sheet(req, res) {
      const sha256 = validatedParam(sha256Schema, req.params['sheet']);
      const { mediaType, bytes } = await sheets.file(contextOf(res), sha256);
      // It came from outside: shown as what it is, with nothing of it running.
      res
        .type(mediaType)
        .set({
          'Content-Disposition': 'inline',
          'Content-Security-Policy': 'sandbox',
          'Cache-Control': 'private, max-age=31536000, immutable',
        })
        .send(bytes);
    },
  };
}

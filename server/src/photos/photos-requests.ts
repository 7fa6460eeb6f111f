import { rm } from 'node:fs/promises';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import multer from 'multer';
import { contextOf } from '../context-of.ts';
import { notFound } from '../problems/problem.ts';
import { receivedFile } from '../problems/received-file.ts';
import { validatedParam } from '../problems/validated.ts';
import { LARGEST_FILE_BYTES, PHOTO_SIZES } from './picture.ts';
import type { PhotoSize } from './picture.ts';
import type { PhotosStore } from './photos-store.ts';

const FIELD = 'photo';
const YEAR_SECONDS = 31_536_000;
const sha256Schema = Joi.string().hex().length(64).lowercase().required().label('photo');
const sizeSchema = Joi.valid(...PHOTO_SIZES)
  .required()
  .label('size');

export function photosRequests(photos: PhotosStore): {
  readonly upload: readonly [RequestHandler, RequestHandler];
  readonly file: RequestHandler;
} {
  return {
    upload: [
      receivedFile(
        multer({
          dest: photos.incoming,
          limits: { fileSize: LARGEST_FILE_BYTES, files: 1, fields: 0, parts: 1 },
        }),
        {
          field: FIELD,
          what: 'picture',
          largestBytes: LARGEST_FILE_BYTES,
          smaller: 'set the camera to a smaller size, or make the picture smaller',
        },
      ),
      async (req, res) => {
        const { path = '' } = req.file ?? {};
        const kept = await photos.keep(contextOf(res), path).finally(() => rm(path, { force: true }));
        res.status(201).json(kept);
      },
    ],
    async file(req, res) {
      const sha256 = validatedParam(sha256Schema, req.params['photo']);
      const size = validatedParam<PhotoSize>(sizeSchema, req.params['size']);
      const path = await photos.find(contextOf(res), sha256, size);
      if (path === null) throw notFound('photo');
      // The folder of the private data begins with a dot.
      res.sendFile(path, {
        dotfiles: 'allow',
        headers: { 'Cache-Control': `private, max-age=${YEAR_SECONDS}, immutable` },
        lastModified: false,
      });
    },
  };
}

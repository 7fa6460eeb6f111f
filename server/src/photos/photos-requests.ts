import { rm } from 'node:fs/promises';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import multer from 'multer';
import { contextOf } from '../context-of.ts';
import { Problem, notFound } from '../problems/problem.ts';
import { validated } from '../problems/validated.ts';
import { LARGEST_FILE_BYTES, PHOTO_SIZES } from './picture.ts';
import type { PhotoSize } from './picture.ts';
import { storageProblem } from './photos-store.ts';
import type { PhotosStore } from './photos-store.ts';

const FIELD = 'photo';
const MEBI = 1024 * 1024;
const YEAR_SECONDS = 31_536_000;
const sha256Schema = Joi.string().hex().length(64).lowercase().required().label('photo');
const sizeSchema = Joi.valid(...PHOTO_SIZES)
  .required()
  .label('size');

export function photosRequests(photos: PhotosStore): {
  readonly upload: readonly [RequestHandler, RequestHandler];
  readonly file: RequestHandler;
} {
  const received = multer({
    dest: photos.incoming,
    limits: { fileSize: LARGEST_FILE_BYTES, files: 1, fields: 0, parts: 1 },
  }).single(FIELD);
  return {
    upload: [
      (req, res, next) => {
        // Multer answers by a callback that may have an error of any sort.
        received(req, res, (error: unknown) => {
          next(error === undefined ? undefined : uploadProblem(error));
        });
      },
      async (req, res) => {
        if (!req.file)
          throw new Problem(
            422,
            'invalid',
            'Not accepted',
            `A picture comes as multipart/form-data, in the field "${FIELD}".`,
          );
        try {
          res.status(201).json(await photos.keep(contextOf(res), req.file.path));
        } finally {
          await rm(req.file.path, { force: true });
        }
      },
    ],
    async file(req, res) {
      const sha256 = validated(sha256Schema, req.params['photo']);
      const size = validated<PhotoSize>(sizeSchema, req.params['size']);
      const path = await photos.find(contextOf(res), sha256, size);
      if (path === null) throw notFound('photo');
      // The folder of the private data begins with a dot.
      res.sendFile(path, {
        dotfiles: 'allow',
        immutable: true,
        maxAge: YEAR_SECONDS * 1000,
        lastModified: false,
      });
    },
  };
}

function uploadProblem(error: unknown): unknown {
  if (!(error instanceof multer.MulterError))
    // The system's own errors carry a code; those of the reader of forms do not.
    return error instanceof Error && !('code' in error)
      ? new Problem(
          400,
          'bad-request',
          'Bad request',
          `The form is broken or cut off (${error.message.toLowerCase()}): nothing of it was kept. Send it again.`,
        )
      : storageProblem(error);
  return error.code === 'LIMIT_FILE_SIZE'
    ? new Problem(
        413,
        'too-large',
        'The picture is too large',
        `The file is larger than ${String(LARGEST_FILE_BYTES / MEBI)} MB: set the camera to a smaller size, or make the picture smaller.`,
      )
    : new Problem(
        422,
        'invalid',
        'Not accepted',
        `One picture at a time, in the field "${FIELD}" and nothing beside it (${error.message.toLowerCase()}).`,
      );
}

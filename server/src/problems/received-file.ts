import type { RequestHandler } from 'express';
import multer from 'multer';
import type { Multer } from 'multer';
import { Problem } from './problem.ts';
import { storageProblem } from './storage-problem.ts';

const MEBI = 1024 * 1024;

interface FileWords {
  /** Field of the form that it comes in. */
  readonly field: string;
  /** What it is called, as "picture". */
  readonly what: string;
  readonly largestBytes: number;
  /** The way out where it is too large. */
  readonly smaller: string;
}

/** Receives one file of a form; every way in which that goes wrong is a problem that says the way out. */
export function receivedFile(forms: Multer, words: FileWords): RequestHandler {
  const received = forms.single(words.field);
  return (req, res, next) => {
    if (!/^multipart\/form-data\b/i.test(req.headers['content-type'] ?? ''))
      throw new Problem(
        415,
        'unsupported-media-type',
        'Not a form',
        `A ${words.what} comes as multipart/form-data, in the field "${words.field}".`,
      );
    // Multer answers by a callback that may have an error of any sort.
    received(req, res, (error: unknown) => {
      if (error !== undefined) next(uploadProblem(error, words));
      else if (req.file) next();
      else
        next(
          new Problem(
            422,
            'invalid',
            'Not accepted',
            `A ${words.what} comes as multipart/form-data, in the field "${words.field}".`,
          ),
        );
    });
  };
}

function uploadProblem(error: unknown, { field, what, largestBytes, smaller }: FileWords): unknown {
  if (!(error instanceof multer.MulterError))
    // The system's own errors carry a code; those of the reader of forms do not.
    return error instanceof Error && !('code' in error)
      ? new Problem(
          400,
          'bad-request',
          'Bad request',
          `The form is broken or cut off (${error.message.toLowerCase()}): nothing of it was kept. Send again.`,
        )
      : storageProblem(error);
  return error.code === 'LIMIT_FILE_SIZE'
    ? new Problem(
        413,
        'too-large',
        `The ${what} is too large`,
        `The file is larger than ${largestBytes / MEBI} MB: ${smaller}.`,
      )
    : new Problem(
        422,
        'invalid',
        'Not accepted',
        `One ${what} at a time, in the field "${field}" and nothing beside it (${error.message.toLowerCase()}).`,
      );
}

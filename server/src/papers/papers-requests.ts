import { SHEET_SIZES, paperSchema } from '@etappe/core';
import type { Paper, SheetSize } from '@etappe/core';
import type { RequestHandler, Response } from 'express';
import Joi from 'joi';
import type { Context } from '../context.ts';
import { contextOf } from '../context-of.ts';
import { jobIdSchema } from '../jobs/jobs-requests.ts';
import { orderNumberSchema } from '../orders/orders-requests.ts';
import { Problem } from '../problems/problem.ts';
import { validated, validatedParam } from '../problems/validated.ts';
import type { PhotosStore } from '../photos/photos-store.ts';
import type { OrderPdfsStore } from './order-pdfs-store.ts';
import { paperMailFields } from './outbox.ts';
import type { Outbox, PaperMail } from './outbox.ts';
import { picturesOf } from './paper-pictures.ts';
import type { PdfMaker } from './pdf-maker.ts';

const sizeSchema = Joi.string()
  .valid(...SHEET_SIZES)
  .required()
  .label('format');

const personNameSchema = Joi.string().max(120).required().label('person');

/** A mail with the paper that goes with it. */
interface MailedPaper extends PaperMail {
  readonly paper: Paper;
}
const mailSchema = Joi.object<MailedPaper>({ ...paperMailFields, paper: paperSchema.required() });

/** The PDF of an issued order, as it was made for good, and of papers that are made anew. */
export function papersRequests(
  pdfs: OrderPdfsStore,
  photos: PhotosStore,
  maker: PdfMaker | null,
  outbox: Outbox | null,
): Record<'orderState' | 'orderFile' | 'orderOfPerson' | 'print' | 'mail' | 'wakeAfter', RequestHandler> {
  /** @throws Problem 422 for what no sheet takes */
  const printed = async (paper: Paper, size: SheetSize, context: Context): Promise<Buffer> => {
    if (!maker) throw new Error('papers are made on the main thread');
    const pictures = await picturesOf(paper, context, photos);
    try {
      return await maker.make(paper, size, pictures);
    } catch (error) {
      if (error instanceof Problem) throw error;
      throw new Problem(
        422,
        'not-printable',
        'Not printable',
        `This paper cannot be printed: ${error instanceof Error ? error.message : String(error)}`,
      );
    }
  };
  return {
    async orderState(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const number = Number(validatedParam(orderNumberSchema, req.params['number']));
      res.json(await pdfs.state(contextOf(res), jobId, number));
    },
    async orderFile(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const number = Number(validatedParam(orderNumberSchema, req.params['number']));
      const { pdf, sha256 } = await pdfs.file(contextOf(res), jobId, number);
      send(res, pdf, `order-${number}.pdf`, sha256);
    },
    async orderOfPerson(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const number = Number(validatedParam(orderNumberSchema, req.params['number']));
      const name = validatedParam(personNameSchema, req.params['person']);
      send(res, await pdfs.ofPerson(contextOf(res), jobId, number, name), `order-${number}.pdf`);
    },
    async print(req, res) {
      const size = validatedParam(sizeSchema, req.params['format']) as SheetSize;
      const paper = validated(paperSchema, req.body);
      send(res, await printed(paper, size, contextOf(res)), `${paper.kind}.pdf`);
    },
    async mail(req, res) {
      const size = validatedParam(sizeSchema, req.params['format']) as SheetSize;
      const { paper, ...mail } = validated(mailSchema, req.body);
      if (!outbox) throw new Error('mails are written on the main thread');
      const pdf = await printed(paper, size, contextOf(res));
      const written = await outbox.put(mail, { name: `${paper.kind}.pdf`, pdf });
      res.setHeader('Content-Disposition', `attachment; filename="${paper.kind}.eml"`);
      res.type('message/rfc822').send(written);
    },
    /** What was issued on another thread is made once that has answered. */
    wakeAfter(_req, res, next) {
      res.once('finish', () => void pdfs.wake());
      next();
    },
  };
}

function send(res: Response, pdf: Buffer, name: string, sha256?: string): void {
  if (sha256) res.setHeader('Etappe-SHA-256', sha256);
  res.setHeader('Content-Disposition', `attachment; filename="${name}"`);
  res.type('application/pdf').send(pdf);
}

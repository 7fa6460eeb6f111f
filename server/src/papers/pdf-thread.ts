import { parentPort } from 'node:worker_threads';
import { paperPdf } from './paper-pdf.ts';
import type { PdfAnswer, PdfRequest } from './pdf-maker.ts';

/** A thread that makes papers, one for each message. */
parentPort?.on('message', ({ paper, size, pictures }: PdfRequest) => {
  const say = (answer: PdfAnswer) => {
    parentPort?.postMessage(answer);
  };
  paperPdf(paper, size, pictures).then(
    (pdf) => {
      say({ pdf });
    },
    (error: unknown) => {
      say({ failed: error instanceof Error ? error.message : String(error) });
    },
  );
});

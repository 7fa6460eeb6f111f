import type { Paper, SheetSize } from '@etappe/core';
import { askedThread } from '../heavy-work/asked-thread.ts';
import type { Pictures } from './paper-pictures.ts';

/** Makes a file of a paper, one after the other. */
export interface PdfMaker {
  /**
   * @param pictures of the paper; one that is not there is left out
   * @throws Problem 503 where too many wait, Error where the paper cannot be made
   */
  make(paper: Paper, size: SheetSize, pictures: Pictures): Promise<Buffer>;
  stop(): void;
}

/** What the thread is asked. */
export interface PdfRequest {
  readonly paper: Paper;
  readonly size: SheetSize;
  readonly pictures: Pictures;
}

/** On one thread of its own, so that nobody waits for it. */
export function pdfMaker(program: string): PdfMaker {
  const thread = askedThread<PdfRequest, Uint8Array>(program);
  return {
    make: async (paper, size, pictures) => Buffer.from(await thread.ask({ paper, size, pictures })),
    stop: () => {
      thread.stop();
    },
  };
}

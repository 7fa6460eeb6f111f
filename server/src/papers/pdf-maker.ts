import { Worker as Thread } from 'node:worker_threads';
import type { Paper, SheetSize } from '@etappe/core';
import pLimit from 'p-limit';
import { busy } from '../problems/problem.ts';
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

/** What the thread is asked, and what it says. */
export interface PdfRequest {
  readonly paper: Paper;
  readonly size: SheetSize;
  readonly pictures: Pictures;
}
export type PdfAnswer = { readonly pdf: Uint8Array } | { readonly failed: string };

/** Papers that may wait; with more of them the device tries again later. */
const MOST_WAITING = 100;
const MOST_MEGABYTES = 512;
/** One that takes longer is given up, and its thread with it. */
const LONGEST_MILLISECONDS = 60_000;

/** On one thread of its own, so that nobody waits for it; one that dies is started again for the next paper. */
export function pdfMaker(program: string): PdfMaker {
  const oneByOne = pLimit(1);
  let thread: Thread | null = null;
  const running = (): Thread => {
    if (thread) return thread;
    const fresh = new Thread(program, { resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES } });
    fresh.once('exit', () => {
      if (thread === fresh) thread = null;
    });
    // Without a listener one that dies between two papers would end this process too.
    fresh.on('error', () => undefined);
    fresh.unref();
    thread = fresh;
    return fresh;
  };
  return {
    make(paper, size, pictures) {
      if (oneByOne.pendingCount >= MOST_WAITING) return Promise.reject(busy());
      return oneByOne(() => asked(running(), { paper, size, pictures }));
    },
    stop() {
      void thread?.terminate();
    },
  };
}

function asked(thread: Thread, request: PdfRequest): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const done = (settle: () => void) => {
      clearTimeout(limit);
      thread.off('message', answered).off('error', failed).off('exit', ended);
      settle();
    };
    const answered = (answer: PdfAnswer) => {
      done(() => {
        if ('pdf' in answer) resolve(Buffer.from(answer.pdf));
        else reject(new Error(answer.failed));
      });
    };
    const failed = (error: Error) => {
      done(() => {
        reject(error);
      });
    };
    const ended = () => {
      failed(new Error('the thread that makes papers has ended'));
    };
    const limit = setTimeout(() => {
      void thread.terminate();
    }, LONGEST_MILLISECONDS);
    thread.on('message', answered).on('error', failed).on('exit', ended);
    thread.postMessage(request);
  });
}

import { parentPort, Worker as Thread } from 'node:worker_threads';
import pLimit from 'p-limit';
import { busy } from '../problems/problem.ts';

/** A thread of its own that is asked one thing after the other, so that nobody else waits for it. */
export interface AskedThread<Question, Result> {
  /** @throws Problem 503 where too many wait, Error where it cannot be worked out */
  ask(question: Question): Promise<Result>;
  stop(): void;
}

type Answer<Result> = { readonly result: Result } | { readonly failed: string };

/** Questions that may wait; with more of them the device tries again later. */
const MOST_WAITING = 100;
const MOST_MEGABYTES = 512;
/** One that takes longer is given up, and its thread with it. */
const LONGEST_MILLISECONDS = 60_000;

/**
 * Started with the first question, and again after it has died.
 * @param program that answers each question, see {@link answerEach}
 * @param workerData what it is told when it starts
 */
export function askedThread<Question, Result>(
  program: string,
  workerData?: unknown,
): AskedThread<Question, Result> {
  const oneByOne = pLimit(1);
  let thread: Thread | null = null;
  const running = (): Thread => {
    if (thread) return thread;
    const fresh = new Thread(program, {
      workerData,
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
    });
    fresh.once('exit', () => {
      if (thread === fresh) thread = null;
    });
    // Without a listener one that dies between two questions would end this process too.
    fresh.on('error', () => undefined);
    fresh.unref();
    thread = fresh;
    return fresh;
  };
  return {
    ask(question) {
      if (oneByOne.pendingCount >= MOST_WAITING) return Promise.reject(busy());
      return oneByOne(() => asked<Result>(running(), question));
    },
    stop() {
      void thread?.terminate();
    },
  };
}

function asked<Result>(thread: Thread, question: unknown): Promise<Result> {
  return new Promise((resolve, reject) => {
    const done = (settle: () => void) => {
      clearTimeout(limit);
      thread.off('message', answered).off('error', failed).off('exit', ended);
      settle();
    };
    const answered = (answer: Answer<Result>) => {
      done(() => {
        if ('result' in answer) resolve(answer.result);
        else reject(new Error(answer.failed));
      });
    };
    const failed = (error: Error) => {
      done(() => {
        reject(error);
      });
    };
    const ended = () => {
      failed(new Error('the thread that was asked has ended'));
    };
    const limit = setTimeout(() => {
      void thread.terminate();
    }, LONGEST_MILLISECONDS);
    thread.on('message', answered).on('error', failed).on('exit', ended);
    thread.postMessage(question);
  });
}

/** On the thread itself: answers each question with what `work` makes of it. */
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters -- what comes over from the other side has no type
export function answerEach<Question>(work: (question: Question) => unknown): void {
  const say = (answer: Answer<unknown>) => {
    parentPort?.postMessage(answer);
  };
  const answer = async (question: Question) => {
    try {
      say({ result: await work(question) });
    } catch (error) {
      say({ failed: error instanceof Error ? error.message : String(error) });
    }
  };
  parentPort?.on('message', (question: Question) => void answer(question));
}

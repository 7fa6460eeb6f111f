import type { CrewOrder, DecidedVisit, Language, Paper, Survey } from '@etappe/core';
import { askedThread } from '../heavy-work/asked-thread.ts';
import type { AskedThread } from '../heavy-work/asked-thread.ts';

/** What an order was made of when it was issued. */
export interface IssuedWork {
  readonly inputs: Survey;
  readonly decided: DecidedVisit;
}

/** What a thread is asked: to say an order again in its language, or to lay one out as paper. */
export type WritingRequest =
  | {
      readonly is: 'order';
      readonly work: IssuedWork;
      /** The order against which it says what changed; null where there was none. */
      readonly before: (IssuedWork & { readonly number: number }) | null;
    }
  | {
      readonly is: 'paper';
      readonly order: CrewOrder;
      readonly number: number;
      readonly readers: readonly string[] | null;
    };
export type Written = CrewOrder | Paper;

/** Writes orders in other languages, a thread of its own for each. */
export interface OrderWriter {
  /** @throws Problem 503 where too many wait, Error where today's engine cannot derive it */
  order(
    language: Language,
    request: Omit<Extract<WritingRequest, { is: 'order' }>, 'is'>,
  ): Promise<CrewOrder>;
  paper(language: Language, request: Omit<Extract<WritingRequest, { is: 'paper' }>, 'is'>): Promise<Paper>;
  stop(): void;
}

export function orderWriter(program: string): OrderWriter {
  const threads = new Map<Language, AskedThread<WritingRequest, Written>>();
  const threadOf = (language: Language) => {
    const there = threads.get(language) ?? askedThread<WritingRequest, Written>(program, { language });
    threads.set(language, there);
    return there;
  };
  return {
    order: async (language, request) =>
      (await threadOf(language).ask({ is: 'order', ...request })) as CrewOrder,
    paper: async (language, request) => (await threadOf(language).ask({ is: 'paper', ...request })) as Paper,
    stop() {
      for (const thread of threads.values()) thread.stop();
    },
  };
}

import { contaminantById } from '../catalogue/catalogue.ts';
import { earlierWording } from '../catalogue/data/earlier-wording.ts';
import { OUTLOOKS } from '../catalogue/data/outlooks.ts';
import type { Outlook, OutlookTopic } from '../catalogue/outlook.ts';
import type { EXPECTATIONS } from '../messages/english/expectations.ts';
import { say } from '../messages/message.ts';
import type { Params } from '../messages/message.ts';
import type { Foreseen } from '../proposal/surface-treatment.ts';
import { lowerFirst } from '../quantity/words.ts';

export type Facts = Readonly<Record<string, string | number>>;

export interface Said {
  /** Sentences of one key are the same sentence, for several places. */
  readonly key: string;
  readonly place: string;
  readonly surface: string | null;
  readonly topic: OutlookTopic;
  readonly clause: string;
  readonly text: string;
  /** Ids and facts: no words of a language. */
  readonly facts: Facts;
  readonly earlier: string;
  /** Told until 2026-12: what is not used and why, and what stays in pores where there are none. */
  readonly retired?: boolean;
}

/** What is said, without where. */
export type Sentence = Pick<Said, 'topic' | 'clause' | 'text' | 'facts' | 'earlier'>;

type ExpectationText = keyof typeof EXPECTATIONS;

/** A sentence of the catalogue of messages, as it is worded now and as it was. */
export function worded<Id extends ExpectationText>(
  outlook: Outlook,
  id: Id,
  params: Params<Id>,
  facts: Facts = params,
  paramsThen: Params<Id> = params,
): Sentence {
  const then = `earlier/${id}` as const;
  return { ...outlook, text: say(id, params), facts, earlier: say(then, paramsThen as Params<typeof then>) };
}

/** Said since 2026-12: no acknowledgement rests on other words. */
export const saidNow = (outlook: Outlook, text: string, facts: Facts): Sentence => ({
  ...outlook,
  text,
  facts,
  earlier: text,
});

/** A sentence that is part of an entry of the handbook: its id stands for it. */
export const ofEntry = (outlook: Outlook, text: string, id: string): Sentence => ({
  ...outlook,
  text,
  facts: { id },
  earlier: earlierWording(text),
});

/** What an entry's sentence is among others; a company's own entry says it as it stands. */
export function outlookOf({ rule, text, lessens }: Foreseen): Outlook {
  if (lessens !== null) return { topic: 'lessened', clause: lowerFirst(contaminantById(lessens).name) };
  return OUTLOOKS.get(rule.replace(/^expect-/, '')) ?? { topic: 'looks', clause: asClause(text) };
}

export const asClause = (sentence: string) => lowerFirst(sentence.replace(/\.$/, ''));
export const looksOf = (id: 'told/uneven-drying' | 'told/colour'): Outlook => ({
  topic: 'looks',
  clause: say(id),
});

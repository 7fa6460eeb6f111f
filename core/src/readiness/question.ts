import { say } from '../messages/message.ts';
import type { Params } from '../messages/message.ts';
import type { QUESTIONS } from '../messages/english/questions.ts';

type QuestionText = Exclude<keyof typeof QUESTIONS, 'still-open'>;
/** Every rule by which something is asked. */
export type QuestionRule = QuestionText extends infer Id
  ? Id extends `${infer Rule}/${string}`
    ? Rule
    : Id
  : never;

/** An open question to the customer or to the site. */
export interface Question {
  readonly rule: QuestionRule;
  /** The facts of the sentence. */
  readonly params: Readonly<Record<string, string | number>>;
  readonly text: string;
  /** The survey is not ready while it is open. */
  readonly blocking: boolean;
  /** Id of the surface, side, feature or water point that it is about; null for the job as a whole. */
  readonly about: string | null;
  /** Under this key an answer in words is kept with the job. */
  readonly key: string;
  /** Fields of the feature that answer it, where safety rests on the answer: no words close it. */
  readonly typed: readonly TypedAnswer[] | null;
}

/** One field that answers a question, with what may be said. */
export interface TypedAnswer {
  readonly field: 'kind' | 'weatherproof' | 'isolated';
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

const LONGEST_KEY = 64;

/** The one way to ask: a rule that has no words does not compile, nor does a fact that is missing. */
export function ask<Id extends QuestionText>(
  id: Id,
  about: string | null,
  params: Params<Id>,
  {
    blocking = false,
    typed = null,
  }: { readonly blocking?: boolean; readonly typed?: Question['typed'] } = {},
): Question {
  const rule = id.split('/')[0] as QuestionRule;
  const key = about === null ? rule : `${rule} ${about}`.slice(0, LONGEST_KEY);
  return { rule, params, text: say(id, params), blocking, about, key, typed };
}

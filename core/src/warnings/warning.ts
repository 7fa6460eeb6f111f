import { say } from '../messages/message.ts';
import type { MessageId, Params } from '../messages/message.ts';
import type { WARNINGS } from '../messages/english/warnings.ts';
import type { QuestionRule } from '../readiness/question.ts';

type WarningText = keyof typeof WARNINGS;
/** The rule of a message: its wordings stand behind a stroke. */
export type RuleOf<Id extends string> = Id extends `${infer Rule}/${string}` ? Rule : Id;
/** Every rule by which a plan warns or is stopped; an open question that blocks stops it by its own. */
export type WarningRule = RuleOf<WarningText> | QuestionRule;
export type Severity = 'note' | 'warn' | 'stop';

/** A plan with a "stop" cannot be issued as an order. */
export interface Warning {
  readonly rule: WarningRule;
  readonly severity: Severity;
  /** The facts of the sentence. */
  readonly params: Readonly<Record<string, string | number>>;
  readonly text: string;
  /** What it is about; null for the visit as a whole. */
  readonly surface: string | null;
}

/** The rule that an id of a message names. */
export const ruleOf = <Id extends MessageId>(id: Id) => id.split('/')[0] as RuleOf<Id>;

/** The one way to warn: a rule that has no words does not compile, nor does a fact that is missing. */
export function warning<Id extends WarningText>(
  id: Id,
  severity: Severity,
  params: Params<Id>,
  surface: string | null = null,
): Warning {
  return { rule: ruleOf(id), severity, params, text: say(id, params), surface };
}

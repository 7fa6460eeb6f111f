import type { MessageId } from '../../messages/message.ts';
import { AFTERCARE_WORDS } from './messages/aftercare.ts';
import { EXPECTATIONS, TOLD } from './messages/expectations.ts';
import { JUDGE } from './messages/judge.ts';
import { LEFT_OUT } from './messages/left-out.ts';
import { MIXES } from './messages/mixes.ts';
import { ORDER } from './messages/order.ts';
import { PAPERS } from './messages/papers.ts';
import { PROVISIONS } from './messages/provisions.ts';
import { QUESTIONS } from './messages/questions.ts';
import { TREATMENT } from './messages/treatment.ts';
import { MEETINGS, WARNINGS } from './messages/warnings.ts';
import { WATER_AND_JETS } from './messages/water-and-jets.ts';

/** What customers acknowledged in the words of earlier days stays in those. */
type InGerman = Exclude<MessageId, `earlier/${string}`>;

export const GERMAN_MESSAGES: Readonly<Record<InGerman, string>> = {
  ...WARNINGS,
  ...MEETINGS,
  ...QUESTIONS,
  ...EXPECTATIONS,
  ...TOLD,
  ...AFTERCARE_WORDS,
  ...JUDGE,
  ...LEFT_OUT,
  ...MIXES,
  ...ORDER,
  ...PAPERS,
  ...PROVISIONS,
  ...TREATMENT,
  ...WATER_AND_JETS,
};

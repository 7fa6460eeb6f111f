import { AFTERCARE_WORDS } from './aftercare.ts';
import { EARLIER_EXPECTATIONS, EXPECTATIONS, TOLD } from './expectations.ts';
import { JUDGE } from './judge.ts';
import { LEFT_OUT } from './left-out.ts';
import { MIXES } from './mixes.ts';
import { ORDER } from './order.ts';
import { PROVISIONS } from './provisions.ts';
import { PAPERS } from './papers.ts';
import { QUESTIONS } from './questions.ts';
import { TREATMENT } from './treatment.ts';
import { WATER_AND_JETS } from './water-and-jets.ts';
import { MEETINGS, WARNINGS } from './warnings.ts';

/** Every sentence that the engine says, as ICU messages: {name} is a fact, plural and select choose a wording. */
export const ENGLISH = {
  ...WARNINGS,
  ...MEETINGS,
  ...QUESTIONS,
  ...EXPECTATIONS,
  ...TOLD,
  ...EARLIER_EXPECTATIONS,
  ...AFTERCARE_WORDS,
  ...JUDGE,
  ...LEFT_OUT,
  ...MIXES,
  ...ORDER,
  ...PAPERS,
  ...PROVISIONS,
  ...TREATMENT,
  ...WATER_AND_JETS,
} as const;

import { MIXES } from './messages/mixes.ts';
import { ORDER } from './messages/order.ts';
import { SAFETY } from './messages/safety.ts';

/** What a crew reads: its order, its mixes and its toolbox talk. */
export const SPANISH_MESSAGES = { ...ORDER, ...MIXES, ...SAFETY };

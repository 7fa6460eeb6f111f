import { say } from '../messages/drawing.ts';
import type { RoundLook } from './day-ribbon-layout.ts';

/** How the kinds of rounds are told apart on the ribbon, in the order of its legend. */
export const ROUND_LOOKS: Readonly<
  Record<RoundLook, { readonly word: string; readonly fill: string; readonly ink: string }>
> = {
  frame: { word: say('set-out-clear-up'), fill: 'var(--line)', ink: 'var(--ink)' },
  rest: {
    word: say('lunch'),
    fill: 'color-mix(in srgb, var(--line) 45%, var(--raised))',
    ink: 'var(--ink)',
  },
  mix: {
    word: say('mixing'),
    fill: 'color-mix(in srgb, var(--growth) 45%, var(--raised))',
    ink: 'var(--ink)',
  },
  wet: {
    word: say('put-on-and-finished'),
    fill: 'color-mix(in srgb, var(--wet) 70%, var(--dwell))',
    ink: 'var(--ground)',
  },
  rinse: { word: say('wash-rinse'), fill: 'var(--wet)', ink: 'var(--ground)' },
  dry: {
    word: say('other-work'),
    fill: 'color-mix(in srgb, var(--ink) 30%, var(--raised))',
    ink: 'var(--ink)',
  },
};

import { messages } from './messages.ts';

export const { say } = messages({
  // chemistry-apart.tsx
  'kept-apart-in-time': 'Kept apart in time',
  against: '{face}: {name} against',
  'points-less': ' ({worseBy} points less)',
});

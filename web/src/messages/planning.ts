import { messages } from './messages.ts';

export const { say } = messages('planning', {
  // changed-elsewhere-bar.tsx
  'your-edit-changed-more': 'Your edit changed more',
  'and-more-surfaces': 'And {count, plural, one {# more surface} other {# more surfaces}}.',
  dismiss: 'Dismiss',
  // chemistry-apart.tsx
  'kept-apart-in-time': 'Kept apart in time',
  against: '{face}: {name} against',
  'points-less': ' ({worseBy} points less)',
});

import { messages } from './messages.ts';

export const { say } = messages('visits', {
  // visit-choice.tsx
  'first-day': 'first day',
  'days-later': '{fromDay} days later',
  'by-at-the-latest': ', by {latest} at the latest',
  'goes-on': '{begin}, goes on from the visit before',
  'and-more': '{names} and {more} more',
  visits: 'Visits',
  visit: 'Visit {number}',
  'hands-on': '{what} hands-on{numberWords}',
  'from-day': 'from {begin}{latest}',
  surfaces: '{count, plural, one {# surface,} other {# surfaces,}}',
});

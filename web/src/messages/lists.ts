import { messages } from './messages.ts';

export const { say } = messages('lists', {
  // company-head.tsx
  jobs: 'Jobs',
  properties: 'Properties',
  handbook: 'Handbook',
  'etappe-here': '{here} · Etappe',
  etappe: 'Etappe',
  company: 'Company',
  // list-query.tsx
  pages: 'Pages',
  earlier: 'Earlier',
  'to-of': '{from} to {from2} of {total}',
  later: 'Later',
});

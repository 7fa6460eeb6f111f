import { messages } from './messages.ts';

export const { say } = messages('app', {
  // evening-button.tsx
  'light-colours': 'Light colours',
  'dark-colours-for-evening-work': 'Dark colours for evening work',
  // language-choice.tsx
  language: 'Language',
  'crew-order-and-safety': 'crew order and safety',
  // new-version-bar.tsx
  'a-new-version-is-ready': 'A new version is ready.',
  reload: 'Reload',
  // page-failed.tsx
  'this-page-could-not-be': 'This page could not be shown',
  'an-unexpected-error': 'An unexpected error.',
  'saved-work-is-safe-reload': 'Saved work is safe. Reload the page, or go back to the jobs.',
  'all-jobs': 'All jobs',
  // person-on-device.ts
  office: 'Office',
  // server-connection.ts
  'cannot-reach-the-server': 'Cannot reach the server.',
  'the-server-answered': 'The server answered {status}.',
  // print-button.tsx
  print: 'Print',
  // reason-dialog.tsx
  'say-why-the-rule-does': 'say why the rule does not apply here',
  'say-who-decides-this': 'say who decides this',
  reason: 'Reason',
  'decided-by': 'Decided by',
  // page-missing.tsx
  'page-not-found': 'Page not found',
});

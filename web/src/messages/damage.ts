import { messages } from './messages.ts';

export const { say, rich } = messages('damage', {
  // signature-field.tsx
  'sign-here': 'Sign here',
  'sign-again': 'Sign again',
  // damage-page.tsx
  'existing-damage-before-work-starts': 'Existing damage, before work starts',
  walk: 'Walk',
  'no-damage-recorded-look-once':
    'No damage recorded. Look once more on the {link}: what is not on this sheet turns into an argument later.',
  'on-the-property': 'on the property',
  found: ' · found {foundOn}',
  'no-photo-yet': '✕ no photo yet',
  taken: ' · taken {takenAt}',
  signatures: 'Signatures',
  'the-sheet-has-changed-since': '△ The sheet has changed since: show it again.',
  'signature-of': 'Signature of {name}',
  'utc-shown-by': '{name}, {at} UTC · shown by {shownBy}',
  'who-signs': 'who signs?',
  'seen-before-work-started': 'Seen before work started',
  'i-was-shown-the-damage': 'I was shown the damage above before work began. It was not caused by the work.',
  name: 'Name',
  'sign-in-the-field-with':
    'Sign in the field, with a finger, a pen or the mouse; or print the sheet and sign it on paper.',
  signed: 'Signed',
});

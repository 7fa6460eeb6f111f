import { messages } from './messages.ts';

export const { say } = messages('quantity-fields', {
  // tape-help.tsx
  'surfaces-added-each-length-times': 'surfaces added, each length times width',
  'two-openings-taken-off': 'two openings taken off',
  'an-area-that-is-known': 'an area that is known',
  'units-of-any-kind-mixed': 'units of any kind, mixed',
  'triangle-base-height': 'triangle: base, height',
  'gable-wall-width-eaves-ridge': 'gable wall: width, eaves, ridge',
  'circle-by-its-diameter': 'circle by its diameter',
  'roof-by-its-plan-and': 'roof by its plan and pitch',
  'corrugated-or-carved-relief-factor': 'corrugated or carved: relief factor',
  'running-metres-or-pieces-with': 'running metres or pieces, with the girth beside',
  'how-to-write-a-size': 'How to write a size',
  // tape-field.tsx
  'sums-products-brackets-and-openings': 'Sums, products, brackets and openings:',
  'at-character': 'At character {position}: {message}.',
  use: 'Use {proposal}',
  // hours-field.tsx
  'are-no-hours-write-them': '“{text}” are no hours: write them as 12:00 to 13:30',
  // number-field.tsx
  'is-not-a-number': '“{text}” is not a number',
  // figure-to-write.tsx
  record: 'Record',
});

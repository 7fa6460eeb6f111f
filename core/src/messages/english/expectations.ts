/** What the customer has in writing before the work, by rule. */
export const EXPECTATIONS = {
  'expect/left-out': 'We leave it as it is.',
  'expect/left-out-why': 'We leave it as it is: {why}.',
  'expect/not-used': 'Not used here: {method}. {why}',
  'expect/others': '{method}: {until}.',
  'expect/seepage': 'Its seals are old: however carefully we rinse, some water may seep in.',
  'expect/uneven-drying': 'It dries unevenly and looks patchy for a few days.',
  'expect/colour': 'Cleaned areas look lighter than the rest; the edge shows until the weather evens it out.',
  'expect/visit-later': 'We come back {days} days later for {places}.',
  'expect/visit-from': 'We come back from {day} on for {places}.',
  'expect/slow-result':
    '{places}: nothing shows at first. The growth turns brown and weathers off between {from} and {to}.',
  'expect/slow-result-undated':
    '{places}: nothing shows at first. The growth turns brown and weathers off over 6 to 18 months.',
} as const;

/**
 * As they were worded until 2026-11-30: an acknowledgement of those days is a hash over these words, and stays valid.
 */
export const EARLIER_EXPECTATIONS = {
  'earlier/expect/left-out': 'It is left as it is.',
  'earlier/expect/left-out-why': 'It is left as it is: {why}.',
  'earlier/expect/not-used': 'Not used here: {method}. {why}',
  'earlier/expect/others': '{method}: {until}.',
  'earlier/expect/seepage':
    'Its seals are old: that water seeps in cannot be excluded, however carefully it is rinsed.',
  'earlier/expect/uneven-drying': 'It dries unevenly and looks patchy for some days.',
  'earlier/expect/colour':
    'What is cleaned is lighter than what is not: the edge shows until the weather evens it out.',
  'earlier/expect/visit-later': 'We come again {days} days later for {places}.',
  'earlier/expect/visit-from': 'We come again from {day} on for {places}.',
  'earlier/expect/slow-result':
    '{places}: nothing is seen at first; growth browns and the weather carries it off, between {from} and {to}.',
  'earlier/expect/slow-result-undated':
    '{places}: nothing is seen at first; growth browns and the weather carries it off, after 6 to 18 months.',
} as const satisfies Readonly<Record<`earlier/${keyof typeof EXPECTATIONS}`, string>>;

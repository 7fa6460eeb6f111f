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

/** What comes together under one heading: parts of a sentence. */
export const TOLD = {
  'told/visits': 'We come back',
  'told/left-out': 'We leave as it is',
  'told/by-others': 'By others',
  'told/lessened': 'Gets better, but will not be gone',
  'told/may-stay': 'May stay, paler than now',
  'told/comes-back': 'Comes back in time',
  'told/slow': 'Takes its time',
  'told/looks': 'Looks different afterwards',
  'told/upkeep': 'Needs looking after',
  'told/water': 'Where water may get to',
  'told/at': '{clause} ({places})',
  'told/many-places': '{places} and {more} more',
  'told/visit-later': '{days} days later for {places}',
  'told/visit-from': 'from {day} on for {places}',
  'told/left-out-why': '{place} ({why})',
  'told/others-until': 'we go on when this is done: {until}',
  'told/seepage': 'water may seep in at old seals, however carefully we rinse',
  'told/behind': 'water may creep in behind it, so that what stands there is moved: {what}',
  'told/behind-unknown': 'water may creep in behind it, so that what stands there is moved',
  'told/uneven-drying': 'thirsty surfaces dry patchy for a few days',
  'told/colour': 'what we clean is lighter than the rest; the edge shows until the weather evens it out',
  'told/behind-whole':
    'However carefully we rinse, some water may creep in behind it. What stands there is moved: {what}.',
  'told/behind-unknown-whole':
    'However carefully we rinse, some water may creep in behind it. What stands there is moved.',
  'told/slow-result':
    'on {places} nothing shows at first; growth turns brown and weathers off between {from} and {to}',
  'told/slow-result-undated':
    'on {places} nothing shows at first; growth turns brown and weathers off over 6 to 18 months',
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

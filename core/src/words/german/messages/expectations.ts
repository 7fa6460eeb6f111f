import type {
  EXPECTATIONS as ENGLISH,
  TOLD as ENGLISH_TOLD,
} from '../../../messages/english/expectations.ts';

export const EXPECTATIONS: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'expect/left-out': 'Wir lassen es, wie es ist.',
  'expect/left-out-why': 'Wir lassen es, wie es ist: {why}.',
  'expect/not-used': 'Hier nicht verwendet: {method}. {why}',
  'expect/others': '{method}: {until}.',
  'expect/seepage': 'Die Dichtungen sind alt: so vorsichtig wir spülen, etwas Wasser kann eindringen.',
  'expect/uneven-drying': 'Es trocknet ungleich und sieht ein paar Tage fleckig aus.',
  'expect/colour':
    'Gereinigtes sieht heller aus als der Rest; den Rand sieht man, bis das Wetter ihn ausgleicht.',
  'expect/visit-later': 'Wir kommen {days} Tage später wieder, für {places}.',
  'expect/visit-from': 'Wir kommen ab {day} wieder, für {places}.',
  'expect/slow-result':
    '{places}: zuerst ist nichts zu sehen. Der Bewuchs wird braun und verwittert zwischen {from} und {to}.',
  'expect/slow-result-undated':
    '{places}: zuerst ist nichts zu sehen. Der Bewuchs wird braun und verwittert in 6 bis 18 Monaten.',
};

export const TOLD: Readonly<Record<keyof typeof ENGLISH_TOLD, string>> = {
  'told/visits': 'Wir kommen wieder',
  'told/left-out': 'Das lassen wir, wie es ist',
  'told/by-others': 'Durch andere',
  'told/lessened': 'Wird besser, verschwindet aber nicht',
  'told/may-stay': 'Kann bleiben, blasser als jetzt',
  'told/comes-back': 'Kommt mit der Zeit wieder',
  'told/slow': 'Braucht seine Zeit',
  'told/looks': 'Sieht danach anders aus',
  'told/upkeep': 'Braucht Pflege',
  'told/water': 'Wohin Wasser gelangen kann',
  'told/at': '{clause} ({places})',
  'told/many-places': '{places} und {more} weitere',
  'told/visit-later': '{days} Tage später für {places}',
  'told/visit-from': 'ab {day} für {places}',
  'told/left-out-why': '{place} ({why})',
  'told/others-until': 'wir machen weiter, wenn das getan ist: {until}',
  'told/seepage': 'an alten Dichtungen kann Wasser eindringen, so vorsichtig wir spülen',
  'told/behind': 'dahinter kann Wasser kriechen, daher wird weggeräumt, was dort steht: {what}',
  'told/behind-unknown': 'dahinter kann Wasser kriechen, daher wird weggeräumt, was dort steht',
  'told/uneven-drying': 'saugende Flächen trocknen ein paar Tage lang fleckig',
  'told/colour':
    'was wir reinigen, ist heller als der Rest; den Rand sieht man, bis das Wetter ihn ausgleicht',
  'told/behind-whole':
    'So vorsichtig wir spülen, dahinter kann etwas Wasser kriechen. Was dort steht, wird weggeräumt: {what}.',
  'told/behind-unknown-whole':
    'So vorsichtig wir spülen, dahinter kann etwas Wasser kriechen. Was dort steht, wird weggeräumt.',
  'told/slow-result':
    'an {places} ist zuerst nichts zu sehen; Bewuchs wird braun und verwittert zwischen {from} und {to}',
  'told/slow-result-undated':
    'an {places} ist zuerst nichts zu sehen; Bewuchs wird braun und verwittert in 6 bis 18 Monaten',
};

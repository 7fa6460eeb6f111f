import type { AFTERCARE_WORDS as ENGLISH } from '../../../messages/english/aftercare.ts';

export const AFTERCARE_WORDS: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'aftercare/review':
    'Wieder ansehen, wenn es 24 h trocken war: was übrig ist, entscheidet, ob ein zweiter, stärkerer Gang folgt.',
  'aftercare/biocide':
    'Biozid zum Freihalten, bleibt darauf: trockene Fläche, 24 h ohne Regen. Es hält Bewuchs jahrelang fern; nicht Teil dieses Auftrags.',
  'aftercare/look/1': 'Der Bewuchs sollte jetzt braun sein.',
  'aftercare/look/6': 'Der Bewuchs löst sich, und der Regen nimmt ihn mit: erste Stellen sind frei.',
  'aftercare/look/12': 'Das meiste ist weg; was noch grün ist, bekommt einen weiteren Auftrag.',
  'aftercare/look/18': 'Die Fläche zeigt ihre eigene Farbe. Was jetzt noch da ist, bleibt.',
  'aftercare/biocide-again': 'Wieder Biozid.',
  'aftercare/wash-again': 'Wieder reinigen: etwa jetzt ist der Bewuchs zurück.',
  'aftercare/glass-again': 'Glas wieder reinigen.',
  'aftercare/metal-again': 'Lackiertes Metall wieder waschen.',
  'aftercare/coat-again': 'Wieder beschichten ({method}).',
  'aftercare/sweep': 'Fugen fegen, zweimal im Jahr, und Sand nachfüllen.',
  'aftercare/weeds': 'Unkraut, jede Saison.',
  'aftercare/guarantee': 'Garantie bis dahin. {terms}',
};

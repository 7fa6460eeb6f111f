/** What comes after the work, with its dates. */
export const AFTERCARE_WORDS = {
  'aftercare/review':
    'Look again once it has been dry for 24 h: what is left decides whether a second, stronger go follows.',
  'aftercare/biocide':
    'Maintenance biocide, left on: dry surface, 24 h without rain. It keeps growth away for years; not part of this job.',
  'aftercare/look/1': 'Growth should be brown by now.',
  'aftercare/look/6': 'Growth lifts and the rain takes it: the first patches are clear.',
  'aftercare/look/12': 'Most of it is gone; what is still green gets another coat.',
  'aftercare/look/18': 'The surface shows its own colour. What stays now stays.',
  'aftercare/biocide-again': 'Biocide again.',
  'aftercare/wash-again': 'Clean again: growth is back about now.',
  'aftercare/glass-again': 'Clean glass again.',
  'aftercare/metal-again': 'Wash painted metal again.',
  'aftercare/coat-again': 'Coat again ({method}).',
  'aftercare/sweep': 'Sweep the joints, twice a year, and top up sand.',
  'aftercare/weeds': 'Weeds, each season.',
  'aftercare/guarantee': 'Guaranteed until then. {terms}',
} as const;

/** Why a permitted method is not proposed on a face, whatever its points. */
export const LEFT_OUT = {
  'left-out/gear': 'It takes gear that not every company has: pick it if you have it.',
  'left-out/by-others': 'Others do it; what we do ourselves comes first.',
  'left-out/second': 'It is for what another method leaves, once that is done.',
  'left-out/unworkable': 'It cannot be kept wet and rinsed in time here, and another way can.',
  'left-out/drips': 'It would drip on what stands below and burn it; another way does it well enough.',
  'left-out/practice': 'It goes against how we work.',
  'left-out/insufficient': 'It would not remove this much of it.',
  'left-out/bit-by-bit': 'It goes bit by bit: for spots and details, not for this much.',
  'left-out/cleaned-before': 'This roof was cleaned before: biocide alone keeps it clean.',
  'left-out/by-hand': 'A floor of this size is not worked by hand where a machine may go.',
} as const;

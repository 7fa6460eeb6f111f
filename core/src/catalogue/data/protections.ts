/** What is done for each kind of feature before wet work and after it; null where nothing is. Trade defaults. */
export const PROTECTION_ACTS: Readonly<Record<string, { readonly before: string; readonly after: string } | null>> = {
  'plant-bed': { before: 'Wet the bed through; keep it wet while product is about. Cover only briefly, never in hot sun.', after: 'Uncover at once and rinse leaves and soil with plenty of water.' },
  lawn: { before: 'Wet the grass along the wall.', after: 'Rinse the grass.' },
  pond: { before: 'Bund or divert all run-off away from the water; set up the catch.', after: 'Lift the bund last, when the catch is empty and the reading neutral.' },
  stream: { before: 'Bund or divert all run-off away from the water; set up the catch.', after: 'Lift the bund last, when the catch is empty and the reading neutral.' },
  drain: { before: 'Find out where it leads; block it where it leads to open water.', after: 'Unblock it when run-off is clear and neutral.' },
  gap: { before: 'Tape and sheet the gap; ask what is behind it.', after: 'Untape, look behind it for water.' },
  electrics: { before: 'Have it isolated by somebody competent, then cover it.', after: 'Uncover dry; leave switching on to somebody competent.' },
  glass: { before: 'Wet the glass and keep it wet.', after: 'Rinse the glass before anything dries on it.' },
  'bare-metal': { before: 'Cover bare metal, or keep it wet throughout.', after: 'Uncover and rinse.' },
  vehicle: { before: 'Have the vehicle moved.', after: 'Tell the owner that it may come back.' },
  furniture: { before: 'Move it away or cover it.', after: 'Put it back dry.' },
  nest: { before: 'Keep away and ask: an occupied nest may be protected by law.', after: 'Leave it as it was.' },
  footway: { before: 'Close it with signs on both ends and a lookout.', after: 'Rinse it, look for slippery spots, open it again.' },
  other: { before: 'Cover it or move it.', after: 'Uncover it.' },
}; // prettier-ignore

/** Words that leave open what a surface is made of: the commonest first, then what it may be as well, until a test settles it. */
export const GENERIC_MATERIALS: Readonly<Record<string, readonly [string, ...string[]]>> = {
  wood: ['treated-softwood', 'larch-boards', 'cedar-boards', 'hardwood'],
  timber: ['treated-softwood', 'larch-boards', 'cedar-boards', 'hardwood'],
  stone: ['sandstone', 'limestone', 'granite'],
  render: ['painted-render', 'cement-render', 'lime-render'],
  stucco: ['cement-render', 'painted-render', 'lime-render'],
  metal: ['coated-steel', 'painted-aluminium', 'galvanised-steel'],
  // Old ones may hold asbestos: nobody scrapes or jets them before that is known.
  'roof slates': ['slate-roof', 'fibre-cement'],
  corrugated: ['galvanised-steel', 'fibre-cement'],
  'corrugated sheet': ['galvanised-steel', 'fibre-cement'],
  'corrugated roof': ['galvanised-steel', 'fibre-cement'],
};

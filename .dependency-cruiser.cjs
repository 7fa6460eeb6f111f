/** Arrows between workspaces and rooms: core ← server, core ← web, no circles, lower rooms never import higher ones. */
const ROOMS = [
  ['language'],
  ['quantity'],
  ['messages'],
  ['words'],
  ['takeoff', 'catalogue'],
  ['company'],
  ['survey', 'diagnosis'],
  ['quick-line'],
  ['mixing', 'wetting', 'jet', 'water'],
  ['rates'],
  ['treatment'],
  ['proposal'],
  ['protection', 'handbook'],
  ['supply'],
  ['judge'],
  ['sequence'],
  ['wet-cycle'],
  ['visit', 'readiness', 'warnings'],
  ['plan'],
  ['what-if', 'provisions'],
  ['order', 'aftercare'],
  ['risk', 'paper'],
  ['interchange', 'wire'],
];
/** Rooms of the interface that pages share, from the ground up. A page is on no floor: it imports these, never another page. */
const SHARED_ROOMS = [
  ['messages'],
  ['language'],
  ['drawing', 'quantity-fields', 'instruments'],
  ['survey-edits'],
  ['photos', 'planning', 'interchange', 'lists'],
  ['visits', 'records', 'new-job'],
  ['job-frame'],
];
const PAGES = [
  'jobs',
  'properties',
  'handbook',
  'walk',
  'treat',
  'sequence',
  'supply',
  'order',
  'papers',
  'damage',
];
const webRoom = (names) => `^web/src/(${names.join('|')})/`;
const room = (names) => `^core/src/(${names.join('|')})/`;

/** A folder that is in none of the lists above fails, whether it imports or is imported. */
const everyRoomIsKnown = (workspace, known) => {
  const unknown = { path: `^${workspace}/src/[^/]+/`, pathNot: `^${workspace}/src/(${known.join('|')})/` };
  return [
    { name: `every-room-of-${workspace}-is-known`, severity: 'error', from: unknown, to: {} },
    { name: `no-unknown-room-in-${workspace}`, severity: 'error', from: {}, to: unknown },
  ];
};

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-only-core',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|web|e2e|scripts)/' },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^core/src', pathNot: '(\\.test\\.ts$|^core/src/test/)' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'server-imports-no-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(web|e2e)/' },
    },
    {
      name: 'web-imports-no-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|e2e)/' },
    },
    {
      // The entrances of messages and languages are light: the first page says something before the engine is there.
      // Each language has one, so that only who speaks it fetches it.
      name: 'core-only-by-its-index',
      severity: 'error',
      from: { path: '^(server|web)/' },
      to: {
        path: '^core/src/',
        pathNot: '^core/src/(index|messages/sayer|language/(speak|spoken)|words/(german|spanish))\\.ts$',
      },
    },
    {
      name: 'sequence-knows-no-chemistry',
      severity: 'error',
      from: { path: '^core/src/sequence/' },
      to: { path: '^core/src/(?!sequence/|quantity/|messages/|language/)' },
    },
    {
      name: 'the-judge-shares-no-code-with-what-it-judges',
      severity: 'error',
      from: { path: '^core/src/judge/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/(?!judge/|survey/|catalogue/|messages/|quantity/)' },
    },
    ...everyRoomIsKnown('core', ['test', ...ROOMS.flat()]),
    ...everyRoomIsKnown('web', ['test', ...PAGES, ...SHARED_ROOMS.flat()]),
    ...PAGES.map((page) => ({
      name: `no-other-page-in-${page}`,
      severity: 'error',
      from: { path: webRoom([page]), pathNot: '\\.test\\.tsx?$' },
      // A page may be fetched ahead.
      to: { path: webRoom(PAGES.filter((other) => other !== page)), dynamic: false },
    })),
    ...SHARED_ROOMS.map((names, i) => ({
      name: `no-import-above-web-${names.join('-')}`,
      severity: 'error',
      from: { path: webRoom(names), pathNot: '\\.test\\.tsx?$' },
      to: { path: webRoom([...PAGES, ...SHARED_ROOMS.slice(i + 1).flat()]) },
    })),
    ...ROOMS.map((names, i) => ({
      name: `no-import-above-${names.join('-')}`,
      severity: 'error',
      from: { path: room(names), pathNot: '\\.test\\.ts$' },
      to: {
        path:
          ROOMS.slice(i + 1)
            .map(room)
            .join('|') || '^$',
      },
    })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs'],
    },
  },
};

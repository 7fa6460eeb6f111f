/** Arrows between workspaces and rooms: core ← server, core ← web, no circles, lower rooms never import higher ones. */
const ROOMS = [
  ['quantity'],
  ['takeoff', 'catalogue'],
  ['house'],
  ['survey', 'diagnosis'],
  ['quick-line'],
  ['mixing', 'wetting', 'jet', 'water'],
  ['rates'],
  ['treatment'],
  ['protection', 'handbook'],
  ['supply'],
  ['judge'],
  ['sequence'],
  ['wet-cycle'],
  ['visit', 'readiness', 'warnings'],
  ['plan'],
  ['what-if', 'provisions'],
  ['order'],
  ['interchange', 'wire'],
];
const room = (names) => `^core/src/(${names.join('|')})/`;

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
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
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
      name: 'core-only-by-its-index',
      severity: 'error',
      from: { path: '^(server|web)/' },
      to: { path: '^core/src/', pathNot: '^core/src/index\\.ts$' },
    },
    {
      name: 'sequence-knows-no-chemistry',
      severity: 'error',
      from: { path: '^core/src/sequence/' },
      to: { path: '^core/src/(?!sequence/|quantity/)' },
    },
    {
      name: 'the-judge-shares-no-code-with-what-it-judges',
      severity: 'error',
      from: { path: '^core/src/judge/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/(?!judge/|survey/|catalogue/|quantity/)' },
    },
    {
      name: 'every-room-is-on-a-floor',
      severity: 'error',
      from: { path: '^core/src/[^/]+/', pathNot: `^core/src/(test|${ROOMS.flat().join('|')})/` },
      to: {},
    },
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

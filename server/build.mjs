import { build } from 'esbuild';

/** Drivers of databases that knex can also speak to; nobody installs them here. */
const OTHER_DATABASES = ['better-sqlite3', 'mariadb', 'mysql', 'mysql2', 'oracledb', 'sqlite3', 'tedious'];

/**
 * One file for the server, one for the thread that makes papers and one for those that write in other languages, packages included: the server and each thread for heavy requests read it at their start, in two
 * thirds of the time that the packages' own thousand files take. Outside it is what is not JavaScript.
 */
await build({
  absWorkingDir: import.meta.dirname,
  entryPoints: {
    main: 'src/main.ts',
    'pdf-thread': 'src/papers/pdf-thread.ts',
    'writer-thread': 'src/languages/writer-thread.ts',
  },
  outdir: 'dist',
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  sourcesContent: false,
  // pdfmake and fontkit read files beside themselves.
  external: ['sharp', 'pdfmake', 'fontkit', 'pg-native', 'pg-query-stream', ...OTHER_DATABASES],
  // Packages of the older form ask for what is built in with `require`.
  banner: {
    js: "import { createRequire as requireFor } from 'node:module'; const require = requireFor(import.meta.url);",
  },
  alias: {
    '@etappe/core/speak': '../core/src/language/speak.ts',
    '@etappe/core/german': '../core/src/words/german.ts',
    '@etappe/core/spanish': '../core/src/words/spanish.ts',
    '@etappe/core': '../core/src/index.ts',
  },
  logLevel: 'warning',
});

import { build } from 'esbuild';

/** One file of ours for the server; packages stay outside it. */
await build({
  absWorkingDir: import.meta.dirname,
  entryPoints: ['src/main.ts'],
  outfile: 'dist/main.js',
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  packages: 'external',
  alias: { '@etappe/core': '../core/src/index.ts' },
  logLevel: 'warning',
});

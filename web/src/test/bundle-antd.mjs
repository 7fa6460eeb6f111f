import { join } from 'node:path';
import { build } from 'esbuild';
import { DATA, ROOT } from '../../../scripts/provision.mjs';

export const BUNDLES = join(DATA, 'test-bundles');

/** Ant Design and its icons as two modules instead of some two thousand, each of which jest links anew for every test file. */
export default async function bundleAntd() {
  await build({
    absWorkingDir: ROOT,
    entryPoints: { antd: './web/src/test/antd-without-styles.mjs', icons: '@ant-design/icons' },
    outdir: BUNDLES,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    format: 'esm',
    external: ['react', 'react-dom'],
    define: { 'process.env.NODE_ENV': '"test"' },
    logLevel: 'warning',
  });
}

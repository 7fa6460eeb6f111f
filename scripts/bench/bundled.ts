import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { DATA, ROOT } from '../provision.mjs';

/** A module of these scripts bundled with the core, as the application ships it: what runs unbundled is a fifth slower. */
export async function bundled<Module>(path: string): Promise<Module> {
  // In the folder beside this one: what the scripts read lies from there where it lies from here.
  const outfile = join(DATA, `bench-${path}.mjs`);
  await build({
    absWorkingDir: ROOT,
    entryPoints: [join(ROOT, 'scripts/bench', `${path}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    banner: {
      js: "import { createRequire as requireFor } from 'node:module'; const require = requireFor(import.meta.url);",
    },
    alias: { '@etappe/core': join(ROOT, 'core/src/index.ts') },
    logLevel: 'warning',
  });
  return (await import(pathToFileURL(outfile).href)) as Module;
}

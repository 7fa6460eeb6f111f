import { transformAsync } from '@babel/core';
import type { Plugin } from 'vite';

const COMPONENT_FILE = /\/web\/src\/.*(?<!\.test)\.tsx$/;
/** Hooks stand in plain files too; the others have nothing to compile. */
const HOOK_FILE = /\/web\/src\/.*\/use-[a-z-]+(?<!\.test)\.ts$/;

/**
 * Lets React's compiler memoize what the components of the application compute and draw, so that a typed letter draws
 * anew only what it changes. The types stay in: the next step of the build takes them out.
 */
export function reactCompiler(): Plugin {
  return {
    name: 'react-compiler',
    enforce: 'pre',
    async transform(code, id) {
      const [file = ''] = id.split('?');
      if (!COMPONENT_FILE.test(file) && !HOOK_FILE.test(file)) return null;
      const compiled = await transformAsync(code, {
        filename: file,
        babelrc: false,
        configFile: false,
        sourceMaps: true,
        parserOpts: { plugins: ['typescript', 'jsx'] },
        plugins: [['babel-plugin-react-compiler', { panicThreshold: 'none' }]],
      });
      return compiled?.code ? { code: compiled.code, map: compiled.map ?? null } : null;
    },
  };
}

import { fileURLToPath } from 'node:url';
import { BUNDLES } from './web/src/test/bundle-antd.mjs';

const swc = (react) => ({
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: react },
        transform: { react: { runtime: 'automatic' } },
      },
    },
  ],
});
const project = (name, more = {}) => ({
  displayName: name,
  rootDir: name,
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: swc(name === 'web'),
  ...more,
});
const here = (path) => fileURLToPath(new URL(path, import.meta.url));

export default {
  // All cores: left to itself, jest keeps one of two for a person at the keyboard.
  maxWorkers: '100%',
  // Typing into a whole sheet takes seconds in jsdom on a busy machine; a test that hangs still ends.
  testTimeout: 30_000,
  // A worker that is done ends in 0.2 to 0.4 s, on a machine with other work in up to 3 s, and leaks nothing; jest kills it
  // after 0.5 s and calls that a leak. One that never ends is still told.
  workerGracefulExitTimeout: 15_000,
  projects: [
    project('core'),
    project('server', {
      globalSetup: here('server/src/test/start-cluster.mjs'),
      globalTeardown: here('server/src/test/stop-cluster.mjs'),
    }),
    project('web', {
      testEnvironment: 'jsdom',
      globalSetup: here('web/src/test/bundle-antd.mjs'),
      moduleNameMapper: {
        '\\.css$': here('web/src/test/no-style.ts'),
        '^antd$': `${BUNDLES}/antd.mjs`,
        // Its file for browsers is a module that CommonJS (ics) cannot require in jsdom.
        '^nanoid$': here('node_modules/nanoid/index.browser.cjs'),
        '^@ant-design/icons$': `${BUNDLES}/icons.mjs`,
      },
      setupFiles: [here('web/src/test/encoders.mjs')],
      setupFilesAfterEnv: [here('web/src/test/dom.ts')],
    }),
  ],
};

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
export default {
  projects: [
    project('core'),
    project('server', {
      globalSetup: '<rootDir>/src/test/start-cluster.mjs',
      globalTeardown: '<rootDir>/src/test/stop-cluster.mjs',
    }),
    project('web', { testEnvironment: 'jsdom', setupFilesAfterEnv: ['<rootDir>/src/test/dom.ts'] }),
  ],
};

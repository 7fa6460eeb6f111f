import { defineConfig } from '@playwright/test';

/** The real interface in Debian's Chromium, against servers of the tests' own. */
export default defineConfig({
  testDir: '.',
  testMatch: '**/*.spec.ts',
  // Two pages, two servers and a database share two cores, and the machine may be throttled.
  timeout: 180_000,
  // A page whose server waits for its disk is late, not wrong.
  expect: { timeout: 40_000 },
  fullyParallel: false,
  // A page that is slowed by the browser burns a core in doing nothing: two of them leave the servers none.
  workers: process.env['SLOW_CPU'] ? 1 : 2,
  retries: 0,
  forbidOnly: true,
  globalSetup: './start-cluster.ts',
  outputDir: '../.data/playwright',
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ? [['list'], ['json']] : [['list']],
  use: {
    contextOptions: { reducedMotion: 'reduce' },
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Zurich',
    trace: process.env['TRACE'] ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});

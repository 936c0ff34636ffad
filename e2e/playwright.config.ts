import { defineConfig } from '@playwright/test';
import { CHROMIUM } from '../scripts/lib/throwaway.mjs';

const WIDE = { width: 1280, height: 800 };

/** The production build in Debian's Chromium; each worker with a server, a port and a database of its own. */
export default defineConfig({
  testDir: '.',
  fullyParallel: true,
  workers: 3,
  // Limits are there to end what hangs, not to judge how busy the machine is.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  forbidOnly: true,
  // A machine that is busy with something else is given one more try; the line of counts names how many took it.
  retries: process.env.CI ? 1 : 0,
  reporter: process.env.E2E_REPORT
    ? [['line'], ['json', { outputFile: process.env.E2E_REPORT }]]
    : [['line']],
  outputDir: '../test-results',
  globalSetup: './house/cluster.ts',
  use: {
    viewport: WIDE,
    contextOptions: { reducedMotion: 'reduce' },
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
    launchOptions: CHROMIUM,
  },
});

import { defineConfig } from '@playwright/test'
import { chromium } from './e2e/chromium'

/** Journeys against the production build, on a data folder of their own. */
export default defineConfig({
  testDir: './e2e',
  fullyParallel: false,
  workers: 1,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 8_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    baseURL: 'http://127.0.0.1:4191',
    launchOptions: chromium,
    viewport: { width: 1280, height: 800 },
    trace: 'off',
  },
  webServer: {
    command: 'node scripts/serveJourneys.mjs',
    url: 'http://127.0.0.1:4191/api/health',
    timeout: 60_000,
    reuseExistingServer: false,
    stdout: 'ignore',
    stderr: 'pipe',
  },
})

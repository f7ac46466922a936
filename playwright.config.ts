import { defineConfig } from '@playwright/test'
import { chromium } from './e2e/chromium'

/** Journeys against the production build; each worker has a server and a data folder of its own (`e2e/fixtures.ts`). */
export default defineConfig({
  testDir: './e2e',
  globalSetup: './e2e/plant.ts',
  fullyParallel: false,
  workers: 2,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 8_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    launchOptions: chromium,
    viewport: { width: 1280, height: 800 },
    trace: 'off',
  },
})

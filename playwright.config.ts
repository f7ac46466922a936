import { defineConfig } from '@playwright/test'
import { chromium } from './e2e/chromium'
import { deep } from './src/sampling.testing'

/** Journeys against the production build; each worker has a server and a data folder of its own (`e2e/fixtures.ts`). */
export default defineConfig({
  testDir: './e2e',
  globalSetup: './e2e/plant.ts',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  // Journeys marked so say the same again of another machine, or wait for the recogniser of photos: `npm run deep` walks them.
  grepInvert: deep ? [] : /@deep/,
  // A journey waits for a state, never for a time: these end what hangs, on the slowest machine.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    launchOptions: chromium,
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    // Journeys see every request themselves; those about pages that are kept allow it.
    serviceWorkers: 'block',
  },
})

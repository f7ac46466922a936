import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    environment: 'node',
    include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
    // No test looks at a clock: these end what hangs, on the slowest machine.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    setupFiles: ['src/fixedSeeds.testing.ts'],
    // Every core: the default leaves one idle, which is half of a machine with two.
    maxWorkers: '100%',
    // Files share their modules, which halves the time. What a server keeps on the global object each file forgets (`testStore.testing.ts`).
    isolate: false,
  },
})

import { defineConfig } from 'vitest/config'

/** The server keeps one open store per module: its tests need modules of their own. All others share theirs, which halves the time. */
const SERVER = 'src/server/**/*.test.ts'

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    environment: 'node',
    // No test looks at a clock: these end what hangs, on the slowest machine.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    setupFiles: ['src/fixedSeeds.testing.ts'],
    // Every core: the default leaves one idle, which is half of a machine with two.
    maxWorkers: '100%',
    projects: [
      {
        extends: true,
        test: {
          name: 'pure',
          include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
          exclude: [SERVER],
          isolate: false,
        },
      },
      { extends: true, test: { name: 'server', include: [SERVER] } },
    ],
  },
})

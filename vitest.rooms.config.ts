import { defineConfig } from 'vitest/config'

/** The tests of one room alone, for `npm run mutate`: each changed line is tried against them. */
export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    environment: 'node',
    testTimeout: 300_000,
    setupFiles: ['src/fixedSeeds.testing.ts'],
    include: (process.env.REST_COG_ROOM_TESTS ?? 'src/core/**/*.test.ts').split(','),
    isolate: false,
    pool: 'threads',
  },
})

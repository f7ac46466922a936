import { defineConfig } from 'vitest/config'

/** The server keeps one open store per module: its tests need modules of their own. All others share theirs, which halves the time. */
const SERVER = 'src/server/**/*.test.ts'

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    environment: 'node',
    testTimeout: 20_000,
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

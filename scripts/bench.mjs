// Benchmarks, printed: each with what it is measured against.
import { ensureAssets, ensureInstalled, runTypeScript } from './lib.mjs'

ensureInstalled()
ensureAssets()
process.exitCode = runTypeScript('bench/index.ts', process.argv.slice(2))

// Benchmarks, printed: each with what it is measured against.
import { ensureAssets, ensureBuilt, ensureInstalled, runTypeScript } from './lib.mjs'

const wanted = process.argv.slice(2)
ensureInstalled()
ensureAssets()
// The upload is measured at the server that people run.
if (wanted.length === 0 || wanted.includes('upload')) ensureBuilt()
process.exitCode = runTypeScript('bench/index.ts', wanted)

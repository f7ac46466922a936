// Serve with reload, for work on the application.
import { bin, ensureAssets, ensureInstalled, run } from './lib.mjs'

ensureInstalled()
ensureAssets()
process.exitCode = run(bin('next'), ['dev', '-H', '127.0.0.1'])

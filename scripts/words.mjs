// `npm run words -- train` learns anew, from the sets of sentences, which words tell a danger.
import { ensureInstalled, runTypeScript } from './lib.mjs'

ensureInstalled()
process.exitCode = runTypeScript('scripts/wordsCommand.ts', process.argv.slice(2))

// `npm run wording`: the sentences of the application counted by room: how long they are, how easy to read, and which words in
// them are neither common nor explained. `npm run wording -- core/match` lists those of one room.
import { ensureInstalled, runTypeScript } from './lib.mjs'

ensureInstalled()
process.exitCode = runTypeScript('scripts/wordingCommand.ts', process.argv.slice(2))

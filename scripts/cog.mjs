// The core's own front door on the command line. See `npm run -s cog -- --help`.
import { resolve } from 'node:path'
import { ensureInstalled, runTypeScript } from './lib.mjs'

ensureInstalled()
const args = process.argv.slice(2)
const file = args.indexOf('--in') + 1
// npm runs this in the project's folder; a file is meant from where the person stands.
if (file > 0 && args[file]) args[file] = resolve(process.env.INIT_CWD ?? process.cwd(), args[file])
process.exitCode = runTypeScript('scripts/cog.ts', args)

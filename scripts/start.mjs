// Serve the person's own data folder: RESTCOG_DATA, else `data` beside this.
import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, portFrom, root, serve } from './lib.mjs'

const folder = process.env.RESTCOG_DATA ?? join(root, 'data')
ensureInstalled()
ensureBuilt()
const { address } = await serve({ dataFolder: folder, port: portFrom(4170), quiet: true })
console.log(`Rest Cog: ${address}`)
console.log(`Data folder: ${folder}. A copy of it is a backup.`)

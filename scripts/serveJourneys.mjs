// Serve a data folder for one worker of the journeys: `serveJourneys.mjs <folder> <port>`. Ends with its standard input, so
// that no server is left behind, whatever becomes of the worker.
import { serve } from './lib.mjs'

const [folder, port] = process.argv.slice(2)
process.stdin.on('end', () => process.exit(0)).resume()
const { address } = await serve({ dataFolder: folder, port: Number(port), quiet: true })
console.log(address)

import { benchDiagnosis } from './diagnosis'
import { benchPlates } from './plates'
import { benchSafety } from './safety'
import { benchVolume } from './volume'

/** `npm run bench`, or one of them by name: `npm run bench -- diagnosis`. */
const wanted = process.argv.slice(2)
const benches = { diagnosis: benchDiagnosis, plates: benchPlates, safety: benchSafety, volume: benchVolume }
for (const [name, run] of Object.entries(benches))
  if (wanted.length === 0 || wanted.includes(name)) await run()

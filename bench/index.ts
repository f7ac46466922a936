import { benchDiagnosis } from './diagnosis'
import { benchGrowth } from './growth'
import { benchKeeping } from './keeping'
import { benchMatch } from './match'
import { benchPlates } from './plates'
import { benchPractice } from './practice'
import { benchSafety } from './safety'
import { benchSound } from './sound'
import { benchUpload } from './upload'
import { benchVolume } from './volume'
import { benchWords } from './words'

/** `npm run bench`, or one of them by name: `npm run bench -- diagnosis`. */
const wanted = process.argv.slice(2)
const benches = {
  diagnosis: benchDiagnosis,
  growth: benchGrowth,
  keeping: benchKeeping,
  match: benchMatch,
  plates: benchPlates,
  practice: benchPractice,
  safety: benchSafety,
  sound: benchSound,
  upload: benchUpload,
  volume: benchVolume,
  words: benchWords,
}
for (const [name, run] of Object.entries(benches))
  if (wanted.length === 0 || wanted.includes(name)) await run()

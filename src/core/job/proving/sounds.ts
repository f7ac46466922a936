import { type SoundAnalysis, storedAnalysis } from '../../sound/analyse'
import { type MarkedLine, markedLines, type SoundOf, soundDifference } from '../../sound/compare'
import type { HeardOf } from '../../sound/hear/types'
import { parseTyped } from '../../units'
import { fieldText } from '../fields'
import { oncePerSnapshot } from '../oncePerSnapshot'
import { lengthsOf, oldMotor } from '../parts/oldPart'
import type { JobSnapshot, SoundRow } from '../rows'

/** The part under whose name the count of blades is kept. */
export const SOUND_PART = 'sound'

export interface HeardSound {
  row: SoundRow
  sound: SoundAnalysis
}

export interface ComparedSounds {
  before: HeardSound | null
  after: HeardSound | null
  /** Where hum, turn and blades lie in the spectrum. */
  marks: MarkedLine[]
  /** What differs, in sentences; empty until both are there. */
  difference: string[]
}

/** The newest recording of each side, and what differs between them. */
export const comparedSounds = oncePerSnapshot((snapshot: JobSnapshot): ComparedSounds => {
  const newest = (way: SoundRow['way']): HeardSound | null => {
    const rows = snapshot.sounds
      .filter((row) => row.way === way)
      .sort((one, two) => (one.at < two.at ? 1 : -1))
    for (const row of rows) {
      const sound = storedAnalysis(row.analysis)
      if (sound) return { row, sound }
    }
    return null
  }
  const [before, after] = [newest('before'), newest('after')]
  const of = soundOf(snapshot)
  return {
    before,
    after,
    marks: markedLines(of),
    difference: before && after ? soundDifference(before.sound, after.sound, of) : [],
  }
})

function soundOf(snapshot: JobSnapshot): SoundOf {
  const blades = parseTyped(fieldText(snapshot, SOUND_PART, 'blades'), 'count', lengthsOf(snapshot))
  const [rpm = null] = oldMotor(snapshot).rpm ?? []
  return {
    lineHz: snapshot.household.region === 'europe' ? 50 : 60,
    rpm,
    blades: blades.kind === 'value' && blades.value > 0 ? blades.value : null,
  }
}

/** What is known of the machine that is heard, as the recogniser takes it. */
export function heardOf(snapshot: JobSnapshot): HeardOf {
  const { lineHz, blades } = soundOf(snapshot)
  const plateRpm = oldMotor(snapshot).rpm ?? []
  return { lineHz, ...(plateRpm.length > 0 ? { plateRpm } : {}), ...(blades ? { blades } : {}) }
}

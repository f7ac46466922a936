import { bearingInJob } from '../../fit/bearingBalls'
import { type SoundAnalysis, storedAnalysis } from '../../sound/analyse'
import {
  changeOf,
  type Heard,
  type HeardOf,
  heardFromPeaks,
  type SoundChange,
  storedHeard,
} from '../../sound/hear'
import { type MarkedLine, markedLines } from '../../sound/marks'
import { typedValue } from '../../units'
import { fieldText, SOUND_PART } from '../fields'
import { oncePerSnapshot } from '../oncePerSnapshot'
import { oldMotor } from '../parts/oldPart'
import type { JobSnapshot, SoundRow } from '../rows'

export interface HeardSound {
  row: SoundRow
  sound: SoundAnalysis
  /** What it tells; of one from before this was kept, what its peaks tell. */
  heard: Heard
}

export interface ComparedSounds {
  before: HeardSound | null
  after: HeardSound | null
  /** Where hum, turn and blades lie in the spectrum. */
  marks: MarkedLine[]
  /** What differs; null until both are there. */
  change: SoundChange | null
}

/** The newest recording of each side, and what differs between them. */
export const comparedSounds = oncePerSnapshot((snapshot: JobSnapshot): ComparedSounds => {
  const of = heardOf(snapshot)
  const newest = (way: SoundRow['way']): HeardSound | null => {
    const rows = snapshot.sounds
      .filter((row) => row.way === way)
      .sort((one, two) => (one.at < two.at ? 1 : -1))
    for (const row of rows) {
      const told = toldBy(row.analysis, of)
      if (told) return { row, ...told }
    }
    return null
  }
  const [before, after] = [newest('before'), newest('after')]
  return {
    before,
    after,
    marks: markedLines(of, (after ?? before)?.heard ?? null),
    change: before && after ? changeOf(before.heard, after.heard, of.lineHz) : null,
  }
})

/** What a recording tells by what was kept of it, now or by an older program; null where that is damaged. */
export function toldBy(analysis: string, of: HeardOf): Pick<HeardSound, 'sound' | 'heard'> | null {
  const sound = storedAnalysis(analysis)
  return sound && { sound, heard: storedHeard(analysis) ?? heardFromPeaks(sound, of) }
}

/** What is known of the machine that is heard, as the recogniser takes it. */
export function heardOf(snapshot: JobSnapshot): HeardOf {
  const blades = typedValue(fieldText(snapshot, SOUND_PART, 'blades'), 'count')
  const plateRpm = oldMotor(snapshot).rpm ?? []
  const bearing = bearingInJob(snapshot)
  return {
    lineHz: snapshot.household.region === 'europe' ? 50 : 60,
    ...(plateRpm.length > 0 ? { plateRpm } : {}),
    ...(blades !== null && blades > 0 ? { blades } : {}),
    ...(bearing ? { bearing } : {}),
  }
}

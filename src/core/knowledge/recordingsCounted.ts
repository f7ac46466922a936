/**
 * What recordings were told as, counted on made-up ones of two worlds with rooms, phones, voices and other machines, on seeds by
 * which nothing was set (`CASES=60 npm run bench -- sound`): of each sound, how many recordings, and how many were taken for what,
 * how surely. No recording of a real machine is among them.
 */

/** As a recording suggests it: mostly so, or less clearly. */
export const recordedSurenesses = ['likely', 'maybe'] as const
export type RecordedSureness = (typeof recordedSurenesses)[number]

/** What it was: values of the observation `sound`, `none` where it ran as it should, `voice` where somebody spoke and nothing ran. */
export type RecordedTruth =
  | 'nothing'
  | 'hum'
  | 'squeal'
  | 'grinding'
  | 'rattle'
  | 'clicking'
  | 'roar'
  | 'none'
  | 'voice'
export type RecordedAs = Exclude<RecordedTruth, 'voice'>

interface Counted {
  recordings: number
  toldAs: Partial<Record<RecordedAs, Partial<Record<RecordedSureness, number>>>>
}

export const recordingsCounted: Record<RecordedTruth, Counted> = {
  nothing: { recordings: 1, toldAs: {} },
  hum: { recordings: 1, toldAs: {} },
  squeal: { recordings: 1, toldAs: {} },
  grinding: { recordings: 1, toldAs: {} },
  rattle: { recordings: 1, toldAs: {} },
  clicking: { recordings: 1, toldAs: {} },
  roar: { recordings: 1, toldAs: {} },
  none: { recordings: 1, toldAs: {} },
  voice: { recordings: 1, toldAs: {} },
}

/**
 * What recordings were told as, counted on made-up ones of two worlds with rooms, phones, voices and other machines, on seeds by
 * which nothing was set (`CASES=40 npm run bench -- sound`): of each sound, how many recordings, and how many were taken for what,
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
  nothing: {
    recordings: 80,
    toldAs: {
      nothing: { likely: 44, maybe: 3 },
      hum: { likely: 6 },
      rattle: { maybe: 1 },
      roar: { likely: 4 },
      none: { likely: 3 },
    },
  },
  hum: {
    recordings: 80,
    toldAs: {
      hum: { likely: 73, maybe: 7 },
    },
  },
  squeal: {
    recordings: 80,
    toldAs: {
      squeal: { likely: 72, maybe: 4 },
      none: { likely: 2, maybe: 2 },
    },
  },
  grinding: {
    recordings: 320,
    toldAs: {
      grinding: { likely: 298, maybe: 11 },
      rattle: { likely: 1 },
      clicking: { likely: 2 },
      roar: { maybe: 4 },
      none: { likely: 3, maybe: 1 },
    },
  },
  rattle: {
    recordings: 80,
    toldAs: {
      squeal: { maybe: 2 },
      grinding: { likely: 2, maybe: 7 },
      rattle: { likely: 53, maybe: 5 },
      none: { likely: 5, maybe: 4 },
    },
  },
  clicking: {
    recordings: 80,
    toldAs: {
      grinding: { maybe: 1 },
      rattle: { likely: 1, maybe: 1 },
      clicking: { likely: 68, maybe: 3 },
      roar: { maybe: 1 },
      none: { likely: 1, maybe: 2 },
    },
  },
  roar: {
    recordings: 80,
    toldAs: {
      hum: { maybe: 1 },
      roar: { likely: 74, maybe: 3 },
      none: { maybe: 2 },
    },
  },
  none: {
    recordings: 80,
    toldAs: {
      hum: { maybe: 3 },
      grinding: { maybe: 2 },
      roar: { likely: 2, maybe: 1 },
      none: { likely: 72 },
    },
  },
  voice: {
    recordings: 80,
    toldAs: {
      hum: { likely: 4, maybe: 1 },
      grinding: { likely: 1, maybe: 2 },
      rattle: { maybe: 5 },
      clicking: { likely: 1 },
      none: { maybe: 1 },
    },
  },
}

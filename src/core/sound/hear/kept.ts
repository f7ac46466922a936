import {
  type EnvelopeLine,
  envelopeKinds,
  type Heard,
  type HeardTone,
  type Suggestion,
  suggestable,
  toneKinds,
} from './types'

/** Tones and beats that are drawn and compared with another recording: the strongest of them. */
const LINES = 12

const rounded = (value: number): number => Number(value.toPrecision(4))

/** What of a recording is kept beside its spectrum: what it may be, and the figures that speak for it. */
export const keptOf = (heard: Heard): Heard => ({
  ...heard,
  seconds: rounded(heard.seconds),
  levelDb: rounded(heard.levelDb),
  rpm: heard.rpm
    ? {
        ...heard.rpm,
        value: rounded(heard.rpm.value),
        low: rounded(heard.rpm.low),
        high: rounded(heard.rpm.high),
      }
    : null,
  hum: { ...heard.hum, db: rounded(heard.hum.db) },
  tones: heard.tones.slice(0, LINES).map(({ hz, db, what, order }) => ({
    hz: rounded(hz),
    db: rounded(db),
    what,
    ...(order === undefined ? {} : { order: rounded(order) }),
  })),
  envelope: heard.envelope
    .slice(0, LINES)
    .map(({ hz, strength, what }) => ({ hz: rounded(hz), strength: rounded(strength), what })),
  suggests: heard.suggests.map(({ value, confidence }) => ({ value, confidence: rounded(confidence) })),
})

const isOne = (list: readonly string[], value: string): boolean => list.includes(value)
const numbers = (...values: unknown[]): boolean => values.every((value) => Number.isFinite(value))
const flags = (...values: unknown[]): boolean => values.every((value) => typeof value === 'boolean')
const listOf = <T>(value: unknown, is: (each: T) => boolean): boolean =>
  Array.isArray(value) &&
  value.length <= 40 &&
  value.every((each) => each !== null && typeof each === 'object' && is(each))

/** What was kept with the analysis of a recording; undefined where there is none or it is damaged, as it may be in a file from elsewhere. */
export function storedHeard(analysis: string): Heard | undefined {
  try {
    return heardOf((JSON.parse(analysis) as { heard?: unknown }).heard)
  } catch {
    return undefined
  }
}

function heardOf(value: unknown): Heard | undefined {
  if (value === null || typeof value !== 'object') return undefined
  const { seconds, levelDb, clipped, steady, rpm, hum, tones, envelope, suggests } = value as Partial<Heard>
  const sound =
    numbers(seconds, levelDb, hum?.db) &&
    flags(clipped, steady, hum?.dominant) &&
    (rpm === null || numbers(rpm?.value, rpm?.low, rpm?.high)) &&
    listOf<HeardTone>(tones, ({ hz, db, what }) => numbers(hz, db) && isOne(toneKinds, what)) &&
    listOf<EnvelopeLine>(
      envelope,
      ({ hz, strength, what }) => numbers(hz, strength) && isOne(envelopeKinds, what),
    ) &&
    listOf<Suggestion>(
      suggests,
      ({ value: said, confidence }) => isOne(suggestable, said) && numbers(confidence),
    )
  // Each field was looked at above.
  return sound ? (value as Heard) : undefined
}

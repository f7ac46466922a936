import type { Heard, HeardOf } from './hear'

export type MarkKind = 'hum' | 'turn' | 'blades'

/** A line to mark in the spectrum. */
export interface MarkedLine {
  hz: number
  what: MarkKind
}

/**
 * The hum of the mains, the turn and the beat of the blades, where they lie for this machine: by the speed that was heard, else by
 * that of its plate.
 *
 * @example markedLines({ lineHz: 50 }, null) // [{ hz: 100, what: 'hum' }]
 */
export function markedLines({ lineHz, blades, plateRpm = [] }: HeardOf, heard: Heard | null): MarkedLine[] {
  const rpm = heard?.rpm?.value ?? plateRpm[0]
  return [
    { hz: 2 * lineHz, what: 'hum' },
    ...(rpm ? [{ hz: rpm / 60, what: 'turn' } satisfies MarkedLine] : []),
    ...(rpm && blades ? [{ hz: (rpm / 60) * blades, what: 'blades' } satisfies MarkedLine] : []),
  ]
}

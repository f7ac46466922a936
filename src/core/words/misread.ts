import type { FamilyId, ObservationId } from '../knowledge/vocabulary'
import { factsTold } from './factsTold'
import type { NoticeReading } from './notice'

/** A sentence with what it says, as sets of sentences are written: what must be found in it, and what must not. */
export interface MisreadLine {
  text: string
  family: FamilyId | null
  must: Partial<Record<ObservationId, string>>
  mustNot: string[]
  stops: string[]
}

/**
 * What a person put right, as a line by which the reader can be taught; null where nothing was put right.
 *
 * @param right the values that the person chose instead, or null where the words say nothing of it
 * @param meant dangers that were none
 */
export function misreadLine({
  text,
  reading,
  family,
  right,
  meant,
}: {
  text: string
  reading: NoticeReading
  family: FamilyId | null
  right: Partial<Record<ObservationId, string | null>>
  meant: string[]
}): MisreadLine | null {
  const changed = (Object.keys(right) as ObservationId[]).filter(
    (observation) => right[observation] !== reading.observations[observation],
  )
  if (changed.length === 0 && meant.length === 0 && family === reading.family) return null
  const must: MisreadLine['must'] = {}
  for (const { observation, value } of factsTold(reading)) {
    const chosen = observation in right ? right[observation] : value
    if (chosen) must[observation] = chosen
  }
  return {
    text: text.trim(),
    family,
    must,
    mustNot: changed.flatMap((observation) =>
      reading.observations[observation] === undefined
        ? []
        : [`${observation}=${reading.observations[observation]}`],
    ),
    stops: reading.stops.filter((stop) => !meant.includes(stop)),
  }
}

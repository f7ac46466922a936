import type { ObservationId } from '../knowledge/vocabulary'
import type { NoticeReading } from './notice'

/** What a sentence says, fact by fact; nothing where none was read. */
export const factsTold = (reading: NoticeReading | null): { observation: ObservationId; value: string }[] =>
  // A record forgets the names of its keys.
  (Object.entries(reading?.observations ?? {}) as [ObservationId, string][]).map(([observation, value]) => ({
    observation,
    value,
  }))

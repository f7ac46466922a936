import type { ObservationId } from '../../vocabulary'

/** What some ways of saying it mean. */
export interface FactRule {
  observation: ObservationId
  value: string
  /** One a line; see `patternsOf`. Classes stand in `glue`, `things` and `doings`. */
  ways: string
  /**
   * Of what it must be said: `fan` (nothing else is named before it in its clause) or anything. What turns, sounds and grows
   * hot is the fan unless another thing is named.
   */
  of: 'fan' | 'any'
  /** These classes in the same clause say that it is about something else. */
  unless?: string[]
  /** These classes anywhere in the text say that it has been put right. */
  mended?: string[]
}

const TURNS = new Set<ObservationId>([
  'fan-state',
  'sound',
  'case-heat',
  'free-spin',
  'coast-down',
  'direction',
])

export const fact = (
  observation: ObservationId,
  value: string,
  ways: string,
  more: Partial<Pick<FactRule, 'of' | 'unless' | 'mended'>> = {},
): FactRule => ({ observation, value, ways, of: TURNS.has(observation) ? 'fan' : 'any', ...more })

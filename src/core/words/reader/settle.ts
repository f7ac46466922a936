import type { ObservationId } from '../../knowledge/vocabulary'
import type { Told } from './facts'

export interface Settled {
  /** One telling for each observation: the present before the past, the narrower rule before the wider. */
  facts: Map<ObservationId, Told>
  denied: Told[]
}

/** What is over says nothing of these: only what is so now counts. */
const PRESENT_ONLY = new Set<ObservationId>([
  'fan-state',
  'air-flow',
  'speeds',
  'case-heat',
  'companion',
  'free-spin',
  'hub',
])

/** What the words come to, where they tell one thing twice or deny another. */
export function settled(told: Told[]): Settled {
  const facts = new Map<ObservationId, Told>()
  const ordered = [...told].sort(
    (one, two) =>
      Number(one.past) - Number(two.past) || one.rank - two.rank || one.match.from - two.match.from,
  )
  for (const each of ordered) {
    if (each.denied || facts.has(each.observation)) continue
    if (each.past && PRESENT_ONLY.has(each.observation)) continue
    facts.set(each.observation, each)
  }
  forgetTheStale(facts)
  const denied = ordered.filter((each) => each.denied && facts.get(each.observation)?.value !== each.value)
  return { facts, denied }
}

/** What one fact rules out of another. */
function forgetTheStale(facts: Map<ObservationId, Told>): void {
  const value = (observation: ObservationId) => facts.get(observation)?.value
  const sound = facts.get('sound')
  // What it used to sound like says when it came on, not how it is.
  if (sound?.past && (facts.has('fan-state') || facts.has('free-spin'))) facts.delete('sound')
  if (facts.has('nudge-start') && value('fan-state') === 'dead') facts.delete('fan-state')
  // What rests on purpose is not dead.
  if (value('should-run-now') === 'normal-pause' && value('fan-state') === 'dead') facts.delete('fan-state')
  if (value('fan-state') === 'runs-normally' && value('sound') === 'nothing') facts.delete('sound')
}

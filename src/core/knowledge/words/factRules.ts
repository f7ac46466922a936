import { airFacts } from './facts/air'
import { aroundFacts } from './facts/around'
import { electricalFacts } from './facts/electrical'
import type { FactRule } from './facts/rule'
import { runningFacts } from './facts/running'
import { wheelFacts } from './facts/wheel'

export type { FactRule } from './facts/rule'

/** Within an observation the first that holds counts, so the narrower ones stand first. */
export const factRules: FactRule[] = [
  ...runningFacts,
  ...aroundFacts,
  ...electricalFacts,
  ...wheelFacts,
  ...airFacts,
]

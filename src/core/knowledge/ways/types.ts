import type { Template } from '../templateTypes'

/** One build of a family, or one repair of it, with its own way in. */
export interface Way extends Template {
  /** Stands in stored jobs: never renamed. */
  id: string
  name: string
  /** How a person tells that it is theirs, in one sentence. */
  when: string
}

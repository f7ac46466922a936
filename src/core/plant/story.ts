import type { ObservationId } from '../knowledge/vocabulary'
import type { Message } from '../message'
import { fanState, soundNow } from './acts/running'
import type { Here } from './acts/types'
import type { Drawn } from './draw'
import { randomOf, weighted } from './random'

/** What the owner tells of it, as a sentence and as observations. */
export interface Story {
  text: Message
  says: Partial<Record<ObservationId, string>>
}

/** A story misleads this often at the level of that name: another state, another beginning. */
const MISLEADS = 0.5
const OTHER_ONSETS = [
  ['suddenly', 2],
  ['slower-over-months', 1],
  ['after-a-storm-or-outage', 1],
] as const

/** The story of a machine as it is met. */
export function storyOf(drawn: Drawn): Story {
  const { plan, machine } = drawn
  if (plan.level === 'wire')
    return {
      text: {
        key: 'story.wire',
        params: { place: machine.build.place, task: { key: `story.task.${plan.task ?? 'own-leads'}` } },
      },
      says: {},
    }
  const here: Here = { machine: drawn.machine, state: drawn.start, nth: 0 }
  const random = randomOf(`story|${drawn.code}`)
  const state = fanState(here)
  const heard = soundNow(here)
  const { onset } = drawn.machine.traits
  const misleads = drawn.plan.level === 'story' && random() < MISLEADS
  const said = misleads ? weighted(random, OTHER_ONSETS) : onset
  return {
    text: {
      key: 'story',
      params: {
        place: drawn.machine.build.place,
        state: { key: `story.state.${state}` },
        onset: said ? { key: `story.onset.${said}` } : { key: 'story.onset.unknown' },
      },
    },
    says: {
      'fan-state': state,
      ...(heard !== 'nothing' && !misleads ? { sound: heard } : {}),
      ...(said ? { onset: said } : {}),
    },
  }
}

import type { CauseId } from '../knowledge/vocabulary'
import { type Act, type Answer, isDangerous, tells } from './acts/types'
import { walk } from './advisor/walk'
import { wiringWalk } from './advisor/wiring'
import type { Drawn } from './draw'
import { evidenceOf } from './evidence'
import { play } from './play'
import type { PlantState } from './state'
import { type Story, storyOf } from './story'

export interface Review {
  /** What was decided is what was wrong, or nothing was and that was said. */
  right: boolean
  causes: CauseId[]
  minutes: number
  /** Acts that told something. */
  tests: number
  /** Acts that hurt, or would have with other luck: done against the procedure. */
  dangerous: number[]
  /** Of each act: how far it moved what can be known, in bits (Kullback-Leibler from before to after). */
  bits: number[]
  /** Causes that were still likelier than one in twenty when it was decided, and that nothing had ruled out. */
  open: { cause: CauseId; probability: number }[]
  /** Of the odds that were stated last: log2 of what the true cause was given, 0 the best. */
  oddsBits?: number
  /** The walk of the advisor on the same machine. */
  best: Act[]
  bestTests: number
  bestMinutes: number
  bestRight: boolean
}

/** A round looked back on. */
export function reviewOf(drawn: Drawn, answers: Answer[], state: PlantState): Review {
  const story = storyOf(drawn)
  const { bits, shares: before } = evidenceOf(drawn, answers)
  const decided = state.over && 'decided' in state.over ? state.over.decided : null
  const causes = drawn.faults.map(({ cause }) => cause)
  const best = bestWalk(drawn, story)
  const { right, oddsBits } = judged(drawn, answers, state)
  return {
    right,
    causes,
    minutes: state.minutes,
    tests: answers.filter(tells).length,
    dangerous: answers.flatMap((answer, i) => (isDangerous(answer) ? [i] : [])),
    bits,
    open: [...before]
      .filter(([cause, probability]) => probability > 0.05 && cause !== decided)
      .map(([cause, probability]) => ({ cause, probability }))
      .sort((one, two) => two.probability - one.probability),
    ...(oddsBits === undefined ? {} : { oddsBits }),
    best: best.acts,
    bestTests: best.tests,
    bestMinutes: best.minutes,
    bestRight: best.right,
  }
}

/** What a careful repairer does on the same machine: the advisor's walk to its fault, or the landings one after the other. */
function bestWalk(drawn: Drawn, story: Story) {
  if (drawn.plan.level === 'wire') {
    const acts = wiringWalk(drawn)
    const { state, answers } = play(drawn, acts)
    return { acts, tests: answers.filter(tells).length, minutes: state.minutes, right: true }
  }
  const { acts, tests, state, right } = walk(drawn, story)
  return { acts, tests: tests.length, minutes: state.minutes, right }
}

/** What a round is kept by: known without the advisor's own walk, which costs a hundred times as much. */
export const judged = (
  { faults }: Drawn,
  answers: Answer[],
  state: PlantState,
): Pick<Review, 'right' | 'oddsBits'> => ({
  right: answers.some(({ text }) => text.key === 'decide.right' || text.key === 'decide.wired'),
  oddsBits: scoreOf(
    state,
    faults.map(({ cause }) => cause),
  ),
})

/** Logarithmic score of the last odds; shares are what was stated over their sum. */
function scoreOf({ odds }: PlantState, causes: CauseId[]): number | undefined {
  const last = odds.at(-1)
  if (!last) return undefined
  const sum = Object.values(last.of).reduce((total, share) => total + share, 0)
  const named = causes.length === 0 ? ['none'] : causes
  const given = named.reduce((total, cause) => total + (last.of[cause] ?? 0), 0) / sum
  // Who gave nothing to what it was is scored as one in a thousand: a logarithm of nothing has no end.
  return Math.log2(Math.max(0.001, given))
}

import { type DiagnoseInput, diagnose, mapObservations } from '../diagnose'
import type { CauseId, ObservationId } from '../knowledge/vocabulary'
import type { Act, Answer, Sense } from './acts/types'
import { mends, plateFigures, type Walk, walk } from './advisor/walk'
import type { Drawn } from './draw'
import type { PlantState } from './state'
import { storyOf } from './story'

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

type Shares = Map<CauseId, number>

/** A round looked back on. */
export function reviewOf(drawn: Drawn, answers: Answer[], state: PlantState): Review {
  const story = storyOf(drawn)
  let known: DiagnoseInput['observations'] = { ...story.says }
  let before = sharesOf(drawn, known)
  const bits = answers.map(({ sense }) => {
    const next = withSense(drawn, known, sense)
    if (next === known) return 0
    known = next
    const after = sharesOf(drawn, known)
    const gained = divergence(after, before)
    before = after
    return gained
  })
  const decided = state.over && 'decided' in state.over ? state.over.decided : null
  const causes = drawn.faults.map(({ cause }) => cause)
  const best = walk(drawn, story)
  const oddsBits = scoreOf(state, causes)
  return {
    right: causes.length === 0 ? decided === 'none' : causes.some((cause) => cause === decided),
    causes,
    minutes: state.minutes,
    tests: answers.filter(({ sense }) => sense && Object.keys(sense).length > 0).length,
    dangerous: answers.flatMap(({ hurt, against, broke }, i) => (hurt || against || broke ? [i] : [])),
    bits,
    open: [...before]
      .filter(([cause, probability]) => probability > 0.05 && cause !== decided)
      .map(([cause, probability]) => ({ cause, probability }))
      .sort((one, two) => two.probability - one.probability),
    ...(oddsBits === undefined ? {} : { oddsBits }),
    best: best.acts,
    ...bestFigures(drawn, best),
  }
}

const bestFigures = (drawn: Drawn, best: Walk) => ({
  bestTests: best.tests.length,
  bestMinutes: best.state.minutes,
  bestRight: best.decided !== null && drawn.faults.some(({ cause }) => mends(best.decided?.action, cause)),
})

/** What was perceived, as a job would keep it: the first word on a thing stands, unless it reads otherwise now. */
export function withSense(
  drawn: Drawn,
  known: DiagnoseInput['observations'],
  sense: Sense | undefined,
): DiagnoseInput['observations'] {
  if (!sense) return known
  const { unmapped } = mapObservations(sense, plateFigures(drawn))
  const left = new Set<string>(unmapped.map(({ observation }) => observation))
  const fresh = (Object.entries(sense) as [ObservationId, string | number | null][]).filter(
    ([observation, value]) =>
      !left.has(observation) &&
      known[observation] !== value &&
      (known[observation] === undefined || observation !== 'fan-state'),
  )
  return fresh.length === 0 ? known : { ...known, ...Object.fromEntries(fresh) }
}

export function sharesOf(drawn: Drawn, observations: DiagnoseInput['observations']): Shares {
  const { suspects } = diagnose({
    family: drawn.plan.family,
    motorKind: drawn.plan.motorKind,
    observations,
    plate: plateFigures(drawn),
  })
  return new Map(suspects.map(({ cause, probability }) => [cause, probability]))
}

function divergence(after: Shares, before: Shares): number {
  let sum = 0
  for (const [cause, p] of after) if (p > 0) sum += p * Math.log2(p / Math.max(1e-12, before.get(cause) ?? 0))
  return Math.max(0, sum)
}

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

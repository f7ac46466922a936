import { type DiagnoseInput, diagnose, mapObservations } from '../diagnose'
import type { CauseId, ObservationId } from '../knowledge/vocabulary'
import type { Answer, Sense } from './acts/types'
import { plateFigures } from './advisor/walk'
import type { Drawn } from './draw'
import { storyOf } from './story'

type Shares = Map<CauseId, number>

/** Of each act how far it moved what can be known, in bits (Kullback-Leibler from before to after), and where it stands at the end. */
export function evidenceOf(drawn: Drawn, answers: Answer[]): { bits: number[]; shares: Shares } {
  let known: DiagnoseInput['observations'] = { ...storyOf(drawn).says }
  let shares = sharesOf(drawn, known)
  const bits = answers.map(({ sense }) => {
    const next = withSense(drawn, known, sense)
    if (next === known) return 0
    known = next
    const after = sharesOf(drawn, known)
    const gained = divergence(after, shares)
    shares = after
    return gained
  })
  return { bits, shares }
}

/** What was perceived, as a job would keep it: the first word on a thing stands, unless it reads otherwise now. */
function withSense(
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

function sharesOf(drawn: Drawn, observations: DiagnoseInput['observations']): Shares {
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

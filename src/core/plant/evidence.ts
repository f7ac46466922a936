import { type DiagnoseInput, diagnose, mapObservations } from '../diagnose'
import type { CauseId, ObservationId } from '../knowledge/vocabulary'
import type { Answer, Sense } from './acts/types'
import { plateFigures } from './advisor/walk'
import type { Drawn } from './draw'
import { storyOf } from './story'

type Shares = Map<CauseId, number>

/** What is known of a machine so far, and what each act told. */
export interface Evidence {
  known: DiagnoseInput['observations']
  shares: Shares
  /** Of each act how far it moved what can be known, in bits: Kullback-Leibler from before to after. */
  bits: number[]
}

/** Before the first act: the story alone. */
export function beginEvidence(drawn: Drawn): Evidence {
  const known: DiagnoseInput['observations'] = { ...storyOf(drawn).says }
  return { known, shares: sharesOf(drawn, known), bits: [] }
}

export function withAnswer(drawn: Drawn, before: Evidence, { sense }: Answer): Evidence {
  const known = withSense(drawn, before.known, sense)
  if (known === before.known) return { ...before, bits: [...before.bits, 0] }
  const shares = sharesOf(drawn, known)
  return { known, shares, bits: [...before.bits, divergence(shares, before.shares)] }
}

export const evidenceOf = (drawn: Drawn, answers: Answer[]): Evidence =>
  answers.reduce((evidence, answer) => withAnswer(drawn, evidence, answer), beginEvidence(drawn))

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

import type { Energy, JobSnapshot } from '@/core/job'
import { hasWayBack } from '@/core/refit/inverse'
import { counted } from '@/core/units/counted'

export const stages = [
  { id: 'notice', name: 'Notice' },
  { id: 'make-dead', name: 'Make dead' },
  { id: 'measure', name: 'Measure' },
  { id: 'decide', name: 'Decide' },
  { id: 'take-apart', name: 'Take apart' },
  { id: 'match', name: 'Match' },
  { id: 'refit', name: 'Wire and refit' },
  { id: 'prove', name: 'Prove' },
] as const

export type StageId = (typeof stages)[number]['id']

export const isStage = (id: string): id is StageId => stages.some((stage) => stage.id === id)

/** The title of a stage's page: by its name tabs of one job are told apart. */
export const stageTitle = (id: StageId): { title: string } => ({
  title: stages.find((stage) => stage.id === id)?.name ?? id,
})

export interface StageState {
  done: boolean
  /** What is done and what is open, in counts. */
  note: string
}

/** What is done and what is open in each stage. */
export function stageStates(
  snapshot: JobSnapshot,
  energy: Energy,
  decided: boolean,
): Record<StageId, StageState> {
  const ticked = snapshot.ledger.filter((line) => line.doneAt).length
  const readings = snapshot.readings.filter((reading) => !reading.struckAt).length
  const back = snapshot.ledger.filter(
    (line) => line.doneAt && !line.struckAt && hasWayBack(line.action, line.extra === 1),
  )
  const backDone = back.filter((line) => line.backDoneAt).length
  const decision = snapshot.decisions[0]
  const chosen = snapshot.fields.filter((field) => field.part === 'choice').length
  const landed = snapshot.landings.filter((landing) => landing.doneAt || landing.capped).length
  const passed = snapshot.checks.filter((check) => check.result === 'pass').length
  return {
    notice: { done: snapshot.findings.length > 0, note: counted(snapshot.findings.length, 'finding') },
    'make-dead': {
      done: energy.handsIn,
      note: `${energy.openPoints} of ${energy.allPoints} off${energy.state === 'proven-dead' ? ', proven' : ''}`,
    },
    measure: { done: readings > 0, note: readings > 0 ? counted(readings, 'reading') : '' },
    decide: {
      done: decision !== undefined,
      note: decision ? (decision.agreed ? 'agreed' : 'own verdict') : decided ? 'ready to agree' : '',
    },
    'take-apart': {
      done: snapshot.ledger.length > 0 && ticked === snapshot.ledger.length,
      note: snapshot.ledger.length > 0 ? `${ticked} of ${snapshot.ledger.length}` : '',
    },
    match: { done: chosen > 0, note: chosen > 0 ? `${counted(chosen, 'part')} chosen` : '' },
    refit: {
      done: back.length > 0 && backDone === back.length,
      note:
        back.length > 0 ? `${backDone} of ${back.length} back` : landed > 0 ? counted(landed, 'lead') : '',
    },
    prove: {
      done: snapshot.job.status === 'closed',
      note: snapshot.job.status === 'closed' ? 'closed' : passed > 0 ? `${passed} passed` : '',
    },
  }
}

import type { Act } from './actTypes'
import { newHousehold, newJob, newMachine } from './blank'
import { planAct } from './plan'
import { pairsOf, plantedPlan } from './plant'
import type { JobSnapshot, MachineRow } from './rows'
import { withChanges } from './snapshot'

export const NOW = Date.parse('2026-03-02T10:00:00Z')
let count = 0
/** Ids that never repeat and sort by age. */
export const id = () => `id-${String(++count).padStart(9, '0')}`

export const household = {
  ...newHousehold('home', 'Harrow Reach'),
  tools: 'hand meter',
  catRated: 1,
} as const

/** A job just opened on a machine of this family, its plan planted. */
export function jobOn(family: MachineRow['family'], motorKind: MachineRow['motorKind'] = null): JobSnapshot {
  const machine = { ...newMachine('m', 'home', family, { motorKind }, ''), installedYear: '2012' }
  const plan = plantedPlan('j', machine, id)
  return {
    household,
    machine,
    ...plan,
    job: { ...newJob('j', 'm', '', '2026-03-02T09:00:00Z'), touchedAt: '' },
    findings: [],
    declined: [],
    beliefs: [],
    stops: [],
    proofs: [],
    proofReadings: [],
    readings: [],
    leads: [],
    fields: [],
    decisions: [],
    ledger: [],
    landings: [],
    checks: [],
  }
}

/** The acts done, one after another. */
export const act = (snapshot: JobSnapshot, ...acts: Act[]): JobSnapshot => actAt(NOW, snapshot, ...acts)

export const actAt = (now: number, snapshot: JobSnapshot, ...acts: Act[]): JobSnapshot =>
  acts.reduce((all, each) => withChanges(all, planAct(all, each, now).changes), snapshot)
/** Its part lies on the bench: nothing is gated. */
export const onBench = (family: MachineRow['family'], motorKind?: MachineRow['motorKind']) =>
  act(jobOn(family, motorKind), { kind: 'job.bench', on: true })
/** The code an act is refused with, or null where it is allowed. */
export const refused = (snapshot: JobSnapshot, what: Act, now = NOW): string | null => {
  try {
    planAct(snapshot, what, now)
  } catch (error) {
    return (error as { code: string }).code
  }
  return null
}

/** Every point open, every pair read dead, charges read, waits begun. */
export function madeDead(snapshot: JobSnapshot, now = NOW): JobSnapshot {
  const proofId = id()
  const opened = actAt(
    now,
    snapshot,
    ...snapshot.points.map((point): Act => ({ kind: 'point.open', id: point.id })),
    ...snapshot.waits.map((wait): Act => ({ kind: 'wait.start', id: wait.id })),
    { kind: 'proof.start', id: proofId },
    { kind: 'proof.tester', id: proofId, when: 'before', on: true },
  )
  return actAt(
    now,
    opened,
    ...pairsOf(opened).map(
      (pair, position): Act => ({ kind: 'proof.read', id: id(), proofId, pair, position, typed: '0.2' }),
    ),
    { kind: 'proof.tester', id: proofId, when: 'after', on: true },
    ...snapshot.charges.map((charge): Act => ({ kind: 'charge.read', id: charge.id, typed: '0.3' })),
  )
}

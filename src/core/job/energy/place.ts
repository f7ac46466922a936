import { chargesOf, dischargeNeeded, type ProofPlace, usualPlace, waitsOf } from '../../isolation'
import { type ProofPair, proofPairs } from '../../isolation/pairs'
import { isolationPlans, type PlannedWait } from '../../knowledge/isolation'
import { electronicKinds } from '../../knowledge/motorKinds'
import { fieldText } from '../fields'
import { oncePerSnapshot } from '../oncePerSnapshot'
import type { ChargeKind, ChargeRow, FieldRow, JobSnapshot, PointRow, WaitRow } from '../rows'

/** What the person has said of this machine's plan; every answer has a value that is taken until it is given. */
export const planFields = {
  feeds: ['1', '2', '3', '4'],
  earth: ['ground', 'earth-lead', 'none'],
  'switched-live': ['no', 'yes'],
  switch: ['seen', 'unseen', 'powered'],
  /** Live conductors at the place, on machines that are built for one leg, for both, or for three phases. */
  legs: ['one', 'two', 'three'],
  'other-supply': ['no', 'yes'],
  water: ['yes', 'no'],
  cold: ['warm', 'cold'],
} as const
export type PlanField = keyof typeof planFields

export const isPlanField = (field: string): field is PlanField => Object.hasOwn(planFields, field)

/** The answer that stands for a field of the plan, given or not. */
export const planAnswer = (snapshot: JobSnapshot, field: PlanField): string => {
  const typed = fieldText(snapshot, 'plan', field)
  if ((planFields[field] as readonly string[]).includes(typed)) return typed
  return field === 'legs' ? usualLegs(snapshot) : planFields[field][0]
}

const usualLegs = ({ machine, household }: JobSnapshot): (typeof planFields)['legs'][number] =>
  usualPlace(machine.family, household.region).twoHot ? 'two' : 'one'

/** Whether the person has answered: unanswered is not answered, whatever value stands for it meanwhile. */
export const isAnswered = (snapshot: JobSnapshot, field: PlanField): boolean =>
  (planFields[field] as readonly string[]).includes(fieldText(snapshot, 'plan', field))

/**
 * What has to be answered before dead is proved, and is not: how many circuits feed it, whether anything else does, what
 * there is to read against, whether a second live wire comes there, and how the switch before the place shows its ON.
 */
export function unansweredPlan(snapshot: JobSnapshot): PlanField[] {
  if (isolationPlans[snapshot.machine.family].supply === 'battery') return []
  const asked: PlanField[] = ['feeds', 'other-supply']
  if (!onlyPlug(snapshot)) {
    asked.push('earth')
    const { asks } = isolationPlans[snapshot.machine.family]
    if (asks.includes('legs')) asked.push('legs')
    if (asks.includes('switched-live')) asked.push('switched-live')
    if (switchesBefore(snapshot).length > 0) asked.push('switch')
  }
  return asked.filter((field) => !isAnswered(snapshot, field))
}

/** Circuits that feed the housing, as the person counted them; one where they did not. */
export function feedsOf(fields: FieldRow[]): number {
  const typed = Number(fields.find((row) => row.part === 'plan' && row.field === 'feeds')?.typed)
  return Number.isInteger(typed) && typed >= 1 && typed <= 4 ? typed : 1
}

export const standingPoints = (snapshot: JobSnapshot): PointRow[] =>
  snapshot.points.filter((point) => !point.struckAt)

/** The points that part electric supplies, as against switches, thermostats and valves. */
const feeding = ['plug', 'breaker', 'fuse', 'disconnect', 'battery', 'shore-power']

/** A plug, breaker, fuse, disconnect or battery of the first circuit: without one nothing is isolated, whatever is open. */
export const hasSupplyPoint = (snapshot: JobSnapshot): boolean =>
  standingPoints(snapshot).some(({ point, feed }) => feeding.includes(point) && feed <= 1)

/**
 * Plug-connected: the plug out, in sight and tied back, proves the mains side. Not where a battery or a foreign supply
 * hangs on the machine as well.
 */
export function onlyPlug(snapshot: JobSnapshot): boolean {
  const feeds = standingPoints(snapshot).filter(({ point }) => feeding.includes(point))
  return (
    feeds.length > 0 &&
    feeds.every(({ point }) => point === 'plug') &&
    planAnswer(snapshot, 'other-supply') === 'no'
  )
}

/** Switches that a hand or a timer turns: whatever stands before the place is set ON for the readings, of every circuit. */
const controlSwitches = ['wall-switch', 'service-switch']

/**
 * The switches that stand before the proof place of a circuit. The machine's own switch stands behind it where the plan
 * proves at the feed before that switch.
 */
export function switchesBefore(snapshot: JobSnapshot, feed = 1): PointRow[] {
  const plan = isolationPlans[snapshot.machine.family]
  const behind = plan.switchBefore === null ? plan.points.map(({ point }) => point) : []
  return standingPoints(snapshot).filter(
    (row) =>
      controlSwitches.includes(row.point) &&
      !behind.includes(row.point) &&
      (feed === 1 ? row.feed <= 1 : row.feed === feed || row.feed === 0),
  )
}

/** The first of the switches before the proof place of the first circuit, or null. */
export const switchBefore = (snapshot: JobSnapshot): PointRow | null => switchesBefore(snapshot)[0] ?? null

/** Whether the switches of a circuit are set ON for the readings, read in both positions, or themselves the proof place. */
export const switchRole = (
  snapshot: JobSnapshot,
  feed = 1,
): 'none' | 'set-on' | 'both-positions' | 'own-terminals' => {
  if (onlyPlug(snapshot) || switchesBefore(snapshot, feed).length === 0) return 'none'
  const answer = planAnswer(snapshot, 'switch')
  return answer === 'seen' ? 'set-on' : answer === 'unseen' ? 'both-positions' : 'own-terminals'
}

/** Where dead is proved, in words. */
export function proofPlaceText(snapshot: JobSnapshot): string {
  const switching = switchBefore(snapshot)
  if (switching && switchRole(snapshot) === 'own-terminals')
    return `at the line terminals of the ${switching.label.toLowerCase()}`
  return isolationPlans[snapshot.machine.family].provePlace
}

export const proofPlaceOf = oncePerSnapshot((snapshot): ProofPlace => {
  const usual = usualPlace(snapshot.machine.family, snapshot.household.region)
  return {
    ...usual,
    otherSupply: usual.supply === 'mains' && otherSupply(snapshot),
    ...legsOf(snapshot),
    earth: planAnswer(snapshot, 'earth') as ProofPlace['earth'],
    switchedLive: planAnswer(snapshot, 'switched-live') === 'yes',
    positions: switchRole(snapshot) === 'both-positions' ? 2 : 1,
  }
})

/** Machines of a family that is built for more than one supply hang on as many legs as the person counted. */
const legsOf = (snapshot: JobSnapshot): Partial<ProofPlace> => {
  if (!isolationPlans[snapshot.machine.family].asks.includes('legs')) return {}
  const legs = planAnswer(snapshot, 'legs')
  return legs === 'three' ? { threePhase: true } : { twoHot: legs === 'two' }
}

/** A battery, a solar panel or another source stands beside the mains: it is read on its own pair, on DC and on AC. */
const otherSupply = (snapshot: JobSnapshot): boolean =>
  planAnswer(snapshot, 'other-supply') === 'yes' ||
  standingPoints(snapshot).some(({ point }) => point === 'battery')

/** Pairs to be read at one feed, with where their probes go; none where the plug in sight is the proof. */
export const proofPairsOf = (snapshot: JobSnapshot, feed = 1): ProofPair[] =>
  onlyPlug(snapshot)
    ? []
    : proofPairs(
        {
          ...proofPlaceOf(snapshot),
          positions: switchRole(snapshot, feed) === 'both-positions' ? 2 : 1,
        },
        feed,
      )

/** The names of these pairs, under which readings are kept. */
export const pairsOf = (snapshot: JobSnapshot, feed = 1): string[] =>
  proofPairsOf(snapshot, feed).map(({ id }) => id)

/** The motor's kind may have a capacitor, or somebody has seen one. */
export function capacitorMayBe(snapshot: JobSnapshot): boolean {
  return (
    dischargeNeeded(snapshot.machine) ||
    fieldText(snapshot, 'capacitor-old', 'label').trim() !== '' ||
    snapshot.readings.some(
      ({ kind, part, struckAt }) => kind === 'capacitance' && part === 'old' && !struckAt,
    )
  )
}

/** What may store a charge in this machine: by its family and the kind of its motor, and what somebody has seen. */
function heldCharges(snapshot: JobSnapshot): ChargeKind[] {
  const planned: ChargeKind[] = chargesOf(snapshot.machine)
  return capacitorMayBe(snapshot) && !planned.includes('run') ? ['run', ...planned] : planned
}

/**
 * Charges that have to be emptied and read. A planned one counts while the machine may have it, whether or not somebody
 * struck it: it ends by a reading, at its terminals or, where none is seen, across the motor's own leads.
 */
export function neededCharges(snapshot: JobSnapshot): ChargeRow[] {
  const held = heldCharges(snapshot)
  return snapshot.charges.filter((charge) =>
    charge.planned ? held.includes(heldBy(charge)) : !charge.struckAt,
  )
}

/** Charges of this machine that have no line yet: the kind of motor may have been learned later. */
export const missingCharges = (snapshot: JobSnapshot): ChargeKind[] =>
  heldCharges(snapshot).filter((holds) => !hasChargeOf(snapshot, holds))

/** Whether the plan has a line for this charge. */
export const hasChargeOf = ({ charges }: JobSnapshot, holds: ChargeKind): boolean =>
  charges.some((row) => row.planned && heldBy(row) === holds)

/** A line from before kinds were kept is of the run capacitor. */
const heldBy = ({ holds }: ChargeRow): ChargeKind => holds ?? 'run'

/** A module or board may be there: nothing is asked of a kind of motor that has none. */
export const planKindMayBeElectronic = ({ machine }: JobSnapshot): boolean =>
  machine.motorKind === null || electronicKinds.includes(machine.motorKind)

/** Waits of this machine that have no line yet: the kind of motor may have been learned later. */
export const missingWaits = (snapshot: JobSnapshot): PlannedWait[] =>
  waitsOf(snapshot.machine).filter(
    ({ kind }) =>
      !(kind === 'cool-down' && saidCold(snapshot)) && !snapshot.waits.some((row) => row.kind === kind),
  )

/** Waits that have to run out: no cooling of what is cold, no running down where no electronics are. */
export function neededWaits(snapshot: JobSnapshot): WaitRow[] {
  const kinds = waitsOf(snapshot.machine).map(({ kind }) => kind)
  return snapshot.waits.filter(
    (wait) =>
      !wait.struckAt &&
      (!wait.planned || kinds.includes(wait.kind)) &&
      !(wait.planned && wait.kind === 'cool-down' && saidCold(snapshot)),
  )
}

const saidCold = (snapshot: JobSnapshot): boolean =>
  planAnswer(snapshot, 'cold') === 'cold' ||
  snapshot.findings.some(
    ({ observation, value, at }) =>
      observation === 'case-heat' &&
      value === 'cold' &&
      standingPoints(snapshot).every(({ changedAt }) => !changedAt || changedAt <= at),
  )

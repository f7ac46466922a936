import { CoreError } from '../errors'
import { isOf, startSwitchKinds } from '../knowledge/motorKinds'
import type { WiringInput, WiringLead } from './types'

/** Where nothing was measured. */
const RUN_OHM = 20
const START_OHM = 40
/** A winding's reactance at standstill, where the motor's data do not give it. */
const X_PER_OHM = 1.5

export interface Segment {
  from: string
  to: string
  r: number
  x: number
}

export interface MotorPoints {
  /** The inner point of each lead: leads from one point share it. */
  pointOf: Map<string, string>
  /** The main winding and its taps as one chain; the first point is the far end of the main winding from the taps. */
  chain: string[]
  run: Segment
  taps: Segment[]
  start: Segment | null
}

export const byRole = (input: WiringInput, role: WiringLead['role']): WiringLead[] =>
  input.motor.leads.filter((lead) => lead.role === role)

/**
 * A build that misleads: the taps lie beyond the joint of run and start winding, and the run lead's end carries the
 * capacitor's return. There the twin end is the neutral side, and the joint's own lead is the fastest speed.
 */
export function tapsBeyondJoint(input: WiringInput): boolean {
  const { windings, leads } = input.motor
  const taps = byRole(input, 'tap')
  const [run] = byRole(input, 'run')
  if (!windings?.taps || taps.length === 0 || !run) return false
  const returned = leads.some(
    (lead) => lead.role === 'capacitor-return' && (lead.twinOf ?? run.id) === run.id,
  )
  const ohms = taps.map((tap) => windings.taps?.find(({ lead }) => lead === tap.id)?.ohm)
  // Counted from the run lead, a tap beyond the joint reads more than the whole run winding.
  return returned && ohms.every((ohm) => ohm !== undefined && ohm > windings.runOhm)
}

/** Run lead and taps, the fastest first: as rpm says where given, else in the order listed. */
export function speedLeads(input: WiringInput): WiringLead[] {
  const leads = [...byRole(input, tapsBeyondJoint(input) ? 'common' : 'run'), ...byRole(input, 'tap')]
  return leads.every((lead) => lead.rpm !== undefined)
    ? leads.sort((one, two) => (two.rpm ?? 0) - (one.rpm ?? 0))
    : leads
}

/** The lead of the other side of the line: the joint's, or the run lead's where the taps lie beyond the joint. */
export const neutralLeads = (input: WiringInput): WiringLead[] =>
  byRole(input, tapsBeyondJoint(input) ? 'run' : 'common')

/** The lead whose speed is used where there is one speed: the one wanted, else the fastest. */
export function usedLead(input: WiringInput): WiringLead {
  const speeds = speedLeads(input)
  const wanted = speeds.find((lead) => lead.id === input.motor.speedWanted)
  if (input.motor.speedWanted !== undefined && !wanted)
    throw new CoreError(
      'invalid-input',
      `speedWanted must be a run lead or a tap, not "${input.motor.speedWanted}".`,
      'motor.speedWanted',
    )
  const fastest = byRole(input, tapsBeyondJoint(input) ? 'common' : 'run')[0] ?? speeds[0]
  const used = wanted ?? fastest
  if (!used) throw new CoreError('invalid-input', 'The motor has no run lead.', 'motor.leads')
  return used
}

/** The windings as a chain: common – run winding – run lead – taps; and common – start winding – start lead. */
export function motorPoints(input: WiringInput): MotorPoints {
  const { windings } = input.motor
  const runOhm = windings?.runOhm ?? RUN_OHM
  const startOhm = windings?.startOhm ?? START_OHM
  const pointOf = new Map<string, string>()
  const put = (lead: WiringLead, point: string) => pointOf.set(lead.id, point)
  for (const lead of byRole(input, 'common')) put(lead, 'J')
  for (const lead of byRole(input, 'run')) put(lead, 'R')
  for (const lead of byRole(input, 'start')) put(lead, 'S')
  const beyond = tapsBeyondJoint(input)
  const taps: Segment[] = []
  const chain = beyond ? ['R', 'J'] : ['J', 'R']
  let [last, lastOhm] = beyond ? ['J', runOhm] : ['R', 0]
  const tapOhm = (lead: WiringLead, index: number) =>
    windings?.taps?.find((tap) => tap.lead === lead.id)?.ohm ?? runOhm * 0.3 * (index + 1)
  const tapLeads = byRole(input, 'tap').map((lead, index) => ({ lead, ohm: tapOhm(lead, index) }))
  for (const { lead, ohm } of tapLeads.sort((one, two) => one.ohm - two.ohm)) {
    const point = `T:${lead.id}`
    put(lead, point)
    chain.push(point)
    const r = Math.max(1e-3, ohm - lastOhm)
    taps.push({ from: last, to: point, r, x: r * X_PER_OHM })
    last = point
    lastOhm = ohm
  }
  for (const lead of byRole(input, 'capacitor-return')) put(lead, pointOf.get(lead.twinOf ?? '') ?? 'R')
  return {
    pointOf,
    chain,
    run: { from: 'J', to: 'R', r: runOhm, x: windings?.runX ?? runOhm * X_PER_OHM },
    taps,
    start:
      byRole(input, 'start').length > 0
        ? { from: 'J', to: 'S', r: startOhm, x: windings?.startX ?? startOhm * X_PER_OHM }
        : null,
  }
}

/** Do the two windings measure alike, within 10 %? Null where they were not measured. */
export function windingsAlike(input: WiringInput): boolean | null {
  const { windings } = input.motor
  if (!windings) return null
  const { runOhm, startOhm } = windings
  return Math.abs(runOhm - startOhm) <= 0.1 * Math.max(runOhm, startOhm)
}

/** Starts without a capacitor in series: it has a switch of its own. */
export const ownStartSwitch = (input: WiringInput): boolean => isOf(startSwitchKinds, input.motor.kind)

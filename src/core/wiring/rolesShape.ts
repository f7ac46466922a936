import { byRole, type MotorShape, type Segment, X_PER_OHM } from './motorShape'
import type { WiringInput, WiringLead } from './types'

/** Where nothing was measured. */
const RUN_OHM = 20
const START_OHM = 40

/**
 * A build that misleads: the taps lie beyond the joint of run and start winding, and the run lead's end carries the
 * capacitor's return. There the twin end is the neutral side, and the joint's own lead is the fastest speed.
 */
function tapsBeyondJoint(input: WiringInput): boolean {
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

/** The windings as the roles tell them: common – run winding – run lead – taps; and common – start winding – start lead. */
export function rolesShape(input: WiringInput): MotorShape {
  const { windings } = input.motor
  const runOhm = windings?.runOhm ?? RUN_OHM
  const startOhm = windings?.startOhm ?? START_OHM
  const pointOf = new Map<string, string>()
  const put = (lead: WiringLead, point: string) => pointOf.set(lead.id, point)
  const [commons, runs, starts] = [byRole(input, 'common'), byRole(input, 'run'), byRole(input, 'start')]
  for (const lead of commons) put(lead, 'J')
  for (const lead of runs) put(lead, 'R')
  for (const lead of starts) put(lead, 'S')
  const beyond = tapsBeyondJoint(input)
  const main: Segment[] = [{ from: 'J', to: 'R', r: runOhm, x: windings?.runX ?? runOhm * X_PER_OHM }]
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
    main.push({ from: last, to: point, r, x: r * X_PER_OHM })
    last = point
    lastOhm = ohm
  }
  const twins = byRole(input, 'capacitor-return')
  for (const lead of twins) put(lead, pointOf.get(lead.twinOf ?? '') ?? 'R')
  // A twin at the joint or at the start end has nothing to do with the near side of the capacitor.
  const atItsPlace = (lead: WiringLead) => !['J', 'S'].includes(pointOf.get(lead.id) ?? '')
  return {
    pointOf,
    chain,
    main,
    start:
      starts.length > 0
        ? { from: 'J', to: 'S', r: startOhm, x: windings?.startX ?? startOhm * X_PER_OHM }
        : null,
    neutral: beyond ? runs : commons,
    speeds: [...(beyond ? commons : runs), ...byRole(input, 'tap')],
    starts,
    returns: twins.filter(atItsPlace),
    spares: twins.filter((lead) => !atItsPlace(lead)),
    beside: [],
    capacitorOnNeutral: beyond,
  }
}

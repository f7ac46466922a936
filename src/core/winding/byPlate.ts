import { isOf, windingOnlyKinds } from '../knowledge/motorKinds'
import { formatOhm } from '../units/format'
import { defaultOhmMeter, ohmUncertainty } from './meter'
import { readingOf, type ZeroedPair } from './points'
import type { LeadRole, WindingFault, WindingInput } from './types'

/**
 * Copper loss at the plate's current is a fraction of what the plate's volts and amps make together, so the run winding of a
 * motor that works reads 5 to 30 % of V/I (`measurements.md`).
 */
const WINDOW = { low: 0.05, high: 0.3 }
/** Beyond any maker's habit: so little is no winding any more. */
const SHORTED = 0.03

/**
 * The run winding against the motor's own plate. Shorted turns do not show in the sums: the lengths still add up, on less copper.
 * Far below the window it is shorted; beside it, it is told and nothing is decided.
 */
export function judgeByPlate(
  { plate, motorKind, meter = defaultOhmMeter }: WindingInput,
  roles: Record<string, LeadRole>,
  pairs: ZeroedPair[],
  faults: WindingFault[],
  notes: string[],
): void {
  if (!plate || !isOf(windingOnlyKinds, motorKind)) return
  const lead = (role: LeadRole) => Object.keys(roles).find((each) => roles[each] === role)
  const [common, run] = [lead('common'), lead('run')]
  const ohm = common && run ? readingOf(pairs, common, run) : undefined
  if (!common || !run || ohm === undefined || ohm === null) return
  const whole = plate.volts / plate.amps
  const most = ohm + ohmUncertainty(ohm, meter)
  if (most >= WINDOW.low * whole && ohm <= WINDOW.high * whole) return
  if (faults.some(({ leads }) => leads.includes(common) && leads.includes(run))) return
  const said = `${common} to ${run} reads ${formatOhm(ohm)}; its plate asks for ${formatOhm(WINDOW.low * whole)} to ${formatOhm(WINDOW.high * whole)}: `
  if (ohm < SHORTED * whole) faults.push({ kind: 'shorted', leads: [common, run], text: `${said}shorted.` })
  else notes.push(`${said}compare with a twin.`)
}

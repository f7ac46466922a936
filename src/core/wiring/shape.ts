import { CoreError } from '../errors'
import { isOf, startSwitchKinds } from '../knowledge/motorKinds'
import type { MotorShape } from './motorShape'
import { rolesShape } from './rolesShape'
import { treeShape } from './treeShape'
import type { WiringInput, WiringLead } from './types'

const shapes = new WeakMap<WiringInput['motor'], MotorShape>()

export function shapeOf(input: WiringInput): MotorShape {
  const known = shapes.get(input.motor)
  if (known) return known
  const shape = input.motor.tree ? treeShape(input, input.motor.tree) : rolesShape(input)
  shapes.set(input.motor, shape)
  return shape
}

/** One lead a speed, the fastest first: as rpm says where given, else as the ohms say. */
export function speedLeads(input: WiringInput): WiringLead[] {
  const { speeds } = shapeOf(input)
  return speeds.every((lead) => lead.rpm !== undefined)
    ? [...speeds].sort((one, two) => (two.rpm ?? 0) - (one.rpm ?? 0))
    : speeds
}

/** The lead whose speed is used where there is one speed: the one wanted, else the fastest. */
export function usedLead(input: WiringInput): WiringLead {
  const { speeds } = shapeOf(input)
  const wanted = speeds.find((lead) => lead.id === input.motor.speedWanted)
  if (input.motor.speedWanted !== undefined && !wanted)
    throw new CoreError(
      'invalid-input',
      `speedWanted must be a run lead or a tap, not "${input.motor.speedWanted}".`,
      'motor.speedWanted',
    )
  // Without a run lead the taps are told apart by their rpm alone.
  const used = wanted ?? speeds.find(({ role }) => role !== 'tap') ?? speedLeads(input)[0]
  if (!used) throw new CoreError('invalid-input', 'The motor has no run lead.', 'motor.leads')
  return used
}

/** Do the two windings measure alike, within 10 %? Null where they were not measured. */
export function windingsAlike(input: WiringInput): boolean | null {
  const { windings, tree } = input.motor
  if (!windings && !tree) return null
  const { main, start } = shapeOf(input)
  if (!start) return tree ? null : alike(windings?.runOhm ?? 0, windings?.startOhm ?? 0)
  // Taps come after the main winding: of a motor that has any, nothing is exchanged.
  return main[0] !== undefined && alike(main[0].r, start.r)
}

const alike = (one: number, two: number) => Math.abs(one - two) <= 0.1 * Math.max(one, two)

/** Starts without a capacitor in series: it has a switch of its own. */
export const ownStartSwitch = (input: WiringInput): boolean => isOf(startSwitchKinds, input.motor.kind)

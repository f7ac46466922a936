import { CoreError } from '../errors'
import { checkWiring } from './check'
import { byRole } from './motorShape'
import { planWiring } from './plan'
import { besideTheChain, readingsFirst } from './readingsFirst'
import { reversalOf } from './reversal'
import { shapeOf } from './shape'
import type { WiringInput, WiringResult } from './types'
import { warningsOf } from './warnings'

export type * from './types'
export { problemCodes } from './types'

/**
 * Wire a motor by the role of each lead, or judge a wiring. The verdict comes from solving the circuit at standstill,
 * never from a table of wirings.
 *
 * @throws CoreError `invalid-input` for a motor without a common or a run lead, a lead or terminal that does not exist
 */
export function wireMotor(given: WiringInput & { op: 'plan' | 'check' }): WiringResult {
  const input = { ...given, capacitor: { ...given.capacitor, terminals: given.capacitor.terminals ?? [] } }
  const { verdict = 'good' } = input.motor
  if (input.op === 'plan' && verdict !== 'good') return readingsFirst(verdict, input)
  checkShape(input)
  const { beside, speeds } = shapeOf(input)
  if (input.op === 'plan' && beside.length > 0) return besideTheChain(beside, speeds)
  if (input.op === 'plan') return planWiring(input)
  const connections = input.connections ?? []
  const connected = new Set(connections.map((each) => each.lead))
  const { reversal, warnings } = reversalOf(input)
  return {
    connections: connections.map((each) => ({ ...each, why: 'as given' })),
    cappedLeads: input.motor.leads
      .filter((lead) => !connected.has(lead.id))
      .map((lead) => ({ lead: lead.id, why: 'lands nowhere: taken as capped' })),
    removed: [],
    alsoConnect: [],
    reversal,
    warnings: [...warnings, ...warningsOf(input)],
    check: checkWiring(input, connections),
  }
}

function checkShape(input: WiringInput): void {
  const shape = shapeOf(input)
  // A measured tree tells its own joint.
  if (!input.motor.tree && byRole(input, 'common').length !== 1)
    throw new CoreError(
      'invalid-input',
      'Name one lead as common: the joint of run and start winding.',
      'motor.leads',
    )
  if (shape.speeds.length === 0 || shape.neutral.length === 0)
    throw new CoreError('invalid-input', 'Name the run lead, or at least one tap.', 'motor.leads')
  const ids = input.motor.leads.map((lead) => lead.id)
  if (new Set(ids).size !== ids.length)
    throw new CoreError('invalid-input', 'Two leads have the same name: tell them apart.', 'motor.leads')
  const wanted = { dual: 2, single: 2, none: 0, internal: 0 }[input.capacitor.kind]
  if (input.capacitor.terminals.length < wanted)
    throw new CoreError(
      'invalid-input',
      'Name the capacitor’s terminals: C, FAN, HERM, or the two of a single.',
      'capacitor.terminals',
    )
  const [first, second] = input.supply.lines
  if (first === second) throw new CoreError('invalid-input', 'The two lines need two names.', 'supply.lines')
}

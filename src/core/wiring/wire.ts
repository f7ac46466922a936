import type { MotorShape } from './motorShape'
import { Nodes } from './nodes'
import { shapeOf, speedLeads, usedLead } from './shape'
import type { Connection, WiringInput } from './types'

export const GROUND = 'ground'
/** A terminal and a winding's own point must never share a name. */
export const terminalNode = (id: string): string => `t:${id}`
export const lineNode = (id: string): string => `l:${id}`

export interface Wired {
  nodes: Nodes
  motor: MotorShape
  /** The speed lead in use with this terminal live, or null where none lands on it. */
  used: string | null
}

/** Join everything that a wire joins, with one speed terminal live. */
export function wire(
  input: WiringInput,
  connections: Connection[],
  alsoConnect: { from: string; to: string }[],
  liveTerminal: string | null,
): Wired {
  const nodes = new Nodes()
  const motor = shapeOf(input)
  const { control, capacitor, supply } = input
  for (const index of [0, 1] as const)
    nodes.join(terminalNode(control.loadTerminals[index]), lineNode(supply.lines[index]))
  if (liveTerminal) nodes.join(terminalNode(liveTerminal), lineNode(supply.lines[0]))
  if (capacitor.commonTiedTo && capacitor.terminals[0])
    nodes.join(terminalNode(capacitor.terminals[0]), terminalNode(capacitor.commonTiedTo))
  for (const { from, to } of alsoConnect) nodes.join(terminalNode(from), terminalNode(to))
  const pointOf = (name: string) => motor.pointOf.get(name) ?? (name === GROUND ? GROUND : terminalNode(name))
  for (const { lead, to } of connections) {
    const point = motor.pointOf.get(lead)
    // Ground and reversing leads are no part of the two windings as they are solved.
    if (point) nodes.join(point, pointOf(to))
  }
  const live = supply.lines.map((line) => lineNode(line))
  const onLine = (lead: string) => {
    const landing = connections.find((each) => each.lead === lead)
    return landing !== undefined && live.some((line) => nodes.same(pointOf(landing.to), line))
  }
  const speeds = speedLeads(input).map((lead) => lead.id)
  const wanted = usedLead(input).id
  const used = liveTerminal
    ? (connections.find((each) => each.to === liveTerminal && speeds.includes(each.lead))?.lead ?? null)
    : onLine(wanted)
      ? wanted
      : (speeds.find(onLine) ?? null)
  return { nodes, motor, used }
}

import { byRole, neutralLeads, ownStartSwitch, speedLeads, usedLead, windingsAlike } from './motor'
import type { SolvedWiring } from './solve'
import type { Connection, ProblemCode, WiringInput } from './types'
import { GROUND, lineNode, terminalNode, type Wired } from './wire'

/** Full line voltage, to within this share. */
export const ACROSS_LINE = 0.97
const PLATE_VOLTS = 0.1
/** A run capacitor of another value than the plate asks for: beyond the usual tolerance. */
const OTHER_CAPACITANCE = 0.06

export type Problem = { code: ProblemCode; text: string }

/** What can be told from where the leads land, without solving. */
export function structuralProblems(input: WiringInput, connections: Connection[], wired: Wired): Problem[] {
  const { nodes, motor, used } = wired
  const problems: Problem[] = []
  const landing = (lead: string) => connections.find((each) => each.lead === lead)
  const speeds = speedLeads(input)
  const inUse = used ?? usedLead(input).id
  const needed = [
    ...neutralLeads(input),
    ...speeds.filter((lead) => lead.id === inUse),
    ...byRole(input, 'start'),
  ]
  // A lead whose twin is landed in its place counts as landed.
  const landedPoint = (lead: string) =>
    connections.some((each) => motor.pointOf.get(each.lead) === motor.pointOf.get(lead))
  for (const lead of needed)
    if (!landedPoint(lead.id))
      problems.push({ code: 'lead-unconnected', text: `${lead.id} (${lead.role}) lands nowhere.` })
  problems.push(...joinedPoints(input, connections, wired), ...mainBypassed(input, wired))
  const parked = input.control.parkTerminals ?? []
  const speedTerminals = (input.control.speedTerminals ?? []).map((each) => each.terminal)
  const lines = input.supply.lines.map(lineNode)
  for (const lead of speeds) {
    const to = landing(lead.id)?.to
    if (lead.id === inUse || to === undefined || parked.includes(to)) continue
    const point = motor.pointOf.get(lead.id) ?? ''
    const onOtherSpeed = speedTerminals.includes(to) && !lines.some((line) => nodes.same(point, line))
    if (!onOtherSpeed)
      problems.push({
        code: 'unused-tap-live',
        text: `${lead.id} is not in use and lands on ${to}: an unused speed lead is parked or capped, alone.`,
      })
  }
  for (const { lead, to } of connections)
    if (to === GROUND && !byRole(input, 'ground').some(({ id }) => id === lead))
      problems.push({
        code: 'frame-live',
        text: `${lead} is a winding lead and lands on ground: the case of the machine becomes live.`,
      })
  for (const lead of byRole(input, 'ground'))
    if (landing(lead.id)?.to !== GROUND)
      problems.push({
        code: 'no-ground',
        text: `${lead.id} is not on ground: a fault would stay on the case.`,
      })
  const { volts } = input.motor
  if (volts !== undefined && Math.abs(input.supply.volts - volts) > PLATE_VOLTS * volts)
    problems.push({
      code: 'wrong-voltage',
      text: `The motor is for ${volts} V, the supply gives ${input.supply.volts} V.`,
    })
  const { uF } = input.capacitor
  const { needsUf } = input.motor
  if (
    input.capacitor.kind !== 'none' &&
    uF !== undefined &&
    needsUf !== undefined &&
    Math.abs(uF - needsUf) > OTHER_CAPACITANCE * needsUf
  )
    problems.push({
      code: 'wrong-capacitance',
      text: `The motor needs ${needsUf} µF, the capacitor gives ${uF} µF.`,
    })
  return problems
}

/**
 * Points of the main winding and its taps that a wire joins, told from the tree: the turns between them are shorted,
 * whether the circuit feeds them or they are only parked together.
 */
function joinedPoints(input: WiringInput, connections: Connection[], { nodes, motor }: Wired): Problem[] {
  const nameOf = (point: string) => [...motor.pointOf].find(([, each]) => each === point)?.[0] ?? point
  const problems: Problem[] = []
  motor.chain.forEach((one, index) => {
    for (const two of motor.chain.slice(index + 1))
      if (nodes.same(one, two))
        problems.push({
          code: 'tap-shorted',
          text: `${nameOf(one)} and ${nameOf(two)} are joined: the turns between them are shorted and burn.`,
        })
  })
  for (const { lead, to } of connections) {
    const other = input.motor.leads.find(({ id }) => id === to)
    const own = input.motor.leads.find(({ id }) => id === lead)
    if (!other || !own) continue
    const twins = motor.pointOf.get(lead) !== undefined && motor.pointOf.get(lead) === motor.pointOf.get(to)
    const reversing = own.role.startsWith('reverse') && other.role.startsWith('reverse')
    if (!twins && !reversing)
      problems.push({
        code: 'tap-shorted',
        text: `${lead} and ${to} are joined, and they are neither one point nor a reversing pair: what lies between them is shorted.`,
      })
  }
  return problems
}

/** The line across taps alone: a few turns take the whole of it and burn. */
function mainBypassed({ supply }: WiringInput, { nodes, motor }: Wired): Problem[] {
  const [one, two] = supply.lines.map((line) =>
    motor.chain.filter((point) => nodes.same(point, lineNode(line))),
  )
  if (!one || !two || one.length === 0 || two.length === 0) return []
  const [far] = motor.chain
  if (far === undefined || one.includes(far) || two.includes(far)) return []
  return [
    {
      code: 'main-bypassed',
      text: 'The line lies across the speed taps alone and not across the main winding: the few turns between them burn.',
    },
  ]
}

/** What the solved circuit says of the start winding. */
export function startProblems(
  input: WiringInput,
  wired: Wired,
  solved: SolvedWiring,
  startVolts: number,
): Problem[] {
  const { nodes } = wired
  const { capacitor, supply } = input
  const problems: Problem[] = []
  const lines = supply.lines.map(lineNode)
  const directlyAcross =
    lines.some((line) => nodes.same('S', line)) &&
    lines.some((line) => nodes.same('J', line)) &&
    !nodes.same('S', 'J') &&
    startVolts > ACROSS_LINE * supply.volts
  // Windings that measure alike may be exchanged: then the run winding is the one behind the capacitor.
  const exchanged =
    windingsAlike(input) === true && solved.run !== null && !lines.some((line) => nodes.same('R', line))
  if (directlyAcross && !ownStartSwitch(input) && !exchanged) {
    problems.push({
      code: 'start-across-line',
      text: 'The start winding lies straight across the line: it burns in seconds to minutes.',
    })
    if (capacitor.kind !== 'none')
      problems.push({
        code: 'capacitor-bypassed',
        text: 'The capacitor is not in series with the start winding: it does nothing there.',
      })
  } else if (
    capacitor.kind !== 'none' &&
    nodes.same(terminalNode(capacitor.terminals[0]!), terminalNode(capacitor.terminals[1]!))
  )
    problems.push({
      code: 'capacitor-bypassed',
      text: 'Both sides of the capacitor are joined: it does nothing.',
    })
  if (
    capacitor.kind === 'dual' &&
    capacitor.terminals[2] &&
    nodes.same('S', terminalNode(capacitor.terminals[2]))
  )
    problems.push({
      code: 'wrong-capacitor-section',
      text: 'The start lead sits on the compressor’s section: many times its own capacitance.',
    })
  return problems
}

/** Each problem once, in the order found. */
export function unique(problems: Problem[]): Problem[] {
  const seen = new Map<string, Problem>()
  for (const problem of problems) {
    const key = `${problem.code}/${problem.text}`
    if (!seen.has(key)) seen.set(key, problem)
  }
  return [...seen.values()]
}

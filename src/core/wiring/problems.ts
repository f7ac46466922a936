import { capacitorKinds, isOf } from '../knowledge/motorKinds'
import { byRole } from './motorShape'
import { ownStartSwitch, speedLeads, usedLead, windingsAlike } from './shape'
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
  const needed = [...motor.neutral, ...speeds.filter((lead) => lead.id === inUse), ...motor.starts]
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
  problems.push(
    ...groundProblems(input, connections),
    ...compressorProblems(input, connections, wired),
    ...reversingProblems(input, connections),
    ...capacitorMissing(input, connections, wired),
  )
  const { volts } = input.motor
  if (volts !== undefined && Math.abs(input.supply.volts - volts) > PLATE_VOLTS * volts)
    problems.push({
      code: 'wrong-voltage',
      text: `The motor is for ${volts} V, the supply gives ${input.supply.volts} V.`,
    })
  const { uF } = input.capacitor
  const { needsUf } = input.motor
  if (
    hasTerminals(input) &&
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

/** Terminals of its own, of which its wires may be misplaced: not one that is built in, and not where there is none. */
const hasTerminals = ({ capacitor }: WiringInput): boolean =>
  capacitor.kind === 'dual' || capacitor.kind === 'single'

function groundProblems(input: WiringInput, connections: Connection[]): Problem[] {
  const problems: Problem[] = []
  const grounds = byRole(input, 'ground').map(({ id }) => id)
  for (const { lead, to } of connections) {
    if (to === GROUND && !grounds.includes(lead))
      problems.push({
        code: 'frame-live',
        text: `${lead} is a winding lead and lands on ground: the case of the machine becomes live.`,
      })
    if (to !== GROUND && grounds.includes(lead))
      problems.push({
        code: 'frame-live',
        text: `${lead} is the ground lead and lands on ${to}: the case of the machine becomes live.`,
      })
  }
  for (const lead of grounds)
    if (!connections.some((each) => each.lead === lead && each.to === GROUND))
      problems.push({ code: 'no-ground', text: `${lead} is not on ground: a fault would stay on the case.` })
  return problems
}

/** HERM belongs to the compressor alone. */
function compressorProblems(
  { capacitor }: WiringInput,
  connections: Connection[],
  { nodes, motor }: Wired,
): Problem[] {
  const herm = capacitor.kind === 'dual' ? capacitor.terminals[2] : undefined
  if (herm === undefined) return []
  return connections
    .filter(({ lead, to }) => to === herm || nodes.same(motor.pointOf.get(lead) ?? '', terminalNode(herm)))
    .map(({ lead }) => ({
      code: 'on-compressor-terminal',
      text: `${lead} sits on ${herm}, which is the compressor's: its start winding gets the line straight across and burns.`,
    }))
}

/** The reversing pair is joined with itself, as the plate draws it, and with nothing else. */
function reversingProblems(input: WiringInput, connections: Connection[]): Problem[] {
  if (plateLandsReversing(input)) return []
  const pair = [...byRole(input, 'reverse-a'), ...byRole(input, 'reverse-b')].map(({ id }) => id)
  const leads = input.motor.leads.map(({ id }) => id)
  return connections
    .filter(({ lead, to }) => pair.includes(lead) && to !== GROUND && !leads.includes(to))
    .map(({ lead, to }) => ({
      code: 'reversing-lead-on-line',
      text: `${lead} is one of the reversing leads and lands on ${to}: they are joined as the motor's diagram shows, not fed.`,
    }))
}

/** The plate itself lands the reversing leads on terminals. */
export const plateLandsReversing = ({ plateDiagram, motor }: WiringInput): boolean =>
  plateDiagram === true || motor.plateDiagram === true

/** A motor that needs a capacitor, with its start lead on none. */
function capacitorMissing(input: WiringInput, connections: Connection[], { nodes, motor }: Wired): Problem[] {
  if (!isOf(capacitorKinds, input.motor.kind) || !motor.start || input.capacitor.kind === 'internal')
    return []
  const { to } = motor.start
  const terminals = hasTerminals(input) ? input.capacitor.terminals : []
  const lines = input.supply.lines.map(lineNode)
  // Exchanged windings: then the run lead is the one behind the capacitor.
  const behind = windingsAlike(input) === true ? [to, ...motor.chain] : [to]
  const isOn = terminals.some((terminal) => {
    const node = terminalNode(terminal)
    return behind.some((point) => nodes.same(point, node)) && !lines.some((line) => nodes.same(node, line))
  })
  const isLanded = connections.some(
    ({ lead, to: at }) => motor.pointOf.get(lead) === to && terminals.includes(at),
  )
  return isOn || isLanded
    ? []
    : [
        {
          code: 'capacitor-missing',
          text: 'This motor needs a capacitor in series with its start winding, and the start lead ends on none: it hums and does not turn.',
        },
      ]
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
  const { start, capacitorOnNeutral, chain } = wired.motor
  if (!start) return []
  const onLine = (point: string | undefined) =>
    point !== undefined && lines.some((line) => nodes.same(point, line))
  const directlyAcross =
    onLine(start.to) &&
    onLine(start.from) &&
    !nodes.same(start.from, start.to) &&
    startVolts > ACROSS_LINE * supply.volts
  // Windings that measure alike may be exchanged: then the run winding is the one behind the capacitor.
  const far = capacitorOnNeutral ? chain[0] : chain[1]
  const exchanged = windingsAlike(input) === true && solved.main !== null && !onLine(far)
  if (directlyAcross && !ownStartSwitch(input) && !exchanged) {
    problems.push({
      code: 'start-across-line',
      text: 'The start winding lies straight across the line: it burns in seconds to minutes.',
    })
    if (hasTerminals(input))
      problems.push({
        code: 'capacitor-bypassed',
        text: 'The capacitor is not in series with the start winding: it does nothing there.',
      })
  } else if (
    hasTerminals(input) &&
    nodes.same(terminalNode(capacitor.terminals[0]!), terminalNode(capacitor.terminals[1]!))
  )
    problems.push({
      code: 'capacitor-bypassed',
      text: 'Both sides of the capacitor are joined: it does nothing.',
    })
  if (
    capacitor.kind === 'dual' &&
    capacitor.terminals[2] &&
    nodes.same(start.to, terminalNode(capacitor.terminals[2]))
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

import { CoreError } from '../errors'
import {
  byRole,
  type MotorPoints,
  motorPoints,
  ownStartSwitch,
  speedLeads,
  usedLead,
  windingsAlike,
} from './motor'
import { Nodes } from './nodes'
import { type SolvedWiring, solveWiring } from './solve'
import type { Connection, ProblemCode, WiringCheck, WiringInput } from './types'

const GROUND = 'ground'
/** A terminal and a winding's own point must never share a name. */
const terminalNode = (id: string) => `t:${id}`
const lineNode = (id: string) => `l:${id}`

/** Full line voltage, to within this share. */
const ACROSS_LINE = 0.97
const NEARLY_NOTHING = 0.1
const STARTS_FROM = 0.3
const PLATE_VOLTS = 0.1
/** A run capacitor of another value than the plate asks for: beyond the usual tolerance. */
const OTHER_CAPACITANCE = 0.06
const DEFAULT_UF = 5

interface Wired {
  nodes: Nodes
  motor: MotorPoints
  /** The speed lead in use with this terminal live, or null where none lands on it. */
  used: string | null
}

/**
 * Judge connections by solving the circuit they make, at standstill, for each speed terminal that can be live.
 * @throws CoreError `invalid-input` for a lead or terminal that does not exist
 */
export function checkWiring(
  input: WiringInput,
  connections: Connection[],
  alsoConnect: { from: string; to: string }[] = [],
): WiringCheck {
  checkNames(input, connections)
  const speedTerminals = (input.control.speedTerminals ?? []).map((each) => each.terminal)
  const landed = speedTerminals.filter((terminal) => connections.some((each) => each.to === terminal))
  const states: (string | null)[] = landed.length > 0 ? landed : [null]
  const checks = states.map((live) => checkState(input, connections, alsoConnect, live))
  const wanted = usedLead(input).id
  const shown =
    checks.find((_, index) =>
      connections.some((each) => each.to === states[index] && each.lead === wanted),
    ) ?? checks[0]!
  const problems = unique(checks.flatMap((check) => check.problems))
  return {
    ...shown,
    starts: checks.every((check) => check.starts),
    problems,
    ok: problems.length === 0 && checks.every((check) => check.starts),
  }
}

function checkState(
  input: WiringInput,
  connections: Connection[],
  alsoConnect: { from: string; to: string }[],
  liveTerminal: string | null,
): WiringCheck {
  const wired = wire(input, connections, alsoConnect, liveTerminal)
  const { nodes, motor, used } = wired
  const lines = input.supply.lines.map(lineNode) as [string, string]
  const problems = structuralProblems(input, connections, wired)
  const capacitors = capacitorsOf(input)
  const solved = solveWiring(nodes, lines, input.supply, motor, capacitors)
  const nothing = { runVolts: null, startVolts: null, capacitorVolts: null, startAmps: null }
  if (!solved) {
    problems.unshift({
      code: 'line-short',
      text: 'The two lines are joined: the breaker trips, or the wire burns.',
    })
    return { ...nothing, direction: 'none', starts: false, ok: false, problems: unique(problems) }
  }
  const usedPoint = used ? motor.pointOf.get(used)! : 'R'
  const runVolts = solved.across('J', usedPoint)
  const { volts } = input.supply
  const runDead = runVolts < NEARLY_NOTHING * volts
  if (runDead)
    problems.push({ code: 'run-winding-dead', text: 'The run winding gets no voltage: nothing will turn.' })
  const fan = capacitors.find((capacitor) => capacitor.id === 'fan')
  if (!motor.start)
    return {
      ...nothing,
      runVolts,
      direction: runDead ? 'none' : 'as-built',
      starts: runVolts > ACROSS_LINE * volts,
      ok: problems.length === 0 && runVolts > ACROSS_LINE * volts,
      problems: unique(problems),
    }
  const startVolts = solved.across('J', 'S')
  const startAmps = solved.start?.amps ?? 0
  const asItShould = rightWiring(input, motor, usedPoint)
  problems.push(...startProblems(input, wired, solved, startVolts))
  // At standstill most of the line lies on a small capacitor: the current tells, not the volts.
  if (startAmps < NEARLY_NOTHING * (asItShould?.start?.amps ?? 0) || startAmps === 0)
    problems.push({
      code: 'start-winding-dead',
      text: 'No current flows in the start winding: the motor hums and does not start.',
    })
  const torque = torqueOf(solved)
  const right = torqueOf(asItShould)
  const starts = ownStartSwitch(input)
    ? !runDead && startAmps > 0
    : Math.abs(torque) >= STARTS_FROM * Math.abs(right) && Math.abs(torque) > 0
  return {
    runVolts,
    startVolts,
    capacitorVolts: fan ? solved.across(fan.from, fan.to) : null,
    startAmps,
    direction: starts ? (torque >= 0 || ownStartSwitch(input) ? 'as-built' : 'reversed') : 'none',
    starts,
    ok: problems.length === 0 && starts,
    problems: unique(problems),
  }
}

/** Join everything that a wire joins, with one speed terminal live. */
function wire(
  input: WiringInput,
  connections: Connection[],
  alsoConnect: { from: string; to: string }[],
  liveTerminal: string | null,
): Wired {
  const nodes = new Nodes()
  const motor = motorPoints(input)
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

function capacitorsOf({
  capacitor,
  motor,
}: WiringInput): { id: string; from: string; to: string; uF: number }[] {
  if (capacitor.kind === 'none') return []
  const [first, second, third] = capacitor.terminals.map(terminalNode)
  const fan = { id: 'fan', from: first!, to: second!, uF: capacitor.uF ?? motor.needsUf ?? DEFAULT_UF }
  return capacitor.kind === 'dual' && third && capacitor.hermUf
    ? [fan, { id: 'herm', from: first!, to: third, uF: capacitor.hermUf }]
    : [fan]
}

/** Torque at standstill goes with both currents and the sine between them. Positive: the start current leads. */
function torqueOf(solved: SolvedWiring | null): number {
  if (!solved?.run || !solved.start) return 0
  const angle = ((solved.start.degrees - solved.run.degrees) * Math.PI) / 180
  return solved.run.amps * solved.start.amps * Math.sin(angle)
}

/** The same motor as it should be wired: line across the winding in use, the capacitor from there to the start lead. */
function rightWiring(input: WiringInput, motor: MotorPoints, used: string): SolvedWiring | null {
  const nodes = new Nodes()
  nodes.join('J', 'neutral')
  nodes.join(used, 'live')
  const uF = input.motor.needsUf ?? input.capacitor.uF ?? DEFAULT_UF
  return solveWiring(nodes, ['live', 'neutral'], input.supply, motor, [
    { id: 'fan', from: 'live', to: 'S', uF },
  ])
}

type Problem = { code: ProblemCode; text: string }

/** What can be told from where the leads land, without solving. */
function structuralProblems(input: WiringInput, connections: Connection[], wired: Wired): Problem[] {
  const { nodes, motor, used } = wired
  const problems: Problem[] = []
  const landing = (lead: string) => connections.find((each) => each.lead === lead)
  const speeds = speedLeads(input)
  const inUse = used ?? usedLead(input).id
  const needed = [
    ...byRole(input, 'common'),
    ...speeds.filter((lead) => lead.id === inUse),
    ...byRole(input, 'start'),
  ]
  for (const lead of needed)
    if (!landing(lead.id))
      problems.push({ code: 'lead-unconnected', text: `${lead.id} (${lead.role}) lands nowhere.` })
  const parked = input.control.parkTerminals ?? []
  const speedTerminals = (input.control.speedTerminals ?? []).map((each) => each.terminal)
  const lines = input.supply.lines.map(lineNode)
  for (const lead of speeds) {
    const to = landing(lead.id)?.to
    if (lead.id === inUse || to === undefined || parked.includes(to)) continue
    const point = motor.pointOf.get(lead.id)!
    const twin = speeds.find((other) => other.id !== lead.id && landing(other.id)?.to === to)
    if (twin || nodes.same(point, motor.pointOf.get(inUse)!))
      problems.push({
        code: 'tap-shorted',
        text: `${lead.id} and ${twin?.id ?? inUse} are joined: the turns between them are shorted and burn.`,
      })
    const onOtherSpeed = speedTerminals.includes(to) && !lines.some((line) => nodes.same(point, line))
    if (!onOtherSpeed)
      problems.push({
        code: 'unused-tap-live',
        text: `${lead.id} is not in use and lands on ${to}: an unused speed lead is parked or capped, alone.`,
      })
  }
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

/** What the solved circuit says of the start winding. */
function startProblems(
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

function unique(problems: Problem[]): Problem[] {
  const seen = new Map<string, Problem>()
  for (const problem of problems) {
    const key = `${problem.code}/${problem.text}`
    if (!seen.has(key)) seen.set(key, problem)
  }
  return [...seen.values()]
}

function checkNames(input: WiringInput, connections: Connection[]): void {
  const { control, capacitor, motor } = input
  const leads = motor.leads.map((lead) => lead.id)
  const places = new Set([
    GROUND,
    ...leads,
    ...control.loadTerminals,
    ...(control.speedTerminals ?? []).map((each) => each.terminal),
    ...(control.parkTerminals ?? []),
    ...capacitor.terminals,
  ])
  connections.forEach(({ lead, to }, index) => {
    if (!leads.includes(lead))
      throw new CoreError('invalid-input', `There is no lead "${lead}".`, `connections[${index}].lead`)
    if (!places.has(to))
      throw new CoreError(
        'invalid-input',
        `"${to}" is no terminal here. Use one of: ${[...places].join(', ')}.`,
        `connections[${index}].to`,
      )
  })
}

import { CoreError } from '../errors'
import { cSideUnknown } from './cSide'
import type { MotorShape } from './motorShape'
import { Nodes } from './nodes'
import { ACROSS_LINE, startProblems, structuralProblems, unique } from './problems'
import { ownStartSwitch, usedLead } from './shape'
import { type CapacitorBetween, solveWiring, torqueOf } from './solve'
import type { Connection, WiringCheck, WiringInput } from './types'
import { GROUND, lineNode, terminalNode, wire } from './wire'

const NEARLY_NOTHING = 0.1
const STARTS_FROM = 0.3
const DEFAULT_UF = 5

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
  const starts = checks.every((check) => check.starts)
  return {
    ...shown,
    starts,
    problems,
    // Nobody knows on which leg C sits: whatever the drawing says, it is looked at first.
    ok: problems.length === 0 && starts && !cSideUnknown(input),
  }
}

/** One state of the control. Whether all is well is said over all of them. */
function checkState(
  input: WiringInput,
  connections: Connection[],
  alsoConnect: { from: string; to: string }[],
  liveTerminal: string | null,
): Omit<WiringCheck, 'ok'> {
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
    return { ...nothing, direction: 'none', starts: false, problems: unique(problems) }
  }
  const usedPoint = motor.pointOf.get(used ?? usedLead(input).id) ?? ''
  // The whole winding in use: from its far end to the speed that is fed.
  const runVolts = solved.across(motor.chain[0] ?? '', usedPoint)
  const { volts } = input.supply
  const runDead = runVolts < NEARLY_NOTHING * volts
  if (runDead)
    problems.push({ code: 'run-winding-dead', text: 'The run winding gets no voltage: nothing will turn.' })
  const [fan] = capacitors
  if (!motor.start)
    return {
      ...nothing,
      runVolts,
      direction: runDead ? 'none' : 'as-built',
      starts: runVolts > ACROSS_LINE * volts,
      problems: unique(problems),
    }
  const startVolts = solved.across(motor.start.from, motor.start.to)
  const startAmps = solved.start?.amps ?? 0
  const right = rightStart(input, motor, motor.start, usedPoint)
  problems.push(...startProblems(input, wired, solved, startVolts))
  // At standstill most of the line lies on a small capacitor: the current tells, not the volts.
  if (startAmps <= NEARLY_NOTHING * right.startAmps)
    problems.push({
      code: 'start-winding-dead',
      text: 'No current flows in the start winding: the motor hums and does not start.',
    })
  return {
    runVolts,
    startVolts,
    capacitorVolts: fan ? solved.across(fan.from, fan.to) : null,
    startAmps,
    ...(ownStartSwitch(input)
      ? turning(!runDead && startAmps > 0, true)
      : turningBy(torqueOf(solved), right.torque)),
    problems: unique(problems),
  }
}

const turning = (starts: boolean, asBuilt: boolean): Pick<WiringCheck, 'starts' | 'direction'> => ({
  starts,
  direction: starts ? (asBuilt ? 'as-built' : 'reversed') : 'none',
})

/** By its torque at standstill beside that of the same motor wired as it should be. */
const turningBy = (torque: number, right: number): Pick<WiringCheck, 'starts' | 'direction'> =>
  turning(Math.abs(torque) > STARTS_FROM * Math.abs(right), Math.sign(torque) === Math.sign(right))

function capacitorsOf({ capacitor, motor }: WiringInput): CapacitorBetween[] {
  if (capacitor.kind === 'none' || capacitor.kind === 'internal') return []
  const [first, second, third] = capacitor.terminals.map(terminalNode)
  const fan = { from: first!, to: second!, uF: capacitor.uF ?? motor.needsUf ?? DEFAULT_UF }
  return capacitor.kind === 'dual' && third && capacitor.hermUf
    ? [fan, { from: first!, to: third, uF: capacitor.hermUf }]
    : [fan]
}

/**
 * What the same motor does as it should be wired: line across the winding in use, the capacitor from there to the start lead.
 * Nothing of both where such a circuit cannot be solved.
 */
function rightStart(
  input: WiringInput,
  motor: MotorShape,
  start: NonNullable<MotorShape['start']>,
  used: string,
): { startAmps: number; torque: number } {
  const nodes = new Nodes()
  nodes.join(motor.chain[0] ?? '', 'neutral')
  nodes.join(used, 'live')
  const uF = input.motor.needsUf ?? input.capacitor.uF ?? DEFAULT_UF
  const solved = solveWiring(nodes, ['live', 'neutral'], input.supply, motor, [
    { from: motor.capacitorOnNeutral ? 'neutral' : 'live', to: start.to, uF },
  ])
  return { startAmps: solved?.start?.amps ?? 0, torque: torqueOf(solved) }
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

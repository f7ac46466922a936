import { checkCapacitor } from '../../capacitor'
import { capacitorVerdictToValue } from '../../diagnose'
import { driveOf } from '../../knowledge/plants/motors'
import { fanOf, motorWires, partOf, partsOf } from '../../knowledge/plants/parts'
import type { PlantBuild } from '../../knowledge/plants/types'
import { judgeWinding, type WindingResult } from '../../winding'
import { leadOf, linesOf, supplyLeads } from '../machine'
import { type Pair, pairKey, sortedPair } from './reach'
import type { ActOf, Here, Reading, Sense } from './types'

/** What a reading says of the machine, as a job would note it. Null where these two points tell nothing by themselves. */
export function senseOf(here: Here, act: ActOf<'meter'>, reading: Reading): Sense | null {
  const pair = pairKey(act.red, act.black)
  if (act.range === 'volts-ac' || act.range === 'low-z' || act.range === 'volts-dc')
    return voltsSense(here, act, pair, reading)
  if (act.range === 'microfarad') return capacitorSense(here, pair, reading)
  return act.range === 'ohm' ? ohmSense(here, pair, reading) : null
}

function voltsSense(here: Here, act: ActOf<'meter'>, pair: string, { value }: Reading): Sense | null {
  const { machine, state } = here
  const { build } = machine
  const direct = act.range === 'volts-dc'
  const battery = build.supply.hz === 0
  const motor = fanOf(build)
  const volts = value === null ? null : Math.abs(value)
  const on = build.points.every(
    ({ id, opens }) =>
      opens !== 'line' || state.points[id] === 'on' || (id === 'breaker' && state.traits.breaker === 'off'),
  )
  if (battery !== direct) return driveSense(here, pair, act, volts)
  // Behind an open point there is nothing to say of the supply: it was opened by the person.
  if (!on) return null
  const feeds = [
    pairKey(...linesOf(build)),
    pairKey('contactor-in-1', 'contactor-in-2'),
    pairKey('board-line', 'board-neutral'),
  ]
  if (feeds.includes(pair)) return { 'supply-voltage': volts }
  if (!state.called || state.points.thermostat === 'off') return null
  if (pair === pairKey('contactor-out-1', 'contactor-out-2')) return { 'contactor-output': volts }
  const control = controlPair(build)
  if (control && pair === pairKey(...control)) return { 'control-voltage': volts }
  if (driveOf(motor) === 'module' && motor.command && pair === pairKey(...motor.command))
    return { 'board-drive': (volts ?? 0) > 10 ? 'present' : 'none' }
  if (pair === pairKey(...feedOf(here)))
    return driveOf(motor) === 'module'
      ? { 'module-supply': (volts ?? 0) > 0.7 * motor.volts ? 'present' : 'none' }
      : { 'motor-voltage': volts }
  return null
}

/** Where the call is read: at the coil, or at the wires that bring it. Null where nothing of it can be reached. */
export function controlPair(build: PlantBuild): Pair | null {
  const coil = partOf(build, 'coil')
  if (coil) return sortedPair(coil.from, coil.to)
  const has = (id: string) => build.terminals.some((terminal) => terminal.id === id)
  if (!has('call-1')) return null
  if (has('call-2')) return sortedPair('call-1', 'call-2')
  return build.supply.hz === 0 ? sortedPair('call-1', 'board-neutral') : null
}

/** Direct volts of a drive at the plug of its motor. */
function driveSense(here: Here, pair: string, act: ActOf<'meter'>, volts: number | null): Sense | null {
  const drive = partOf(here.machine.build, 'drive')
  if (!drive || !here.state.called || act.range !== 'volts-dc' || pair !== pairKey(...drive.to)) return null
  return { 'board-drive': (volts ?? 0) > 0.5 * drive.volts ? 'present' : 'none' }
}

/** The two leads through which the motor is fed at its speed. */
export function feedOf({ machine, state }: Here): Pair {
  const motor = fanOf(machine.build)
  const tap = state.speed
    ? machine.build.wires.find(({ to }) => to === `board-${state.speed}`)?.from
    : undefined
  const [line = '', neutral = ''] = supplyLeads(motor) ?? []
  return sortedPair(tap ?? leadOf(motor, 'run') ?? line, leadOf(motor, 'common') ?? neutral)
}

/** µF of a section with its wires off, against the label that is printed on it. */
function capacitorSense(here: Here, pair: string, { value }: Reading): Sense | null {
  const { state } = here
  const part = partsOf(here.machine.build, 'capacitor').find(({ from, to }) => pairKey(from, to) === pair)
  if (!part) return null
  const wired = Object.values(state.wires).some(({ from, to }) => from === part.to || to === part.to)
  // With its wires on, the windings are read along: that is no reading of the capacitor.
  if (wired) return null
  const uF = state.traits.labelUf[part.id] ?? part.uF
  const { sections } = checkCapacitor({
    label: {
      sections: [{ section: 'single', uF }],
      tolerancePercent: { minus: 6, plus: 6 },
      volts: part.volts,
    },
    readings: [{ section: 'single', uF: value }],
  })
  const verdict = sections[0]?.verdict
  const said = verdict ? capacitorVerdictToValue[verdict] : null
  if (!said) return null
  const observation = part.id === 'HERM' ? 'capacitor-other-reading' : 'capacitor-fan-reading'
  return { [observation]: said }
}

/** The motor's leads judged as in a job. Null until every pair was read with the leads free. */
export function windingRead(here: Here, ohms: Readonly<Record<string, number | null>>): WindingResult | null {
  const { machine } = here
  const motor = fanOf(machine.build)
  const leads = freeLeads(here)
  if (leads.length < 2) return null
  const pairs = leads.flatMap((a, i) => leads.slice(i + 1).map((b) => ({ a, b, ohm: ohms[pairKey(a, b)] })))
  if (pairs.some(({ ohm }) => ohm === undefined)) return null
  return judgeWinding({
    leads,
    pairs: pairs.map(({ a, b, ohm }) => ({ a, b, ohm: ohm ?? null })),
    motorKind: motor.kind,
    leadOffsetOhm: ohms.zero ?? 0,
    caseTooHot: isTooHot(here),
    ...platesOf(machine.build),
  })
}

function platesOf({ plate: { voltages, amps } }: PlantBuild): { plate?: { volts: number; amps: number } } {
  const most = (value: unknown) =>
    Array.isArray(value) ? Math.max(...value.filter((each) => typeof each === 'number')) : 0
  const [volts, full] = [most(voltages), most(amps)]
  return volts > 0 && full > 0 ? { plate: { volts, amps: full } } : {}
}

/** A case that no hand stays on: what is open then is read again when it has cooled. */
const isTooHot = ({ machine, state }: Here): boolean =>
  (state.motors[fanOf(machine.build).id]?.caseCelsius ?? 0) >= 55

/** What all pairs of the motor's leads say together, as an observation. */
export function windingSense(here: Here, ohms: Readonly<Record<string, number | null>>): Sense | null {
  const result = windingRead(here, ohms)
  if (!result) return null
  const before = ohms.wasOpen === 1
  if (result.verdict === 'hot-retest') return { winding: 'open', 'case-heat': 'too-hot-to-touch' }
  if (result.verdict === 'incomplete' || result.verdict === 'grounded') return null
  // Read again after it has cooled, it tells the protector from the winding.
  return {
    winding: result.verdict,
    ...(before && !isTooHot(here)
      ? { 'cold-retest': result.verdict === 'open' ? 'still-open' : 'now-good' }
      : {}),
  }
}

/** Three phases read against each other. Null until all three pairs were read. */
export function phaseSense(ohms: Readonly<Record<string, number | null>>): Sense | null {
  const read = ['phase-u|phase-v', 'phase-v|phase-w', 'phase-u|phase-w'].map((pair) => ohms[pair])
  if (read.some((ohm) => ohm === undefined)) return null
  if (read.some((ohm) => ohm === null)) return { 'phase-resistances': 'open' }
  const numbers = read.flatMap((ohm) => (typeof ohm === 'number' ? [ohm] : []))
  const [least, most] = [Math.min(...numbers), Math.max(...numbers)]
  // Phases of one motor agree to a few percent; a tenth apart is a fault.
  return { 'phase-resistances': most > 1.1 * least + 0.5 ? 'unequal' : 'equal' }
}

/** The motor's leads that hang free; none where one of them still sits on a terminal. */
export function freeLeads({ machine, state }: Here): string[] {
  const wires = motorWires(machine.build)
  return wires.every(({ id }) => state.wires[id]?.to === null) ? wires.map(({ from }) => from) : []
}

function ohmSense(here: Here, pair: string, { value }: Reading): Sense | null {
  const { build } = here.machine
  const iron = [`${fanOf(build).id}-frame`, 'ground']
  if (freeLeads(here).some((lead) => iron.some((each) => pair === pairKey(lead, each))))
    return { 'to-frame': value }
  const coil = partOf(build, 'coil')
  if (coil && pair === pairKey(coil.from, coil.to)) return { 'contactor-coil': value }
  const chain = partOf(build, 'chain')
  if (chain && pair === pairKey(chain.from, chain.to))
    return { 'safety-switches': value !== null && value < 5 ? 'closed' : 'one-open' }
  const pole = partsOf(build, 'pole').find(({ from, to }) => pairKey(from, to) === pair)
  if (pole && ['speed', 'wall-switch', 'service-switch'].includes(pole.of))
    return { 'wall-switch': value !== null && value < 5 ? 'good' : 'bad' }
  return null
}

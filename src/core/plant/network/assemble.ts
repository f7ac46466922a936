import { driveOf, isInduction, motorData } from '../../knowledge/plants/motors'
import type { PlantPartOf } from '../../knowledge/plants/parts'
import type { PlantMotor, PlantPart } from '../../knowledge/plants/types'
import { leadOf, type Machine, motorNow, overVolts, supplyLeads } from '../machine'
import type { PlantState } from '../state'
import { CLOSED_OHM, INSULATION, type Ohm } from '../traits'
import { armatureOhm, moduleOhm, voltsPerOmega } from './electronic'
import { emptyNet, GROUND, type Net } from './net'

/** Wire to wire in one sheath, and wire to everything else, F a metre. 30 to 100 pF/m is the range of house cable. */
const SIDE_BY_SIDE = 60e-12
const TO_GROUND = 20e-12
const WIRE_OHM = 0.01
/** A choke of the primary without load: some watts and its magnetising current. */
const PRIMARY = { ohm: 30, henry: 3 }
const SERIES_OHM = 0.3
const PROTECTOR_OHM = 0.05
const BOND_OHM = 0.02

/** A node that hangs on nothing else has the air and its insulation. */
export const freeEnd = (wire: string, end: 'from' | 'to'): string => `${wire}.${end}`

/** The machine as it stands, as a net: supply, points, contacts, wires, parts, motors, and what lies between wires. */
export function netOf(machine: Machine, state: PlantState): Net {
  const net = emptyNet(machine.build.supply.hz)
  supplyInto(net, machine, state)
  for (const part of machine.build.parts) partInto[part.part](net, part as never, state, machine)
  for (const motor of machine.build.motors) motorInto(net, motor, machine, state)
  wiresInto(net, machine, state)
  const bare = [...machine.build.terminals.map(({ id }) => id), ...freeEnds(state)].filter(
    (id) => id !== GROUND,
  )
  for (const id of bare) net.resistors.push({ id: `air.${id}`, a: id, b: GROUND, ohm: INSULATION })
  return net
}

function freeEnds(state: PlantState): string[] {
  return Object.entries(state.wires).flatMap(([id, { from, to }]) => [
    ...(from === null ? [freeEnd(id, 'from')] : []),
    ...(to === null ? [freeEnd(id, 'to')] : []),
  ])
}

function supplyInto(net: Net, { build }: Machine, { traits }: PlantState): void {
  const { legs, known, ohm } = build.supply
  legs.forEach(({ id, volts, degrees }, i) => {
    const share = traits.legs[i] ?? 1
    // A leg that is gone is open: it does not tie its wire to ground.
    if (share === 0) net.resistors.push({ id: `lost.${id}`, a: id, b: GROUND, ohm: INSULATION })
    else net.sources.push({ id, a: id, b: GROUND, volts: volts * share, degrees, ohm: traits.supplyOhm })
  })
  const first = legs[0]
  if (!first) return
  net.sources.push({
    id: 'known',
    a: known[0],
    b: GROUND,
    volts: first.volts,
    degrees: first.degrees,
    ohm: ohm[0],
  })
  net.sources.push({ id: 'known.back', a: known[1], b: GROUND, volts: 0, degrees: 0, ohm: ohm[0] })
}

const closed = (net: Net, id: string, a: string, b: string, ohm: Ohm): void => {
  if (ohm !== null) net.resistors.push({ id, a, b, ohm })
  else net.resistors.push({ id: `${id}.gap`, a, b, ohm: INSULATION * 10 })
}

type Into<K extends PlantPart['part']> = (
  net: Net,
  part: PlantPartOf<K>,
  state: PlantState,
  machine: Machine,
) => void

const partInto: { [K in PlantPart['part']]: Into<K> } = {
  pole: (net, part, state) => closed(net, part.id, part.from, part.to, poleOhm(part, state)),
  contact: (net, part, { closed: pulled, traits }) => {
    const passes = pulled.includes(part.id) || traits.stuck.includes(part.id)
    closed(net, part.id, part.from, part.to, passes ? (traits.contacts[part.id] ?? null) : null)
  },
  coil: (net, { id, from, to, ohm, henry }, { traits }) => {
    if (traits.coil === 'open') return closed(net, id, from, to, null)
    if (traits.coil === 'shorted') return closed(net, id, from, to, 0.6)
    net.resistors.push({ id, a: from, b: `${id}.in`, ohm })
    net.inductors.push({ id: `${id}.turns`, a: `${id}.in`, b: to, henry })
  },
  transformer: (net, { id, primary, to, ohm }, { traits, secondary }) => {
    const traitsOf = traits.transformers[id]
    if (primary && traitsOf?.alive) {
      net.resistors.push({ id: `${id}.primary`, a: primary[0], b: `${id}.core`, ohm: PRIMARY.ohm })
      net.inductors.push({ id: `${id}.turns`, a: `${id}.core`, b: primary[1], henry: PRIMARY.henry })
    }
    if (traitsOf?.alive && traitsOf.fuse)
      net.sources.push({ id, a: to[0], b: to[1], volts: secondary[id] ?? 0, degrees: 0, ohm })
    else closed(net, id, to[0], to[1], null)
  },
  chain: (net, { id, from, to }, { traits }) => closed(net, id, from, to, traits.chainClosed ? 0.05 : null),
  'air-switch': (net, { id, from, to }, { airSwitch }) => closed(net, id, from, to, airSwitch ? 0.05 : null),
  capacitor: (net, { id, from, to, uF }, { traits }) => {
    const own = traits.capacitors[id]
    const nominal = traits.labelUf[id] ?? uF
    net.resistors.push({ id: `${id}.leak`, a: from, b: to, ohm: own?.leakOhm ?? INSULATION })
    net.resistors.push({ id: `${id}.series`, a: from, b: `${id}.plate`, ohm: SERIES_OHM })
    net.capacitors.push({
      id,
      a: `${id}.plate`,
      b: to,
      farad: Math.max(1e-9, nominal * 1e-6 * (own?.share ?? 1)),
    })
  },
  load: (net, { id, from, to, ohm }) => closed(net, id, from, to, ohm),
  drive: (net, part, { drives, traits }) => {
    net.resistors.push({ id: `${part.id}.line`, a: part.line[0], b: part.line[1], ohm: 8e4 })
    net.resistors.push({ id: `${part.id}.bleed`, a: part.to[0], b: part.to[1], ohm: part.bleedOhm })
    net.resistors.push({ id: `${part.id}.tie`, a: part.to[1], b: GROUND, ohm: 2e6 })
    net.capacitors.push({ id: `${part.id}.bus`, a: part.to[0], b: part.to[1], farad: part.busUf * 1e-6 })
    if (drives[part.id] && traits.drive)
      net.rails.push({
        id: part.id,
        a: part.to[0],
        b: part.to[1],
        volts: part.volts,
        degrees: 0,
        ohm: part.ohm,
      })
  },
}

/** What a switch lets through now. */
function poleOhm({ id, of, speed }: PlantPartOf<'pole'>, state: PlantState): Ohm {
  const { traits, points, called } = state
  const ohm = traits.poles[id] ?? CLOSED_OHM
  const through = traits.poles[id] === null ? null : ohm
  if (traits.stuck.includes(id)) return CLOSED_OHM
  if (of === 'call') return called && points.thermostat !== 'off' && traits.callWire ? through : null
  if (of === 'speed') return called && state.speed === speed ? through : null
  if (of === 'door') return through
  if (of === 'breaker' && state.breakerTripped) return null
  return points[of] === 'off' ? null : through
}

function motorInto(net: Net, motor: PlantMotor, { build }: Machine, state: PlantState): void {
  const traits = state.traits.motors[motor.id]
  const now = state.motors[motor.id]
  if (!traits || !now) return
  const frame = `${motor.id}-frame`
  const bond = leadOf(motor, 'ground')
  net.resistors.push({ id: `${motor.id}.bond`, a: frame, b: bond ?? GROUND, ohm: BOND_OHM })
  const inside = `${motor.id}.in`
  // It breaks down where the winding has the most volts against the iron: at the end that is not the common one.
  const far = leadOf(motor, 'run') ?? inside
  net.resistors.push({ id: `${motor.id}.insulation`, a: far, b: frame, ohm: traits.frameOhm })
  if (!isInduction(motor.kind)) {
    electronicInto(net, motor, build.supply.hz, state)
    return
  }
  const common = leadOf(motor, 'common')
  const run = leadOf(motor, 'run')
  const start = leadOf(motor, 'start')
  if (!common || !run) return
  closed(net, `${motor.id}.protector`, common, inside, now.protectorOpen ? null : PROTECTOR_OHM)
  const cut: Cut = (open, lead, winding) => {
    if (!open) return lead
    const node = `${motor.id}.${winding}.cut`
    net.resistors.push({ id: `${node}.gap`, a: node, b: lead, ohm: INSULATION * 10 })
    return node
  }
  const data = motorNow(motor, traits, now.windingCelsius, overVolts(state.traits, traits))
  net.motors.push({
    id: motor.id,
    data: start ? data : { main: data.main, rotor: data.rotor, xm: data.xm },
    main: [inside, cut(traits.mainOpen, run, 'main')],
    ...(start && data.aux ? { aux: startEnds(net, motor, inside, start, cut, traits.auxOpen) } : {}),
  })
  shortedRing(net, motor, inside, run, traits.mainTurns)
  const back = leadOf(motor, 'return')
  if (back) net.resistors.push({ id: `${motor.id}.return`, a: back, b: run, ohm: WIRE_OHM })
  tapsInto(net, motor, run)
}

type Cut = (open: boolean, lead: string, winding: string) => string

/** Between the common side and the start lead; where the motor turns either way, through its plug as that is plugged. */
function startEnds(
  net: Net,
  { id, turnPlug }: PlantMotor,
  inside: string,
  start: string,
  cut: Cut,
  open: boolean,
): [string, string] {
  if (!turnPlug) return [inside, cut(open, start, 'aux')]
  const { winding, common } = turnPlug
  net.resistors.push({ id: `${id}.plug-common`, a: common, b: inside, ohm: WIRE_OHM })
  net.resistors.push({ id: `${id}.plug-start`, a: turnPlug.start, b: start, ohm: WIRE_OHM })
  return [winding[0], cut(open, winding[1], 'aux')]
}

/** The turns that are shorted are a winding of their own that is short-circuited: they take power and give heat. */
function shortedRing(net: Net, motor: PlantMotor, inside: string, run: string, turns: number): void {
  if (turns >= 1) return
  // Referred to the whole winding: its rated impedance over the share of the turns that is shorted.
  const rated = motor.volts ** 2 / motor.watts
  net.resistors.push({ id: `${motor.id}.ring`, a: inside, b: run, ohm: (0.25 * rated) / (1 - turns) })
}

/** Slower speeds have more turns in series with the run winding: ohms and reactance of their own behind the fastest lead. */
function tapsInto(net: Net, motor: PlantMotor, run: string): void {
  const { main, xm } = motorData(motor)
  const share = motor.tapShare ?? 0
  let before = run
  for (const lead of motor.leads
    .filter(({ role }) => role === 'tap')
    .sort((one, two) => (one.tap ?? 0) - (two.tap ?? 0))) {
    net.resistors.push({ id: `${motor.id}.${lead.id}`, a: before, b: `${lead.id}.in`, ohm: main.r * share })
    net.inductors.push({
      id: `${motor.id}.${lead.id}.turns`,
      a: `${lead.id}.in`,
      b: lead.id,
      henry: ((main.x + 0.25 * xm) * share) / (2 * Math.PI * 60),
    })
    before = lead.id
  }
}

/** A module or a brushed motor between its two supply leads. */
function electronicInto(net: Net, motor: PlantMotor, hz: number, state: PlantState): void {
  const traits = state.traits.motors[motor.id]
  const now = state.motors[motor.id]
  const leads = supplyLeads(motor)
  if (!traits || !now || !leads) return
  const [a, b] = leads
  net.resistors.push({ id: `${motor.id}.tie`, a: `${motor.id}.in`, b: b, ohm: 1 })
  if (driveOf(motor) === 'brushes') {
    const ohm = armatureOhm(motor, traits, now)
    if (ohm === null) {
      closed(net, `${motor.id}.brushes`, a, b, null)
      return
    }
    const volts = voltsPerOmega(motor) * now.omega
    if (hz === 0) net.sources.push({ id: `${motor.id}.emf`, a, b, volts, degrees: 0, ohm })
    else net.rails.push({ id: `${motor.id}.emf`, a, b, volts, degrees: 0, ohm })
    return
  }
  phasesInto(net, motor, traits.phases)
  // Inrush part, rectifier and bus of a module take a few mA while it stands; its power when it turns.
  if (traits.module === 'inrush-open') {
    closed(net, `${motor.id}.module`, a, b, null)
    return
  }
  // A dead one takes next to nothing: what stands on its bus stays there.
  const ohm = traits.module === 'dead' ? 1e7 : moduleOhm(motor, now.omega)
  net.resistors.push({ id: `${motor.id}.module`, a, b, ohm })
}

/** Ω of one phase of a small brushless motor, joined in a star. */
const PHASE_OHM = 11

function phasesInto(net: Net, motor: PlantMotor, phases: 'equal' | 'unequal' | 'open'): void {
  const of = { u: PHASE_OHM, v: PHASE_OHM, w: phases === 'unequal' ? PHASE_OHM * 0.3 : PHASE_OHM }
  for (const [phase, ohm] of Object.entries(of))
    closed(
      net,
      `phase.${phase}`,
      `phase-${phase}`,
      `${motor.id}.star`,
      phases === 'open' && phase === 'w' ? null : ohm,
    )
}

function wiresInto(net: Net, { build }: Machine, state: PlantState): void {
  const { joint } = state.traits
  // One that comes and goes is a sound one while it holds.
  const ohmOf = joint?.flickers ? (state.jointOpen ? null : 0) : joint?.ohm
  const ends = build.wires.map((wire) => {
    const at = state.wires[wire.id]
    return { wire, from: at?.from ?? freeEnd(wire.id, 'from'), to: at?.to ?? freeEnd(wire.id, 'to') }
  })
  ends.forEach(({ wire, from, to }, i) => {
    const bad = joint?.wire === wire.id ? (ohmOf ?? null) : 0
    closed(net, `wire.${wire.id}`, from, to, bad === null ? null : WIRE_OHM + bad)
    net.capacitors.push({ id: `stray.${wire.id}`, a: to, b: GROUND, farad: TO_GROUND * wire.metres })
    const next = ends[i + 1]
    if (wire.bundle && next?.wire.bundle === wire.bundle)
      net.capacitors.push({ id: `beside.${wire.id}`, a: to, b: next.to, farad: SIDE_BY_SIDE * wire.metres })
  })
}

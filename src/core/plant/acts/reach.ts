import { abs, sub } from '../../circuit/complex'
import { CoreError } from '../../errors'
import { partsOf } from '../../knowledge/plants/parts'
import type { Message } from '../../message'
import { linesOf } from '../machine'
import { netOf } from '../network/assemble'
import { afterDecay, directVolts, prepareDirect } from '../network/direct'
import { GROUND, type Net } from '../network/net'
import { prepare, type Solved, solveAt } from '../network/phasor'
import { says } from '../says'
import { type Settled, settle, slipsOf } from '../settle'
import { NOTHING_PROVEN, type PlantState } from '../state'
import type { Answer, Done, Here, Hurt } from './types'

/** Limits of household standards for the hand: 50 V of mains against ground is felt through dry skin; 50 V and 45 µC of a charge. */
export const TOUCH_VOLTS = 50
export const CHARGE_VOLTS = 50
export const CHARGE_COULOMBS = 45e-6
/** A charge under this counts as discharged, V. */
export const DISCHARGED_VOLTS = 5
/** Dead: the reading of the proof, V. */
export const DEAD_VOLTS = 1
/** A hand and the body behind it, wet with work, Ω; what goes through it hurts from here, A. */
const BODY_OHM = 1000
const HURTS_FROM = 5e-3

export const refused = (text: Answer['text']): Answer => ({ ok: false, minutes: 0, text })
export const not = (here: Here, text: Answer['text']): Done => ({ state: here.state, answer: refused(text) })

export const coverName = (id: string): Message => ({ key: `cover.${id}` })
export const pointName = (id: string): Message => ({ key: `point.${id}` })
export const probeName = (id: string): Message => ({ key: `probe.${id}` })

/** A wire by its colour and what it belongs to. */
export const wireName = ({ machine }: Here, id: string): Message =>
  wireNamed(id, machine.build.wires.find((each) => each.id === id)?.colour ?? 'black')

/** A wire by the bundle it belongs to and the colour of its insulation. */
export const wireNamed = (id: string, colour: string): Message => {
  const [group = 'fan'] = id.split('-')
  return { key: `wire.${group}`, params: { colour: { key: `colour.${colour}` } } }
}

/** The cover that hides a terminal now, or null. @throws CoreError `unknown-probe` */
export function hiddenBy({ machine, state }: Here, probe: string, path: string): string | null {
  const terminal = machine.build.terminals.find(({ id }) => id === probe)
  if (!terminal)
    throw new CoreError(
      'unknown-probe',
      `This machine has no point "${probe}". It has: ${machine.build.terminals.map(({ id }) => id).join(', ')}.`,
      path,
    )
  return terminal.behind && state.covers[terminal.behind] !== 'off' ? terminal.behind : null
}

/** Null where every probe can be reached; else the refusal that names the cover. */
export function outOfReach(here: Here, probes: string[]): Done | null {
  // A point that this machine does not have is an error, whatever is covered.
  const [first] = probes.flatMap((probe) => {
    const cover = hiddenBy(here, probe, 'acts')
    return cover ? [{ probe, cover }] : []
  })
  return first
    ? not(here, says('probe.covered', { probe: probeName(first.probe), cover: coverName(first.cover) }))
    : null
}

/** Volts between two nodes of the machine as it stands, alternating. */
export function voltsBetween({ machine, state }: Here, a: string, b: string): number {
  if (machine.build.supply.hz === 0) return 0
  const { solved } = settle(machine, state)
  return abs(sub(solved.volts(a), solved.volts(b)))
}

/** The machine at rest with something laid into its net: a meter's input, a hand, a resistor. */
export function laid({ machine, state }: Here, into: (net: Net) => void): { settled: Settled; net: Net } {
  const settled = settle(machine, state)
  const net = netOf(machine, settled.state)
  into(net)
  return { settled, net }
}

/** Phasors of its nodes. */
export const phasorsOf = ({ machine }: Here, { settled, net }: ReturnType<typeof laid>): Solved['volts'] =>
  solveAt(prepare(net), slipsOf(machine, settled.state)).volts

/** The same with some ohms laid across them: what only floats falls away. */
export function voltsAcross(here: Here, a: string, b: string, ohm: number): number {
  if (here.machine.build.supply.hz === 0) return 0
  const volts = phasorsOf(
    here,
    laid(here, (net) => net.resistors.push({ id: 'across', a, b, ohm })),
  )
  return abs(sub(volts(a), volts(b)))
}

/** Direct volts between two nodes: charges, rails, a battery. */
export function directBetween(
  here: Here,
  a: string,
  b: string,
  into: (net: Net) => void = () => undefined,
): number {
  const { settled, net } = laid(here, into)
  const volts = directVolts(prepareDirect(net), settled.state.charge)
  return volts(a) - volts(b)
}

/** What goes through a hand on this node that leans on the cabinet, A: a wire that only floats gives next to nothing. */
export function throughHand(here: Here, node: string): { amps: number; volts: number } {
  if (here.machine.build.supply.hz === 0) return { amps: 0, volts: 0 }
  const held = laid(here, (net) => net.resistors.push({ id: 'hand', a: node, b: GROUND, ohm: BODY_OHM }))
  return {
    amps: abs(phasorsOf(here, held)(node)) / BODY_OHM,
    volts: abs(held.settled.solved.volts(node)),
  }
}

/** What a hand on these terminals meets: mains first, then what a capacitor holds. */
export function touched(here: Here, nodes: string[]): { answer: Partial<Answer>; hurt: Hurt } | null {
  for (const node of nodes) {
    const { amps, volts } = throughHand(here, node)
    if (amps > HURTS_FROM && volts > TOUCH_VOLTS) {
      const open = here.machine.build.points.find(
        ({ id, opens }) => opens === 'line' && here.state.points[id] !== 'off',
      )
      return {
        hurt: { how: 'shock', volts },
        answer: {
          text: open
            ? says('hurt.shock', { volts, point: pointName(open.id) })
            : says('hurt.shock-open', { volts }),
        },
      }
    }
  }
  const charge = chargeAt(here, nodes)
  if (charge && Math.abs(charge.volts) > CHARGE_VOLTS && charge.coulombs > CHARGE_COULOMBS)
    return {
      hurt: { how: 'charge', volts: Math.abs(charge.volts), joules: charge.joules },
      answer: { text: says('hurt.charge', { volts: Math.abs(charge.volts), joules: charge.joules }) },
    }
  return null
}

/** The largest charge that hangs on one of these terminals. */
export function chargeAt(
  { machine, state }: Here,
  nodes: string[],
): { id: string; volts: number; coulombs: number; joules: number } | null {
  const settled = settle(machine, state).state
  const list = netOf(machine, settled).capacitors.flatMap(({ id, a, b, farad }) => {
    const volts = settled.charge[id] ?? 0
    const own = partsOf(machine.build, 'capacitor').find((part) => part.id === id)
    const ends = [a, b, ...(own ? [own.from, own.to] : [])]
    if (!ends.some((end) => nodes.includes(end)) || Math.abs(volts) < 1e-3) return []
    return [{ id, volts, coulombs: farad * Math.abs(volts), joules: (farad * volts ** 2) / 2 }]
  })
  return list.sort((one, two) => Math.abs(two.volts) - Math.abs(one.volts))[0] ?? null
}

/** Charges after some seconds with something laid across: a meter, a resistor, a screwdriver. */
export function chargeAfter(here: Here, seconds: number, into: (net: Net) => void): Record<string, number> {
  const { settled, net } = laid(here, into)
  return afterDecay(prepareDirect(net), settled.state.charge, seconds)
}

/** Is every point of the line off and held, and every pair read dead with the meter tried before and after. */
export function isProven({ machine, state }: Here): boolean {
  const { proof } = state
  return (
    allOff(machine.build.points, state) &&
    proof.before &&
    proof.after &&
    pairsOf(machine).every((pair) => proof.pairs.includes(pairKey(...pair)))
  )
}

const allOff = (points: Here['machine']['build']['points'], state: PlantState): boolean =>
  points.every(({ id, opens }) => opens !== 'line' || (state.points[id] === 'off' && state.held.includes(id)))

/** Pairs of the proof: the lines against each other and each against ground. */
export function pairsOf({ build }: Here['machine']): Pair[] {
  const [one, two] = linesOf(build)
  const both = [sortedPair(one, two), sortedPair('ground', one)]
  // The minus of a battery is the chassis.
  return build.supply.hz === 0 ? both : [...both, sortedPair('ground', two)]
}

/** Two points that are read against each other, the same whichever was named first. */
export type Pair = readonly [string, string]
export const sortedPair = (a: string, b: string): Pair => (a <= b ? [a, b] : [b, a])
export const pairKey = (a: string, b: string): string => sortedPair(a, b).join('|')

/** What the procedure asks before a hand goes in, where it was not done. */
export function againstProcedure(here: Here, nodes: string[]): Answer['against'] | undefined {
  if (!isProven(here)) return says('against.unproven')
  const charge = chargeAt(here, nodes)
  if (
    charge &&
    Math.abs(charge.volts) >= DISCHARGED_VOLTS &&
    !here.state.proof.discharged.includes(charge.id)
  )
    return says('against.unread', { volts: Math.abs(charge.volts) })
  return undefined
}

/** Whatever could make it live again takes what was proved. */
export const unproven = (state: PlantState): PlantState => ({ ...state, proof: NOTHING_PROVEN })

/** End the round: somebody would have been hurt. */
export function hurtBy(here: Here, minutes: number, found: { answer: Partial<Answer>; hurt: Hurt }): Done {
  return {
    state: { ...here.state, over: { hurt: found.hurt.how } },
    answer: { ok: true, minutes, text: says('over'), ...found.answer, hurt: found.hurt },
  }
}

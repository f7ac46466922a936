import type { CauseId, FamilyId } from '../../knowledge/vocabulary'
import { type Build, type Machine, soundMachine } from './machine.testing'
import { runOf } from './physics.testing'

type Random = () => number

interface Fault {
  cause: CauseId
  /** Of a hundred machines of the family that come to the bench, as repairers tell it; not the advisor’s table. */
  of: Partial<Record<FamilyId, number>>
  /** Only in these kinds of motor. */
  kinds?: string[]
  make: (machine: Machine, random: Random) => Partial<Machine>
}

const OUT = 'outdoor-unit-fan'
const BLOW = 'furnace-blower'
const IND = 'draft-inducer'
const BATH = 'bath-exhaust-fan'
const ICE = 'refrigerator-evaporator-fan'
const INDUCTION = ['psc', 'psc-multispeed', 'shaded-pole']
const TWO_WINDINGS = ['psc', 'psc-multispeed']

const between = (random: Random, low: number, high: number) => low + (high - low) * random()
const oneOf = <T>(random: Random, list: [T, number][]): T => {
  let left = random() * list.reduce((sum, [, weight]) => sum + weight, 0)
  for (const [entry, weight] of list) {
    left -= weight
    if (left <= 0) return entry
  }
  throw new Error('an empty list')
}
const grew = (random: Random, how: string) => (random() < 0.7 ? how : 'suddenly')

/** What breaks, and what it does to the figures of the machine. */
export const faults: Fault[] = [
  {
    cause: 'no-supply',
    of: { [OUT]: 6, [BLOW]: 4, [IND]: 2, [BATH]: 6, [ICE]: 1 },
    make: (_, random) => ({
      feed: 0,
      breaker: oneOf(random, [
        ['off', 5],
        ['tripped-once', 3],
        ['on', 2],
      ]),
      onset: oneOf(random, [
        ['suddenly', 2],
        ['after-a-storm-or-outage', 1],
      ]),
    }),
  },
  {
    cause: 'low-supply',
    of: { [OUT]: 1, [BLOW]: 1, [IND]: 0.5 },
    make: (_, random) => ({ feed: between(random, 0.62, 0.84) }),
  },
  {
    cause: 'no-control-call',
    of: { [OUT]: 5, [BLOW]: 5, [IND]: 4, [ICE]: 1, [BATH]: 2 },
    make: () => ({ called: false }),
  },
  {
    cause: 'control-power-dead',
    of: { [OUT]: 3, [BLOW]: 6, [IND]: 4 },
    make: (_, random) => ({
      control: 0,
      onset: oneOf(random, [
        ['suddenly', 2],
        ['after-a-storm-or-outage', 1],
      ]),
    }),
  },
  {
    cause: 'safety-switch-open',
    of: { [OUT]: 1, [BLOW]: 6, [IND]: 5, [ICE]: 6 },
    make: () => ({ chainClosed: false }),
  },
  { cause: 'contactor-coil-open', of: { [OUT]: 4 }, make: () => ({ coilPulls: false }) },
  {
    cause: 'contactor-contacts-bad',
    of: { [OUT]: 9 },
    make: (_, random) => ({ contacts: random() < 0.7 ? 0 : between(random, 0.4, 0.8) }),
  },
  { cause: 'control-stuck-on', of: { [OUT]: 2, [BLOW]: 2 }, make: () => ({ called: false, stuckOn: true }) },
  {
    cause: 'control-board-relay',
    of: { [BLOW]: 8, [IND]: 8, [ICE]: 4 },
    kinds: [...INDUCTION, 'ecm'],
    make: (_, random) => ({
      relay: 0,
      onset: oneOf(random, [
        ['suddenly', 3],
        ['after-a-storm-or-outage', 1],
      ]),
    }),
  },
  { cause: 'wall-switch-or-pull-chain', of: { [BATH]: 9 }, make: () => ({ wallSwitch: 0 }) },
  {
    cause: 'wiring-loose-or-burnt',
    of: { [OUT]: 4, [BLOW]: 4, [IND]: 4, [BATH]: 4, [ICE]: 6 },
    make: (_, random) => ({ joint: random() < 0.8 ? 0 : 0.7, flickers: random() < 0.35 }),
  },
  {
    cause: 'wired-wrong',
    of: { [OUT]: 1.5, [BLOW]: 1.5, [IND]: 0.5 },
    kinds: TWO_WINDINGS,
    make: () => ({ crossed: true, wiresMoved: true, onset: 'after-a-repair' }),
  },
  {
    cause: 'rotation-reversed',
    of: { [OUT]: 1, [BLOW]: 1 },
    kinds: TWO_WINDINGS,
    make: () => ({ turnsBack: true, wiresMoved: true, onset: 'after-a-repair' }),
  },
  {
    cause: 'capacitor-weak',
    of: { [OUT]: 27, [BLOW]: 16, [IND]: 6, [BATH]: 4 },
    kinds: TWO_WINDINGS,
    make: (_, random) => ({
      capacitor: between(random, 0.12, 0.88),
      onset: grew(random, 'slower-over-months'),
      domed: random() < 0.2,
    }),
  },
  {
    cause: 'capacitor-open',
    of: { [OUT]: 11, [BLOW]: 6, [IND]: 2, [BATH]: 2 },
    kinds: TWO_WINDINGS,
    make: (_, random) => ({ capacitor: 0.005, domed: random() < 0.45 }),
  },
  {
    cause: 'capacitor-shorted',
    of: { [OUT]: 1, [BLOW]: 1 },
    kinds: TWO_WINDINGS,
    make: () => ({ capacitorShorted: true }),
  },
  {
    cause: 'capacitor-other-section-failed',
    of: { [OUT]: 6 },
    kinds: TWO_WINDINGS,
    make: (_, random) => ({
      otherSection: random() < 0.5 ? 0 : between(random, 0.3, 0.85),
      domed: random() < 0.2,
    }),
  },
  {
    cause: 'wrong-capacitor',
    of: { [OUT]: 1, [BLOW]: 1 },
    kinds: TWO_WINDINGS,
    make: (_, random) => ({
      labelDiffers: true,
      capacitor: random() < 0.5 ? 0.5 : 1.6,
      wiresMoved: true,
      onset: grew(random, 'after-a-repair'),
    }),
  },
  {
    cause: 'winding-open',
    of: { [OUT]: 6, [BLOW]: 5, [IND]: 10, [BATH]: 11, [ICE]: 9 },
    kinds: INDUCTION,
    make: (machine, random) =>
      machine.kind === 'shaded-pole' || random() < 0.6
        ? { main: 0, start: machine.kind === 'shaded-pole' ? 1 : 1 }
        : { start: 0 },
  },
  {
    cause: 'winding-shorted',
    of: { [OUT]: 3, [BLOW]: 3, [IND]: 3, [BATH]: 3, [ICE]: 1 },
    kinds: INDUCTION,
    make: (_, random) => ({ main: between(random, 0.4, 0.75) }),
  },
  {
    cause: 'winding-grounded',
    of: { [OUT]: 3, [BLOW]: 2, [IND]: 3, [BATH]: 2 },
    kinds: INDUCTION,
    make: (_, random) => ({
      frameMegohm: between(random, 0, 0.3),
      breaker: oneOf(random, [
        ['tripped-once', 3],
        ['rcd-trips', 1],
      ]),
    }),
  },
  {
    cause: 'ecm-module-failed',
    of: { [OUT]: 20, [BLOW]: 30, [IND]: 30 },
    kinds: ['ecm'],
    make: (_, random) => ({
      module: false,
      onset: oneOf(random, [
        ['suddenly', 2],
        ['after-a-storm-or-outage', 1],
        ['after-water', 0.3],
      ]),
    }),
  },
  {
    cause: 'ecm-inrush-part-burnt',
    of: { [BLOW]: 14, [IND]: 4 },
    kinds: ['ecm'],
    make: () => ({ inrush: false }),
  },
  {
    cause: 'bldc-motor-failed',
    of: { [OUT]: 25, [BATH]: 20, [ICE]: 16 },
    kinds: ['bldc'],
    make: (_, random) => ({ module: false, phases: random() < 0.5 ? 'open' : 'unequal' }),
  },
  {
    cause: 'dc-drive-missing',
    of: { [OUT]: 20, [ICE]: 8, [BATH]: 6 },
    kinds: ['bldc'],
    make: () => ({ drive: false }),
  },
  {
    cause: 'bearing-worn',
    of: { [OUT]: 6, [BLOW]: 8, [IND]: 20, [BATH]: 20, [ICE]: 16 },
    make: (_, random) => ({
      friction: between(random, 0.05, 0.45),
      dry: true,
      onset: grew(random, 'grew-louder-over-weeks'),
    }),
  },
  {
    cause: 'bearing-seized',
    of: { [OUT]: 6, [BLOW]: 6, [IND]: 13, [BATH]: 13, [ICE]: 8 },
    make: (_, random) => ({ friction: 3, onset: grew(random, 'grew-louder-over-weeks') }),
  },
  {
    cause: 'wheel-rubbing',
    of: { [OUT]: 1, [BLOW]: 2, [IND]: 2, [BATH]: 4, [ICE]: 4 },
    make: () => ({ rubs: true, friction: 0.1 }),
  },
  {
    cause: 'wheel-loose',
    of: { [OUT]: 2, [BLOW]: 3, [IND]: 3, [BATH]: 2, [ICE]: 2 },
    make: () => ({ slips: true }),
  },
  {
    cause: 'wheel-damaged',
    of: { [OUT]: 2, [BLOW]: 1, [IND]: 2, [BATH]: 1, [ICE]: 1 },
    make: (_, random) => ({ wheel: random() < 0.5 ? 'broken' : 'unbalanced' }),
  },
  {
    cause: 'dirt-or-paint-fouling',
    of: { [OUT]: 1, [BLOW]: 6, [IND]: 2, [BATH]: 18, [ICE]: 2 },
    make: (_, random) => ({ dirt: between(random, 0.45, 1), onset: grew(random, 'slower-over-months') }),
  },
  {
    cause: 'ice-or-debris',
    of: { [OUT]: 3, [IND]: 1, [ICE]: 24 },
    make: (machine) => ({ held: machine.build.family === ICE ? 'ice' : 'debris' }),
  },
  {
    cause: 'mount-loose',
    of: { [OUT]: 1, [BLOW]: 2, [IND]: 2, [BATH]: 4, [ICE]: 2 },
    make: (_, random) => ({ mountTight: false, onset: grew(random, 'grew-louder-over-weeks') }),
  },
  {
    cause: 'damper-stuck',
    of: { [BATH]: 6 },
    make: (_, random) => ({
      flapOpens: false,
      onset: oneOf(random, [
        ['suddenly', 1],
        ['after-painting-or-building-work', 1],
      ]),
    }),
  },
  {
    cause: 'vent-blocked',
    of: { [BLOW]: 8, [IND]: 5, [BATH]: 9 },
    make: (_, random) => ({ ventOpen: between(random, 0.1, 0.5), onset: grew(random, 'slower-over-months') }),
  },
  { cause: 'pressure-tube-or-drain', of: { [IND]: 15 }, make: () => ({ tubeClear: false }) },
  { cause: 'seal-or-housing-leaking', of: { [IND]: 4 }, make: () => ({ sealed: false }) },
  {
    cause: 'other-machine-fault',
    of: { [OUT]: 3, [BLOW]: 2, [IND]: 3, [ICE]: 5 },
    make: () => ({ companionSound: false }),
  },
]

/** A machine of a family with one fault, drawn by how often each comes to the bench. */
export function brokenMachine(build: Build, random: Random): { machine: Machine; cause: CauseId } {
  for (;;) {
    const kind = oneOf(random, build.kinds)
    const fault = oneOf(
      random,
      faults
        .filter(({ kinds }) => !kinds || kinds.includes(kind))
        .map((each): [Fault, number] => [each, each.of[build.family] ?? 0]),
    )
    const sound = { ...soundMachine(build, kind), tried: random() < 0.7, wiresMoved: random() < 0.06 }
    const machine = { ...sound, ...fault.make(sound, random) }
    if (missed(machine)) return { machine, cause: fault.cause }
  }
}

/** Somebody misses something: what still does its work to the ear and the eye is brought to nobody. */
function missed(machine: Machine): boolean {
  const run = runOf(machine)
  const quiet = !machine.dry && !machine.rubs && machine.wheel === 'whole' && machine.mountTight
  const works = run.turns && !run.opens && run.speed >= 0.85 && run.air >= 0.65 && !run.backwards && quiet
  return (
    !works || !machine.companionSound || !machine.tubeClear || !machine.sealed || machine.otherSection < 0.9
  )
}

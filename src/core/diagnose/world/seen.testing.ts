import type { ObservationId } from '../../knowledge/vocabulary'
import type { HiddenCase } from '../simulate.testing'
import { brokenMachine } from './faults.testing'
import type { Build, Machine } from './machine.testing'
import { type Running, runOf } from './physics.testing'

type Random = () => number

const OUTSIDE_AIR: Record<Build['wheel'], { backwards: string }> = {
  axial: { backwards: 'wrong-way' },
  centrifugal: { backwards: 'weak' },
}

/** What a person sees who stands before it, without error; null where this machine has nothing of the kind. */
type Look = (machine: Machine, run: Running, random: Random) => string | null

const chance = (random: Random, share: number) => random() < share
const volts = (share: number) => (share < 0.1 ? 'none' : share < 0.9 ? 'low' : 'normal')

const electronic = ({ kind }: Machine) => kind === 'ecm' || kind === 'bldc'
/** Its protector stands open now: it was tried for long and then looked at. */
const openNow = (machine: Machine, { opens }: Running) => opens && machine.tried && !electronic(machine)

const state: Look = (machine, run, random) => {
  if (machine.stuckOn) return 'wont-stop'
  if (machine.flickers) return chance(random, 0.7) ? 'intermittent' : 'dead'
  if (!run.live) return 'dead'
  if (!run.turns) return chance(random, openNow(machine, run) ? 0.25 : 0) ? 'dead' : 'hums'
  if (run.opens) return 'starts-then-stops'
  if (run.backwards && machine.build.wheel === 'axial') return 'runs-backwards'
  if (machine.slips) return chance(random, 0.6) ? 'runs-little-air' : 'runs-noisy'
  if (loud(machine) && run.speed > 0.8) return 'runs-noisy'
  if (run.speed < 0.85) return 'slow'
  if (run.air < 0.65) return 'runs-little-air'
  return 'runs-normally'
}

const ohms = (machine: Machine) => {
  if (electronic(machine)) return null
  return machine.main === 0 || machine.start === 0 ? 'open' : machine.main < 0.8 ? 'shorted' : 'good'
}

const loud = (machine: Machine) =>
  machine.dry || machine.rubs || machine.wheel !== 'whole' || !machine.mountTight

const sound: Look = (machine, run, random) => {
  if (!run.live) return chance(random, 0.85) || machine.build.control === 'switch' ? 'nothing' : 'clicking'
  if (!run.turns) return electronic(machine) ? 'clicking' : 'hum'
  if (machine.dry) return machine.friction > 0.3 ? 'grinding' : 'squeal'
  if (machine.rubs) return chance(random, 0.6) ? 'grinding' : 'rattle'
  if (machine.wheel !== 'whole' || !machine.mountTight || machine.slips) return 'rattle'
  if (run.backwards || machine.ventOpen < 0.4) return 'roar'
  return chance(random, run.speed < 0.85 ? 0.6 : 0.15) ? 'hum' : 'nothing'
}

const looks: Partial<Record<ObservationId, Look>> = {
  'fan-state': state,
  sound,
  smell: (machine, run, random) =>
    (machine.main < 0.8 && machine.main > 0) ||
    machine.frameMegohm < 0.5 ||
    (run.live && !run.turns && chance(random, 0.25))
      ? 'burnt'
      : 'none',
  'case-heat': (machine, run) =>
    electronic(machine) || !run.live || !machine.tried
      ? run.turns
        ? 'warm'
        : 'cold'
      : run.heat > 1.7
        ? 'too-hot-to-touch'
        : 'warm',
  'free-spin': (machine) => {
    if (machine.friction >= 1) return 'seized'
    if (machine.held !== 'no') return machine.held === 'ice' ? 'seized' : 'rubs'
    if (machine.slips) return 'slips-on-shaft'
    if (machine.rubs) return 'rubs'
    if (machine.wheel === 'unbalanced') return 'wobbles'
    if (machine.friction > 0.25) return 'stiff'
    return machine.dry ? 'rough' : 'free'
  },
  'coast-down': (machine, run) =>
    !run.turns
      ? null
      : machine.friction > 0.15 || machine.dirt > 0.7 || machine.rubs
        ? 'stops-quickly'
        : 'coasts-long',
  'nudge-start': (_, run) => (run.live && !run.turns ? run.pushStarts : null),
  speeds: (machine, run) => {
    if (!machine.build.speeds) return null
    return run.turns ? (run.speed < 0.85 ? 'all-slow' : 'all') : 'none'
  },
  companion: (machine, run) => {
    const { build } = machine
    if (build.companion === 'none') return 'not-fitted'
    const fed = run.atCoil > 0.7 && machine.breaker === 'on' && machine.feed > 0.5
    if (build.companion === 'shares-the-feed' && build.control === 'contactor')
      return machine.companionSound && run.behindContactor > 0.7 && machine.otherSection > 0.6 ? 'yes' : 'no'
    if (build.companion === 'waits-for-the-fan')
      return run.air > 0.5 && machine.tubeClear && machine.sealed && machine.companionSound ? 'yes' : 'no'
    return fed && machine.companionSound ? 'yes' : 'no'
  },
  onset: (machine) => machine.onset,
  breaker: (machine) => machine.breaker,
  'wiring-changed': (machine) => (machine.wiresMoved ? 'yes' : 'no'),
  'air-flow': (machine, run) => {
    if (run.backwards) return OUTSIDE_AIR[machine.build.wheel].backwards
    return run.air < 0.08 ? 'none' : run.air < 0.65 ? 'weak' : 'strong'
  },
  direction: (_, run) => (run.turns ? (run.backwards ? 'wrong' : 'right') : 'does-not-turn'),
  damper: (machine) => (machine.build.flap ? (machine.flapOpens ? 'opens' : 'stuck') : 'not-fitted'),
  'vent-path': (machine) => (machine.build.duct ? (machine.ventOpen < 0.6 ? 'blocked' : 'clear') : null),
  'drain-and-tube': (machine) => (machine.build.drain ? (machine.tubeClear ? 'clear' : 'blocked') : null),
  'supply-voltage': (machine) =>
    machine.breaker !== 'on' ? 'none' : machine.feed > 1.1 ? 'high' : volts(machine.feed),
  'control-voltage': (_machine, run) => (run.atCoil > 0.75 ? 'present' : run.atCoil > 0.2 ? 'low' : 'none'),
  'contactor-position': (machine, run) =>
    machine.build.control === 'contactor' ? (run.pulledIn ? 'pulled-in' : 'not-pulled-in') : 'not-fitted',
  'contactor-output': (machine, run) =>
    machine.build.control === 'contactor' && run.pulledIn ? volts(run.behindContactor) : null,
  // At a brushless motor it is the board’s own output that is read.
  'motor-voltage': (machine, run) => volts(machine.kind === 'bldc' && !machine.drive ? 0 : run.atMotor),
  'contactor-coil': (machine) =>
    machine.build.control === 'contactor' ? (machine.coilPulls ? 'good' : 'open') : null,
  'safety-switches': (machine) =>
    machine.build.control === 'switch' ? 'not-fitted' : machine.chainClosed ? 'closed' : 'one-open',
  'wall-switch': (machine) =>
    machine.build.control === 'switch' ? (machine.wallSwitch ? 'good' : 'bad') : 'not-fitted',
  'capacitor-look': (machine, _, random) =>
    machine.capacitor === null
      ? 'none-fitted'
      : machine.domed
        ? 'bulged-or-leaking'
        : chance(random, 0.08)
          ? 'rusty-terminals'
          : 'sound',
  'capacitor-fan-reading': ({ capacitor, capacitorShorted, labelDiffers }) => {
    if (capacitor === null) return null
    if (capacitorShorted) return 'short'
    // A wrong one reads what its own label says.
    if (labelDiffers) return 'within'
    return capacitor < 0.02 ? 'open' : capacitor < 0.94 ? 'low' : 'within'
  },
  'capacitor-other-reading': (machine) =>
    machine.build.dual && machine.capacitor !== null
      ? machine.otherSection < 0.02
        ? 'open'
        : machine.otherSection < 0.94
          ? 'low'
          : 'within'
      : null,
  'capacitor-label-match': (machine) =>
    machine.capacitor === null ? null : machine.labelDiffers ? 'differs' : 'matches',
  winding: (machine, run) => (openNow(machine, run) && !electronic(machine) ? 'open' : ohms(machine)),
  'to-frame': (machine) =>
    electronic(machine)
      ? null
      : machine.frameMegohm < 1
        ? 'leaks'
        : machine.frameMegohm < 20
          ? 'doubtful'
          : 'clear',
  'cold-retest': (machine, run) =>
    electronic(machine)
      ? null
      : machine.main === 0 || machine.start === 0
        ? 'still-open'
        : openNow(machine, run)
          ? 'now-good'
          : 'not-done',
  'module-look': (machine, _, random) =>
    machine.kind !== 'ecm'
      ? null
      : !machine.inrush
        ? 'burnt-part'
        : machine.module
          ? 'sound'
          : chance(random, 0.3)
            ? 'burnt-part'
            : machine.onset === 'after-water'
              ? 'water-marks'
              : 'sound',
  'module-supply': (machine, run) =>
    machine.kind === 'ecm' ? (run.atMotor > 0.7 ? 'present' : 'none') : null,
  'phase-resistances': (machine) => (electronic(machine) ? machine.phases : null),
  'board-drive': (machine, run) =>
    machine.kind === 'bldc' ? (machine.drive && run.atMotor > 0.7 ? 'present' : 'none') : null,
  hub: (machine) =>
    machine.slips
      ? 'loose'
      : machine.wheel === 'broken'
        ? 'cracked'
        : machine.wheel === 'unbalanced'
          ? 'out-of-balance'
          : 'tight',
  fouling: (machine) =>
    machine.held === 'ice'
      ? 'iced'
      : machine.held === 'debris'
        ? 'debris'
        : machine.dirt > 0.4
          ? 'dirty'
          : 'clean',
  seal: (machine) => (machine.build.drain ? (machine.sealed ? 'tight' : 'draught-felt') : null),
  mounting: (machine) => (machine.mountTight ? 'tight' : 'loose'),
  connections: (machine) => (machine.joint < 1 || machine.flickers ? 'loose-or-burnt' : 'sound'),
  'temperature-effect': () => 'no-change',
  'should-run-now': () => 'yes',
  'danger-signs': () => 'none',
  belt: () => 'not-fitted',
  'brush-length': () => 'not-fitted',
  'reversing-switch': () => null,
  'board-code': (machine, run) => {
    if (!machine.build.light) return null
    if (run.atCoil === 0 && (machine.control === 0 || machine.feed === 0 || machine.breaker !== 'on'))
      return 'no-light'
    if (!machine.chainClosed) return 'limit-open'
    if (machine.build.drain)
      return run.air < 0.5 || !machine.tubeClear || !machine.sealed ? 'pressure-switch-open' : 'no-fault'
    return electronic(machine) && !run.turns && run.atMotor > 0.7 ? 'blower-fault' : 'no-fault'
  },
}

/** What is told, heard or judged by eye; the rest is a reading at the thing. */
const STORIES: ObservationId[] = [
  'sound',
  'smell',
  'case-heat',
  'coast-down',
  'onset',
  'air-flow',
  'direction',
  'speeds',
  'mounting',
  'fouling',
  'capacitor-look',
  'connections',
  'hub',
]
/** A story is told wrong this often, and not known this often. A reading errs by its meter, which numbers.ts holds; here seldom. */
const WRONG = 0.04
const NOT_KNOWN = 0.05

const otherWord: Partial<Record<ObservationId, string[]>> = {
  sound: ['nothing', 'hum', 'rattle', 'squeal', 'grinding', 'clicking'],
  smell: ['none', 'burnt'],
  'case-heat': ['cold', 'warm', 'too-hot-to-touch'],
  onset: ['suddenly', 'grew-louder-over-weeks', 'slower-over-months'],
  'air-flow': ['strong', 'weak', 'none'],
  mounting: ['tight', 'loose'],
  fouling: ['clean', 'dirty'],
  'coast-down': ['coasts-long', 'stops-quickly'],
}

/** A machine with its hidden fault, and a person of ordinary care who answers what is asked of it. */
export function worldCase(build: Build, random: Random): HiddenCase & { machine: Machine } {
  const { machine, cause } = brokenMachine(build, random)
  const run = runOf(machine)
  const seen = new Map<ObservationId, string | null>()
  const answer = (observation: ObservationId): string | null => {
    if (!seen.has(observation)) seen.set(observation, told(observation))
    return seen.get(observation) ?? null
  }
  const told = (observation: ObservationId): string | null => {
    const value = looks[observation]?.(machine, run, random) ?? null
    if (value === null || !STORIES.includes(observation)) return value
    if (chance(random, NOT_KNOWN)) return null
    const others = otherWord[observation]?.filter((each) => each !== value) ?? []
    return others.length > 0 && chance(random, WRONG)
      ? (others[Math.floor(random() * others.length)] ?? value)
      : value
  }
  return {
    family: build.family,
    motorKind: machine.kind,
    kindKnown: chance(random, 0.6),
    cause,
    answer,
    // Read again it is cold.
    again: (observation) => (observation === 'winding' ? ohms(machine) : null),
    machine,
  }
}

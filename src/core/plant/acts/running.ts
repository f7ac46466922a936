import { abs, complex } from '../../circuit/complex'
import { fanOf } from '../../knowledge/plants/parts'
import { ratedOmega } from '../machine'
import { turnsByField } from '../mechanics'
import { settle } from '../settle'
import type { PlantState } from '../state'
import { feedOf } from './finding'
import { voltsBetween } from './reach'
import type { Here } from './types'

/** How a machine is met by eye and ear. */
export interface Running {
  turns: boolean
  /** Share of its rated speed, with its sign. */
  speed: number
  /** Current in a winding that stands still. */
  hums: boolean
  /** Current flows in it. */
  fed: boolean
  air: number
  noisy: boolean
  called: boolean
}

/** What an eye takes for slow, and a hand for little air. */
const SLOW = 0.9
const LITTLE_AIR = 0.62

export function runningOf(here: Here): Running {
  const { machine, state } = here
  const fan = fanOf(machine.build)
  const now = state.motors[fan.id]
  const speed = (now?.omega ?? 0) / ratedOmega(fan)
  const turns = Math.abs(speed) > 0.05
  const { solved } = settle(machine, state)
  const amps = turnsByField(fan)
    ? abs(solved.main[fan.id] ?? complex(0)) + abs(solved.aux[fan.id] ?? complex(0))
    : 0
  const fed = amps > (0.05 * fan.watts) / fan.volts
  const { traits } = state
  const own = traits.motors[fan.id]
  const noisy =
    turns &&
    (loudIron(here) ||
      own?.rough === true ||
      traits.rubs ||
      traits.wheel !== 'whole' ||
      !traits.mountTight ||
      traits.slips ||
      traits.belt === 'slipping')
  return {
    turns,
    speed,
    hums: fed && !turns,
    fed,
    air: state.air,
    noisy,
    called: state.called && state.points.thermostat !== 'off' && traits.callWire,
  }
}

/** Iron that is driven beyond its knee hums: an eighth more than the plate's volts. */
function loudIron(here: Here): boolean {
  const fan = fanOf(here.machine.build)
  if (!turnsByField(fan)) return false
  return voltsBetween(here, ...feedOf(here)) > 1.12 * fan.volts
}

/** The one word for what it does, as the vocabulary has it. `opened`: its protector has opened since it was called. */
export function fanState(here: Here): string {
  const { state, machine } = here
  const run = runningOf(here)
  const fan = fanOf(machine.build)
  const stuck = state.traits.stuck.length > 0
  if (run.turns && (!run.called || stuck)) return 'wont-stop'
  if (state.traits.joint?.flickers) return 'intermittent'
  if (!run.turns) {
    if (run.hums) return 'hums'
    return openedWhileRunning(state, fan.id) ? 'starts-then-stops' : 'dead'
  }
  if (run.speed < 0 && machine.build.wheel.kind === 'axial') return 'runs-backwards'
  if (state.traits.slips || state.traits.belt === 'broken') return 'runs-little-air'
  if (run.noisy) return 'runs-noisy'
  if (Math.abs(run.speed) < SLOW) return 'slow'
  if (Math.abs(run.air) < LITTLE_AIR) return 'runs-little-air'
  return 'runs-normally'
}

/** A protector that stands open on a motor that could have started. */
const openedWhileRunning = (state: PlantState, id: string): boolean =>
  state.motors[id]?.protectorOpen === true && !state.traits.motors[id]?.seized && state.traits.held === 'no'

export function soundNow(here: Here): string {
  const run = runningOf(here)
  const { traits } = here.state
  const fan = fanOf(here.machine.build)
  const own = traits.motors[fan.id]
  if (!run.turns) {
    if (run.hums) return 'hum'
    // Of a contactor or relay that lets nothing through; beside a compressor that runs nobody hears it.
    const others = Object.values(here.state.motors).some(({ omega }) => Math.abs(omega) > 1)
    const clicks = here.state.closed.length > 0 && run.called && !run.fed && !others
    return clicks ? 'clicking' : 'nothing'
  }
  if (own?.rough) return (own.friction ?? 0) > 0.2 ? 'grinding' : 'squeal'
  if (traits.rubs) return 'grinding'
  if (traits.wheel !== 'whole' || !traits.mountTight || traits.slips) return 'rattle'
  if (traits.belt === 'slipping') return 'squeal'
  if (Math.min(traits.vent, traits.damper) < 0.35) return 'roar'
  return Math.abs(run.speed) < SLOW || loudIron(here) ? 'hum' : 'nothing'
}

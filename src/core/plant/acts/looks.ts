import { driveOf } from '../../knowledge/plants/motors'
import { coverOf, fanOf, hasPart, partOf } from '../../knowledge/plants/parts'
import type { PlantBuild } from '../../knowledge/plants/types'
import { runningOf } from './running'
import type { Here, Sense } from './types'

export interface LookPlace {
  id: string
  behind: string | null
  minutes: number
}

/** What can be looked at, and the cover before it. */
export function lookPlaces(build: PlantBuild): LookPlace[] {
  const inside = fanOf(build).behind
  const capacitor = partOf(build, 'capacitor')
  const wheelCover = build.covers.find(({ wheel }) => wheel)?.id ?? null
  const place = (id: string, behind: string | null, minutes = 1): LookPlace => ({ id, behind, minutes })
  return [
    place('breaker', null),
    ...(hasPart(build, 'drive') ? [place('remote', null)] : []),
    place('wheel', build.wheel.kind === 'axial' ? null : wheelCover, 2),
    place('connections', inside, 3),
    ...(capacitor
      ? [place('capacitor', coverOf(build, capacitor.to)), place('label', coverOf(build, capacitor.to))]
      : []),
    ...(hasPart(build, 'coil') ? [place('contactor', coverOf(build, 'coil-1'))] : []),
    ...(['module', 'rail'].includes(driveOf(build)) ? [place('module', inside, 3)] : []),
    ...(build.terminals.some(({ id }) => id === 'board-line')
      ? [place('board', coverOf(build, 'board-line'))]
      : []),
    ...(build.wheel.damper ? [place('damper', null, 2)] : []),
    ...(build.wheel.vent ? [place('vent', null, 4)] : []),
    ...(build.wheel.drain ? [place('drain', inside, 4), place('seal', inside, 4)] : []),
    ...(build.wheel.belt ? [place('belt', inside, 1)] : []),
    ...(driveOf(build) === 'brushes' ? [place('brushes', inside, 6)] : []),
    ...(build.motors.length > 1 ? [place('companion', null)] : []),
  ]
}

/** What is seen there, as observations. */
export function lookAt(here: Here, at: string): Sense {
  return looks[at]?.(here) ?? {}
}

const looks: Record<string, (here: Here) => Sense> = {
  breaker: ({ state }) => ({
    // One that the person put off says nothing of how it was found.
    ...(state.breakerTripped
      ? { breaker: 'tripped-once' }
      : state.points.breaker === 'on'
        ? { breaker: 'on' }
        : state.traits.breaker === 'off'
          ? { breaker: 'off' }
          : {}),
  }),
  wheel: ({ state: { traits } }) => ({
    fouling:
      traits.held === 'ice'
        ? 'iced'
        : traits.held === 'debris'
          ? 'debris'
          : traits.painted
            ? 'painted-over'
            : traits.dirt > 0.3
              ? 'dirty'
              : 'clean',
  }),
  connections: ({ state: { traits } }) => ({
    connections: traits.joint ? 'loose-or-burnt' : 'sound',
    'wiring-changed': traits.wiresChanged ? 'yes' : 'no',
  }),
  capacitor: ({ state: { traits } }) => ({
    'capacitor-look': Object.values(traits.capacitors).find(({ look }) => look !== 'sound')?.look ?? 'sound',
  }),
  label: ({ state: { traits } }) => ({
    'capacitor-label-match': Object.keys(traits.labelUf).length > 0 ? 'differs' : 'matches',
  }),
  contactor: ({ state }) => ({
    'contactor-position':
      state.closed.length > 0 || state.traits.stuck.length > 0 ? 'pulled-in' : 'not-pulled-in',
  }),
  module: ({ state: { traits } }) => ({
    'module-look': traits.motors.fan?.module === 'inrush-open' ? 'burnt-part' : 'sound',
  }),
  board: (here) => ({ 'board-code': boardCode(here) }),
  damper: ({ state: { traits } }) => ({ damper: traits.damper < 0.5 ? 'stuck' : 'opens' }),
  vent: ({ state: { traits } }) => ({ 'vent-path': traits.vent < 0.6 ? 'blocked' : 'clear' }),
  drain: ({ state: { traits } }) => ({ 'drain-and-tube': traits.tubeClear ? 'clear' : 'blocked' }),
  seal: ({ state: { traits } }) => ({ seal: traits.sealed ? 'tight' : 'draught-felt' }),
  belt: ({ state: { traits } }) => ({ belt: traits.belt }),
  brushes: ({ state: { traits } }) => ({
    'brush-length': (traits.motors.fan?.brushes ?? 1) < 0.34 ? 'worn-short' : 'long',
  }),
  // A receiver that hears its remote beeps.
  remote: ({ state }) => ({
    'control-voltage':
      state.called && state.traits.callWire && Object.values(state.secondary).some((volts) => volts > 8)
        ? 'present'
        : 'none',
  }),
  companion: (here) => ({ companion: companionRuns(here) ? 'yes' : 'no' }),
}

/** The other motor of the unit turns at its speed, and what it works on is sound. */
export function companionRuns({ machine, state }: Here): boolean {
  const other = machine.build.motors.find(({ id }) => id !== 'fan')
  if (!other) return state.traits.otherSound
  return state.traits.otherSound && Math.abs(state.motors[other.id]?.omega ?? 0) > 50
}

/** What the light of a board says: no light without its control volts, the air switch where it waits for it. */
function boardCode(here: Here): string {
  const { machine, state } = here
  const supplied =
    Object.values(state.secondary).some((volts) => volts > 16) || !hasPart(machine.build, 'transformer')
  const powered =
    supplied && Object.values(state.traits.transformers).every(({ alive, fuse }) => alive && fuse)
  if (!powered) return 'no-light'
  if (!state.traits.chainClosed) return 'limit-open'
  const run = runningOf(here)
  if (hasPart(machine.build, 'air-switch') && run.called && (!state.airSwitch || !state.traits.tubeClear))
    return 'pressure-switch-open'
  return state.traits.otherSound ? 'no-fault' : 'flame-lost'
}

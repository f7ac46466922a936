import type { FamilyId, MotorKindId } from '../vocabulary'
import { furnaceBlower } from './blowers'
import { behind, ground, lead } from './common'
import { outdoorUnit } from './outdoorUnit'
import { fanOf } from './parts'
import type { PlantBuild, PlantMotor, PlantPart, PlantWire } from './types'

/** Codes hold the place in this list: append only. */
export const TASK_IDS = ['other-leads', 'two-singles', 'turn-plug', 'four-speeds'] as const
export type TaskId = (typeof TASK_IDS)[number]

/** Something new was put in, and what is asked for is its landings. */
export interface WireTask {
  id: TaskId
  family: FamilyId
  kind: MotorKindId
  /** The machine with what was put in, every wire where it belongs: how it then runs is what any other landing is held against. */
  build: PlantBuild
  /** Ends of wires as they are met: free, or where they should not sit. */
  starts: { wire: string; end: 'from' | 'to'; at: string | null }[]
}

const withFan = (build: PlantBuild, change: Partial<PlantMotor>): PlantMotor[] => {
  const fan = fanOf(build)
  return build.motors.map((motor) => (motor === fan ? { ...fan, ...change } : motor))
}

const free = (...wires: string[]): WireTask['starts'] => wires.map((wire) => ({ wire, end: 'to', at: null }))

const without = (build: PlantBuild, ...wires: string[]): PlantWire[] =>
  build.wires.filter(({ id }) => !wires.includes(id))

/** A motor of another maker: the common one is purple, the black one is a run lead, and a fourth comes back from the run winding. */
const otherLeads: WireTask = {
  id: 'other-leads',
  family: 'outdoor-unit-fan',
  kind: 'psc',
  build: {
    ...outdoorUnit,
    terminals: [
      ...outdoorUnit.terminals.filter(({ id }) => id !== 'lead-white'),
      ...behind('service-panel', 'lead-purple', 'lead-brown-white', 'park-1'),
    ],
    wires: [
      ...without(outdoorUnit, 'fan-black', 'fan-white'),
      lead('purple', 'contactor-out-1', { metres: 0.9 }),
      lead('black', 'contactor-out-2', { metres: 0.9 }),
      lead('brown-white', 'park-1', { metres: 0.9 }),
    ],
    motors: withFan(outdoorUnit, {
      leads: [
        { id: 'lead-purple', role: 'common' },
        { id: 'lead-black', role: 'run' },
        { id: 'lead-brown', role: 'start' },
        { id: 'lead-brown-white', role: 'return' },
        ground,
      ],
    }),
  },
  starts: free('fan-purple', 'fan-black', 'fan-brown', 'fan-brown-white'),
}

const single = (id: 'FAN' | 'HERM', posts: string, uF: number): PlantPart => ({
  part: 'capacitor',
  id,
  from: `${posts}-1`,
  to: `${posts}-2`,
  uF,
  volts: 440,
})

/** The dual one was not to be had: two of one section each stand in its place, and a jumper that joins their common sides. */
const twoSingles: WireTask = {
  id: 'two-singles',
  family: 'outdoor-unit-fan',
  kind: 'psc',
  build: {
    ...outdoorUnit,
    terminals: [
      ...outdoorUnit.terminals.filter(({ id }) => !['C', 'FAN', 'HERM'].includes(id)),
      ...behind('service-panel', 'small-1', 'small-2', 'large-1', 'large-2'),
    ],
    wires: [
      ...without(outdoorUnit, 'fan-brown', 'feed-c', 'comp-start'),
      lead('brown', 'small-2', { metres: 0.9 }),
      { id: 'comp-start', from: 'compressor-s', to: 'large-2', colour: 'blue', metres: 0.9, fixed: true },
      { id: 'feed-c', from: 'contactor-out-2', to: 'small-1', colour: 'yellow', metres: 0.5 },
      { id: 'jumper-c', from: 'small-1', to: 'large-1', colour: 'yellow', metres: 0.2 },
    ],
    parts: [
      ...outdoorUnit.parts.filter(({ part }) => part !== 'capacitor'),
      single('FAN', 'small', 5),
      single('HERM', 'large', 55),
    ],
    capacitorLabel: 'the small one 5 µF ±6 % 440 VAC, the large one 55 µF ±6 % 440 VAC',
  },
  starts: [
    ...free('fan-brown', 'comp-start', 'feed-c', 'jumper-c'),
    { wire: 'jumper-c', end: 'from', at: null },
  ],
}

/** A motor that turns either way: its start winding comes out at a plug with two wires, and it came plugged for the other turn. */
const turnPlug: WireTask = {
  id: 'turn-plug',
  family: 'outdoor-unit-fan',
  kind: 'psc',
  build: {
    ...outdoorUnit,
    terminals: [
      ...outdoorUnit.terminals,
      ...behind('service-panel', 'lead-orange', 'lead-blue', 'turn-1', 'turn-2'),
    ],
    wires: [
      ...outdoorUnit.wires,
      { id: 'turn-orange', from: 'lead-orange', to: 'turn-1', colour: 'orange', metres: 0.1, fixed: true },
      { id: 'turn-blue', from: 'lead-blue', to: 'turn-2', colour: 'blue', metres: 0.1, fixed: true },
    ],
    motors: withFan(outdoorUnit, {
      turnPlug: { winding: ['lead-orange', 'lead-blue'], common: 'turn-1', start: 'turn-2' },
    }),
  },
  starts: [
    { wire: 'turn-orange', end: 'to', at: 'turn-2' },
    { wire: 'turn-blue', end: 'to', at: 'turn-1' },
  ],
}

/** Four speeds on a board of three: the fastest, the second slowest and the slowest are asked for, and one is left over. */
const fourSpeeds: WireTask = {
  id: 'four-speeds',
  family: 'furnace-blower',
  kind: 'psc-multispeed',
  build: {
    ...furnaceBlower,
    terminals: [...furnaceBlower.terminals, ...behind('blower-door', 'lead-yellow', 'park-1', 'park-2')],
    wires: [...furnaceBlower.wires, lead('yellow', 'park-1', { metres: 1.2 })],
    motors: withFan(furnaceBlower, {
      tapShare: 0.1,
      leads: [
        { id: 'lead-white', role: 'common' },
        { id: 'lead-black', role: 'run' },
        { id: 'lead-yellow', role: 'tap', tap: 1 },
        { id: 'lead-blue', role: 'tap', tap: 2 },
        { id: 'lead-red', role: 'tap', tap: 3 },
        { id: 'lead-brown', role: 'start' },
        { id: 'lead-brown-white', role: 'return' },
        ground,
      ],
    }),
    plate: { ...furnaceBlower.plate, modelNumber: 'BW 50-4', speeds: 4 },
  },
  starts: free('fan-white', 'fan-black', 'fan-yellow', 'fan-blue', 'fan-red', 'fan-brown', 'fan-brown-white'),
}

export const wireTasks: WireTask[] = [otherLeads, twoSingles, turnPlug, fourSpeeds]

export const wireTask = (id: string | undefined): WireTask | undefined =>
  wireTasks.find((task) => task.id === id)

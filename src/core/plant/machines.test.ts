import { describe, expect, it } from 'vitest'
import { plantBuilds } from '../knowledge/plants'
import { fanOf } from '../knowledge/plants/parts'
import { wireTasks } from '../knowledge/plants/tasks'
import type { ObservationId } from '../knowledge/vocabulary'
import { familyIds, observationInfo } from '../knowledge/vocabulary'
import { fanState } from './acts/running'
import type { Here, Sense } from './acts/types'
import { advance } from './advance'
import { actsFor } from './advisor/procedures'
import { type Drawn, drawMachine, fittingFaults } from './draw'
import { ratedOmega } from './machine'
import { step } from './play'
import { machineOf, nameOf } from './rounds.testing'
import { settle } from './settle'
import { startState } from './state'
import { soundTraits } from './traits'
import { truthOf } from './truth'

const observations = (here: Here): ObservationId[] =>
  (Object.keys(ORDER) as ObservationId[]).filter(
    (observation) => observationInfo(observation) && actsFor(here, observation),
  )

/** Cheap ones first: most faults are told by eye and ear. */
const ORDER: Partial<Record<ObservationId, true>> = {
  'fan-state': true,
  sound: true,
  breaker: true,
  'free-spin': true,
  companion: true,
  fouling: true,
  hub: true,
  mounting: true,
  'air-flow': true,
  damper: true,
  'vent-path': true,
  'drain-and-tube': true,
  seal: true,
  'capacitor-label-match': true,
  'supply-voltage': true,
  connections: true,
  'capacitor-other-reading': true,
}

function tells(drawn: Drawn, observation: ObservationId): Sense {
  let state = drawn.start
  const here: Here = { machine: drawn.machine, state, nth: 0 }
  const found: Sense = {}
  ;(actsFor(here, observation) ?? []).forEach((act, nth) => {
    const done = step(drawn, state, act, nth)
    state = done.state
    Object.assign(found, done.answer.sense)
  })
  return found
}

describe.each(plantBuilds.map((build) => [nameOf(build), build] as const))('%s', (_, build) => {
  const sound = machineOf(build)

  it('with nothing wrong runs as its plate says, cool and with its breaker in', () => {
    const hour = advance(sound.machine, sound.start, 3600)
    expect(fanState({ machine: sound.machine, state: hour, nth: 0 })).toBe('runs-normally')
    const [rpm] = Array.isArray(build.plate.rpm) ? build.plate.rpm.map(Number) : []
    const truth = truthOf(sound, hour)
    if (rpm) expect(truth.motor.rpm / rpm).toBeCloseTo(1, 1)
    const [amps] = Array.isArray(build.plate.amps) ? build.plate.amps.map(Number) : []
    if (amps && truth.motor.amps > 0.01) expect(Math.abs(truth.motor.amps / amps - 1)).toBeLessThan(0.15)
    expect(hour.breakerTripped).toBe(false)
    expect(hour.burntSmell).toBe(false)
    for (const motor of build.motors)
      expect(hour.motors[motor.id]?.windingCelsius).toBeLessThan(motor.classCelsius)
  })

  it('stands still when it is not called, and has no volts behind its points', () => {
    const rest = advance(sound.machine, { ...sound.start, called: false }, 120)
    const { solved } = settle(sound.machine, rest)
    const usual = build.points.some(({ opens }) => opens === 'call')
    if (usual) expect(Math.abs(rest.motors.fan?.omega ?? 0)).toBeLessThan(1)
    expect(solved.volts('line-1')).toBeDefined()
  })

  it('each of its faults is told from a sound machine by at least one act', () => {
    const asSound = new Map<ObservationId, string>()
    const soundTells = (observation: ObservationId) => {
      const known = asSound.get(observation) ?? JSON.stringify(tells(sound, observation))
      asSound.set(observation, known)
      return known
    }
    const same = fittingFaults(build).flatMap(([fault]) => {
      const drawn = machineOf(build, [fault.cause])
      const here: Here = { machine: drawn.machine, state: drawn.start, nth: 0 }
      const told = observations(here).some(
        (observation) => JSON.stringify(tells(drawn, observation)) !== soundTells(observation),
      )
      return told ? [] : [fault.cause]
    })
    expect(same).toEqual([])
  })
})

it('every family can be practised on', () => {
  expect([...new Set(plantBuilds.map(({ family }) => family))].sort()).toEqual([...familyIds].sort())
})

const everyBuild = [...plantBuilds, ...wireTasks.map(({ build }) => build)]

it('starts from rest at every speed it has', () => {
  for (const build of everyBuild)
    for (const speed of build.speeds ?? []) {
      const traits = soundTraits(build, 0.2)
      const machine = { build, traits, level: 'none' as const, seed: 'x' }
      const { motors } = advance(machine, { ...startState(build, traits), speed }, 60)
      const share = (motors.fan?.omega ?? 0) / ratedOmega(fanOf(build))
      expect([build.family, speed, share > 0.6]).toEqual([build.family, speed, true])
    }
})

it('names a terminal for every end of a wire, and a cover for everything that is behind one', () => {
  for (const build of everyBuild) {
    const ids = new Set(build.terminals.map(({ id }) => id))
    for (const { from, to } of build.wires)
      expect([build.family, from, to, ids.has(from) && ids.has(to)]).toEqual([build.family, from, to, true])
    const covers = build.covers.map(({ id }) => id)
    for (const { id, behind } of build.terminals)
      expect([id, behind === null || covers.includes(behind)]).toEqual([id, true])
    expect(new Set([...build.parts, ...build.wires].map(({ id }) => id)).size).toBe(
      build.parts.length + build.wires.length,
    )
  }
})

it('a winding that is one short opens its breaker at once, though its own relay lets go for want of volts', () => {
  const shorted = ['4', '5', '6'].map((seed) =>
    drawMachine({
      family: 'furnace-blower',
      motorKind: 'psc-multispeed',
      level: 'plain',
      seed,
      faults: ['winding-shorted'],
    }),
  )
  for (const { faults, start } of shorted) {
    expect(faults[0]?.strength).toBeLessThan(0.02)
    expect(start.breakerTripped).toBe(true)
  }
})

import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../../sampling.testing'
import { seeded } from '../../random'
import { type Outcome, offered, playCase } from '../simulate.testing'
import { builds, soundMachine } from './machine.testing'
import { runOf } from './physics.testing'
import { worldCase } from './seen.testing'

const built = (family: string) => {
  const build = builds.find((each) => each.family === family)
  if (!build) throw new Error(family)
  return build
}
const outdoor = soundMachine(built('outdoor-unit-fan'), 'psc')

describe('the small world', () => {
  it('turns every sound machine at its speed, and keeps its protector closed', () => {
    for (const build of builds)
      for (const [kind] of build.kinds) {
        const run = runOf(soundMachine(build, kind))
        expect(run, `${build.family} ${kind}`).toMatchObject({ turns: true, opens: false, atMotor: 1 })
        expect(run.speed).toBeCloseTo(1, 9)
      }
  })

  it('slows with its capacitor, then stands and hums, and a push helps', () => {
    const speeds = [1, 0.8, 0.6, 0.4].map((capacitor) => runOf({ ...outdoor, capacitor }).speed)
    expect(speeds).toEqual([...speeds].sort((one, two) => two - one))
    expect(runOf({ ...outdoor, capacitor: 0.1 })).toMatchObject({
      turns: false,
      live: true,
      opens: true,
      pushStarts: 'starts-and-runs',
    })
  })

  it('passes nothing behind an open switch, a trip or a contactor that is out', () => {
    expect(runOf({ ...outdoor, breaker: 'tripped-once' })).toMatchObject({
      behindContactor: 0,
      pulledIn: true,
    })
    expect(runOf({ ...outdoor, called: false })).toMatchObject({ pulledIn: false, atMotor: 0, live: false })
    expect(runOf({ ...outdoor, contacts: 0.5 }).atMotor).toBeCloseTo(0.5, 9)
  })

  it('blows forward, weakly, where a wheel in a scroll is turned backwards', () => {
    const blower = soundMachine(built('furnace-blower'), 'psc-multispeed')
    expect(runOf({ ...blower, turnsBack: true }).air).toBeLessThan(0.65 * runOf(blower).air)
  })
})

describe('a repairer in the small world', () => {
  const outcomes = builds.flatMap((build) => {
    const random = seeded(seedOf(2611))
    return Array.from({ length: samples(40, 600) }, () => playCase(worldCase(build, random), offered))
  })
  const share = (of: (outcome: Outcome) => boolean) => outcomes.filter(of).length / outcomes.length

  it('comes to the repair that helps in at least 92 of 100, and to a wrong one in at most 2', () => {
    expect(share(({ decided, right }) => decided && right)).toBeGreaterThanOrEqual(0.92)
    expect(share(({ decided, right }) => decided && !right)).toBeLessThanOrEqual(0.02)
  })
})

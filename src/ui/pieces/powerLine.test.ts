import { describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { act, answered, household, jobOn, madeDead, NOW } from '@/core/job/job.testing'
import { familyIds } from '@/core/knowledge/vocabulary'
import { powerLineModel } from './powerLineModel'

const lineOf = (snapshot: Parameters<typeof energyOf>[0]) => powerLineModel(snapshot, energyOf(snapshot, NOW))

describe('the drawn line', () => {
  it('is live from end to end while nothing is open', () => {
    for (const family of familyIds) {
      const line = lineOf(jobOn(family))
      expect(line.allLive, family).toBe(true)
      expect(line.liveUpTo).toBe(line.breaks.length)
    }
  })

  it('is live only up to the first open break, counted from the supply', () => {
    const job = jobOn('outdoor-unit-fan', 'psc')
    const disconnect = job.points.find((point) => point.point === 'disconnect')!
    const line = lineOf(act(job, { kind: 'point.open', id: disconnect.id }))
    expect(line.breaks.map((point) => point.point)).toEqual(['breaker', 'disconnect', 'thermostat'])
    expect(line.liveUpTo).toBe(1)
    expect(line.allLive).toBe(false)
  })

  it('is drawn live again in a test, whatever was open before', () => {
    const dead = answered(madeDead(jobOn('outdoor-unit-fan', 'psc')))
    expect(lineOf(dead).allLive).toBe(false)
    expect(lineOf(act(dead, { kind: 'job.phase', phase: 'live-test', purpose: 'reading' })).allLive).toBe(
      true,
    )
  })

  it('keeps valves off the line, and shows the charge until it is read away', () => {
    const job = jobOn('furnace-blower', 'psc')
    const line = lineOf(job)
    expect(line.valves.map((point) => point.point)).toEqual(['gas-cock'])
    expect(line.breaks.map((point) => point.point)).not.toContain('gas-cock')
    expect(line.charge).toBe('charged')
    expect(lineOf(madeDead(job)).charge).toBe('discharged')
    expect(lineOf(jobOn('furnace-blower', 'shaded-pole')).charge).toBe('none')
  })

  it('names the supply of the region', () => {
    expect(lineOf(jobOn('outdoor-unit-fan')).supply).toBe('240 V 60 Hz')
    expect(lineOf(jobOn('bath-exhaust-fan')).supply).toBe('120 V 60 Hz')
    expect(
      lineOf({ ...jobOn('outdoor-unit-fan'), household: { ...household, region: 'europe' } }).supply,
    ).toBe('230 V 50 Hz')
    expect(lineOf(jobOn('rv-furnace-blower'))).toMatchObject({ supply: '12 V DC', direct: true })
  })
})

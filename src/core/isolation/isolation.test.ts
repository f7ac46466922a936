import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import { isolationPlan } from './plan'

describe('an isolation plan', () => {
  it('of an outdoor unit proves both legs in North America and line to neutral elsewhere', () => {
    expect(isolationPlan({ family: 'outdoor-unit-fan' }).pairs).toEqual(['L1–L2', 'L1–ground', 'L2–ground'])
    expect(isolationPlan({ family: 'outdoor-unit-fan', region: 'europe' }).pairs).toEqual([
      'L–N',
      'L–ground',
      'N–ground',
    ])
  })

  it('reads every feed of a housing that has two', () => {
    expect(isolationPlan({ family: 'bath-exhaust-fan', feeds: 2 }).pairs).toEqual([
      'L–N',
      'L–ground',
      'N–ground',
      'L–N, feed 2',
      'L–ground, feed 2',
      'N–ground, feed 2',
      'L of feed 1–L of feed 2',
    ])
  })

  it('of a plugged machine takes the plug in sight as the proof', () => {
    expect(isolationPlan({ family: 'dehumidifier-fan' }).pairs).toEqual([])
  })

  it('waits for electronics where they are or may be, and never where the motor has none', () => {
    const waits = (motorKind?: 'ecm' | 'psc') =>
      isolationPlan({ family: 'furnace-blower', ...(motorKind ? { motorKind } : {}) }).waits.map(
        (wait) => wait.kind,
      )
    expect(waits('ecm')).toContain('electronics')
    expect(waits('psc')).toEqual([])
    expect(isolationPlan({ family: 'mini-split-indoor-fan' }).waits.map((wait) => wait.kind)).toContain(
      'electronics',
    )
  })

  it('discharges whatever may have a capacitor', () => {
    expect(isolationPlan({ family: 'ceiling-fan' }).discharge).toBe(true)
    expect(isolationPlan({ family: 'ceiling-fan', motorKind: 'shaded-pole' }).discharge).toBe(false)
  })

  it('calls a battery circuit dead below one volt, mains below five', () => {
    for (const family of familyIds)
      expect(isolationPlan({ family }).deadBelowVolts).toBe(family === 'rv-furnace-blower' ? 1 : 5)
  })

  it('gives power back with gas and water first, then from the supply inwards, the call last', () => {
    expect(isolationPlan({ family: 'furnace-blower' }).backOn).toEqual([
      'gas-cock',
      'breaker',
      'service-switch',
      'thermostat',
    ])
    for (const family of familyIds) {
      const { points, backOn } = isolationPlan({ family })
      expect([...backOn].sort()).toEqual(points.map(({ point }) => point).sort())
    }
  })
})

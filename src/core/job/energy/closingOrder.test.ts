import { describe, expect, it } from 'vitest'
import { act, answered, jobOn, madeDead } from '../job.testing'
import { closingOrder } from './closingOrder'

describe('power comes back', () => {
  it('in the reverse of the plan: the breaker first, the thermostat last, and so the record tells it', () => {
    const dead = madeDead(jobOn('outdoor-unit-fan', 'psc'))
    const order = closingOrder(dead.points).map(({ point }) => point)
    expect(order).toEqual(['breaker', 'disconnect', 'thermostat'])
    const on = act(answered(dead), { kind: 'job.phase', phase: 'live-test', purpose: 'start' })
    const closed = on.log.filter(({ kind }) => kind === 'closed').map(({ subject }) => subject)
    expect(closed).toEqual(closingOrder(dead.points).map(({ id }) => id))
  })

  it('and opens no valve of gas or water', () => {
    const points = madeDead(jobOn('furnace-blower', 'psc')).points
    expect(points.some(({ point }) => point === 'gas-cock')).toBe(true)
    expect(closingOrder(points).map(({ point }) => point)).not.toContain('gas-cock')
  })
})

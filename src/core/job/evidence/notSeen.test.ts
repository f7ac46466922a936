import { describe, expect, it } from 'vitest'
import { neededCharges } from '../energy/place'
import { act, id, jobOn, madeDead } from '../job.testing'
import { diagnoseInputOf } from './derive'

describe('a capacitor that nobody sees', () => {
  const hums = act(jobOn('bath-exhaust-fan'), {
    kind: 'finding.set',
    id: id(),
    observation: 'fan-state',
    value: 'hums',
  })
  const dead = madeDead(hums)
  const charge = neededCharges(dead)[0]
  const unseen = act(dead, { kind: 'charge.terminals', id: charge?.id ?? '', terminals: 'none-seen' })

  it('is not asked for by eye, once the motor’s own leads were read in its stead', () => {
    expect(diagnoseInputOf(dead).declined).not.toContain('capacitor-look')
    expect(diagnoseInputOf(unseen).declined).toContain('capacitor-look')
  })

  it('is asked for as long as nothing was read', () => {
    const unread = act(unseen, { kind: 'charge.read', id: charge?.id ?? '', typed: '' })
    expect(diagnoseInputOf(unread).declined).not.toContain('capacitor-look')
  })
})

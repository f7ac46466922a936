import { describe, expect, it } from 'vitest'
import { neededCharges } from '../energy/place'
import { act, id, jobOn, madeDead } from '../job.testing'
import { diagnosisOf, findingsOf } from './derive'

describe('a capacitor that nobody sees', () => {
  const finding = (observation: 'fan-state' | 'free-spin' | 'capacitor-look', value: string) =>
    ({ kind: 'finding.set', id: id(), observation, value }) as const
  const dead = madeDead(act(jobOn('bath-exhaust-fan'), finding('fan-state', 'hums')))
  const charge = neededCharges(dead)[0]
  const unseen = act(dead, { kind: 'charge.terminals', id: charge?.id ?? '', terminals: 'none-seen' })

  it('is none, once the motor’s own leads were read in its stead: it is not asked for again', () => {
    expect(findingsOf(dead)['capacitor-look']).toBeUndefined()
    expect(findingsOf(unseen)['capacitor-look']).toBe('none-fitted')
  })

  it('holds no verdict up', () => {
    const { decided } = diagnosisOf(act(unseen, finding('free-spin', 'seized')))
    expect(decided).toEqual({ cause: 'bearing-seized', action: 'replace-motor' })
    expect(diagnosisOf(act(dead, finding('free-spin', 'seized'))).decided).toBeNull()
  })

  it('is asked for as long as nothing was read', () => {
    const unread = act(unseen, { kind: 'charge.read', id: charge?.id ?? '', typed: '' })
    expect(findingsOf(unread)['capacitor-look']).toBeUndefined()
  })

  it('is there where somebody says so otherwise: that stands', () => {
    expect(findingsOf(act(unseen, finding('capacitor-look', 'bulged-or-leaking')))['capacitor-look']).toBe(
      'bulged-or-leaking',
    )
  })
})

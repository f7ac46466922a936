import { describe, expect, it } from 'vitest'
import type { Act } from './actTypes'
import { chargePairs, chargeTyped, chargeVolts, withCharge } from './chargePairs'
import { energyOf } from './energy'
import { act, id, jobOn, madeDead, NOW, refused } from './job.testing'
import { neededCharges } from './place'

const withLabel = (label: string) =>
  act(jobOn('outdoor-unit-fan', 'psc'), {
    kind: 'field.set',
    id: id(),
    part: 'capacitor-old',
    field: 'label',
    typed: label,
  })
const pairsOf = (label: string) => {
  const job = withLabel(label)
  return chargePairs(job, neededCharges(job)[0]!)
}

describe('every section of a capacitor', () => {
  it('has pairs of its own to be emptied and read', () => {
    expect(pairsOf('35+5 uF 440 V')).toEqual(['C–HERM', 'C–FAN', 'HERM–FAN'])
    expect(pairsOf('4.5+5+6 uF 250 V')).toEqual(['C–1', 'C–2', 'C–3'])
    expect(pairsOf('7.5 uF 370 V')).toEqual([''])
  })

  it('counts as empty only when all of them are read', () => {
    const three = ['C–HERM', 'C–FAN', 'HERM–FAN']
    expect(chargeVolts('0.3 / 0.2 / 0.1', three)).toEqual({ volts: 0.3 })
    expect(chargeVolts('0.3 /  / 0.1', three)).toEqual({ volts: null })
    expect(chargeVolts('0.3 / 0.2', three)).toEqual({ volts: null })
    expect(chargeVolts('-48 /  / ', three)).toEqual({ volts: 48 })
    expect(chargeVolts('x / 0.2', three)).toBeNull()
    expect(chargeVolts('0.3', three)).toEqual({ volts: null })
    expect(chargeVolts('0/120')).toBeNull()
    expect(chargeVolts('-0.2')).toEqual({ volts: 0.2 })
  })

  it('keeps what was typed for the others', () => {
    const pairs = ['C–HERM', 'C–FAN', 'HERM–FAN']
    const first = withCharge('', pairs, 0, '0.3')
    expect(chargeTyped(first, pairs)).toEqual(['0.3', '', ''])
    expect(chargeTyped(withCharge(first, pairs, 2, '0.1'), pairs)).toEqual(['0.3', '', '0.1'])
    expect(withCharge(first, pairs, 0, '')).toBe('')
  })

  it('lets nobody’s hands in while one is unread, and says that it is still charged at once', () => {
    const job = madeDead(withLabel('35+5 uF 440 V'))
    const charge = neededCharges(job)[0]!
    expect(energyOf(job, NOW).handsIn).toBe(true)
    // One unnamed reading says nothing of the sections that its label names.
    const unnamed = act(job, { kind: 'charge.read', id: charge.id, typed: '0.3' })
    expect(energyOf(unnamed, NOW).handsIn).toBe(false)
    // A label that comes after the reading asks for the rest of it.
    const bare = madeDead(jobOn('outdoor-unit-fan', 'psc'))
    const label: Act = {
      kind: 'field.set',
      id: id(),
      part: 'capacitor-old',
      field: 'label',
      typed: '35+5 uF 440 V',
    }
    expect(energyOf(bare, NOW).handsIn).toBe(true)
    expect(energyOf(act(bare, label), NOW).handsIn).toBe(false)
    const partly = act(job, { kind: 'charge.read', id: charge.id, typed: '0.3 /  / ' })
    expect(energyOf(partly, NOW).handsIn).toBe(false)
    const all = act(partly, { kind: 'charge.read', id: charge.id, typed: '0.3 / 0.2 / 0.1' })
    expect(energyOf(all, NOW).handsIn).toBe(true)
    const charged = act(all, { kind: 'charge.read', id: charge.id, typed: '0.3 / 52 / 0.1' })
    expect(energyOf(charged, NOW).handsIn).toBe(false)
    expect(charged.log.at(-1)?.kind).toBe('still-charged')
    expect(refused(all, { kind: 'charge.read', id: charge.id, typed: '0.3 / two / 0.1' })).toBe(
      'not-a-number',
    )
  })
})

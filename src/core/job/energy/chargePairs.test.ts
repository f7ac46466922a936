import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { capacitorOf } from '../evidence/derive'
import { fieldText } from '../fields'
import { act, id, jobOn, madeDead, NOW, refused } from '../job.testing'
import { chargeNow, chargePairs, chargeTyped, chargeVolts, withCharge } from './chargePairs'
import { energyOf } from './energy'
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

  it('of a box with wires is one figure, the highest of each two, whatever its label says', () => {
    const fan = act(jobOn('ceiling-fan', 'psc-multispeed'), {
      kind: 'field.set',
      id: id(),
      part: 'capacitor-old',
      field: 'label',
      typed: '4+5+6 uF 250 V',
    })
    const [run] = neededCharges(fan)
    expect(run ? chargePairs(fan, run) : null).toEqual([''])
    // A figure that was read before its label stands when the label is typed.
    const dead = madeDead(jobOn('ceiling-fan', 'psc-multispeed'))
    expect(energyOf(dead, NOW).handsIn).toBe(true)
    const labelled = act(dead, {
      kind: 'field.set',
      id: id(),
      part: 'capacitor-old',
      field: 'label',
      typed: '4+5+6 uF 250 V',
    })
    expect(energyOf(labelled, NOW).handsIn).toBe(true)
  })

  it('comes in its turn, and one that is still full before one that nobody has read', () => {
    expect(chargeNow(['', '', ''])).toBe(0)
    expect(chargeNow(['1.2', '', ''])).toBe(1)
    expect(chargeNow(['1.2', '14', ''])).toBe(1)
    expect(chargeNow(['OL', '', ''])).toBe(0)
    expect(chargeNow(['1.2', '4.9', ''])).toBe(2)
    expect(chargeNow(['1.2', '5', ''])).toBe(1)
    expect(chargeNow(['1.2', '0.3', '0'])).toBe(0)
  })

  it('is told where it is emptied as well: two figures are two sections, and no fraction', () => {
    const typed = (capacitanceTyped: string, label = '') => {
      const job = label ? withLabel(label) : jobOn('bath-exhaust-fan', 'psc')
      const charge = neededCharges(job)[0]!
      return chargePairs(job, { ...charge, capacitanceTyped })
    }
    for (const two of ['45/5', '45+5', '45 / 5 MFD 440 VAC', 'HERM 45 FAN 5'])
      expect(typed(two), two).toEqual(['C–HERM', 'C–FAN', 'HERM–FAN'])
    expect(typed('7.5')).toEqual([''])
    // Of two labels the one that names more: one figure typed here does not take a section away.
    expect(typed('45', '45+5 uF 440 V')).toHaveLength(3)
    expect(typed('45+5', '45 uF 440 V')).toHaveLength(3)
    expect(typed('what it says', '45+5 uF 440 V')).toHaveLength(3)
  })

  it('typed where it is emptied is the label of the job, until another is typed there', () => {
    const job = jobOn('outdoor-unit-fan', 'psc')
    const charge = neededCharges(job)[0]!
    const edit = (field: 'capacitanceTyped' | 'voltsTyped', value: string): Act => ({
      kind: 'charge.edit',
      id: charge.id,
      field,
      value,
    })
    const labelOf = (of: typeof job) => fieldText(of, 'capacitor-old', 'label')
    const typed = act(
      job,
      edit('capacitanceTyped', '4'),
      edit('capacitanceTyped', '45/5'),
      edit('voltsTyped', '440'),
    )
    expect(labelOf(typed)).toBe('45/5 µF 440 V')
    expect(capacitorOf(typed, 'old').label?.sections).toEqual([
      { section: 'HERM', uF: 45 },
      { section: 'FAN', uF: 5 },
    ])
    expect(labelOf(act(typed, edit('capacitanceTyped', '')))).toBe('')
    const own: Act = {
      kind: 'field.set',
      id: id(),
      part: 'capacitor-old',
      field: 'label',
      typed: '40+5 µF 370 V',
    }
    expect(labelOf(act(typed, own, edit('capacitanceTyped', '35/5')))).toBe('40+5 µF 370 V')
  })

  it('is asked for before any label is read, where the family shares one can with its compressor', () => {
    const job = jobOn('outdoor-unit-fan', 'psc')
    const charge = neededCharges(job)[0]!
    expect(chargePairs(job, charge)).toHaveLength(3)
    const say = (terminals: 'two' | 'none-seen' | ''): Act => ({
      kind: 'charge.terminals',
      id: charge.id,
      terminals,
    })
    const dead = madeDead(act(job, say('two')))
    expect(energyOf(dead, NOW).handsIn).toBe(true)
    // Said by mistake: the two pairs that nobody read are asked for, and hands are out.
    expect(energyOf(act(dead, say('')), NOW).handsIn).toBe(false)
    // Counted as two, and then a label that names two sections.
    const label: Act = { kind: 'charge.edit', id: charge.id, field: 'capacitanceTyped', value: '35/5' }
    expect(energyOf(act(dead, label), NOW).handsIn).toBe(false)
    const bath = jobOn('bath-exhaust-fan', 'psc')
    expect(neededCharges(bath).map((each) => chargePairs(bath, each))).toEqual([['']])
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
    const unread = jobOn('outdoor-unit-fan', 'psc')
    const counted: Act = { kind: 'charge.terminals', id: neededCharges(unread)[0]!.id, terminals: 'two' }
    const bare = madeDead(act(unread, counted))
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

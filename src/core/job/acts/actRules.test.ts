import { describe, expect, it } from 'vitest'
import { fieldKey, sameTyping } from './actRules'
import type { Act } from './actTypes'

const typed = (text: string, field = 'rpm'): Act => ({
  kind: 'field.set',
  id: text,
  part: 'old',
  field,
  typed: text,
})

describe('the field that an act writes', () => {
  it('is the same for two texts of one field, and another for another field', () => {
    expect(fieldKey(typed('1'))).toBe(fieldKey(typed('10')))
    expect(fieldKey(typed('1'))).not.toBe(fieldKey(typed('1', 'hz')))
  })

  it('is told by the columns that change, not by what is written into them', () => {
    const edit = (change: object) => fieldKey({ kind: 'ledger.edit', id: 'l1', change })
    expect(edit({ cup: 'A' })).toBe(edit({ cup: 'B' }))
    expect(edit({ cup: 'A' })).not.toBe(edit({ part: 'A' }))
  })

  it('is none for an act that is a step of its own', () => {
    expect(fieldKey({ kind: 'point.open', id: 'p1' })).toBeNull()
    expect(fieldKey({ kind: 'ledger.tick', id: 'l1', on: true })).toBeNull()
  })
})

describe('letters of one text', () => {
  it('follow each other in one field', () => expect(sameTyping(typed('1'), typed('10'))).toBe(true))

  it('end where the field is emptied', () => {
    expect(sameTyping(typed('1'), typed(''))).toBe(false)
    expect(sameTyping(typed(''), typed('1'))).toBe(false)
  })

  it('are no choices: each landing travels', () => {
    const land = (terminal: string): Act => ({
      kind: 'landing.set',
      id: 'x',
      lead: 'red',
      role: 'run',
      terminal,
      capped: false,
      position: 0,
    })
    expect(sameTyping(land('L'), land('N'))).toBe(false)
  })
})

import { describe, expect, it } from 'vitest'
import { act, bath, id } from '../job.testing'
import { asFoundOf, colourField, foundOn, remarkField } from './asFound'

const found = (fields: [{ part: string; field: string }, string][]) =>
  asFoundOf(
    act(
      bath(),
      ...fields.map(([place, typed]) => ({ kind: 'field.set' as const, id: id(), ...place, typed })),
    ),
  )

describe('the machine as it was found', () => {
  it('keeps its remarks, and the wires of each terminal that was told', () => {
    const told = found([
      [remarkField, ' one cover screw missing '],
      [colourField('COOL'), 'Black, blue - white and red'],
      [colourField('HEAT'), 'blue'],
      [colourField('PARK'), ' '],
    ])
    expect(told.remarks).toBe('one cover screw missing')
    expect(told.wires).toEqual([
      { terminal: 'COOL', colours: ['black', 'blue-white', 'red'] },
      { terminal: 'HEAT', colours: ['blue'] },
    ])
    expect(foundOn(told, 'Blue')).toBe('HEAT')
    expect(foundOn(told, 'blue-white')).toBe('COOL')
    expect(foundOn(told, 'green')).toBeNull()
  })

  it('takes two wires of one colour on two terminals for neither', () => {
    const told = found([
      [colourField('COOL'), 'brown'],
      [colourField('HEAT'), 'brown'],
    ])
    expect(foundOn(told, 'brown')).toBeNull()
  })

  it('is nothing where nothing was said', () => {
    expect(asFoundOf(bath())).toEqual({ remarks: '', wires: [] })
  })
})

import { describe, expect, it } from 'vitest'
import { readNotice } from '../notice'

describe('readings that are told with their figures', () => {
  it.each<[string, Record<string, string>]>([
    ['118 volts at the motor plug', { 'motor-voltage': 'normal' }],
    ['0 V at the motor, 120 at the wall', { 'motor-voltage': 'none', 'supply-voltage': 'normal' }],
    ['of 240 only 96 makes it through to the load side', { 'contactor-output': 'low' }],
    ['26 volts at the coil', { 'control-voltage': 'present' }],
    ['271 volts at the outlet', { 'supply-voltage': 'high' }],
    ['one leg 94 the other 146', { 'supply-voltage': 'high' }],
    ['battery 11.2 volts', { 'supply-voltage': 'low' }],
    ['capacitor 3.1 on a 5', { 'capacitor-fan-reading': 'low' }],
    ['herm 52 on a 45', { 'capacitor-other-reading': 'above' }],
    ['label on the cap says 10 uF, my meter shows 9.8', { 'capacitor-fan-reading': 'within' }],
    ['the capacitor is a 7.5 but the motor plate wants 5', { 'capacitor-label-match': 'differs' }],
    ['contactor coil 0.3 ohm', { 'contactor-coil': 'shorted' }],
    ['contactor coil 15 ohms', { 'contactor-coil': 'good' }],
    ['0.4 meg from the lead to the frame', { 'to-frame': 'leaks' }],
    ['35 megohm to the frame', { 'to-frame': 'clear' }],
    ['3 meg to the frame', { 'to-frame': 'doubtful' }],
    ['three phases 4.1, 4.1 and 4.2', { 'phase-resistances': 'equal' }],
    ['three phases 22, 22, 41', { 'phase-resistances': 'unequal' }],
    ['windings 11, 14 and 25 ohms', { winding: 'good' }],
    ['windings 11, 14 and 40 ohms', { winding: 'inconsistent' }],
    ['brushes 3 mm', { 'brush-length': 'worn-short' }],
    ['brushes 12 mm each', { 'brush-length': 'long' }],
  ])('“%s”', (text, expected) => {
    expect(readNotice({ text }).observations).toMatchObject(expected)
  })

  it.each([
    ['it should be 120 at the outlet', 'supply-voltage'],
    ['fan for 120 volts', 'supply-voltage'],
    ['set for 90F, 118 up there', 'supply-voltage'],
    ['12 volt battery type', 'supply-voltage'],
  ])('what is wanted or printed is no reading: “%s”', (text, observation) => {
    expect(readNotice({ text }).observations).not.toHaveProperty(observation)
  })
})

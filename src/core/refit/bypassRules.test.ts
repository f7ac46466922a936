import { describe, expect, it } from 'vitest'
import { bypassOf, refusalText, refusedBypass } from './bypass'
import { type SwitchKind, switchKinds } from './types'

const declared = (part: string, switchKind: SwitchKind | null = null) =>
  bypassOf({ action: 'bypass', part, terminal: '', mark: '', switchKind })
const spoken = (part: string, terminal = '', mark = '') =>
  bypassOf({ action: 'mark', part, terminal, mark, switchKind: null })

describe('a switch that is held or bridged', () => {
  it('is forbidden by any forbidden name, whatever allowed name stands beside it, in either order', () => {
    expect(declared('door switch and limit').kind).toBe('forbidden')
    expect(declared('limit and door switch').kind).toBe('forbidden')
    expect(declared('door', 'pressure').kind).toBe('forbidden')
    expect(declared('pressure switch', 'door')).toMatchObject({ kind: 'forbidden', switchKind: 'pressure' })
    expect(declared('call at the thermostat, fuse').kind).toBe('forbidden')
  })

  it('is what was chosen where the words name none, and “other” is not a name', () => {
    expect(declared('that thing', 'limit')).toMatchObject({ kind: 'forbidden', switchKind: 'limit' })
    expect(declared('that thing', 'door')).toEqual({ kind: 'allowed', switchKind: 'door' })
    expect(declared('that thing', 'other').kind).toBe('unnamed')
    expect(declared('that thing').kind).toBe('unnamed')
  })

  it('is read in part, terminal and mark, with strokes and low lines between the words', () => {
    expect(spoken('tape', 'pressure_switch').kind).toBe('forbidden')
    expect(spoken('tape', '', 'limit/switch').kind).toBe('forbidden')
    expect(spoken('tape', 'high__limit').kind).toBe('forbidden')
    expect(spoken('TAPE THE LIMIT SWITCH').kind).toBe('forbidden')
  })

  it.each([
    'jumper the limit',
    'jump the rollout',
    'bypass the float',
    'by-pass the float',
    'bridge the pressure sensor',
    'short out the overload',
    'bridge the fuses',
    'jumper the limits',
    'tape the RCD',
    'tape the RCDs',
    'tape the GFCI',
    'tape the GFCIs',
    'jump the flame rod',
    'tape the rollout',
    'tape the overload',
    'tape across one terminal of the flame rod',
    'tape__the//limit',
    'hold in the contactor',
    'hold in the contactors',
    'tape the protector',
    'tape the interlock and the limit',
    'tape the roll out',
    'wedge the over load',
    'tape the cut out',
    'tape the cutouts',
    'tape across the terminals of the flame rod',
    'tape the limit switches',
  ])('is heard in “%s”', (words) => {
    expect(spoken(words).kind).toBe('forbidden')
  })

  it('is none where tape or a bridge has no switch to do with', () => {
    expect(spoken('tape on the pressure tube').kind).toBe('none')
    expect(spoken('pressure switch').kind).toBe('none')
    expect(spoken('tape the motor lead').kind).toBe('none')
  })

  it('says of each forbidden one what it guards, by its own name', () => {
    for (const kind of switchKinds.filter((each) => !['door', 'call', 'other'].includes(each)))
      expect(refusalText(kind), kind).toMatch(/ is never bridged or held: .+\. Find out why it is open\.$/)
    expect(refusalText('fuse')).toMatch(/^A fuse /)
    expect(refusalText('thermal')).toMatch(/^A thermal protector /)
    expect(refusalText('overload')).toMatch(/^An overload protector /)
    expect(refusalText('residual-current')).toMatch(/^A residual-current device /)
    expect(refusalText('contactor')).toMatch(/^A contactor or relay /)
    expect(refusalText('refrigerant-pressure')).toMatch(/^A refrigerant pressure switch /)
    expect(refusalText('sail')).toMatch(/^A sail switch /)
  })

  it('is refused in the way in of the command line too, but for those that may be held', () => {
    expect(refusedBypass({ id: 'x', action: 'bypass', part: 'limit switch' })).toMatch(/never bridged/)
    expect(refusedBypass({ id: 'x', action: 'bypass', part: 'door switch' })).toBeNull()
    expect(refusedBypass({ id: 'x', action: 'unscrew', part: 'limit switch' })).toBeNull()
    const odd = { id: 'x', action: 'bypass', part: 'that thing', switch: 'other' } as const
    expect(refusedBypass(odd)).toMatch(/neither the door switch nor a call/)
    expect(refusedBypass({ ...odd, action: 'unscrew' })).toBeNull()
    expect(refusedBypass({ ...odd, switch: 'door' })).toBeNull()
    expect(refusedBypass({ ...odd, switch: 'limit' })).toMatch(/^A limit switch /)
    // Where its name stands makes no difference.
    expect(refusedBypass({ id: 'x', action: 'mark', part: 'wire', terminal: 'bridge the limit' })).toMatch(
      /never bridged/,
    )
    expect(refusedBypass({ id: 'x', action: 'mark', part: 'wire', mark: 'bridge the limit' })).toMatch(
      /never bridged/,
    )
    expect(refusedBypass({ id: 'x', action: 'mark', part: 'wire' })).toBeNull()
  })
})

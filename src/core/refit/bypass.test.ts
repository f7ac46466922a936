import { describe, expect, it } from 'vitest'
import { readLine } from '../words/ledger'
import { rowOfReading } from '../words/ledgerRow'
import { bypassOf } from '.'

const line = (part: string, more: Partial<Parameters<typeof bypassOf>[0]> = {}) => ({
  action: 'bypass' as const,
  part,
  terminal: '',
  mark: '',
  switchKind: null,
  ...more,
})

describe('a bypass is what it does, not what it is called', () => {
  it.each([
    'limit switch',
    'the high limit',
    'roll-out switch',
    'rollout',
    'pressure switch',
    'air proving switch',
    'low pressure switch',
    'flame sensor',
    'sail switch',
    'float switch',
    'condensate overflow',
    'thermal fuse',
    'one shot fuse',
    'overload',
    'the GFCI',
    'RCD',
    'contactor plunger',
    'fuse holder',
    'thermal protector of the motor',
    'door switch and limit',
  ])('%s is refused, declared as a bypass', (part) => {
    expect(bypassOf(line(part)).kind).toBe('forbidden')
    // Calling it a door switch makes it none.
    expect(bypassOf(line(part, { switchKind: 'door' })).kind).toBe('forbidden')
  })

  it.each([
    'pressure switch jumper',
    'bypass limit switch',
    'jumpered the rollout switch',
    'tape on the float switch',
    'short across the flame sensor',
    'bridge the pressure switch',
    'limit switch tied back',
    'hold in the contactor',
    'paperclip in the fuse holder',
    'GFCI bypassed',
  ])('%s is refused under any other name', (part) => {
    expect(bypassOf(line(part, { action: 'unscrew' })).kind).toBe('forbidden')
    expect(bypassOf(line('wire', { action: 'mark', mark: part })).kind).toBe('forbidden')
    expect(bypassOf(line('wire', { action: 'disconnect', terminal: part })).kind).toBe('forbidden')
  })

  it.each(['interlock pinned with a clothespin', 'door switch clamped', 'R and W joined'])(
    '%s stands and is undone, under whatever act it was typed; a limit that is chosen beside it is refused',
    (part) => {
      for (const action of ['note', 'mark', 'unscrew'] as const)
        expect(bypassOf(line(part, { action })).kind).toBe('allowed')
      expect(bypassOf(line(part, { switchKind: 'limit' })).kind).toBe('forbidden')
    },
  )

  it.each(['door switch', 'the cabinet door', 'blower door interlock'])(
    '%s may be held for a watched start',
    (part) => {
      expect(bypassOf(line(part))).toEqual({ kind: 'allowed', switchKind: 'door' })
    },
  )

  it('a call is a jumper between 24 V terminals, and a switch that nobody named is asked for', () => {
    expect(bypassOf(line('thermostat R to W'))).toEqual({ kind: 'allowed', switchKind: 'call' })
    expect(bypassOf(line('that thing at the back'))).toEqual({ kind: 'unnamed' })
  })

  it.each([
    ['unscrew', 'limit switch'],
    ['disconnect', 'pressure switch wires'],
    ['pull-hose', 'pressure tube'],
    ['unplug', 'float switch plug'],
    ['mark', 'tape a label on the pressure tube'],
    ['disconnect', 'jumper wire from the park terminal'],
    ['unscrew', 'door'],
    ['mark', 'wall switch taped off'],
  ] as const)('%s %s is none', (action, part) => {
    expect(bypassOf(line(part, { action })).kind).toBe('none')
  })

  it('is heard in words that no list of acts has, whatever the act is called', () => {
    for (const action of ['note', 'mark', 'unscrew'] as const)
      for (const part of ['joined the two float leads', 'limit_switch__joined', 'brigded the presure swich'])
        expect([part, bypassOf(line(part, { action })).kind]).toEqual([part, 'forbidden'])
  })

  it('that nobody can tell is asked of a note, since another act says itself what is done', () => {
    const part = 'took care of the thermal fuse'
    expect(bypassOf(line(part, { action: 'note' }))).toEqual({ kind: 'asks', switchKind: 'thermal' })
    expect(bypassOf(line(part, { action: 'unscrew' })).kind).toBe('none')
  })

  it.each([
    'tape the door switch',
    'tape door switches',
    'tape the door sensor',
    'tape the door interlock',
    'jumper at the door',
    'jumped the door',
    'bypass of the door',
    'by-passed the door',
    'short the door',
    'door_switch//taped',
  ])('%s is a door switch that is held, noted or told of a part; a door that is taped is none', (part) => {
    for (const action of ['note', 'mark'] as const)
      expect(bypassOf(line(part, { action }))).toEqual({ kind: 'allowed', switchKind: 'door' })
    for (const door of ['taped the door', 'tape on the door label'])
      expect(bypassOf(line(door, { action: 'mark' })).kind).toBe('none')
  })

  it.each(['tape the door switch', 'jumper the limit', 'bridge pressure switch'])(
    'a spoken line is looked at like any other: %s',
    (sentence) => {
      const spoken = {
        action: 'note' as const,
        part: '',
        terminal: '',
        ...rowOfReading(readLine({ text: sentence })),
      }
      expect(bypassOf({ ...spoken, mark: '', switchKind: null }).kind).not.toBe('none')
    },
  )
})

import { describe, expect, it } from 'vitest'
import { emptyLine } from '../plant'
import { spokenAct, wantsHandsOnly } from './actWords'

const line = (change: Partial<ReturnType<typeof emptyLine>>) => ({ ...emptyLine('l1', 'j1', 0), ...change })

describe('an act as one says it', () => {
  it('names what to do, how many of what, and where they go', () => {
    const act = line({ action: 'unscrew', part: 'front panel', count: 6, fastener: '1/4 hex', cup: 'B' })
    expect(spokenAct(act)).toEqual({ title: 'Unscrew front panel', details: ['6 × 1/4 hex, into cup B.'] })
  })

  it('says the mark, what moves over, what is renewed, and what cannot be undone', () => {
    const act = line({
      action: 'slide-out',
      part: 'wheel',
      mark: 'hub down',
      movesToNewPart: 1,
      renewMaterial: 'sealant',
      cureHours: 24,
    })
    expect(spokenAct(act, 'The seal tears.').details).toEqual([
      'Goes back: hub down.',
      'It goes onto the new part.',
      'On the way back it is renewed with sealant, which cures 24 hours.',
      'The seal tears.',
    ])
  })

  it('asks what is to be noted until somebody noted it', () => {
    const act = line({ action: 'slide-out', part: 'cooling fan', asks: 'which side faces the motor' })
    expect(spokenAct(act).details).toEqual(['Note first, or take a photo: which side faces the motor.'])
    expect(spokenAct({ ...act, mark: 'ribs out' }).details).toEqual(['Goes back: ribs out.'])
  })

  it('is a sentence also where nothing is named yet', () => {
    expect(spokenAct(line({ action: 'photo', part: '' })).title).toBe('Photo this')
  })
})

describe('several acts said to be done at one tap', () => {
  it('are those that want nothing but hands', () => {
    const asked = line({ action: 'lift-off', part: 'motor', asks: 'to which side its leads come out' })
    expect([wantsHandsOnly(asked, 'in'), wantsHandsOnly(asked, 'back')]).toEqual([false, true])
    for (const action of ['unclip', 'unscrew', 'unplug', 'lift-off', 'slide-out', 'loosen'] as const)
      expect(wantsHandsOnly(line({ action, part: 'panel' }), 'in'), action).toBe(true)
  })

  it.each([
    ['parts a wire', { action: 'disconnect' as const }],
    ['measures', { action: 'measure' as const }],
    ['takes a photo', { action: 'photo' as const }],
    ['stands for a while only', { action: 'bypass' as const }],
    ['names a terminal', { action: 'loosen' as const, terminal: 'L1' }],
    ['asks for a note', { action: 'slide-out' as const, asks: 'which side faces the motor' }],
    ['carries a caution', { action: 'slide-out' as const, caution: 'its edge is sharp' }],
    ['is temporary', { action: 'unscrew' as const, temporary: 1 as const }],
    ['keeps hands off', { action: 'unscrew' as const, handsOff: 1 as const }],
  ])('never one that %s', (_, change) => {
    expect(wantsHandsOnly(line({ part: 'part', ...change }), 'in')).toBe(false)
  })
})

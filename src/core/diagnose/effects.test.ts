import { describe, expect, it } from 'vitest'
import { countingFindings } from './contradictions'
import { run, share } from './run.testing'
import { movedBy, whatSettles } from './settle'

describe('what a fault brings about by itself', () => {
  it('a still inducer keeps its pressure switch open: the code speaks neither for the switch nor against the board', () => {
    const told = {
      'fan-state': 'dead',
      'board-code': 'pressure-switch-open',
      'motor-voltage': 'none',
    } as const
    const without = run('draft-inducer', { 'fan-state': 'dead', 'motor-voltage': 'none' })
    expect(run('draft-inducer', told).suspects).toEqual(without.suspects)
    expect(run('draft-inducer', told).notes.join(' ')).toContain('it says nothing of the cause')
    // One that runs has no such excuse.
    const runs = run('draft-inducer', { 'fan-state': 'runs-normally', 'board-code': 'pressure-switch-open' })
    expect(share(runs, 'pressure-tube-or-drain', 'vent-blocked', 'seal-or-housing-leaking')).toBeGreaterThan(
      0.8,
    )
  })

  it('a burner that waits for the draught, and a call behind a tripped breaker, are not asked for', () => {
    const asked = (observations: object, family: 'draft-inducer' | 'furnace-blower') =>
      run(family, observations).nextTests.map(({ observation }) => observation)
    expect(asked({ 'fan-state': 'dead' }, 'draft-inducer')).not.toContain('companion')
    const tripped = asked({ 'fan-state': 'dead', breaker: 'tripped-once' }, 'furnace-blower')
    expect(tripped).not.toContain('companion')
    expect(tripped).not.toContain('control-voltage')
  })

  it('the call of an outdoor unit comes from indoors: it is asked for though its breaker tripped', () => {
    const { foregone } = countingFindings('outdoor-unit-fan', { breaker: 'tripped-once' })
    expect(foregone).toContain('companion')
    expect(foregone).not.toContain('control-voltage')
  })

  it('a tripped breaker explains the dead supply behind it: a leak to the frame is the fault, not the supply', () => {
    const told = {
      'fan-state': 'dead',
      'contactor-position': 'pulled-in',
      'contactor-output': 'none',
      breaker: 'tripped-once',
      'supply-voltage': 'none',
      'to-frame': 'leaks',
    } as const
    const result = run('outdoor-unit-fan', told, { motorKind: 'psc' })
    expect(share(result, 'winding-grounded')).toBeGreaterThan(0.9)
  })

  it('a winding that was open while hot and is good when cold is read again, and then decides', () => {
    const told = {
      'fan-state': 'starts-then-stops',
      'free-spin': 'free',
      'capacitor-fan-reading': 'within',
      'case-heat': 'too-hot-to-touch',
      fouling: 'clean',
      winding: 'open',
      'cold-retest': 'now-good',
    } as const
    const result = run('outdoor-unit-fan', told, { motorKind: 'psc' })
    expect(result.nextTests.map(({ observation }) => observation)).toContain('winding')
    expect(share(result, 'winding-open')).toBeLessThan(0.05)
    const cold = run('outdoor-unit-fan', { ...told, winding: 'shorted' }, { motorKind: 'psc' })
    expect(cold.decided?.action).toBe('replace-motor')
  })

  it('what would settle a suspect rests on the same findings as the list', () => {
    const input = {
      family: 'draft-inducer',
      observations: { 'fan-state': 'dead', 'board-code': 'pressure-switch-open' },
    } as const
    const bare = { family: 'draft-inducer', observations: { 'fan-state': 'dead' } } as const
    const provesOf = (of: typeof input | typeof bare) =>
      whatSettles(of, 'control-board-relay').proves.filter(({ observation }) => observation !== 'board-code')
    expect(provesOf(input)).toEqual(provesOf(bare))
    expect(movedBy(input, 'control-board-relay').map(({ observation }) => observation)).toEqual(['fan-state'])
  })
})

describe('a supply that is dead', () => {
  it('is not restored before the breaker was looked at, and a trip asks for the frame at once', () => {
    const dead = { 'fan-state': 'dead', 'supply-voltage': 'none' } as const
    const first = run('outdoor-unit-fan', dead, { motorKind: 'psc' })
    expect(first.decided).toBeNull()
    expect(first.nextTests[0]?.observation).toBe('breaker')
    // However little else is known.
    const tripped = run('furnace-blower', { breaker: 'tripped-once' })
    expect(tripped.nextTests[0]?.observation).toBe('to-frame')
    expect(tripped.notes.join(' ')).toContain('read its wires against its metal')
  })

  it('contacts that pass half the volts are read behind a contactor that nobody looked at, since it hums', () => {
    const { nextTests } = run(
      'outdoor-unit-fan',
      { 'fan-state': 'hums', 'motor-voltage': 'low' },
      { motorKind: 'psc' },
    )
    expect(nextTests.map(({ observation }) => observation)).toContain('contactor-output')
  })
})

import { describe, expect, it } from 'vitest'
import { decidedWords, diagnose, reasonedSuspect } from '.'

describe('what was decided, in words', () => {
  const burnt = diagnose({
    family: 'furnace-blower',
    motorKind: 'ecm',
    observations: { 'fan-state': 'dead', 'module-look': 'burnt-part', 'module-supply': 'present' },
  })

  it('is the repair where it serves several causes, and its reasons are those of the likeliest', () => {
    expect(burnt.decided?.action).toBe('replace-module')
    expect(decidedWords(burnt)).toBe('replace the motor module')
    const [lead] = burnt.suspects.filter(({ cause }) => cause === burnt.decided?.cause)
    if (!lead) throw new Error('The cause that was decided is no suspect.')
    expect(lead.cause).toBe('ecm-module-failed')
    expect(reasonedSuspect(burnt, lead).cause).toBe('ecm-inrush-part-burnt')
  })

  it('is the cause where there is one, and nothing while nothing is', () => {
    const one = diagnose({
      family: 'outdoor-unit-fan',
      motorKind: 'psc',
      observations: { 'fan-state': 'hums', 'capacitor-fan-reading': 'low' },
    })
    expect(decidedWords(one)).toBe('Capacitor too weak')
    const [first] = one.suspects
    expect(first && reasonedSuspect(one, first)).toBe(first)
    expect(decidedWords(diagnose({ family: 'outdoor-unit-fan', observations: {} }))).toBeNull()
  })
})

describe('a motor that turns the wrong way', () => {
  const turned = (motorKind: 'shaded-pole' | 'psc') =>
    diagnose({
      family: 'bath-exhaust-fan',
      motorKind,
      observations: { 'fan-state': 'runs-backwards', onset: 'after-a-repair', direction: 'wrong' },
    })

  it('is no matter of its wires where it has one winding', () => {
    expect(turned('shaded-pole').decided?.action).toBe('set-rotation')
    const shares = (['shaded-pole', 'psc'] as const).map(
      (kind) => turned(kind).suspects.find(({ cause }) => cause === 'wired-wrong')?.probability ?? 0,
    )
    expect(shares[0]).toBeLessThan(0.05)
    expect(shares[1]).toBeGreaterThan(0.1)
  })
})

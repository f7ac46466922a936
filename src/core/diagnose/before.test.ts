import { describe, expect, it } from 'vitest'
import { run } from './run.testing'

const psc = { motorKind: 'psc' } as const

describe('what is looked at before a repair is called decided', () => {
  it.each(['tripped-once', 'rcd-trips'])(
    'a breaker that %s is not switched on again while the frame is unread',
    (breaker) => {
      const told = { 'fan-state': 'dead', breaker, 'supply-voltage': 'none' } as const
      const result = run('outdoor-unit-fan', told, psc)
      expect(result.decided).toBeNull()
      expect(result.nextTests[0]?.observation).toBe('to-frame')
      expect(result.notes.join(' ')).toContain('read its wires against its metal')
      expect(run('outdoor-unit-fan', { ...told, 'to-frame': 'clear' }, psc).decided?.action).toBe(
        'restore-supply',
      )
    },
  )

  it('nor where nobody can read it: then it stays off', () => {
    const told = { 'fan-state': 'dead', breaker: 'tripped-once', 'supply-voltage': 'none' } as const
    for (const more of [{ tools: ['hand'] as const }, { declined: ['to-frame'] as const }]) {
      const result = run('outdoor-unit-fan', told, { ...psc, ...structuredClone(more) } as object)
      expect(result.decided).toBeNull()
      expect(result.notes.join(' ')).toContain('leave it off and call an electrician')
    }
  })

  it('a supply that is out without a trip is restored without it', () => {
    const told = { 'fan-state': 'dead', breaker: 'off', 'supply-voltage': 'none' } as const
    expect(run('outdoor-unit-fan', told, psc).decided?.action).toBe('restore-supply')
  })

  it('a motor that does not turn is not bought before the wheel was looked at, where a jam is as likely as it often is', () => {
    const told = {
      'fan-state': 'hums',
      'free-spin': 'seized',
      'capacitor-fan-reading': 'within',
    } as const
    const result = run('outdoor-unit-fan', told, psc)
    expect(result.decided).toBeNull()
    expect(result.nextTests[0]?.observation).toBe('fouling')
    expect(run('outdoor-unit-fan', { ...told, fouling: 'clean' }, psc).decided?.action).toBe('replace-motor')
    expect(run('outdoor-unit-fan', told, { ...psc, declined: ['fouling'] }).decided?.action).toBe(
      'replace-motor',
    )
  })

  it('cooling is decided once: read good when cold, its cause is sought', () => {
    const hot = {
      'fan-state': 'intermittent',
      winding: 'open',
      'case-heat': 'too-hot-to-touch',
      'capacitor-fan-reading': 'within',
      'free-spin': 'free',
      sound: 'nothing',
    } as const
    const again = run('outdoor-unit-fan', { ...hot, 'cold-retest': 'now-good' }, psc)
    expect(again.decided?.action).not.toBe('cool-and-retest')
  })
})

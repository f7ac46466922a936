import { describe, expect, it } from 'vitest'
import { actionInfo, alsoMendedBy } from '../knowledge/actions'
import { type ActionId, type CauseId, causeIds, causeInfo } from '../knowledge/vocabulary'
import { witnesses } from '../knowledge/witnesses'
import { leadingMend } from './mends'
import { run } from './run.testing'

const suspects = (shares: Partial<Record<CauseId, number>>) =>
  Object.entries(shares).map(([cause, probability]) => ({
    cause: cause as CauseId,
    probability,
    because: [],
  }))

describe('an action that mends more than its own cause', () => {
  it('module or its inrush part, neither above the limit: the module mends both, the part alone is named first', () => {
    const mend = leadingMend(
      suspects({ 'ecm-module-failed': 0.52, 'ecm-inrush-part-burnt': 0.43, 'no-supply': 0.05 }),
    )
    expect(mend).toMatchObject({
      action: 'replace-module',
      cause: 'ecm-module-failed',
      standsFor: ['repair-module'],
    })
    expect(mend.sum).toBeCloseTo(0.95, 9)
  })

  it('where the inrush part alone is above the limit, the dearer module is not asked for', () => {
    expect(leadingMend(suspects({ 'ecm-inrush-part-burnt': 0.93, 'ecm-module-failed': 0.07 })).action).toBe(
      'repair-module',
    )
  })

  it('a bearing worn or seized: renewing it frees it, and no motor is bought', () => {
    expect(
      leadingMend(suspects({ 'bearing-worn': 0.55, 'bearing-seized': 0.4, 'winding-open': 0.05 })).action,
    ).toBe('renew-bearing-or-motor')
  })

  it('a worn bearing beside an open winding: the motor mends both, the bearing is tried before', () => {
    const mend = leadingMend(suspects({ 'winding-open': 0.55, 'bearing-worn': 0.4, 'no-supply': 0.05 }))
    expect(mend).toMatchObject({ action: 'replace-motor', standsFor: ['renew-bearing-or-motor'] })
  })

  it('a decision that stands in for a cheaper one says so', () => {
    const { decided, notes } = run(
      'furnace-blower',
      { 'fan-state': 'dead', 'module-look': 'burnt-part' },
      { motorKind: 'ecm' },
    )
    expect(decided?.action).toBe('replace-module')
    expect(notes.join(' ')).toContain('renew the burnt part in the module first')
  })

  it('names causes and actions that exist, and never the cause’s own action', () => {
    for (const [cause, also] of Object.entries(alsoMendedBy))
      for (const { action } of also) {
        expect(causeIds.map((id) => causeInfo(id).action)).toContain(action)
        expect(action).not.toBe(causeInfo(cause as CauseId).action)
      }
  })
})

describe('what a decision waits for', () => {
  it('a board is not bought before its output has been read', () => {
    const told = {
      'fan-state': 'dead',
      'board-code': 'no-fault',
      'case-heat': 'cold',
      companion: 'yes',
      connections: 'sound',
      winding: 'good',
      'control-voltage': 'present',
      sound: 'nothing',
      breaker: 'on',
    } as const
    const before = run('furnace-blower', told, { motorKind: 'psc-multispeed' })
    expect(before.decided).toBeNull()
    expect(before.nextTests[0]).toMatchObject({ observation: 'motor-voltage', needed: true })
    const after = run('furnace-blower', { ...told, 'motor-voltage': 'none' }, { motorKind: 'psc-multispeed' })
    expect(after.decided?.action).toBe('replace-board')
  })

  it('slow at every speed is a story: the capacitor is read before one is bought', () => {
    const told = { 'fan-state': 'slow', speeds: 'all-slow' } as const
    const before = run('ceiling-fan', told, { motorKind: 'psc-multispeed' })
    expect(before.decided).toBeNull()
    expect(before.nextTests[0]?.observation).toBe('capacitor-fan-reading')
  })

  it('without a meter for capacitance a push that starts it is enough', () => {
    const { decided } = run(
      'outdoor-unit-fan',
      { 'fan-state': 'hums', 'free-spin': 'free', 'nudge-start': 'starts-and-runs', companion: 'yes' },
      { motorKind: 'psc', tools: ['hand', 'wooden-stick'] },
    )
    expect(decided?.action).toBe('replace-capacitor')
  })

  it('names actions that have a label', () => {
    for (const action of Object.keys(witnesses) as ActionId[]) expect(actionInfo(action).label).not.toBe('')
  })
})

describe('findings of the newer kind', () => {
  it('a ceiling fan that blows the wrong way: its own switch first, whoever touched it', () => {
    const told = { 'fan-state': 'runs-backwards', 'wiring-changed': 'no', onset: 'suddenly' } as const
    const switched = run(
      'ceiling-fan',
      { ...told, 'reversing-switch': 'other-way' },
      { motorKind: 'psc-multispeed' },
    )
    expect(switched.suspects[0]?.cause).toBe('rotation-reversed')
  })

  it.each([
    ['pressure-switch-open', 'pressure-tube-or-drain'],
    ['flame-lost', 'other-machine-fault'],
  ] as const)('the board’s light code %s raises %s', (code, cause) => {
    const told = { 'fan-state': 'runs-normally' } as const
    const share = (extra: object) =>
      run('draft-inducer', { ...told, ...extra }).suspects.find((each) => each.cause === cause)
        ?.probability ?? 0
    expect(share({ 'board-code': code })).toBeGreaterThan(1.5 * share({}))
  })

  it('no light at all: the supply or the control transformer', () => {
    const [first] = run('furnace-blower', { 'fan-state': 'dead', 'board-code': 'no-light' }).suspects
    expect(['no-supply', 'control-power-dead']).toContain(first?.cause)
  })
})

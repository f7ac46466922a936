import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import { kindShares, possibleKinds } from './familyPrior'
import { run, share } from './run.testing'

describe('a motor whose plate nobody has read', () => {
  const likely = (findings: Record<string, string>) =>
    possibleKinds({ family: 'furnace-blower' }, findings).sort()

  it('is any of the kinds its family has', () => {
    expect(likely({})).toEqual(['capacitor-start', 'ecm', 'psc', 'psc-multispeed', 'split-phase'])
  })

  it('has a capacitor once one has been read, and none once none was found', () => {
    expect(likely({ 'capacitor-fan-reading': 'within' })).toEqual([
      'capacitor-start',
      'psc',
      'psc-multispeed',
    ])
    expect(likely({ 'capacitor-look': 'sound' })).toEqual(['capacitor-start', 'psc', 'psc-multispeed'])
    expect(likely({ 'capacitor-look': 'none-fitted' })).toEqual(['ecm', 'split-phase'])
  })

  it('has a module once one has been opened; one that stayed shut says nothing', () => {
    expect(likely({ 'module-look': 'burnt-part' })).toEqual(['ecm'])
    expect(likely({ 'module-look': 'not-opened' })).toEqual(likely({}))
  })

  it('and the diagnosis says what it was taken for', () => {
    const result = run('furnace-blower', { 'fan-state': 'dead', 'capacitor-look': 'none-fitted' })
    expect(result.notes).toContain('Taken as a motor without a capacitor of its own, from what you found.')
    expect(share(result, 'ecm-module-failed', 'ecm-inrush-part-burnt')).toBeGreaterThan(
      1.5 *
        share(run('furnace-blower', { 'fan-state': 'dead' }), 'ecm-module-failed', 'ecm-inrush-part-burnt'),
    )
  })

  it('is not asked for the parts of another kind', () => {
    const offered = run('furnace-blower', { 'fan-state': 'dead', 'capacitor-fan-reading': 'within' })
    const asked = offered.nextTests.map(({ observation }) => observation)
    expect(asked).toContain('winding')
    expect(asked).not.toContain('module-look')
    expect(asked).not.toContain('module-supply')
  })

  it('is bought without reading a capacitor it cannot have', () => {
    const result = run('bath-exhaust-fan', {
      'fan-state': 'dead',
      'motor-voltage': 'normal',
      'phase-resistances': 'open',
      connections: 'sound',
    })
    expect(result.decided?.action).toBe('replace-motor')
  })

  it('says nothing of it where every kind of the family has the part', () => {
    const result = run(
      'outdoor-unit-fan',
      { 'fan-state': 'hums', 'capacitor-fan-reading': 'within' },
      {
        motorKind: 'psc',
      },
    )
    expect(result.notes.join(' ')).not.toMatch(/Taken as/)
  })
})

describe('shares of the kinds', () => {
  it('sum to one, and a plate that was read is believed whatever was found', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...familyIds),
        fc.constantFrom({}, { 'capacitor-look': 'none-fitted' }, { 'phase-resistances': 'equal' }),
        (family, findings) => {
          const sum = kindShares(family, undefined, findings).reduce(
            (total, { share: each }) => total + each,
            0,
          )
          expect(sum).toBeCloseTo(1, 9)
          expect(kindShares(family, 'psc', findings)).toEqual([{ kind: 'psc', share: 1 }])
        },
      ),
    )
  })
})

import { describe, expect, it } from 'vitest'
import { shopCardOf } from '../../fit/shopCard'
import { familyIds } from '../../knowledge/vocabulary'
import { act, id, jobOn } from '../job.testing'
import { kitOf } from './kit'

const names = (job: Parameters<typeof kitOf>[0]) => kitOf(job).map(({ name }) => name)

describe('the kit list', () => {
  it('names a tool, something that protects and a meter for every family', () => {
    for (const family of familyIds) {
      const kit = kitOf(jobOn(family))
      expect(kit.filter(({ kind }) => kind === 'tool').length, family).toBeGreaterThan(2)
      expect(
        kit.some(({ kind }) => kind === 'protection'),
        family,
      ).toBe(true)
      expect(
        kit.some(({ name }) => /meter/i.test(name)),
        family,
      ).toBe(true)
      expect(new Set(kit.map(({ name }) => name)).size).toBe(kit.length)
    }
  })

  it('follows the lines: drivers by size, what is used up, a bucket under the trap', () => {
    const job = act(
      jobOn('draft-inducer'),
      {
        kind: 'ledger.add',
        id: id(),
        after: null,
        line: { action: 'unscrew', part: 'inducer', fastener: '1/4 hex long' },
      },
      { kind: 'ledger.add', id: id(), after: null, line: { action: 'drain', part: 'trap' } },
      {
        kind: 'ledger.add',
        id: id(),
        after: null,
        line: { action: 'break-seal', part: 'gasket', renewMaterial: 'gasket' },
      },
      { kind: 'ledger.add', id: id(), after: null, line: { action: 'cut-tie', part: 'ties' } },
    )
    expect(names(job)).toEqual(
      expect.arrayContaining(['driver for 1/4 hex long', 'bucket and rag', 'gasket', 'cable ties']),
    )
  })

  it('counts what a line uses up among what is bought, though the template has it at hand', () => {
    const job = act(jobOn('rv-furnace-blower'), {
      kind: 'ledger.plant',
      ids: Array.from({ length: 60 }, id),
      template: 'motor',
      way: 'whole',
    })
    const kinds = kitOf(job).flatMap(({ name, kind }) => (name.includes('gasket') ? [[name, kind]] : []))
    expect(kinds).toEqual(
      expect.arrayContaining([
        ['gasket', 'used-up'],
        ['exhaust gasket', 'used-up'],
      ]),
    )
    expect(kinds.every(([, kind]) => kind === 'used-up')).toBe(true)
  })

  it('puts what is missing on the card for the counter', () => {
    const job = act(jobOn('outdoor-unit-fan', 'psc'), {
      kind: 'field.set',
      id: id(),
      part: 'kit',
      field: 'puller',
      typed: 'missing',
    })
    expect(kitOf(job).find(({ name }) => name === 'puller')).toMatchObject({ state: 'missing' })
    expect(shopCardOf(job, 'motor').besides).toContain('Puller.')
  })

  it('says what can stand in, and that nothing does where nothing does', () => {
    const kit = kitOf(jobOn('outdoor-unit-fan'))
    expect(kit.find(({ name }) => name === 'puller')?.standIn).toContain('penetrating oil')
  })
})

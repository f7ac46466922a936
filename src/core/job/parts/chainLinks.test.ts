import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { act, bath, field } from '../job.testing'
import { chainOf, linkField, recordedLinks } from './motorMatch'

const link = (index: number, number: string, by: string, from = ''): Act[] => [
  field('chain', linkField(index, 'number'), number),
  field('chain', linkField(index, 'by'), by),
  ...(from ? [field('chain', linkField(index, 'from'), from)] : []),
]
const job = (...acts: Act[]) => act(bath(), field('motor-old', 'partNumber', 'QF-10'), ...acts)
const numbers = (snapshot: ReturnType<typeof job>, declared: { from: string; to: string }[] = []) =>
  chainOf(
    snapshot,
    declared.map((each) => ({ ...each, by: 'a list' })),
  ).map(({ to }) => to)

describe('numbers that somebody at a counter names', () => {
  it('are as many steps as were named, each from the one before', () => {
    const named = job(...link(0, 'QF-20', 'the counter'), ...link(1, 'QF-30', 'the maker on the phone'))
    expect(recordedLinks(named)).toEqual([
      { from: 'QF-10', to: 'QF-20', by: 'the counter' },
      { from: 'QF-20', to: 'QF-30', by: 'the maker on the phone' },
    ])
    expect(numbers(named)).toEqual(['QF-20', 'QF-30'])
  })

  it('go on from what a list says, instead of taking its place', () => {
    const list = [{ from: 'QF-10', to: 'QF-11' }]
    expect(numbers(job(), list)).toEqual(['QF-11'])
    expect(numbers(job(...link(0, 'QF-30', 'the counter', 'QF-11')), list)).toEqual(['QF-11', 'QF-30'])
  })

  it('count where a step before them was taken away', () => {
    expect(recordedLinks(job(...link(1, 'QF-30', '', 'QF-10')))).toEqual([
      { from: 'QF-10', to: 'QF-30', by: 'you' },
    ])
    expect(recordedLinks(job())).toEqual([])
  })
})

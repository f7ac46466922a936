import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { act, id, onBench } from '../job/job.testing'
import { candidatePart } from '../job/parts/candidates'
import type { JobSnapshot } from '../job/rows'
import { matchCapacitors } from '../match'
import { capacitorLandings } from './capacitorLandings'
import { capacitorListOf, missingBeside } from './capacitorOfJob'

const dual = [
  { section: 'HERM', uF: 35 },
  { section: 'FAN', uF: 5 },
]
const single = (id: string, uF: number) => ({ id, sections: [{ section: 'single' as const, uF }] })

describe('only the capacitor is replaced', () => {
  it('by the same dual: HERM to HERM, FAN to FAN, C to C', () => {
    const part = {
      id: 'new',
      sections: [
        { section: 'HERM' as const, uF: 35 },
        { section: 'FAN' as const, uF: 5 },
      ],
    }
    const list = capacitorLandings(dual, [part])
    expect(list?.landings.map(({ wires, terminal }) => `${wires} → ${terminal}`)).toEqual([
      'wires of C → C',
      'wires of HERM → HERM',
      'wires of FAN → FAN',
    ])
    expect(list?.bridges).toEqual([])
  })

  it('by two cans: each section on its own, and a bridge between the commons', () => {
    const list = capacitorLandings(dual, [single('fan', 5), single('herm', 35)])
    expect(list?.landings.map(({ wires, can }) => [wires, can])).toEqual([
      ['wires of C', 1],
      ['wires of HERM', 1],
      ['wires of FAN', 0],
    ])
    expect(list?.bridges).toMatchObject([{ from: { can: 1, terminal: '1' }, to: { can: 0, terminal: '1' } }])
  })

  it('by a part of several sections: jumpers by the microfarads, the rest bare and covered', () => {
    const multi = ['2.5', '5', '10', '20', '5b'].map((terminal) => ({
      terminal,
      uF: Number.parseFloat(terminal),
    }))
    const list = capacitorLandings(dual, [{ id: 'multi', multi }])
    const herm = list?.landings.find(({ wires }) => wires === 'wires of HERM')
    expect(herm?.why).toMatch(/together make 35 µF for HERM/)
    expect(list?.bridges).toHaveLength(2)
    expect(list?.bare).toEqual([{ can: 0, terminal: '2.5' }])
    expect(list?.warnings.join(' ')).toMatch(/Cover each terminal/)
  })

  it('a single has no polarity', () => {
    const list = capacitorLandings([{ section: 'single', uF: 7.5 }], [single('new', 7.5)])
    expect(list?.landings.map(({ terminal }) => terminal)).toEqual(['1', '2'])
  })

  it.each([
    ['another value', [single('a', 40), single('b', 5)]],
    ['one can for two sections', [single('a', 35)]],
    ['nothing', []],
  ])('makes no list of %s', (_, parts) => {
    expect(capacitorLandings(dual, parts)).toBeNull()
  })

  it('every bundle lands once, on a terminal that the part has', () => {
    const values = fc.uniqueArray(fc.constantFrom(2.5, 5, 7.5, 10, 20, 30, 35, 40), {
      minLength: 2,
      maxLength: 2,
    })
    fc.assert(
      fc.property(values, ([herm = 1, fan = 1]) => {
        const old = [
          { section: 'HERM', uF: herm },
          { section: 'FAN', uF: fan },
        ]
        const list = capacitorLandings(old, [single('a', herm), single('b', fan)])
        expect(new Set(list?.landings.map(({ wires }) => wires)).size).toBe(3)
        for (const { can, terminal } of list?.landings ?? [])
          expect(list?.cans[can]?.terminals).toContain(terminal)
      }),
    )
  })
})

describe('three sections by three cans', () => {
  const can = (name: string, uF: number) => ({
    id: name,
    partNumber: name.toUpperCase(),
    sections: [{ section: 'single', uF }],
    volts: 250,
    duty: 'run' as const,
  })

  it('has a landing for each section, and a bridge to each of the others', () => {
    const kept = id()
    const choose = (...names: string[]) =>
      act(
        onBench('ceiling-fan', 'psc-multispeed', '4+5+6 µF 250 V'),
        ...['k4', ...names].map((name, index) => ({
          kind: 'candidate.add' as const,
          id: index === 0 ? kept : id(),
          part: 'capacitor' as const,
          source: 'shelf' as const,
          ref: name,
          name,
          capacitor: can(name, Number(name.slice(1))),
        })),
        { kind: 'field.set', id: id(), part: 'choice', field: 'capacitor', typed: kept },
      )
    const list = capacitorListOf(choose('k5', 'k6'))
    expect(list?.landings.map(({ wires, can: at, terminal }) => [wires, at, terminal])).toEqual([
      ['wires of C', 0, '1'],
      ['wires of 1', 0, '2'],
      ['wires of 2', 1, '2'],
      ['wires of 3', 2, '2'],
    ])
    expect(list?.bridges.map(({ from, to }) => [from.can, to.can])).toEqual([
      [0, 1],
      [0, 2],
    ])
    expect(list?.names).toEqual(['K4', 'K5', 'K6'])
    // While one of the three is missing nothing is wired by half.
    expect(capacitorListOf(choose('k5'))).toBeNull()
    expect(missingBeside(choose('k5'))).toMatch(/Missing: 6 µF for 3\./)
    expect(missingBeside(choose('k5', 'k6'))).toBeNull()
  })

  it('never takes a further can from the made-up catalogue of a household that has it off, nor before an own one', () => {
    const kept = id()
    const job = act(
      onBench('outdoor-unit-fan', 'psc', '45+5 µF 370 V'),
      { kind: 'candidate.add', id: kept, part: 'capacitor', source: 'typed', ref: '', name: '' },
      { kind: 'field.set', id: id(), part: candidatePart(kept), field: 'label', typed: '5 µF 440 V' },
      { kind: 'field.set', id: id(), part: 'choice', field: 'capacitor', typed: kept },
    )
    const withCatalogue = (each: JobSnapshot): JobSnapshot => ({
      ...each,
      household: { ...each.household, demoParts: 1 },
    })
    expect(capacitorListOf(job)).toBeNull()
    expect(capacitorListOf(withCatalogue(job))?.names).toHaveLength(2)
    const both = act(
      job,
      { kind: 'candidate.add', id: 'other', part: 'capacitor', source: 'typed', ref: '', name: '' },
      { kind: 'field.set', id: id(), part: candidatePart('other'), field: 'label', typed: '45 µF 440 V' },
    )
    expect(capacitorListOf(both)?.names).toEqual(['5 µF, 440 V', '45 µF, 440 V'])
    expect(capacitorListOf(withCatalogue(both))?.names).toEqual(['5 µF, 440 V', '45 µF, 440 V'])
  })
})

describe('singles in place of several sections', () => {
  const can = (name: string, uF: number, more: object = {}) => ({
    id: name,
    sections: [{ section: 'single', uF }],
    volts: 250,
    duty: 'run' as const,
    ...more,
  })
  const old = { sections: [4, 5, 6].map((uF, index) => ({ section: String(index + 1), uF })), volts: 250 }
  const of = (candidates: Parameters<typeof matchCapacitors>[0]['candidates'], name: string) =>
    matchCapacitors({ old, candidates }).results.find((each) => each.id === name)

  it('name every partner, or say which section is missing', () => {
    const all = [can('k4', 4), can('k5', 5), can('k6', 6)]
    expect(of(all, 'k4')).toMatchObject({ verdict: 'fits-with-work', with: ['k5', 'k6'], open: [] })
    const two = of(all.slice(0, 2), 'k4')
    expect(two).toMatchObject({ needs: [{ section: '3', uF: 6 }], open: ['sections'] })
    expect(two?.with).toBeUndefined()
  })

  it('carry what is not known of a partner', () => {
    const { volts: _, ...untold } = can('k6', 6)
    expect(of([can('k4', 4), can('k5', 5), untold], 'k4')?.open).toEqual(['k6:voltage'])
  })
})

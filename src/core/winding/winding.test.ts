import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import type { MotorKindId } from '../knowledge/vocabulary'
import { judgeWinding, type PairReading, resistanceAt, temperatureFromRise, type WindingInput } from '.'

const three = (cr: number | null, cs: number | null, rs: number | null): PairReading[] => [
  { a: 'black', b: 'white', ohm: cr },
  { a: 'black', b: 'brown', ohm: cs },
  { a: 'white', b: 'brown', ohm: rs },
]
const leads3 = ['black', 'white', 'brown']
const judge3 = (cr: number | null, cs: number | null, rs: number | null, more: Partial<WindingInput> = {}) =>
  judgeWinding({ leads: leads3, pairs: three(cr, cs, rs), ...more })

describe('three leads', () => {
  it('names common, run and start from the sum', () => {
    const result = judge3(16.2, 22.9, 39.0)
    expect(result.verdict).toBe('good')
    expect(result.roles).toEqual({ black: 'common', white: 'run', brown: 'start' })
    expect(result.sumCheck).toMatchObject({ largestPair: ['white', 'brown'], pass: true })
    expect(result.speedsFastestFirst).toEqual(['white'])
  })

  it('takes the lead offset off every reading', () => {
    const result = judge3(16.4, 23.1, 39.3, { leadOffsetOhm: 0.3 })
    expect(result.sumCheck!.largestOhm).toBeCloseTo(39)
    expect(result.sumCheck!.differenceOhm).toBeCloseTo(39 - 16.1 - 22.8)
  })

  it('is inconsistent when the sum does not close', () => {
    const result = judge3(16, 23, 52)
    expect(result.verdict).toBe('inconsistent')
    expect(result.sumCheck!.pass).toBe(false)
    expect(result.faults[0]!.text).toMatch(/read all three again/)
  })

  it('is open where one lead reaches nothing, and places what works', () => {
    const result = judge3(16, null, null)
    expect(result.verdict).toBe('open')
    expect(result.tree.segments).toContainEqual(expect.objectContaining({ ohm: null }))
    expect(result.tree.segments[0]!.ohm).toBeCloseTo(16)
  })

  it('asks for a cold retest before it calls a hot motor open', () => {
    expect(judge3(null, null, 39, { caseTooHot: true }).verdict).toBe('hot-retest')
    expect(judge3(null, null, 39, { windingCelsius: 75 }).verdict).toBe('hot-retest')
    expect(judge3(null, null, 39, { windingCelsius: 25 }).verdict).toBe('open')
  })

  it('is grounded below a megohm, and only doubtful up to twenty', () => {
    expect(judge3(16, 23, 39, { toFrame: [{ lead: 'black', ohm: 40_000 }] }).verdict).toBe('grounded')
    const doubtful = judge3(16, 23, 39, { toFrame: [{ lead: 'black', ohm: 5e6 }] })
    expect(doubtful.verdict).toBe('good')
    expect(doubtful.notes.join(' ')).toMatch(/doubtful/)
  })

  it('is incomplete with two readings and names the third', () => {
    const result = judgeWinding({ leads: leads3, pairs: three(16, 23, 39).slice(0, 2) })
    expect(result.verdict).toBe('incomplete')
    expect(result.missing).toEqual([['white', 'brown']])
  })

  it('is shorted where a split-capacitor motor shows two leads as one point', () => {
    expect(judge3(0.1, 23, 23, { motorKind: 'psc' }).verdict).toBe('shorted')
  })

  it('says that equal windings may be exchanged', () => {
    expect(judge3(20, 20.5, 40.5).notes.join(' ')).toMatch(/may be exchanged/)
  })

  it('corrects the segments to 20 °C with the copper constant', () => {
    const hot = judge3(16, 23, 39, { windingCelsius: 50 })
    const run = hot.at20C!.map((s) => s.ohm!).sort((a, b) => a - b)[0]!
    expect(run).toBeCloseTo((16 * 254.5) / 284.5, 1)
  })

  it('takes the phases of an electronic motor as a star', () => {
    expect(judge3(8.1, 8.2, 8.1, { motorKind: 'ecm' })).toMatchObject({ verdict: 'good', sumCheck: null })
    expect(judge3(8, 12, 8, { motorKind: 'ecm' }).verdict).toBe('inconsistent')
  })
})

describe('two leads', () => {
  const two = (ohm: number | null, more: Partial<WindingInput> = {}) =>
    judgeWinding({ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'b', ohm }], ...more })

  it('is good, open, shorted or hot', () => {
    expect(two(31)).toMatchObject({ verdict: 'good', roles: { a: 'common', b: 'run' } })
    expect(two(null).verdict).toBe('open')
    expect(two(0.2).verdict).toBe('shorted')
    expect(two(null, { caseTooHot: true }).verdict).toBe('hot-retest')
    expect(judgeWinding({ leads: ['a', 'b'], pairs: [] }).verdict).toBe('incomplete')
  })
})

describe('a five-lead blower with three speeds', () => {
  // common –18.2– black –6.4– blue –7.9– red; common –41.1– brown
  const leads = ['white', 'black', 'blue', 'red', 'brown']
  const ohms: Record<string, number> = {
    'white-black': 18.2,
    'white-blue': 24.6,
    'white-red': 32.5,
    'white-brown': 41.1,
    'black-blue': 6.4,
    'black-red': 14.3,
    'black-brown': 59.3,
    'blue-red': 7.9,
    'blue-brown': 65.7,
    'red-brown': 73.6,
  }
  const all = Object.entries(ohms).map(([key, ohm]): PairReading => {
    const [a, b] = key.split('-') as [string, string]
    return { a, b, ohm }
  })

  it('finds common, start and the speeds in order', () => {
    const result = judgeWinding({ leads, pairs: all, motorKind: 'psc-multispeed' })
    expect(result.verdict).toBe('good')
    expect(result.roles).toEqual({ white: 'common', black: 'run', blue: 'tap', red: 'tap', brown: 'start' })
    expect(result.speedsFastestFirst).toEqual(['black', 'blue', 'red'])
    expect(result.tree.nodes.every((node) => !node.hidden)).toBe(true)
  })

  it('is good without one pair that the others determine', () => {
    const result = judgeWinding({ leads, pairs: all.filter((p) => !(p.a === 'red' && p.b === 'brown')) })
    expect(result.verdict).toBe('good')
    expect(result.missing).toEqual([])
  })

  it('names the one reading that the others contradict', () => {
    const pairs = all.map((pair) => (pair.a === 'blue' && pair.b === 'brown' ? { ...pair, ohm: 56.7 } : pair))
    const result = judgeWinding({ leads, pairs })
    expect(result.verdict).toBe('inconsistent')
    expect(result.faults).toHaveLength(1)
    expect(new Set(result.faults[0]!.leads)).toEqual(new Set(['blue', 'brown']))
    expect(result.roles.brown).toBe('start')
  })
})

describe('a repeated lead', () => {
  it('shares its point with its twin and belongs to the capacitor', () => {
    const result = judgeWinding({
      leads: ['black', 'white', 'brown', 'brown-white'],
      pairs: [
        { a: 'black', b: 'white', ohm: 16 },
        { a: 'black', b: 'brown', ohm: 23 },
        { a: 'black', b: 'brown-white', ohm: 16.1 },
        { a: 'white', b: 'brown', ohm: 39 },
        { a: 'white', b: 'brown-white', ohm: 0.1 },
        { a: 'brown', b: 'brown-white', ohm: 39.1 },
      ],
      motorKind: 'psc',
    })
    expect(result.verdict).toBe('good')
    expect(result.sameLeads).toEqual([['white', 'brown-white']])
    expect(result.roles).toMatchObject({
      black: 'common',
      white: 'run',
      brown: 'start',
      'brown-white': 'capacitor',
    })
  })
})

describe('a blower whose taps lie beyond the joint', () => {
  // Place of each lead on the tree: the main winding 20 Ω from the twin end to the joint, the start winding 40 Ω.
  const place: Record<string, [branch: string, ohm: number]> = {
    white: ['main', 20],
    'white/brown': ['main', 20],
    black: ['joint', 0],
    blue: ['taps', 3],
    red: ['taps', 6.5],
    brown: ['start', 40],
  }
  const leads = Object.keys(place)
  const at = (lead: string): [branch: string, ohm: number] => place[lead] ?? ['joint', 0]
  const between = (a: string, b: string) => {
    const [[branch, ohm], [other, otherOhm]] = [at(a), at(b)]
    return branch === other ? Math.abs(ohm - otherOhm) : ohm + otherOhm
  }
  const readings = (change: (ohm: number, index: number) => number = (ohm) => ohm) =>
    leads
      .flatMap((a, index) => leads.slice(index + 1).map((b) => ({ a, b, ohm: between(a, b) })))
      .map((pair, index) => ({ ...pair, ohm: Math.round(change(pair.ohm, index) * 10) / 10 }))

  it('has the twin end on the other side of the line and its fastest speed at the joint', () => {
    const result = judgeWinding({ leads, pairs: readings(), motorKind: 'psc-multispeed' })
    expect(result.verdict).toBe('good')
    expect(result.roles).toEqual({
      white: 'run',
      'white/brown': 'capacitor',
      black: 'common',
      blue: 'tap',
      red: 'tap',
      brown: 'start',
    })
    expect(result.speedsFastestFirst).toEqual(['black', 'blue', 'red'])
    expect(result.notes.join(' ')).toMatch(/taps on the joint's side/)
  })

  it('is told so too where the main winding reads more than the start winding, and under meter noise', () => {
    const noise = fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 15, maxLength: 15 })
    fc.assert(
      fc.property(
        noise,
        fc.integer({ min: 12, max: 40 }),
        fc.integer({ min: 12, max: 60 }),
        (off, main, start) => {
          const swapped = readings((ohm) => ohm).map((pair, index) => {
            const longer = [pair.a, pair.b].reduce((sum, lead) => {
              const [branch] = at(lead)
              return sum + (branch === 'main' ? main - 20 : branch === 'start' ? start - 40 : 0)
            }, 0)
            const ohm = pair.a === 'white' && pair.b === 'white/brown' ? 0 : pair.ohm + longer
            return { ...pair, ohm: Math.max(0, Math.round((ohm + (off[index] ?? 0) * 0.1) * 10) / 10) }
          })
          const { roles } = judgeWinding({ leads, pairs: swapped, motorKind: 'psc-multispeed' })
          expect(roles).toMatchObject({
            white: 'run',
            black: 'common',
            brown: 'start',
            blue: 'tap',
            red: 'tap',
          })
        },
      ),
      { numRuns: samples(60) },
    )
  })
})

describe('one point or a slow speed', () => {
  const twin = (far: number, leadOffsetOhm = 0) =>
    judgeWinding({
      leads: ['black', 'white', 'brown', 'pale'],
      pairs: [
        { a: 'black', b: 'white', ohm: 16 },
        { a: 'black', b: 'brown', ohm: 23 },
        { a: 'white', b: 'brown', ohm: 39 },
        { a: 'white', b: 'pale', ohm: 0.4 },
        { a: 'black', b: 'pale', ohm: 16 + far },
        { a: 'brown', b: 'pale', ohm: 39 + far },
      ].map((pair) => ({ ...pair, ohm: pair.ohm + leadOffsetOhm })),
      leadOffsetOhm,
    }).sameLeads

  it('readings that differ by less than both uncertainties together are one point', () => {
    // 16 Ω reads to ±0.46 Ω, so two such readings may stand 0.9 Ω apart.
    expect(twin(0.8)).toEqual([['white', 'pale']])
    expect(twin(1.2)).toEqual([])
  })

  it('a zeroed reading carries the count of its zeroing too', () => {
    expect(twin(1)).toEqual([])
    expect(twin(1, 0.2)).toEqual([['white', 'pale']])
  })
})

describe('any tree of segments', () => {
  /** A random tree on 4 to 10 leads; joints without a lead have at least three segments. */
  const anyTree = fc
    .record({
      count: fc.integer({ min: 4, max: 10 }),
      picks: fc.array(fc.nat(1000), { minLength: 30, maxLength: 30 }),
      ohms: fc.array(fc.integer({ min: 40, max: 400 }), { minLength: 30, maxLength: 30 }),
    })
    .map(({ count, picks, ohms }) => {
      const nodes = count
      const edges: [number, number, number][] = []
      for (let node = 1; node < nodes; node++) edges.push([node, picks[node]! % node, ohms[node]! / 10])
      const distance = Array.from({ length: nodes }, (_, s) => {
        const d = new Array<number>(nodes).fill(-1)
        d[s] = 0
        for (let pass = 0; pass < nodes; pass++) {
          for (const [a, b, w] of edges) {
            if (d[a]! >= 0 && d[b]! < 0) d[b] = d[a]! + w
            if (d[b]! >= 0 && d[a]! < 0) d[a] = d[b]! + w
          }
        }
        return d
      })
      // A node of three or more segments may be a joint inside, as long as two leads are left.
      const degree = (n: number) => edges.filter(([a, b]) => a === n || b === n).length
      const hidden = new Set(
        Array.from({ length: nodes }, (_, n) => n).filter((n) => degree(n) >= 3 && picks[n + 10]! % 3 === 0),
      )
      const shown = Array.from({ length: nodes }, (_, n) => n).filter((n) => !hidden.has(n))
      return { distance, shown, edges, segments: edges.length }
    })
    .filter(({ shown }) => shown.length >= 4)

  const pairsOf = (
    { distance, shown }: { distance: number[][]; shown: number[] },
    noise: (i: number) => number,
  ) => {
    const pairs: PairReading[] = []
    shown.forEach((a, i) => {
      shown.slice(i + 1).forEach((b) => {
        const ohm = distance[a]![b]!
        pairs.push({
          a: `l${a}`,
          b: `l${b}`,
          ohm: Math.round((ohm + noise(pairs.length) * (0.002 * ohm + 0.05)) * 10) / 10,
        })
      })
    })
    return pairs
  }

  /** A lead at the end and its only neighbour with one segment more: reading high there is the same as a joint inside. */
  const looksLikeAJoint = (edges: [number, number, number][], a: string, b: string) => {
    const [p, q] = [Number(a.slice(1)), Number(b.slice(1))]
    const degree = (n: number) => edges.filter(([x, y]) => x === n || y === n).length
    const adjacent = edges.some(([x, y]) => (x === p && y === q) || (x === q && y === p))
    return adjacent && [degree(p), degree(q)].sort().join() === '1,2'
  }

  it('is recovered under meter noise', () => {
    fc.assert(
      fc.property(
        anyTree,
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 50, maxLength: 50 }),
        (tree, noise) => {
          const result = judgeWinding({
            leads: tree.shown.map((n) => `l${n}`),
            pairs: pairsOf(tree, (i) => noise[i % 50]!),
          })
          expect(result.verdict).toBe('good')
          expect(result.tree.segments).toHaveLength(tree.segments)
          expect(result.worstResidualOhm).toBeLessThan(1)
        },
      ),
      { numRuns: samples(150) },
    )
  })

  it('names a single corrupted pair among six or more leads that all sit on the segments', () => {
    const noJoints = anyTree.filter(
      (tree) => tree.shown.length >= 6 && tree.shown.length === tree.segments + 1,
    )
    fc.assert(
      fc.property(noJoints, fc.nat(1000), fc.integer({ min: 60, max: 400 }), (tree, pick, tenths) => {
        const pairs = pairsOf(tree, () => 0)
        const bad = pick % pairs.length
        const [a, b] = [pairs[bad]!.a, pairs[bad]!.b]
        fc.pre(!looksLikeAJoint(tree.edges, a, b))
        pairs[bad] = { a, b, ohm: pairs[bad]!.ohm! + tenths / 10 }
        const result = judgeWinding({ leads: tree.shown.map((n) => `l${n}`), pairs })
        expect(result.verdict).toBe('inconsistent')
        expect(result.faults.map((fault) => fault.leads)).toEqual([[a, b]])
      }),
      // A few trees in ten thousand have two explanations equally good to the meter: the same hundred each time.
      { numRuns: 100, seed: 20 },
    )
  })
})

describe('temperature of copper', () => {
  it('gives back the temperature that a rise in resistance tells', () => {
    const hot = resistanceAt(20, 20, 95)
    expect(temperatureFromRise(20, 20, hot)).toBeCloseTo(95, 6)
  })
})

describe('names', () => {
  it('refuses a lead that is not listed, with its path', () => {
    expect(() => judgeWinding({ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'x', ohm: 3 }] })).toThrow(
      /not among the leads/,
    )
    expect(() => judgeWinding({ leads: ['a', 'a'], pairs: [] })).toThrow(/same name/)
  })
})

describe('a reading that the others contradict', () => {
  const at = { white: 0, black: 9, blue: 11, red: 14, 'brown-white': 9 } as const
  const names = [...Object.keys(at), 'brown']
  /** White 0 – black 9 (with a twin) – blue 11 – red 14, and 24 Ω of start winding from white to brown. */
  const ohmOf = (a: string, b: string): number => {
    const place = (lead: string) => at[lead as keyof typeof at] ?? 0
    return Math.abs(place(a) - place(b)) + (a === 'brown' || b === 'brown' ? 24 : 0)
  }
  const pairs = names.flatMap((a, i) => names.slice(i + 1).map((b) => ({ a, b, ohm: ohmOf(a, b) })))
  const sound = judgeWinding({ leads: names, pairs })

  it('changes neither tree nor roles nor twins, whichever it is', () => {
    expect(sound).toMatchObject({ verdict: 'good', sameLeads: [['black', 'brown-white']] })
    // One pair too long beside the end of the chain is a motor of its own: its lead hangs on a branch.
    const ofItsOwn = ['white brown', 'blue red']
    for (const bad of pairs.filter(({ ohm, a, b }) => ohm > 1 && !ofItsOwn.includes(`${a} ${b}`)))
      for (const ohm of [bad.ohm * 1.3 + 2, null]) {
        const result = judgeWinding({
          leads: names,
          pairs: pairs.map((pair) => (pair === bad ? { ...pair, ohm } : pair)),
        })
        expect(result.faults.map(({ kind, leads }) => ({ kind, leads }))).toEqual([
          { kind: 'inconsistent', leads: [bad.a, bad.b] },
        ])
        expect(result).toMatchObject({ verdict: 'inconsistent', missing: [], roles: sound.roles })
        expect(result.sameLeads).toEqual(sound.sameLeads)
      }
  })

  it('counts as missing once it is struck, and the rest tells the same', () => {
    for (const struck of pairs.filter(({ ohm }) => ohm > 1)) {
      const result = judgeWinding({ leads: names, pairs: pairs.filter((pair) => pair !== struck) })
      if (['white brown', 'blue red'].includes(`${struck.a} ${struck.b}`)) {
        expect(result).toMatchObject({ verdict: 'incomplete', missing: [[struck.a, struck.b]] })
        continue
      }
      expect(result).toMatchObject({ verdict: 'good', roles: sound.roles, sameLeads: sound.sameLeads })
    }
  })

  it('leaves the twins together where their own pair was not read and the others settle it', () => {
    const result = judgeWinding({ leads: names, pairs: pairs.filter(({ ohm }) => ohm > 1) })
    expect(result).toMatchObject({ verdict: 'good', roles: sound.roles, sameLeads: sound.sameLeads })
  })
})

describe('what is near and what is open', () => {
  const fine = { accuracyPercent: 0.1, accuracyCounts: 1, resolutionOhm: 0.01 }

  it('keeps two leads apart that were read against each other and differ to the others', () => {
    const pairs = [
      { a: 'a', b: 'b', ohm: 0.45 },
      { a: 'a', b: 'c', ohm: 10 },
      { a: 'b', b: 'c', ohm: 10.45 },
      { a: 'a', b: 'd', ohm: 30 },
      { a: 'b', b: 'd', ohm: 30.45 },
      { a: 'c', b: 'd', ohm: 40 },
    ]
    expect(judgeWinding({ leads: ['a', 'b', 'c', 'd'], pairs, meter: fine }).sameLeads).toEqual([])
  })

  it.each([8, 20, 35])('asks for the third pair where a lead was read %s Ω to one side alone', (ohm) => {
    const pairs = [
      { a: 'a', b: 'b', ohm: 20 },
      { a: 'a', b: 'c', ohm },
    ]
    expect(judgeWinding({ leads: ['a', 'b', 'c'], pairs, meter: fine })).toMatchObject({
      verdict: 'incomplete',
      missing: [['b', 'c']],
    })
  })
})

describe('the run winding against its plate', () => {
  const read = (main: number, plate?: { volts: number; amps: number }, motorKind: MotorKindId = 'psc') =>
    judgeWinding({
      leads: ['white', 'black', 'brown'],
      pairs: [
        { a: 'white', b: 'black', ohm: main },
        { a: 'white', b: 'brown', ohm: 62 },
        { a: 'black', b: 'brown', ohm: 62 + main },
      ],
      motorKind,
      ...(plate ? { plate } : {}),
    })
  const quarter = { volts: 240, amps: 1.25 }

  it('is 5 to 30 % of volts over amps; so little as 3 % is no winding any more, though the sums close', () => {
    expect(read(26, quarter)).toMatchObject({ verdict: 'good', notes: [] })
    expect(read(3, quarter)).toMatchObject({
      verdict: 'shorted',
      faults: [{ kind: 'shorted', leads: ['white', 'black'] }],
    })
    expect(read(3)).toMatchObject({ verdict: 'good', faults: [] })
  })
  it('between the two, and above, it is told and decides nothing', () => {
    expect(read(7.5, quarter)).toMatchObject({ verdict: 'good', faults: [] })
    expect(read(7.5, quarter).notes.join()).toContain('compare with a twin')
    expect(read(59.5, { volts: 240, amps: 2.5 }).notes.join()).toContain('compare with a twin')
  })
  it('of half a horsepower has few ohms by nature', () => {
    expect(read(2.2, { volts: 115, amps: 4.2 })).toMatchObject({ verdict: 'good', notes: [] })
  })
  it('says nothing of a motor with brushes', () => {
    expect(read(3, quarter, 'brushed-dc').faults.map(({ kind }) => kind)).not.toContain('shorted')
  })
})

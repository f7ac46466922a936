import { describe, expect, it } from 'vitest'
import { type CapacitorMatchInput, type CapSpec, matchCapacitors } from '.'
import { capacitorRows, oldDual } from './sheets.testing'

const sections = (...uF: number[]) => ({
  sections: uF.map((each, i) => ({
    section: uF.length === 1 ? 'single' : (['HERM', 'FAN'][i] ?? `T${i}`),
    uF: each,
  })),
})
const multi = (...uF: number[]) => ({
  sections: undefined,
  multi: uF.map((each, i) => ({ terminal: `${'ABCDE'[i]} (${each})`, uF: each })),
})
const single = (uF: number, more: Partial<CapSpec> = {}): CapSpec => ({
  id: `s${uF}`,
  ...sections(uF),
  volts: 440,
  duty: 'run',
  ...more,
})
const beside = (...candidates: CapSpec[]) => ({ candidates })

describe('the row of', () => {
  it('the capacitance: each section by its name, within the tolerance of the old one', () => {
    expect(
      capacitorRows('capacitance', {
        same: [{}, {}],
        'nothing is told': [{}, { sections: [] }],
        'at the edge of the tolerance': [{}, sections(42.4, 5)],
        'beyond it': [{}, sections(42.5, 5)],
        'at the edge of a wider one': [{ tolerancePercent: { minus: 5, plus: 20 } }, sections(48, 5)],
        'named the other way round': [
          {},
          {
            sections: [
              { section: 'FAN', uF: 5 },
              { section: 'HERM', uF: 40 },
            ],
          },
        ],
        'one name of two is known, so larger goes with larger': [
          {},
          {
            sections: [
              { section: 'FAN', uF: 40 },
              { section: 'B', uF: 5 },
            ],
          },
        ],
        'swapped under their names': [{}, sections(5, 40)],
        'one section of two': [{}, sections(5)],
        'no section of two': [{}, sections(30)],
        'a dual for a single': [sections(5), {}],
        'a dual that has none such for a single': [sections(10), {}],
        'three for two': [{}, sections(40, 5, 2)],
        'what the motor asks for rules its own section': [{}, sections(40, 7.5), { motorNeeds: { uF: 7.5 } }],
        'what the motor asks for rules a single': [sections(5), sections(7.5), { motorNeeds: { uF: 7.5 } }],
        'a section called single beside another is no fan’s': [
          {
            sections: [
              { section: 'single', uF: 40 },
              { section: 'B', uF: 5 },
            ],
          },
          sections(40, 5),
          { motorNeeds: { uF: 7.5 } },
        ],
        'made of many': [{}, multi(2.5, 2.5, 5, 10, 25)],
        'not to be made of many': [{}, multi(2.5, 10)],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a dual for a single": "ok: 5 µF → 40 µF + 5 µF. Its FAN section is as the motor asks.",
        "a dual that has none such for a single": "no: 10 µF → 40 µF + 5 µF. Another capacitance.",
        "a section called single beside another is no fan’s": "ok: 40 µF + 5 µF → 40 µF + 5 µF. As the motor asks.",
        "at the edge of a wider one": "ok: 40 µF + 5 µF → 48 µF + 5 µF. As the motor asks.",
        "at the edge of the tolerance": "ok: 40 µF + 5 µF → 42.4 µF + 5 µF. As the motor asks.",
        "beyond it": "no: 40 µF + 5 µF → 42.5 µF + 5 µF. Another capacitance.",
        "made of many": "ok: 40 µF + 5 µF → 40 µF + 5 µF. Made from its sections.",
        "named the other way round": "ok: 40 µF + 5 µF → 5 µF + 40 µF. As the motor asks.",
        "no section of two": "no: 40 µF + 5 µF → 30 µF. Equals no section of the old one.",
        "not to be made of many": "no: 40 µF + 5 µF → 10 µF + 2.5 µF. Cannot make all sections at once.",
        "nothing is told": "unknown: 40 µF + 5 µF → ?. Ask for its µF.",
        "one name of two is known, so larger goes with larger": "ok: 40 µF + 5 µF → 40 µF + 5 µF. As the motor asks.",
        "one section of two": "ok: 40 µF + 5 µF → 5 µF. As FAN asks.",
        "same": "ok: 40 µF + 5 µF → 40 µF + 5 µF. As the motor asks.",
        "swapped under their names": "no: 40 µF + 5 µF → 5 µF + 40 µF. Another capacitance.",
        "three for two": "no: 40 µF + 5 µF → 40 µF + 5 µF + 2 µF. Another capacitance.",
        "what the motor asks for rules a single": "ok: 7.5 µF → 7.5 µF. As the motor asks.",
        "what the motor asks for rules its own section": "ok: 40 µF + 7.5 µF → 40 µF + 7.5 µF. As the motor asks.",
      }
    `)
  })

  it('the sections: what each of them asks for besides', () => {
    expect(
      capacitorRows('sections', {
        same: [{}, {}],
        'nothing is told': [{}, { sections: [] }],
        'one section of two, no other there': [{}, sections(5)],
        'one section of two, the other on the shelf': [{}, sections(5), beside(single(40))],
        'no section of two': [{}, sections(30)],
        'a dual for a single': [sections(5), {}],
        'a dual that has none such for a single': [sections(10), {}],
        'three for two': [{}, sections(40, 5, 2)],
        'made of many': [{}, multi(2.5, 2.5, 5, 10, 25)],
        'made of all of many': [sections(7.5), multi(2.5, 5)],
        'not to be made of many': [{}, multi(2.5, 10)],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a dual for a single": "work: single → dual. Use C and FAN; leave the other terminal free and covered.",
        "a dual that has none such for a single": "no: single → dual. Other sections.",
        "made of all of many": "work: single → 2 sections. Jumper single: A (2.5) + B (5); leave none free. [jumper-sections]",
        "made of many": "work: dual → 5 sections. Jumper HERM: A (2.5) + B (2.5) + D (10) + E (25); FAN: C (5); leave none free. [jumper-sections]",
        "no section of two": "no: dual → single. Makes no section of the dual.",
        "not to be made of many": "no: dual → 2 sections. Cannot make all sections at once.",
        "nothing is told": "unknown: dual → ?. Ask for its sections.",
        "one section of two, no other there": "unknown: dual → single. Makes FAN only; other singles make HERM. Missing: 40 µF for HERM.",
        "one section of two, the other on the shelf": "work: dual → single. Makes FAN only; other singles make HERM.",
        "same": "ok: dual → dual. Same sections.",
        "three for two": "no: dual → 3 sections. Other sections.",
      }
    `)
  })

  it('the volts: what the label or the motor asks for, the higher', () => {
    expect(
      capacitorRows('voltage', {
        more: [{}, { volts: 440 }],
        same: [{}, {}],
        fewer: [{}, { volts: 369 }],
        'fewer than the motor asks for': [{}, {}, { motorNeeds: { uF: 5, volts: 440 } }],
        'the motor alone tells it': [{ volts: undefined }, {}, { motorNeeds: { uF: 5, volts: 370 } }],
        'nobody read it': [{ volts: undefined }, {}],
        'nothing is told': [{}, { volts: undefined }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "fewer": "no: 370 V → 369 V. Too few volts: it would burst.",
        "fewer than the motor asks for": "no: 440 V → 370 V. Too few volts: it would burst.",
        "more": "ok: 370 V → 440 V. Enough volts.",
        "nobody read it": "unknown: ? → 370 V. Read the volts on the label.",
        "nothing is told": "unknown: 370 V → ?. Read the volts on the label.",
        "same": "ok: 370 V → 370 V. Enough volts.",
        "the motor alone tells it": "ok: 370 V → 370 V. Enough volts.",
      }
    `)
  })

  it('the duty: run where nothing else is told', () => {
    expect(
      capacitorRows('duty', {
        'run for what nobody read': [{ duty: undefined }, {}],
        'start for what nobody read': [{ duty: undefined }, { duty: 'start' }],
        'start for start': [{ duty: 'start' }, { duty: 'start' }],
        'run for start': [{ duty: 'start' }, {}],
        'nothing is told': [{}, { duty: undefined }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "nothing is told": "unknown: run → ?. Is it a run or a start capacitor?",
        "run for start": "no: start → run. A start capacitor bursts in continuous duty; a run capacitor starts nothing.",
        "run for what nobody read": "ok: run → run. Same duty.",
        "start for start": "ok: start → start. Same duty.",
        "start for what nobody read": "no: run → start. A start capacitor bursts in continuous duty; a run capacitor starts nothing.",
      }
    `)
  })

  it('the tolerance: a wider one is measured before it goes in', () => {
    const percent = (minus: number, plus: number) => ({ tolerancePercent: { minus, plus } })
    expect(
      capacitorRows('tolerance', {
        same: [{}, {}],
        closer: [{}, percent(5, 5)],
        'wider above': [{}, percent(5, 10)],
        'wider below': [{}, percent(10, 5)],
        'uneven as the old one': [percent(5, 10), percent(5, 10)],
        'nothing is printed on the old one': [{ tolerancePercent: undefined }, percent(6, 6)],
        'wider than usual, nothing printed on the old one': [{ tolerancePercent: undefined }, percent(6, 10)],
        'nothing is told': [{}, { tolerancePercent: undefined }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "closer": "ok: ±6 % → ±5 %. As close.",
        "nothing is printed on the old one": "ok: ±6 % → ±6 %. As close.",
        "nothing is told": "unknown: ±6 % → ?. Read the tolerance on the label.",
        "same": "ok: ±6 % → ±6 %. As close.",
        "uneven as the old one": "ok: −5/+10 % → −5/+10 %. As close.",
        "wider above": "unknown: ±6 % → −5/+10 %. A wider tolerance: measure it before it goes in.",
        "wider below": "unknown: ±6 % → −10/+5 %. A wider tolerance: measure it before it goes in.",
        "wider than usual, nothing printed on the old one": "unknown: ±6 % → −6/+10 %. A wider tolerance: measure it before it goes in.",
      }
    `)
  })

  it('the size: a larger case asks for room and another strap', () => {
    expect(
      capacitorRows('size', {
        same: [{}, {}],
        'a millimetre wider and higher': [{}, { diameterMm: 65, heightMm: 111 }],
        wider: [{}, { diameterMm: 65.5 }],
        higher: [{}, { heightMm: 112 }],
        'another shape': [{}, { shape: 'oval' }],
        'a shape of which nothing is told': [{}, { shape: undefined }],
        'a shape that nobody saw': [{ shape: undefined }, {}],
        'a height of which nothing is told': [{}, { heightMm: undefined }],
        'a height that nobody measured': [{ heightMm: undefined }, { heightMm: 300 }],
        'nobody measured it': [{ diameterMm: undefined }, {}],
        'nothing is told': [{}, { diameterMm: undefined }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "a height of which nothing is told": "ok: 64 mm × 110 mm round → 64 mm × ? round. Fits the strap.",
        "a height that nobody measured": "ok: 64 mm × ? round → 64 mm × 300 mm round. Fits the strap.",
        "a millimetre wider and higher": "ok: 64 mm × 110 mm round → 65 mm × 111 mm round. Fits the strap.",
        "a shape of which nothing is told": "ok: 64 mm × 110 mm round → 64 mm × 110 mm. Fits the strap.",
        "a shape that nobody saw": "ok: 64 mm × 110 mm → 64 mm × 110 mm round. Fits the strap.",
        "another shape": "ok: 64 mm × 110 mm round → 64 mm × 110 mm oval. Another shape: another strap.",
        "higher": "work: 64 mm × 110 mm round → 64 mm × 112 mm round. A larger case: measure the space and fit a proper strap. [change-strap]",
        "nobody measured it": "unknown: ? → 64 mm × 110 mm round. Measure the case and the space.",
        "nothing is told": "unknown: 64 mm × 110 mm round → ?. Measure the case and the space.",
        "same": "ok: 64 mm × 110 mm round → 64 mm × 110 mm round. Fits the strap.",
        "wider": "work: 64 mm × 110 mm round → 65.5 mm × 110 mm round. A larger case: measure the space and fit a proper strap. [change-strap]",
      }
    `)
  })

  it('the tabs', () => {
    expect(
      capacitorRows('tabs', {
        same: [{}, {}],
        'as many, told as one figure': [{}, { tabs: 9 }],
        'one too few': [{}, { tabs: 8 }],
        'two too few': [{}, { tabs: { C: 3, HERM: 2, FAN: 2 } }],
        'nobody counted': [{ tabs: undefined }, {}],
        'nothing is told': [{}, { tabs: undefined }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "as many, told as one figure": "ok: 9 tabs → 9 tabs. Enough tabs.",
        "nobody counted": "unknown: ? → 9 tabs. Count the tabs that are used.",
        "nothing is told": "unknown: 9 tabs → ?. Count the tabs that are used.",
        "one too few": "work: 9 tabs → 8 tabs. 1 tab too few: use a piggyback tab. [adapt-connector]",
        "same": "ok: 9 tabs → 9 tabs. Enough tabs.",
        "two too few": "work: 9 tabs → 7 tabs. 2 tabs too few: use a piggyback tab. [adapt-connector]",
      }
    `)
  })

  it('the class of safety, where the old label prints one: never below it', () => {
    const printed = (safetyClass?: string) => ({ safetyClass })
    expect(
      capacitorRows('safety-class', {
        same: [printed('P2'), printed('P2')],
        'by the other name': [printed('P2'), printed('S3')],
        'by another standard': [printed('10,000 AFC'), printed('P2')],
        better: [printed('P1'), printed('P2')],
        'it parts nothing': [printed('P2'), printed('P0')],
        'it may fail shorted': [printed('P2'), printed('S1')],
        'nothing is told': [printed('P2'), printed()],
        'nothing is told, nor did the old one part itself': [printed('P1'), printed()],
      }),
    ).toMatchInlineSnapshot(`
      {
        "better": "ok: P1 → P2. It fails as safely as the old one.",
        "by another standard": "ok: 10,000 AFC → P2. It fails as safely as the old one.",
        "by the other name": "ok: P2 → S3. It fails as safely as the old one.",
        "it may fail shorted": "no: P2 → S1. It fails less safely than the old one.",
        "it parts nothing": "no: P2 → P0. It fails less safely than the old one.",
        "nothing is told": "unknown: P2 → ?. Ask for its class: the old one parts its own wires when it fails.",
        "nothing is told, nor did the old one part itself": "ok: P1 → ?. Nothing is told of it; the old one does not part itself either.",
        "same": "ok: P2 → P2. It fails as safely as the old one.",
      }
    `)
  })

  it('asks nothing of a class where the old label prints none', () => {
    for (const safetyClass of [undefined, 'P0']) {
      const { results } = matchCapacitors({
        old: { sections: [{ section: 'single', uF: 5 }] },
        candidates: [
          { id: 'new', sections: [{ section: 'single', uF: 5 }], ...(safetyClass ? { safetyClass } : {}) },
        ],
      })
      expect(results[0]?.rules.map(({ rule }) => rule)).not.toContain('safety-class')
    }
  })

  it('the temperature class: neither end inside of the old one', () => {
    const class_ = (min?: number, max?: number) => ({ temperatureCelsius: { min, max } })
    expect(
      capacitorRows('temperature', {
        same: [{}, {}],
        wider: [{}, class_(-55, 85)],
        'not so cold': [{}, class_(-25, 70)],
        'not so hot': [{}, class_(-40, 60)],
        'the cold end of neither is told': [class_(undefined, 70), class_(undefined, 70)],
        'the cold end of the old one is not told': [class_(undefined, 70), class_(-25, 70)],
        'the cold end of the new one is not told': [{}, class_(undefined, 70)],
        'the hot end of the old one is not told': [class_(-40), {}],
        'the hot end of the new one is not told': [{}, class_(-40)],
        'nobody read it': [{ temperatureCelsius: undefined }, {}],
        'nothing is told': [{}, { temperatureCelsius: undefined }],
      }),
    ).toMatchInlineSnapshot(`
      {
        "nobody read it": "unknown: ? → -40 to 70 °C. Read the temperature class.",
        "not so cold": "no: -40 to 70 °C → -25 to 70 °C. A lower temperature class.",
        "not so hot": "no: -40 to 70 °C → -40 to 60 °C. A lower temperature class.",
        "nothing is told": "unknown: -40 to 70 °C → ?. Read the temperature class.",
        "same": "ok: -40 to 70 °C → -40 to 70 °C. Same class or better.",
        "the cold end of neither is told": "ok: ? to 70 °C → ? to 70 °C. Same class or better.",
        "the cold end of the new one is not told": "ok: -40 to 70 °C → ? to 70 °C. Same class or better.",
        "the cold end of the old one is not told": "ok: ? to 70 °C → -25 to 70 °C. Same class or better.",
        "the hot end of the new one is not told": "unknown: -40 to 70 °C → ?. Read the temperature class.",
        "the hot end of the old one is not told": "unknown: ? → -40 to 70 °C. Read the temperature class.",
        "wider": "ok: -40 to 70 °C → -55 to 85 °C. Same class or better.",
      }
    `)
  })
})

/** All results as their parts read: id, verdict, score, then what is asked besides. */
const judged = (
  candidates: CapSpec[],
  old: Partial<CapacitorMatchInput['old']> = {},
  more: Partial<CapacitorMatchInput> = {},
) =>
  matchCapacitors({ old: { ...oldDual, ...old }, candidates, ...more }).results.map((result) =>
    [
      `${result.id}: ${result.verdict} ${result.score.toFixed(2)}`,
      ...(result.with ? [`with ${result.with.join(' and ')}`] : []),
      ...(result.needs
        ? [`needs ${result.needs.map(({ section, uF }) => `${uF} for ${section}`).join(', ')}`]
        : []),
      ...(result.open.length > 0 ? [`open: ${result.open.join(', ')}`] : []),
      ...result.work.map(({ kind, text }) => `${kind}: ${text}`),
    ].join(' | '),
  )

describe('two cans in the place of a dual one', () => {
  const whole = { ...single(0), ...oldDual }

  it('are named to each other, each with what is still to be asked of the other', () => {
    expect(
      judged([single(40, { manufacturer: 'Marrowby', partNumber: 'M40' }), single(5, { duty: undefined })]),
    ).toMatchInlineSnapshot(`
      [
        "s40: fits-with-work 983.00 | with s5 | open: s5:duty | wire-two-singles: With a can of 5 µF for FAN: join one terminal of each as C.",
        "s5: fits-with-work 980.00 | with s40 | open: duty | wire-two-singles: With Marrowby M40 for HERM: join one terminal of each as C.",
      ]
    `)
  })

  it('wait for the second where the list has none', () => {
    expect(judged([single(40)])).toMatchInlineSnapshot(`
      [
        "s40: drop-in 1985.00 | needs 5 for FAN | open: sections",
      ]
    `)
    // A single that makes both sections makes one of them.
    expect(judged([single(20)], sections(20, 20))).toMatchInlineSnapshot(`
      [
        "s20: drop-in 1985.00 | needs 20 for FAN | open: sections",
      ]
    `)
  })

  it('take the partner of which most is known, then the nearest, then the cheapest; none that cannot serve', () => {
    const partnerOf = (...list: CapSpec[]) => judged([single(40), ...list])[0]
    const five = (id: string, more: Partial<CapSpec> = {}) => ({ ...single(5), id, ...more })
    const partner = (...list: CapSpec[]) =>
      matchCapacitors({ old: oldDual, candidates: [single(40), ...list] }).results.find(
        ({ id }) => id === 's40',
      )!.with
    expect(partner(five('open', { volts: undefined }), five('far', sections(5.2)))).toEqual(['far'])
    expect(partner(five('far', sections(5.2)), five('near', sections(5.1)))).toEqual(['near'])
    expect(partner(five('dear', { price: 30 }), five('cheap', { price: 9 }))).toEqual(['cheap'])
    expect(partner(five('weak', { volts: 250 }), five('good', sections(5.3)))).toEqual(['good'])
    expect(partner(five('start', { duty: 'start' }), five('good', sections(5.3)))).toEqual(['good'])
    expect(partner(five('edge', sections(5.3)))).toEqual(['edge'])
    expect(partner(five('beyond', sections(5.4)))).toBeUndefined()
    expect(partner({ ...five('dual'), ...sections(5, 5) })).toBeUndefined()
    expect(partner({ ...five('empty'), sections: [] })).toBeUndefined()
    expect(partnerOf(five('weak', { volts: 250 }))).toContain('needs 5 for FAN')
  })

  it('of one value do not partner themselves', () => {
    expect(
      judged(
        [
          { ...single(20), id: 'a' },
          { ...single(20), id: 'b' },
        ],
        sections(20, 20),
      ),
    ).toMatchInlineSnapshot(`
      [
        "a: fits-with-work 983.00 | with b | wire-two-singles: With a can of 20 µF for FAN: join one terminal of each as C.",
        "b: fits-with-work 983.00 | with a | wire-two-singles: With a can of 20 µF for FAN: join one terminal of each as C.",
      ]
    `)
  })

  it('come after one can that does it all, and before what asks for more', () => {
    expect(
      judged([
        single(40),
        { ...whole, id: 'larger', diameterMm: 90 },
        { ...whole, id: 'whole' },
        single(5),
        { ...whole, id: 'few', volts: 250 },
      ]),
    ).toMatchInlineSnapshot(`
      [
        "whole: drop-in 2000.00",
        "larger: fits-with-work 994.00 | change-strap: A larger case: measure the space and fit a proper strap.",
        "s40: fits-with-work 983.00 | with s5 | wire-two-singles: With a can of 5 µF for FAN: join one terminal of each as C.",
        "s5: fits-with-work 983.00 | with s40 | wire-two-singles: With a can of 40 µF for HERM: join one terminal of each as C.",
        "few: no -40.00",
      ]
    `)
  })
})

describe('the order of what serves', () => {
  const can = (id: string, more: Partial<CapSpec> = {}): CapSpec => ({ ...oldDual, id, ...more })

  it('is the nearest first, of equals the cheapest, one without a price last', () => {
    const ids = (candidates: CapSpec[], more: Partial<CapacitorMatchInput> = {}) =>
      matchCapacitors({ old: oldDual, candidates, ...more }).results.map(({ id }) => id)
    expect(ids([can('far', sections(41.2, 5.1)), can('near', sections(40.4, 5)), can('same')])).toEqual([
      'same',
      'near',
      'far',
    ])
    // Above is no better than below.
    expect(ids([can('above', sections(41.2, 5)), can('below', sections(39.6, 5))])).toEqual([
      'below',
      'above',
    ])
    expect(ids([can('none'), can('dear', { price: 40 }), can('cheap', { price: 12 })])).toEqual([
      'cheap',
      'dear',
      'none',
    ])
    expect(ids([can('a'), can('b')], { limit: 1 })).toEqual(['a'])
    expect(ids([can('a'), can('b')], { limit: 0 })).toEqual([])
  })

  it('prefers the fewer jumpers, and what is nearer, among those that are made of many', () => {
    expect(
      judged(
        [can('three', multi(2.5, 2.5, 5, 40)), can('one', multi(10, 40)), can('off', multi(10.2, 40))],
        sections(40, 10),
      ),
    ).toMatchInlineSnapshot(`
      [
        "one: fits-with-work 994.00 | jumper-sections: Jumper HERM: B (40); FAN: A (10); leave none free.",
        "three: fits-with-work 992.00 | jumper-sections: Jumper HERM: D (40); FAN: A (2.5) + B (2.5) + C (5); leave none free.",
        "off: fits-with-work 992.00 | jumper-sections: Jumper HERM: B (40); FAN: A (10.2); leave none free.",
      ]
    `)
  })

  it('leaves the free terminals of a dual covered', () => {
    expect(judged([can('dual'), can('near', sections(40, 5.2))], sections(5))).toMatchInlineSnapshot(`
      [
        "dual: fits-with-work 994.00",
        "near: fits-with-work 990.00",
      ]
    `)
  })
})

it('a tolerance that is printed uneven counts at its wider side, and is the usual one where none is printed', () => {
  const verdict = (tolerancePercent: CapSpec['tolerancePercent'], uF: number) =>
    judged([{ ...oldDual, id: 'x', ...sections(uF) }], { ...sections(10), tolerancePercent })[0]!.split(
      ' ',
    )[1]
  expect(verdict({ minus: 5, plus: 10 }, 11)).toBe('drop-in')
  expect(verdict({ minus: 5, plus: 10 }, 11.1)).toBe('no')
  expect(verdict(undefined, 10.6)).toBe('drop-in')
  expect(verdict(undefined, 10.7)).toBe('no')
})

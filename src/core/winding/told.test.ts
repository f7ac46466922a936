import { describe, expect, it } from 'vitest'
import { judgeWinding, type WindingInput } from '.'

/** `a-b 16` is a reading, `a-b open` over-range. */
const pairs = (...lines: string[]): WindingInput['pairs'] =>
  lines.map((line) => {
    const [pair = '', value = ''] = line.split(' ')
    const [a = '', b = ''] = pair.split('-')
    return { a, b, ohm: value === 'open' ? null : Number(value) }
  })

const ohms = (value: number | null) => (value === null ? 'open' : `${Math.round(value * 100) / 100}`)

/** All that is told of a motor, line by line: verdict, what is wrong, what is still to be read, the tree, the roles. */
function told(names: string, lines: string[], more: Partial<WindingInput> = {}): string[] {
  const result = judgeWinding({ leads: names.split(' '), pairs: pairs(...lines), ...more })
  const leadsOf = (id: string) => {
    const { leads = [] } = result.tree.nodes.find((node) => node.id === id) ?? {}
    return leads.length > 0 ? leads.join('=') : id
  }
  return [
    result.verdict,
    ...result.faults.map(({ kind, leads, text }) => `! ${kind} [${leads.join(' ')}] ${text}`),
    ...result.missing.map(([a, b]) => `? ${a}-${b}`),
    ...result.tree.segments.map(({ from, to, ohm }) => `${leadsOf(from)}–${leadsOf(to)} ${ohms(ohm)}`),
    ...(result.at20C ?? []).map(
      ({ from, to, ohm }) => `at 20 °C ${leadsOf(from)}–${leadsOf(to)} ${ohms(ohm)}`,
    ),
    Object.entries(result.roles)
      .map(([lead, role]) => `${lead} ${role}`)
      .join(', '),
    ...(result.doubtfulToFrame.length > 0
      ? [`doubtful to the frame: ${result.doubtfulToFrame.join(' ')}`]
      : []),
    ...(result.worstResidualOhm > 0.005 ? [`off by ${ohms(result.worstResidualOhm)}`] : []),
    ...result.notes,
  ]
}

const sound = ['c-r 16', 'c-s 23', 'r-s 39']

describe('what is told of', () => {
  it('three leads that agree', () => {
    expect(told('c r s', sound)).toMatchInlineSnapshot(`
      [
        "good",
        "c–r 16",
        "c–s 23",
        "c common, s start, r run",
      ]
    `)
  })

  it('a warm one, whose segments are given at 20 °C as well, an open one as open', () => {
    expect(told('c r s', sound, { windingCelsius: 40 })).toMatchInlineSnapshot(`
      [
        "good",
        "c–r 16",
        "c–s 23",
        "at 20 °C c–r 14.83",
        "at 20 °C c–s 21.32",
        "c common, s start, r run",
      ]
    `)
    expect(told('c r s', ['c-r 16', 'c-s open', 'r-s open'], { windingCelsius: 40 })).toMatchInlineSnapshot(`
      [
        "open",
        "! open [s] Over-range between s and the rest: a winding or its lead is open.",
        "c–r 16",
        "c–s open",
        "at 20 °C c–r 14.83",
        "at 20 °C c–s open",
        "",
      ]
    `)
  })

  it('the frame: each lead by itself, grounded, doubtful from a megohm to below twenty, else nothing', () => {
    const toFrame = [
      { lead: 'c', ohm: null },
      { lead: 'r', ohm: 1e6 },
      { lead: 's', ohm: 2e7 },
    ]
    expect(told('c r s', sound, { toFrame })).toMatchInlineSnapshot(`
      [
        "good",
        "c–r 16",
        "c–s 23",
        "c common, s start, r run",
        "doubtful to the frame: r",
        "r reads 1 MΩ to the frame: doubtful. Dry the motor and read again, or have it tested at 500 V.",
      ]
    `)
    expect(told('c r s', sound, { toFrame: [{ lead: 's', ohm: 4000 }] })).toMatchInlineSnapshot(`
      [
        "grounded",
        "! grounded [s] s reads 4000 Ω to the frame: it leaks. Do not run this motor.",
        "c–r 16",
        "c–s 23",
        "c common, s start, r run",
      ]
    `)
  })

  it('a sum that does not close, said of all three leads, one of each point', () => {
    expect(told('c r s', ['c-r 16', 'c-s 23', 'r-s 52'])).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [c r s] The largest reading, 52 Ω, should equal the sum of the other two, 39 Ω. Check that the capacitor and every wire are off, zero the leads, and read all three again.",
        "c–r 18.36",
        "c–s 26.13",
        "c common, s start, r run",
        "off by 7.5",
      ]
    `)
    expect(
      told('c r s g', ['c-r 16', 'c-s 23', 'r-s 52', 'c-g 0.1', 'g-r 16', 'g-s 23']),
    ).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [c r s] The largest reading, 52 Ω, should equal the sum of the other two, 39 Ω. Check that the capacitor and every wire are off, zero the leads, and read all three again.",
        "c=g–r 17.5",
        "c=g–s 24.99",
        "c common, g capacitor, s start, r run",
        "off by 9.52",
        "g is the same point as c.",
      ]
    `)
  })

  it('everything cut off from everything: hot it may be the protector, cold it is open', () => {
    const apart = ['c-r open', 'c-s open', 'r-s open']
    expect(told('c r s', apart, { caseTooHot: true })).toMatchInlineSnapshot(`
      [
        "hot-retest",
        "! hot-retest [r s] r, s open while the motor is hot: perhaps only its protector. Let it cool for an hour and read again before calling it dead.",
        "c–r open",
        "c–s open",
        "",
      ]
    `)
    expect(told('c r s', apart)).toMatchInlineSnapshot(`
      [
        "open",
        "! open [r s] Over-range between r, s and the rest: a winding or its lead is open.",
        "c–r open",
        "c–s open",
        "",
      ]
    `)
  })

  it('two of five cut off: hot as it is, no protector does that, nor one that cuts a pair and a lead', () => {
    const five = [
      'a-b 10',
      'b-c 20',
      'a-c 30',
      ...['d', 'e'].flatMap((lead) => ['a', 'b', 'c'].map((other) => `${other}-${lead} open`)),
    ]
    expect(told('a b c d e', [...five, 'd-e open'], { caseTooHot: true })).toMatchInlineSnapshot(`
      [
        "open",
        "! open [d e] Over-range between d, e and the rest: a winding or its lead is open.",
        "a–b 10",
        "b–c 20",
        "a–d open",
        "a–e open",
        "b common, c start, a run",
      ]
    `)
    expect(told('a b c d e', [...five, 'd-e 5'], { caseTooHot: true })).toMatchInlineSnapshot(`
      [
        "open",
        "! open [d e] Over-range between d, e and the rest: a winding or its lead is open.",
        "a–b 10",
        "b–c 20",
        "d–e 5",
        "a–d open",
        "b common, c start, a run",
      ]
    `)
    const three = ['a-b 10', 'c-d 20', ...['a', 'b', 'c', 'd'].map((other) => `${other}-e open`)]
    expect(
      told('a b c d e', [...three, 'a-c open', 'a-d open', 'b-c open', 'b-d open'], { caseTooHot: true }),
    ).toMatchInlineSnapshot(`
      [
        "open",
        "! open [c d e] Over-range between c, d, e and the rest: a winding or its lead is open.",
        "a–b 10",
        "c–d 20",
        "a–c open",
        "a–e open",
        "",
      ]
    `)
  })

  it('parts that nobody read against each other: which pair is to be read', () => {
    expect(told('a b c d', ['a-b 10', 'c-d 20'])).toMatchInlineSnapshot(`
      [
        "incomplete",
        "? a-c",
        "a–b 10",
        "c–d 20",
        "a–c open",
        "",
      ]
    `)
    expect(told('a b c d e', ['a-b 10', 'b-c 20', 'a-c 30', 'd-e 5'])).toMatchInlineSnapshot(`
      [
        "incomplete",
        "? a-d",
        "a–b 10",
        "b–c 20",
        "d–e 5",
        "a–d open",
        "b common, c start, a run",
      ]
    `)
  })

  it('one pair over-range between leads that both reach the others', () => {
    expect(
      told('a b c d', ['a-b 10', 'a-c 20', 'a-d 30', 'b-c 30', 'b-d open', 'c-d 50']),
    ).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [b d] b to d shows over-range, but both reach the other leads. Read that pair again.",
        "a–c 20",
        "a–b 10",
        "b–d 20",
        "a common, c start, b run, d tap",
      ]
    `)
  })

  it('one reading of six that the others contradict: named as the meter showed it, and left out of the tree', () => {
    const six = ['a-b 10', 'a-c 20', 'a-d 30', 'b-c 30', 'b-d 40', 'c-d 90']
    expect(told('a b c d', six)).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [c d] c to d reads 90 Ω; the others say 50 Ω. Read that pair again.",
        "a–b 10",
        "a–c 20",
        "a–d 30",
        "a common, d start, b run, c tap",
      ]
    `)
    const shown = ['a-b 10.5', 'a-c 20.5', 'a-d 30.5', 'b-c 30.5', 'b-d 40.5', 'c-d 90.5']
    expect(told('a b c d', shown, { leadOffsetOhm: 0.5 })).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [c d] c to d reads 90.5 Ω; the others say 50.5 Ω. Read that pair again.",
        "a–b 10",
        "a–c 20",
        "a–d 30",
        "a common, d start, b run, c tap",
      ]
    `)
  })

  it('readings of which no one explains the rest', () => {
    expect(
      told('a b c d', ['a-b 10', 'a-c 55', 'a-d 30', 'b-c 12', 'b-d 80', 'c-d 90']),
    ).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [a b c d] The readings disagree by up to 22 Ω. Check that every wire is off, zero the leads and read again.",
        "a–b 18.45",
        "b–c 18.15",
        "a–d 39.85",
        "a common, d start, b run, c tap",
        "off by 21.7",
      ]
    `)
  })

  it('one reading of ten that the others contradict', () => {
    expect(
      told('a b c d e', [
        'a-b 10',
        'a-c 20',
        'a-d 30',
        'a-e 35',
        'b-c 30',
        'b-d 40',
        'b-e 45',
        'c-d 10',
        'c-e 15',
        'd-e 60',
      ]),
    ).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [d e] d to e reads 60 Ω; the others say 25 Ω. Read that pair again.",
        "a–b 10",
        "a–c 20",
        "c–d 10",
        "c–e 15",
        "c common, e start, d run, a tap, b tap",
      ]
    `)
  })

  it('an electronic motor: three phases that agree, that do not, and two alone', () => {
    const kind = { motorKind: 'bldc' as const }
    expect(told('u v w', ['u-v 10', 'v-w 10.2', 'u-w 10.1'], kind)).toMatchInlineSnapshot(`
      [
        "good",
        "u–n3 4.95",
        "n3–v 5.05",
        "n3–w 5.15",
        "u line, v line, w line",
        "The three phases agree within 10 %.",
      ]
    `)
    expect(told('u v w', ['u-v 10', 'v-w 14', 'u-w 10.1'], kind)).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [u v w] The three phases differ by 40 %; they should agree within 10 %. Read again with the module off.",
        "u–n3 3.05",
        "n3–v 6.95",
        "n3–w 7.05",
        "u line, v line, w line",
      ]
    `)
    expect(told('u v w', ['u-v 10', 'v-w 10.2'], kind)).toMatchInlineSnapshot(`
      [
        "incomplete",
        "? u-w",
        "u–v 10",
        "u–w 0.2",
        "u line, v line, w line",
      ]
    `)
    expect(told('u v w', ['u-v 10', 'v-w 10.2', 'u-w open'], kind)).toMatchInlineSnapshot(`
      [
        "inconsistent",
        "! inconsistent [u w] u to w shows over-range, but both reach the other leads. Read that pair again.",
        "u–v 10",
        "u–w 0.2",
        "u line, v line, w line",
      ]
    `)
    expect(told('u v', ['u-v 10'], kind)).toMatchInlineSnapshot(`
      [
        "good",
        "u–v 10",
        "u line, v line",
      ]
    `)
  })

  it('leads of one point where the motor needs a winding', () => {
    const kind = { motorKind: 'psc' as const }
    expect(told('c r s', ['c-r 0.2', 'c-s 23', 'r-s 23'], kind)).toMatchInlineSnapshot(`
      [
        "shorted",
        "! shorted [c r] c and r read 0.2 Ω, as one point, where this motor needs a winding: shorted, or two leads of one point and another lead not listed.",
        "c=r–s 23",
        "c common, r capacitor, s run",
        "r is the same point as c.",
      ]
    `)
    expect(told('c r s', ['c-s 23', 'r-s 23'], { ...kind, joined: [['c', 'r']] })).toMatchInlineSnapshot(`
      [
        "shorted",
        "! shorted [c r] c and r are one point, where this motor needs a winding: shorted, or two leads of one point and another lead not listed.",
        "c=r–s 23",
        "c common, r capacitor, s run",
        "r is the same point as c.",
      ]
    `)
    expect(told('a b', ['a-b 12'], { motorKind: 'shaded-pole' })).toMatchInlineSnapshot(`
      [
        "good",
        "a–b 12",
        "a common, b run",
      ]
    `)
  })

  it('a pair over-range at one of two joined leads: named first, then the sum', () => {
    const { faults } = judgeWinding({
      leads: ['c', 'r', 's', 'g'],
      pairs: pairs('c-r 16', 'c-s 23', 'r-s 52', 'g-r open'),
      joined: [['c', 'g']],
    })
    // The sum of the rest does not close either, and is said once.
    expect(faults.map(({ kind, leads }) => `${kind} ${leads.join(' ')}`)).toEqual([
      'inconsistent g r',
      'inconsistent c r s',
    ])
  })

  it('what the meter cannot tell apart: half beyond its own limit is no disagreement', () => {
    const meter = { accuracyPercent: 1, accuracyCounts: 0, resolutionOhm: 0.1 }
    const verdict = (last: number) =>
      judgeWinding({
        leads: ['a', 'b', 'c', 'd'],
        pairs: pairs('a-b 10', 'a-c 20', 'a-d 30', 'b-c 30', 'b-d 40', `c-d ${last}`),
        meter,
      }).verdict
    expect([50, 50.6, 49.4].map(verdict)).toEqual(['good', 'good', 'good'])
    expect([54, 60].map(verdict)).toEqual(['inconsistent', 'inconsistent'])
  })

  it('how near an unread lead lies to be the same point: half an ohm, and a fifth of the smallest winding', () => {
    const same = (near: number, ohm: number, more: string[] = []) =>
      judgeWinding({
        leads: ['c', 'd', 'r', 's'],
        pairs: pairs(
          `c-r ${ohm}`,
          `c-s ${1.5 * ohm}`,
          `r-s ${2.5 * ohm}`,
          `d-r ${ohm + near}`,
          `d-s ${1.5 * ohm + near}`,
          ...more,
        ),
        meter: { accuracyPercent: 0.1, accuracyCounts: 0, resolutionOhm: 0.01 },
      }).sameLeads
    expect(same(0.4, 16)).toEqual([['c', 'd']])
    expect(same(0.6, 16)).toEqual([])
    expect(same(0.4, 1.5)).toEqual([])
    expect(same(0.25, 1.5)).toEqual([['c', 'd']])
    // Once read, the reading says it: four tenths are a winding of their own beside what the meter can tell.
    expect(same(0.4, 16, ['c-d 0.4'])).toEqual([])
  })

  it('leads that nobody read against each other and that the others put on one point', () => {
    expect(told('c d r s', ['c-r 16', 'c-s 23', 'r-s 39', 'd-r 16', 'd-s 23'])).toMatchInlineSnapshot(`
      [
        "good",
        "c=d–r 16",
        "c=d–s 23",
        "c common, d capacitor, s start, r run",
        "d is the same point as c.",
      ]
    `)
    // A tap lies further from its neighbour.
    expect(told('c r s t', ['c-r 16', 'c-s 23', 'r-s 39', 't-c 18', 't-s 41'])).toMatchInlineSnapshot(`
      [
        "incomplete",
        "? r-t",
        "c–s 23",
        "c–r 16",
        "c–t 18",
        "c common, s start, r run, t tap",
      ]
    `)
  })
})

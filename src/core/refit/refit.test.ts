import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type RefitStep, refitActions, refusedBypass, wayBack } from '.'

const step = (
  id: string,
  action: RefitStep['action'],
  part: string,
  more: Partial<RefitStep> = {},
): RefitStep => ({ id, action, part, ...more })

describe('the way back', () => {
  const blower = [
    step('1', 'unscrew', 'door', { count: 2, fastener: '1/4 hex', cup: 'A' }),
    step('2', 'photo', 'board'),
    step('3', 'disconnect', 'black wire', { terminal: 'COOL' }),
    step('4', 'unplug', 'signal plug'),
    step('5', 'pull-hose', 'drain hose'),
    step('6', 'slide-out', 'blower assembly'),
    step('7', 'lift-off', 'motor'),
    step('8', 'unscrew', 'band', { count: 3, fastener: 'M6 nut', cup: 'B', movesToNewPart: true }),
  ]

  it('is the plain reverse, each act inverted, with the part moved over before the new one goes in', () => {
    const back = wayBack({ steps: blower, replaced: 'motor' })
    expect(back.steps.map((s) => [s.from, s.action])).toEqual([
      ['8', 'transfer'],
      ['7', 'set-on'],
      ['6', 'slide-in'],
      ['5', 'push-hose'],
      ['4', 'plug'],
      ['3', 'connect'],
      ['1', 'screw'],
    ])
    expect(back.steps[1]!.text).toMatch(/the new motor/)
    expect(back.transfers).toEqual(['band'])
  })

  it('names the terminal and carries a check for each hose and plug', () => {
    const back = wayBack({ steps: blower })
    const of = (id: string) => back.steps.find((s) => s.from === id)!
    expect(of('3').text).toMatch(/COOL/)
    expect(of('4').checks).toContain('latched')
    expect(of('5').checks.join()).toMatch(/clamped/)
  })

  it('lets "after" win over the order of the ledger', () => {
    const back = wayBack({
      steps: [step('t', 'unscrew', 'plate', { after: ['s'] }), step('s', 'unclip', 'cover')],
    })
    expect(back.steps.map((s) => s.from)).toEqual(['t', 's'])
  })

  it('moves a wheel over where the reverse has it, its own set screw tightened after it', () => {
    const back = wayBack({
      steps: [
        step('p', 'unscrew', 'motor plate', { count: 4, fastener: 'screw' }),
        step('s', 'loosen', 'wheel set screw', { movesToNewPart: true }),
        step('w', 'slide-out', 'wheel', { movesToNewPart: true, mark: 'hub up' }),
        step('n', 'unscrew', 'motor nuts', { count: 3, fastener: 'nut' }),
        step('m', 'lift-off', 'motor'),
      ],
      replaced: 'Motor',
    })
    expect(back.steps.map((s) => [s.from, s.action])).toEqual([
      ['m', 'set-on'],
      ['n', 'screw'],
      ['w', 'transfer'],
      ['s', 'tighten'],
      ['p', 'screw'],
    ])
    expect(back.transfers).toEqual(['wheel'])
    expect(back.steps[2]!.checks).toEqual(
      expect.arrayContaining(['at its mark: hub up', 'set screw on the flat']),
    )
  })

  it('puts two wheels on a through shaft from the sides from which they came', () => {
    const back = wayBack({
      steps: [
        step('a', 'slide-out', 'burner wheel', { movesToNewPart: true }),
        step('b', 'slide-out', 'room wheel', { movesToNewPart: true }),
        step('m', 'slide-out', 'motor'),
      ],
      replaced: 'motor',
    })
    expect(back.steps.map((s) => s.from)).toEqual(['m', 'b', 'a'])
  })

  describe('seals', () => {
    const order = (...steps: RefitStep[]) => wayBack({ steps }).steps.map((s) => s.from)

    it('broken before the lift go on before the part is set on again', () => {
      expect(
        order(
          step('screws', 'unscrew', 'inducer'),
          step('gasket', 'break-seal', 'inducer gasket'),
          step('tube', 'pull-hose', 'pressure tube'),
          step('inducer', 'lift-off', 'inducer assembly'),
          step('elbow', 'pull-hose', 'drain elbow'),
        ),
      ).toEqual(['elbow', 'gasket', 'inducer', 'tube', 'screws'])
    })

    it('peeled off after the lift go on before the cover that their name tells, not before another part', () => {
      expect(
        order(
          step('cover', 'lift-off', 'cover'),
          step('box', 'lift-off', 'control box'),
          step('gasket', 'break-seal', 'Cover-gasket'),
          step('wheel', 'slide-out', 'wheel'),
        ),
      ).toEqual(['wheel', 'box', 'gasket', 'cover'])
    })

    it('belong to the line that is named, whatever stands nearer', () => {
      expect(
        order(
          step('door', 'unclip', 'door'),
          step('putty', 'break-seal', 'putty', { seals: 'door' }),
          step('plate', 'lift-off', 'plate'),
        ),
      ).toEqual(['plate', 'putty', 'door'])
    })

    it('around the outside keep the plain reverse', () => {
      expect(
        order(
          step('tape', 'break-seal', 'foil tape', { sealAt: 'outside' }),
          step('screws', 'unscrew', 'duct'),
          step('duct', 'lift-off', 'duct'),
        ),
      ).toEqual(['duct', 'screws', 'tape'])
    })

    it('stay where "after" holds them, and others still find their part', () => {
      expect(
        order(
          step('bead', 'break-seal', 'bead'),
          step('screws', 'unscrew', 'flange'),
          step('flange', 'lift-off', 'flange', { after: ['bead'] }),
          step('felt', 'break-seal', 'felt'),
          step('clip', 'unscrew', 'wheel clip'),
          step('wheel', 'slide-out', 'wheel'),
        ),
      ).toEqual(['felt', 'wheel', 'clip', 'flange', 'screws', 'bead'])
    })
  })

  it('asks for the act of a note and gives a line that stays off no way back', () => {
    const back = wayBack({
      steps: [
        step('n', 'note', 'something with the flap'),
        step('x', 'unscrew', 'bracket', { extra: true, fastener: 'screw' }),
        step('c', 'unclip', 'cover', { seals: 'nowhere' }),
      ],
    })
    expect(back.steps.map((s) => s.from)).toEqual(['c'])
    expect(back.problems.map((p) => p.code)).toEqual(['unknown-act', 'leftover', 'unknown-step'])
  })

  it('counts each cup and names what stays off', () => {
    const back = wayBack({
      steps: [
        ...blower,
        step('9', 'unscrew', 'bracket', { count: 2, fastener: '1/4 hex', cup: 'A', extra: true }),
      ],
    })
    expect(back.tally).toContainEqual({ cup: 'A', fastener: '1/4 hex', removed: 4, refitted: 2 })
    expect(back.problems.map((p) => p.code)).toEqual(['leftover'])
  })

  it('lists renewals with the longest cure, and closes a drain last', () => {
    const back = wayBack({
      steps: [
        step('1', 'drain', 'trap'),
        step('2', 'break-seal', 'inducer gasket', {
          renew: { material: 'high-temperature sealant', cureHours: 24 },
        }),
        step('3', 'cut-tie', 'harness', { renew: { material: 'tie' } }),
      ],
    })
    expect(back.waitHours).toBe(24)
    expect(back.renew).toHaveLength(2)
    expect(back.steps.at(-1)!.checks).toContain('drain closed, trap refilled with water')
    // What it is renewed with is said once.
    expect(back.steps.find(({ action }) => action === 'tie')!.text).toBe('Tie harness with new tie.')
  })

  it('wants every bypass undone and forbids all but the door switch', () => {
    const steps = [
      step('1', 'bypass', 'door switch', { switch: 'door' }),
      step('2', 'bypass', 'pressure switch', { switch: 'pressure' }),
      step('3', 'unclip', 'cover', { temporary: true }),
      step('4', 'bypass', 'limit, called a door switch', { switch: 'door' }),
      step('5', 'bypass', 'R to W', { switch: 'call' }),
    ]
    const back = wayBack({ steps }, refusedBypass)
    expect(back.mustUndo).toEqual(['1', '2', '3', '4', '5'])
    expect(back.problems.filter((p) => p.code === 'forbidden-bypass')).toHaveLength(2)
  })

  it('reports circles, unknown steps and an empty ledger as problems', () => {
    expect(
      wayBack({
        steps: [step('a', 'unclip', 'x', { after: ['b'] }), step('b', 'unclip', 'y', { after: ['a'] })],
      }).problems[0]!.code,
    ).toBe('cycle')
    expect(wayBack({ steps: [step('a', 'unclip', 'x', { after: ['zz'] })] }).problems[0]!.code).toBe(
      'unknown-step',
    )
    expect(wayBack({ steps: [] }).problems[0]!.code).toBe('nothing-to-refit')
    expect(
      wayBack({ steps: [step('a', 'photo', 'all'), step('b', 'mark', 'shaft')] }).problems[0]!.code,
    ).toBe('nothing-to-refit')
  })

  it('is the exact reverse of any ledger without dependencies and joint seals', () => {
    const anyLedger = fc.array(
      fc.record({ action: fc.constantFrom(...refitActions), moves: fc.boolean(), extra: fc.boolean() }),
      { minLength: 1, maxLength: 20 },
    )
    fc.assert(
      fc.property(anyLedger, (raw) => {
        const steps = raw.map(({ action, moves, extra }, index) =>
          step(`s${index}`, action, `part ${index}`, {
            movesToNewPart: moves,
            extra,
            ...(action === 'break-seal' ? { sealAt: 'outside' as const } : {}),
          }),
        )
        const withoutWayBack = ['photo', 'mark', 'measure', 'bypass']
        const expected = steps.filter((s) => !s.extra && !withoutWayBack.includes(s.action)).map((s) => s.id)
        expect(wayBack({ steps }).steps.map((s) => s.from)).toEqual(expected.reverse())
      }),
    )
  })

  it('keeps every dependency and loses no act, whatever the ledger', () => {
    const anyLedger = fc.array(
      fc.record({
        action: fc.constantFrom(...refitActions, 'break-seal' as const, 'lift-off' as const),
        moves: fc.boolean(),
        after: fc.nat(60),
      }),
      { minLength: 1, maxLength: 14 },
    )
    fc.assert(
      fc.property(anyLedger, (raw) => {
        const steps = raw.map((entry, index) =>
          step(`s${index}`, entry.action, `part ${index}`, {
            movesToNewPart: entry.moves,
            ...(entry.after < index ? { after: [`s${entry.after}`] } : {}),
          }),
        )
        const back = wayBack({ steps, replaced: 'part 0' })
        const place = new Map(back.steps.map((s, index) => [s.from, index]))
        expect(place.size).toBe(back.steps.length)
        for (const s of steps) {
          for (const before of s.after ?? []) {
            const [own, other] = [place.get(s.id), place.get(before)]
            if (own !== undefined && other !== undefined) expect(own).toBeLessThan(other)
          }
        }
      }),
    )
  })
})

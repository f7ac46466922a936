import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import { type RefitStep, wayBack } from '.'

let count = 0
const step = (action: RefitStep['action'], part: string, more: Partial<RefitStep> = {}): RefitStep => ({
  id: `s${++count}`,
  action,
  part,
  ...more,
})
const lineOf = (steps: RefitStep[], part: string) =>
  wayBack({ steps }).steps.find((each) => each.part === part)

describe('what was measured on the way in', () => {
  it('stands where its part is set back, in words and as a figure', () => {
    const depth = step('measure', 'impeller', { amount: { value: 14, unit: 'mm' }, mark: 'from the face' })
    const line = lineOf([depth, step('loosen', 'set screw'), step('lift-off', 'impeller')], 'impeller')
    expect(line?.checks).toContain('14 mm from the face, as it was')
    expect(line?.figures).toEqual([{ from: depth.id, value: 14, unit: 'mm', mark: 'from the face' }])
  })

  it('goes by the part that is named, wherever that came off', () => {
    const gap = step('measure', 'gap', { amount: { value: 3, unit: 'mm' }, of: 'blower wheel' })
    const steps = [step('lift-off', 'Blower wheel'), gap, step('lift-off', 'motor')]
    expect(lineOf(steps, 'Blower wheel')?.figures).toHaveLength(1)
    expect(lineOf(steps, 'motor')?.figures).toBeUndefined()
  })

  it('goes by its last word where nothing is named, past what comes off before; else to the next part', () => {
    const wheel = step('mark', 'depth of the wheel')
    const steps = [wheel, step('lift-off', 'cover'), step('unscrew', 'wheel'), step('slide-out', 'fan wheel')]
    expect(lineOf(steps, 'fan wheel')?.checks).toContain('depth of the wheel, as it was')
    const other = step('measure', 'across the joint', { amount: { value: 40, unit: 'mm' } })
    expect(
      lineOf([other, step('unscrew', 'cover'), step('lift-off', 'cover')], 'cover')?.figures,
    ).toBeDefined()
  })

  it('of a hose stands at its hose, of a part that moves over where it moves, of one only loosened where it is tightened', () => {
    const hose = step('mark', 'port of the pressure hose')
    expect(
      lineOf([hose, step('lift-off', 'cover'), step('pull-hose', 'pressure hose')], 'pressure hose')?.figures,
    ).toHaveLength(1)
    const wheel = step('measure', 'wheel', { amount: { value: 52, unit: 'mm' } })
    const moved = lineOf(
      [wheel, step('lift-off', 'wheel', { movesToNewPart: true }), step('lift-off', 'motor')],
      'wheel',
    )
    expect(moved).toMatchObject({ action: 'transfer', figures: [{ value: 52 }] })
    const band = step('measure', 'band', { amount: { value: 60, unit: 'mm' } })
    expect(lineOf([band, step('loosen', 'motor band')], 'motor band')).toMatchObject({
      action: 'tighten',
      figures: [{ value: 60 }],
    })
  })

  it('is told where it finds no line', () => {
    const lost = step('measure', 'shelf', { of: 'shelf in the garage' })
    const { problems } = wayBack({ steps: [lost, step('lift-off', 'motor')] })
    expect(problems).toMatchObject([{ code: 'figure-without-line', from: lost.id }])
  })

  it('is never lost: it stands at one line or among the problems, in any ledger', () => {
    const acts = fc.constantFrom<RefitStep['action']>(
      'measure',
      'mark',
      'lift-off',
      'loosen',
      'unscrew',
      'pull-hose',
      'photo',
      'drain',
      'unplug',
    )
    const parts = fc.constantFrom('wheel', 'fan wheel', 'motor', 'hose', 'drain hose', 'cover', 'shaft')
    const ledger = fc.array(
      fc.record({ action: acts, part: parts, extra: fc.boolean(), of: fc.option(parts, { nil: undefined }) }),
      { maxLength: 14 },
    )
    fc.assert(
      fc.property(ledger, (raw) => {
        const steps = raw.map(
          ({ of, ...each }, index): RefitStep => ({
            id: `l${index}`,
            ...each,
            ...(of === undefined ? {} : { of }),
          }),
        )
        const { steps: back, problems } = wayBack({ steps })
        const told = [
          ...back.flatMap(({ figures }) => (figures ?? []).map(({ from }) => from)),
          ...problems.flatMap(({ code, from }) => (code === 'figure-without-line' && from ? [from] : [])),
        ]
        const taken = steps
          .filter(({ action }) => action === 'measure' || action === 'mark')
          .map(({ id }) => id)
        expect(told.sort()).toEqual(taken.sort())
      }),
      { seed: seedOf(41), numRuns: samples(300, 5000) },
    )
  })
})

describe('work of fitting', () => {
  const steps = () => [
    step('lift-off', 'cover'),
    step('lift-off', 'wheel', { movesToNewPart: true }),
    step('lift-off', 'motor'),
    step('unplug', 'motor plug'),
  ]
  const work = [
    { kind: 'turn-plate', text: 'Turn the plate.' },
    { kind: 'cut-shaft', text: 'Cut 38 mm off the shaft.' },
    { kind: 'extend-leads', text: 'Extend the leads.' },
    { kind: 'set-mark', text: 'Mark the shaft at 52 mm.' },
  ]

  it('has lines of its own before the new part is set in, the shaft before its wheel', () => {
    const back = wayBack({ steps: steps(), replaced: 'motor', work })
    const order = back.steps.map(({ action, text, part }) => (action === 'work' ? text : part))
    const at = (name: string) => order.indexOf(name)
    for (const { text } of work) {
      expect(at(text)).toBeGreaterThanOrEqual(0)
      expect(at(text)).toBeLessThan(at('motor'))
    }
    for (const text of ['Cut 38 mm off the shaft.', 'Mark the shaft at 52 mm.'])
      expect(at(text)).toBeLessThan(at('wheel'))
  })

  it('is all there where nothing is replaced', () => {
    expect(wayBack({ steps: steps(), work }).steps.filter(({ action }) => action === 'work')).toHaveLength(4)
  })
})

describe('turned by hand', () => {
  const at = (steps: RefitStep[]) =>
    wayBack({ steps, replaced: 'motor' })
      .steps.filter(({ checks }) => checks.includes('turns free, equal gaps'))
      .map(({ part, action }) => `${action} ${part}`)

  it('at the line that last fixes the motor or its assembly, not on the bench and not at the cover', () => {
    expect(
      at([
        step('unscrew', 'blower door'),
        step('lift-off', 'blower door'),
        step('unscrew', 'blower assembly'),
        step('slide-out', 'blower assembly'),
        step('loosen', 'wheel set screw'),
        step('unscrew', 'motor bracket'),
        step('lift-off', 'motor'),
        step('lift-off', 'wheel', { movesToNewPart: true }),
      ]),
    ).toEqual(['screw blower assembly'])
  })

  it('and nowhere where nothing turns', () => {
    expect(at([step('lift-off', 'capacitor cover'), step('disconnect', 'wire of C')])).toEqual([])
  })
})

describe('a drain', () => {
  it('comes back as a line of its own in its place, the trap refilled', () => {
    const back = wayBack({
      steps: [step('lift-off', 'cover'), step('drain', 'condensate trap'), step('pull-hose', 'hose')],
    })
    expect(back.steps.map(({ action }) => action)).toEqual(['push-hose', 'close-drain', 'set-on'])
    expect(back.steps[1]?.checks).toEqual(['drain closed, trap refilled with water'])
    expect(wayBack({ steps: [step('drain', 'coil')] }).steps[0]?.checks).toEqual(['drain closed'])
  })
})

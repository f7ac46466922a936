import { describe, expect, it } from 'vitest'
import { act, actAt, back, bath, line, madeDead, NOW, refused, tick } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { cannotBeBack, orderOfHands } from './refitOf'

const SECOND = 1000

/** A door, its filters behind it, and a gasket under a motor whose blade goes over to a new one. */
const apart = (): JobSnapshot => {
  const lines: [string, object][] = [
    ['door', { action: 'unclip', part: 'door' }],
    ['filters', { action: 'slide-out', part: 'core and filters' }],
    ['blade', { action: 'lift-off', part: 'blade', movesToNewPart: 1 }],
    ['nuts', { action: 'unscrew', part: 'motor', count: 2, cup: 'A' }],
    ['seal', { action: 'break-seal', part: 'motor gasket' }],
    ['motor', { action: 'lift-off', part: 'motor' }],
  ]
  return act(
    madeDead(bath()),
    { kind: 'field.set', id: 'replaced', part: 'way', field: 'replaced', typed: 'motor' },
    ...lines.map(([id, more]) => line(id, more)),
    ...lines.map(([id]) => tick(id)),
  )
}

describe('the order of hands on the way back', () => {
  it('is refused where no hands can: on a part that is not in, before it is on, over a seal that is not there', () => {
    const job = apart()
    expect(refused(job, back('blade'))).toBe('order')
    expect(cannotBeBack(job, 'blade')).toMatch(/sits on the new part, which is not in its place yet/)
    expect(refused(job, back('nuts'))).toBe('order')
    expect(cannotBeBack(job, 'nuts')).toMatch(/fastened before it is on/)
    expect(refused(job, back('motor'))).toBe('order')
    expect(cannotBeBack(job, 'motor')).toMatch(/gasket.*comes after/)
  })

  it('runs through where each thing comes after what it needs', () => {
    let job = apart()
    for (const [index, id] of ['seal', 'motor', 'nuts', 'blade', 'filters', 'door'].entries()) {
      const at = NOW + index * SECOND
      expect(refused(job, back(id), at), id).toBeNull()
      job = actAt(at, job, back(id))
    }
    expect(orderOfHands(job)).toEqual([])
  })

  it('is told, and not refused, where a door closes over what is still out: it may be for a night', () => {
    const job = apart()
    expect(refused(job, back('door'))).toBeNull()
    const shut = actAt(NOW + SECOND, job, back('door'))
    // One sentence for one door, the innermost first.
    expect(orderOfHands(shut)).toEqual([
      '“door” closes before “motor gasket”, “motor”, “blade” and 1 more are back behind it: put them before.',
    ])
    const almost = ['seal', 'motor', 'nuts', 'blade'].reduce(
      (all, id, index) => actAt(NOW + (index + 2) * SECOND, all, back(id)),
      actAt(NOW + 2 * SECOND, shut, back('door', false)),
    )
    expect(orderOfHands(actAt(NOW + 9 * SECOND, almost, back('door')))).toEqual([
      '“door” closes before “core and filters” is back behind it: put “core and filters” before.',
    ])
    expect(orderOfHands(actAt(NOW + 2 * SECOND, shut, back('door', false)))).toEqual([])
  })

  it('of screws that hold another part says nothing', () => {
    const job = act(
      madeDead(bath()),
      line('one', { action: 'unscrew', part: 'left panel', count: 2 }),
      line('two', { action: 'unscrew', part: 'right panel', count: 2 }),
      tick('one'),
      tick('two'),
    )
    expect(refused(job, back('one'))).toBeNull()
    expect(orderOfHands(actAt(NOW + SECOND, job, back('one')))).toEqual([])
  })
})

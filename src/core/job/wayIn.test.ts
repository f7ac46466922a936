import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import type { Act } from './actTypes'
import { energyOf } from './energy'
import { act, actAt, id, jobOn, NOW, refused } from './job.testing'
import { neededCharges, neededWaits, onlyPlug } from './place'
import { isolationActs, proofActs } from './proofScript'
import type { LedgerRow } from './rows'

const tick = (line: LedgerRow): Act => ({ kind: 'ledger.tick', id: line.id, on: true })

describe('the way in of every family', () => {
  it.each(familyIds)(
    '%s is walked from its first screw to its proof, its discharge and its motor',
    (family) => {
      const planted = act(jobOn(family), {
        kind: 'ledger.plant',
        ids: Array.from({ length: 60 }, id),
        template: 'motor',
      })
      const lines = planted.ledger.filter((line) => line.action !== 'photo')
      // Nothing comes off while a point is closed.
      for (const line of lines) expect(refused(planted, tick(line)), line.part).toBe('not-proven')

      const begun = NOW - 3 * 3_600_000
      let job = actAt(begun, planted, ...isolationActs(planted))
      job = actAt(begun, job, ...neededWaits(job).map((wait): Act => ({ kind: 'wait.start', id: wait.id })))
      const first = lines.filter((line) => line.access === 'before-proof')
      // A machine with fixed wires has a cover in front of the place where dead is proved.
      expect(first.length > 0).toBe(!onlyPlug(planted))
      for (const line of first) expect(refused(job, tick(line)), line.part).toBeNull()
      for (const line of lines.filter((each) => each.access !== 'before-proof'))
        expect(refused(job, tick(line)), line.part).toBe('not-proven')
      job = act(job, ...first.map(tick))

      job = act(job, ...proofActs(job, id))
      expect(energyOf(job, NOW).state).toBe('proven-dead')
      const covers = lines.filter((line) => line.access === 'before-discharge')
      for (const line of covers) expect(refused(job, tick(line)), line.part).toBeNull()
      job = act(job, ...covers.map(tick))
      const inside = lines.filter((line) => line.access === '' && line.benchOf === '')
      if (neededCharges(job).length > 0)
        for (const line of inside) expect(refused(job, tick(line)), line.part).toBe('not-proven')

      job = act(
        job,
        ...neededCharges(job).map((charge): Act => ({ kind: 'charge.read', id: charge.id, typed: '0.3' })),
      )
      for (const line of lines.filter((each) => !each.access)) {
        expect(refused(job, tick(line)), line.part).toBeNull()
        job = act(job, tick(line))
      }
      expect(job.ledger.some((line) => line.frees !== '' && line.doneAt)).toBe(true)
    },
  )

  it.each(familyIds)(
    '%s comes to its capacitor by covers alone, and the capacitor is what lies on the bench then',
    (family) => {
      const planted = act(jobOn(family), {
        kind: 'ledger.plant',
        ids: Array.from({ length: 60 }, id),
        template: 'capacitor',
      })
      for (const line of planted.ledger.filter((each) => each.access !== ''))
        expect(['unscrew', 'unclip', 'lift-off', 'slide-out']).toContain(line.action)
      expect(planted.ledger.find((line) => line.frees === 'capacitor')?.part).toBe('capacitor')
    },
  )
})

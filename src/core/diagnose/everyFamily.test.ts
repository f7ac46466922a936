import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import { diagnose } from '.'
import type { DiagnoseInput } from './types'

/** More answers than any fan needs: the walk must end before. */
const MOST_ANSWERS = 40

describe('from the first symptom to an end without knowledge', () => {
  it.each(familyIds)(
    '%s: ordinary answers, one after the other, decide nothing, never ask twice, and come to an end',
    (family) => {
      const input: DiagnoseInput = { family, observations: { 'fan-state': 'dead' }, tools: ['hand', 'meter'] }
      const asked = new Set<string>()
      for (let count = 0; count < MOST_ANSWERS; count++) {
        const { decided, nextTests, suspects } = diagnose(input)
        const [next] = nextTests
        if (decided || !next) {
          expect(suspects.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 6)
          // Nothing that was seen points anywhere: a decision now would be made of the tables alone.
          expect(decided).toBeNull()
          expect(count).toBeGreaterThan(10)
          return
        }
        expect(asked.has(next.observation), next.observation).toBe(false)
        asked.add(next.observation)
        if (next.risk === 'live') input.declined = [...(input.declined ?? []), next.observation]
        else
          input.observations = {
            ...input.observations,
            [next.observation]: next.reads.reduce((top, read) =>
              read.probability > top.probability ? read : top,
            ).value,
          }
      }
      throw new Error(`${family} came to no end`)
    },
  )
})

'use client'

import { type Act, pairsOf, standingProof } from '@/core/job'
import { useJob } from '../../job/JobProvider'
import { TickKey } from '../../kit/TickKey'

/** What the key T ticks next on the way to dead: a point, the tester, the plug in sight, a wait. Numbers are typed. */
export function NextTick({ plug }: { plug: boolean }) {
  const { snapshot, energy, act, id } = useJob()
  const next = nextActs()
  return next ? <TickKey onPress={() => next.forEach(act)} /> : null

  function nextActs(): Act[] | null {
    const { points, waits, job, proofReadings } = snapshot
    if (job.phase !== 'work') return null
    const shut = points.find((point) => !point.struckAt && !point.openedAt)
    if (shut) return [{ kind: 'point.open', id: shut.id }]
    const proof = standingProof(snapshot)
    const proofId = proof?.id ?? id()
    const begin: Act[] = proof ? [] : [{ kind: 'proof.start', id: proofId }]
    if (plug) {
      if (!proof?.testerAfterAt)
        return [...begin, { kind: 'proof.tester', id: proofId, when: 'after', on: true }]
    } else if (!proof?.testerBeforeAt) {
      return [...begin, { kind: 'proof.tester', id: proofId, when: 'before', on: true }]
    } else if (!proof.testerAfterAt) {
      const read = (pair: string) =>
        proofReadings.some((row) => row.proofId === proof.id && row.pair === pair && row.volts !== null)
      if (pairsOf(snapshot).every(read))
        return [{ kind: 'proof.tester', id: proof.id, when: 'after', on: true }]
    }
    const wait = waits.find((each) => !each.struckAt && !each.startedAt)
    return wait && energy.openPoints === energy.allPoints ? [{ kind: 'wait.start', id: wait.id }] : null
  }
}

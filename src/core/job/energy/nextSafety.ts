import type { Act } from '../acts/actTypes'
import type { JobSnapshot } from '../rows'
import { feedsOf, neededWaits, onlyPlug, standingPoints } from './place'
import { allOpen, feedProof } from './proofs'

/**
 * What one press of a key ticks next on the way to dead: a point, how it is held as the plan proposes, the tester, the
 * switch, the plug in sight, a wait. Null where a number has to be typed or nothing is left.
 */
export function nextSafetyActs(snapshot: JobSnapshot, id: () => string): Act[] | null {
  if (snapshot.job.phase !== 'work') return null
  const points = standingPoints(snapshot)
  const shut = points.find((point) => !point.openedAt)
  if (shut) return [{ kind: 'point.open', id: shut.id }]
  const unheld = points.find((point) => point.held.trim() === '')
  if (unheld) return unheld.proposal ? [{ kind: 'point.held', id: unheld.id, held: unheld.proposal }] : null
  if (!allOpen(snapshot)) return null
  for (let feed = 1; feed <= feedsOf(snapshot.fields); feed++) {
    const { step, row } = feedProof(snapshot, feed)
    const proofId = row?.id ?? id()
    const begin: Act[] = row ? [] : [{ kind: 'proof.start', id: proofId, feed }]
    if (step === 'begin')
      return [
        ...begin,
        { kind: 'proof.tester', id: proofId, when: onlyPlug(snapshot) ? 'after' : 'before', on: true },
      ]
    if (step === 'tester-before') return [{ kind: 'proof.tester', id: proofId, when: 'before', on: true }]
    if (step === 'switch-on') return [{ kind: 'proof.switch', id: proofId, on: true }]
    if (step === 'switch-off') return [{ kind: 'proof.switch', id: proofId, on: false }]
    if (step === 'tester-after') return [{ kind: 'proof.tester', id: proofId, when: 'after', on: true }]
    if (step === 'read') return null
  }
  const wait = neededWaits(snapshot).find((each) => !each.startedAt)
  return wait ? [{ kind: 'wait.start', id: wait.id }] : null
}

import type { Act } from '../acts/actTypes'
import type { JobSnapshot } from '../rows'
import { energyJobOf } from '../shared'
import { feedsOf, onlyPlug, pairsOf, planAnswer, standingPoints, switchRole, unansweredPlan } from './place'

/** Every point opened and held as the plan proposes, in their order. */
export const isolationActs = (snapshot: JobSnapshot): Act[] => [
  ...answerActs(snapshot),
  ...standingPoints(snapshot).flatMap((point): Act[] => [
    { kind: 'point.open', id: point.id },
    { kind: 'point.held', id: point.id, held: point.proposal || 'taped off' },
  ]),
]

/** What the plan asks for before the proof, answered as it mostly is: one circuit, nothing else, ground, a switch that shows its ON. */
export const answerActs = (snapshot: JobSnapshot): Act[] =>
  unansweredPlan(snapshot).map((field) => ({
    kind: 'field.set',
    id: `${energyJobOf(snapshot.job)}-plan-${field}`,
    part: 'plan',
    field,
    typed: planAnswer(snapshot, field),
  }))

/**
 * The acts of a whole proof in the order in which they are done: for each circuit the tester, the switch before the place
 * set on, every pair, the switch off again, the tester. For what is told as a story or walked by a program.
 *
 * @param volts what the meter shows at each pair; 0.1 where the list ends
 */
export function proofActs(snapshot: JobSnapshot, id: () => string, volts: string[] = []): Act[] {
  return Array.from({ length: feedsOf(snapshot.fields) }, (_, index) => index + 1).flatMap((feed): Act[] => {
    const proofId = id()
    const begin: Act = { kind: 'proof.start', id: proofId, feed }
    const after: Act = { kind: 'proof.tester', id: proofId, when: 'after', on: true }
    if (onlyPlug(snapshot)) return [begin, after]
    const setOn = switchRole(snapshot, feed) === 'set-on'
    const turned = (on: boolean): Act[] => (setOn ? [{ kind: 'proof.switch', id: proofId, on }] : [])
    return [
      begin,
      { kind: 'proof.tester', id: proofId, when: 'before', on: true },
      ...turned(true),
      ...pairsOf(snapshot, feed).map(
        (pair, position): Act => ({
          kind: 'proof.read',
          id: id(),
          proofId,
          pair,
          position,
          typed: volts[position] ?? '0.1',
        }),
      ),
      ...turned(false),
      after,
    ]
  })
}

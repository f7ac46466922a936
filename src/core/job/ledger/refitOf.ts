import { actionInfo } from '../../knowledge/actions'
import { replacedParts } from '../../knowledge/replaced'
// Not over the barrel: the readers of sentences and bypasses are no part of a first load.
import type { BackMove } from '../../refit/moved'
import type { RefitResult, RefitStep } from '../../refit/types'
import { wayBack } from '../../refit/wayBack'
import { fieldText } from '../fields'
import { oncePerSnapshot } from '../oncePerSnapshot'
import type { Flag, JobSnapshot, LedgerRow } from '../rows'
import { figureWords } from './figureWords'

/** Its figure, else what was noted of it; where nothing was noted, what to look for in the photo, or that nobody knows. */
function markOf(line: LedgerRow, { household, photos }: JobSnapshot): { mark?: string } {
  if (line.figure) return { mark: figureWords(line, household) }
  if (line.mark) return { mark: line.mark }
  if (!line.asks) return {}
  const hasPhoto = photos.some(({ lineId }) => lineId === line.id)
  return { mark: `${hasPhoto ? 'look at the photo,' : 'nobody noted'} ${line.asks}` }
}

function stepOf(line: LedgerRow, snapshot: JobSnapshot): RefitStep {
  return {
    id: line.id,
    action: line.action,
    part: line.part,
    ...(line.count === null ? {} : { count: line.count }),
    ...(line.fastener ? { fastener: line.fastener } : {}),
    ...(line.cup ? { cup: line.cup } : {}),
    ...(line.terminal ? { terminal: line.terminal } : {}),
    ...markOf(line, snapshot),
    ...(line.ofPart ? { of: line.ofPart } : {}),
    ...(movesOver(line, snapshot) ? { movesToNewPart: true } : {}),
    ...(line.renewMaterial
      ? {
          renew: {
            material: line.renewMaterial,
            ...(line.cureHours === null ? {} : { cureHours: line.cureHours }),
          },
        }
      : {}),
    ...(line.temporary ? { temporary: true } : {}),
    ...(line.extra ? { extra: true } : {}),
    ...(line.switchKind ? { switch: line.switchKind } : {}),
  }
}

/** The part that is replaced, from the decision: the capacitor, or what the way that was taken takes out. */
export function replacedPart(snapshot: JobSnapshot): string {
  const action = snapshot.decisions[0]?.action
  if (action === 'replace-capacitor') return 'capacitor'
  return fieldText(snapshot, 'way', 'replaced') || replacedParts[snapshot.machine.family]
}

/**
 * The part that a new one takes the place of. Empty where what was decided puts no new one there, as cleaning does: what came out
 * goes back itself. Nobody having decided, it is what the way takes out.
 */
export function newPartOf(snapshot: JobSnapshot): string {
  const action = snapshot.decisions[0]?.action
  const whole =
    !action || fieldText(snapshot, 'choice', 'motor') !== '' || actionInfo(action).parts.includes('motor')
  return whole || action === 'replace-capacitor' ? replacedPart(snapshot) : ''
}

/** Whether a line's part goes over onto a new one, which only a job that has one can say. */
export const movesOver = (line: Pick<LedgerRow, 'movesToNewPart'>, snapshot: JobSnapshot): Flag =>
  line.movesToNewPart === 1 && newPartOf(snapshot) !== '' ? 1 : 0

/** Moves of the way back in the order in which they were made. */
const movesOf = (snapshot: JobSnapshot): BackMove[] =>
  snapshot.ledger
    .filter((line) => line.backAfter !== null)
    .sort((one, two) => (one.backMovedAt ?? '').localeCompare(two.backMovedAt ?? ''))
    .map((line) => ({ from: line.id, after: line.backAfter ?? '' }))

/** The way back from the acts that were ticked: asked for by each of its lines, and worked out once. */
export const refitOf = oncePerSnapshot((snapshot): RefitResult => backWith(snapshot, movesOf(snapshot)))

const backWith = (snapshot: JobSnapshot, moves: BackMove[]): RefitResult =>
  wayBack({
    steps: snapshot.ledger
      .filter((line) => line.doneAt && !line.struckAt)
      .map((line) => stepOf(line, snapshot)),
    replaced: newPartOf(snapshot),
    moves,
  })

/** Lines in the order in which hands put them back, each behind the one before it, and so before all that is still out. */
const handsOrder = (snapshot: JobSnapshot): string[] =>
  snapshot.ledger
    .filter((line) => line.backDoneAt !== null)
    .sort((one, two) => (one.backDoneAt ?? '').localeCompare(two.backDoneAt ?? ''))
    .map(({ id }) => id)

const brokenBy = (snapshot: JobSnapshot, hands: string[]): RefitResult['problems'] =>
  backWith(snapshot, [
    ...movesOf(snapshot),
    ...hands.map((from, index) => ({ from, after: hands[index - 1] ?? '' })),
  ]).problems.filter(({ code }) => code === 'order')

/**
 * What is wrong with the order in which the lines were put back: a cover that closed over what is still out. It may be meant, as
 * over a night, and is told, never refused.
 */
export const orderOfHands = oncePerSnapshot((snapshot): string[] => [
  ...new Set(brokenBy(snapshot, handsOrder(snapshot)).map(({ text }) => text)),
])

/** Why no hands can put this line back now: what it sits on or closes is not there yet. Null where they can. */
export function cannotBeBack(snapshot: JobSnapshot, lineId: string): string | null {
  const hands = handsOrder(snapshot)
  const known = new Set(brokenBy(snapshot, hands).map(({ text }) => text))
  const broken = brokenBy(snapshot, [...hands.filter((id) => id !== lineId), lineId])
  return broken.find(({ text, cannot }) => cannot && !known.has(text))?.text ?? null
}

import { fieldText } from '../job/fields'
import { oncePerSnapshot } from '../job/oncePerSnapshot'
import { chosenMotor } from '../job/parts/candidates'
import { oldMotor } from '../job/parts/oldPart'
import type { JobSnapshot } from '../job/rows'
import { twoWheelFamilies } from '../knowledge/familyTraits'
import type { MotorSpec } from '../match'
import { convertRotation, fromShaftEnd, type Turn } from '../rotation'
import { fitShaft, STAND_OUT_MM } from '.'
import { type FitQuestion, type FitSize, fitOfJob, sizesAsked } from './ofJob'

export type SecondField =
  | 'oldBody'
  | 'newBody'
  | 'secondBackToHub'
  | 'secondHubGrip'
  | 'newSecondLength'
  | 'secondStandOut'

/** One end of a motor with two: what hangs on it and which way it turns, seen from that end. */
export interface MotorEndView {
  end: 'first' | 'second'
  wheel: string
  oldTurn: Turn | null
  newTurn: Turn | null
  /** The new motor turns either way, as it is wired. */
  either: boolean
}

export interface SecondEnd {
  sizes: FitSize<SecondField>[]
  ends: [MotorEndView, MotorEndView]
  /** Null while a size is missing that the mark on the second end needs. */
  shaft: ReturnType<typeof fitShaft> | null
  missing: string[]
  /** From the mounting plane back to the second hub, the same for both motors; null while it is not known. */
  hubFromPlaneMm: number | null
  /** Both turns in one sentence, or what is to be noted before the old motor is let go. */
  turns: string
  /** The chosen motor turns the other way: both wheels would throw too little air, each from its own end. */
  reversed: boolean
}

const questions: FitQuestion<SecondField>[] = [
  {
    field: 'oldBody',
    label: 'Old body, length',
    how: 'face to back, without the shafts',
    given: (old) => ({ mm: old.bodyLengthMm, from: 'from its figures' }),
  },
  {
    field: 'newBody',
    label: 'New body, length',
    how: 'face to back, without the shafts',
    given: (_, fresh) => ({ mm: fresh?.bodyLengthMm, from: 'from its figures' }),
  },
  {
    field: 'secondBackToHub',
    label: 'Old: motor’s back to second hub',
    how: 'before that hub is loosened; a rule is enough',
  },
  { field: 'secondHubGrip', label: 'Second hub takes of the shaft', how: 'depth of its bore, by a rule' },
  {
    field: 'newSecondLength',
    label: 'New second shaft, length',
    how: 'from the motor’s back to its end',
    given: (_, fresh) => ({ mm: fresh?.shaft?.secondLengthMm, from: 'from its figures' }),
  },
  {
    field: 'secondStandOut',
    label: 'It may stand out beyond the second hub',
    how: 'to the housing, less a finger’s width',
    given: () => ({ mm: STAND_OUT_MM, from: 'a finger’s width' }),
  },
]

const WHEELS = { first: 'wheel on the first end', second: 'wheel on the second end' } as const

const opposite = (turn: Turn | null): Turn | null =>
  turn && convertRotation({ direction: turn, viewedFrom: 'shaft-end', wanted: 'lead-end' }).direction

const spoken: Record<Turn, string> = { CW: 'clockwise', CCW: 'counterclockwise' }

/**
 * The second end of a motor that carries two wheels: its mark, its cut and its turn, each seen from its own end. One shaft
 * turns one way; from its two ends it is seen the two ways, which is where such motors are put in wrongly.
 *
 * @returns null where the motor has one end
 */
export const secondEndOfJob = oncePerSnapshot((snapshot: JobSnapshot): SecondEnd | null => {
  const [old, fresh] = [oldMotor(snapshot), chosenMotor(snapshot)]
  if (old.shaft?.ends === 1) return null
  if (old.shaft?.ends !== 2 && !twoWheelFamilies.includes(snapshot.machine.family)) return null
  const sizes = sizesAsked(snapshot, questions)
  const wheel = (end: 'first' | 'second') => fieldText(snapshot, 'fit', `${end}Wheel`).trim() || WHEELS[end]
  const [was, is] = [fromShaftEnd(old.rotation) ?? null, fromShaftEnd(fresh?.rotation) ?? null]
  const either = is === null && fresh?.rotation?.reversible === true
  const reversed = was !== null && is !== null && was !== is
  return {
    sizes,
    ends: [
      { end: 'first', wheel: wheel('first'), oldTurn: was, newTurn: is, either },
      { end: 'second', wheel: wheel('second'), oldTurn: opposite(was), newTurn: opposite(is), either },
    ],
    ...markOf(snapshot, sizes),
    turns: turnsText(was, reversed, wheel('first'), wheel('second'), fresh),
    reversed,
  }
})

/** From the mounting plane to the back of each body; the second hub at its old depth behind it. */
function markOf(
  snapshot: JobSnapshot,
  sizes: FitSize<SecondField>[],
): Pick<SecondEnd, 'shaft' | 'missing' | 'hubFromPlaneMm'> {
  const of = (field: SecondField) => sizes.find((size) => size.field === field)?.mm ?? null
  const first = fitOfJob(snapshot).sizes
  const face = (field: 'oldMountToFace' | 'newMountToFace') =>
    first.find((size) => size.field === field)?.mm ?? 0
  const missing = sizes.filter(({ mm }) => mm === null).map(({ label }) => label)
  const [oldBody, newBody, hub, grip, length] = (
    ['oldBody', 'newBody', 'secondBackToHub', 'secondHubGrip', 'newSecondLength'] as const
  ).map(of)
  const behind = oldBody == null || hub == null ? null : oldBody - face('oldMountToFace') + hub
  if (oldBody == null || newBody == null || hub == null || grip == null || length == null)
    return { shaft: null, missing, hubFromPlaneMm: behind }
  const shaft = fitShaft(
    {
      old: { mountToFaceMm: oldBody - face('oldMountToFace'), faceToHubMm: hub },
      new: { mountToFaceMm: newBody - face('newMountToFace'), shaftLengthMm: length },
      hubGripMm: grip,
      shaftEndClearanceMm: of('secondStandOut') ?? STAND_OUT_MM,
    },
    'back',
  )
  return { shaft, missing, hubFromPlaneMm: behind }
}

function turnsText(
  was: Turn | null,
  reversed: boolean,
  first: string,
  second: string,
  fresh: MotorSpec | null,
): string {
  if (!was)
    return `Note which way the old shaft turns before it is let go, and from which end you look: the ${first} and the ${second} turn opposite ways, each seen from its own end.`
  const back = spoken[opposite(was) ?? 'CW']
  const both = `Seen from its own end, the ${first} turns ${spoken[was]} and the ${second} ${back}.`
  if (!reversed) return both
  const wrong = 'The chosen motor turns the other way: both wheels would run backwards.'
  return fresh?.rotation?.reversible
    ? `${both} ${wrong} Set its turn before it goes in.`
    : `${both} ${wrong} It does not serve unless its leads can be exchanged, which only a brushed or a reversible motor allows.`
}

import { fieldText } from '../job/fields'
import { MEASURED_ON_THE_WAY_IN, measuredOnWayIn } from '../job/ledger/wayInSizes'
import { oncePerSnapshot } from '../job/oncePerSnapshot'
import { chosenMotor } from '../job/parts/candidates'
import { lengthsOf, oldMotor } from '../job/parts/oldPart'
import type { JobSnapshot } from '../job/rows'
import type { MotorSpec } from '../match'
import { typedValue } from '../units'
import { centreWheel, fitShaft, STAND_OUT_MM } from '.'

/** A size that the fit asks for, as it is typed and as it counts. */
export interface FitSize<Field extends string = FitField> {
  field: Field
  label: string
  /** Millimetres; null where nobody knows it yet. */
  mm: number | null
  typed: string
  /** Where the figure comes from that counts while nothing is typed. */
  from: string
  /** How it is taken. */
  how: string
}

export type FitField =
  | 'oldMountToFace'
  | 'oldFaceToHub'
  | 'hubGrip'
  | 'newMountToFace'
  | 'newShaftLength'
  | 'newFlat'
  | 'newStuds'
  | 'studsNeeded'
  | 'standOut'

export interface FitQuestion<Field extends string = FitField> {
  field: Field
  label: string
  how: string
  /** What counts where nothing is typed. */
  given?: (
    old: MotorSpec,
    fresh: MotorSpec | null,
    snapshot: JobSnapshot,
  ) => { mm: number | null | undefined; from: string }
}

const questions: FitQuestion[] = [
  {
    field: 'oldMountToFace',
    label: 'Old: mounting plane to motor face',
    how: 'a rule is enough; 0 where the face lies on the plane',
    given: () => ({ mm: 0, from: 'taken as flush' }),
  },
  {
    field: 'oldFaceToHub',
    label: 'Old: motor face to hub',
    how: 'before the hub is loosened; a rule is enough',
    given: (_, __, snapshot) => ({ mm: measuredOnWayIn(snapshot, 'depth'), from: MEASURED_ON_THE_WAY_IN }),
  },
  { field: 'hubGrip', label: 'Hub takes of the shaft', how: 'depth of its bore, by a rule' },
  {
    field: 'newMountToFace',
    label: 'New: mounting plane to motor face',
    how: 'as the old one is held',
    given: () => ({ mm: 0, from: 'taken as flush' }),
  },
  {
    field: 'newShaftLength',
    label: 'New shaft, length',
    how: 'from the motor’s face to its end',
    given: (_, fresh) => ({ mm: fresh?.shaft?.lengthMm, from: 'from its figures' }),
  },
  { field: 'newFlat', label: 'New shaft, flat', how: 'from the end of the shaft inwards' },
  {
    field: 'newStuds',
    label: 'New studs, length',
    how: 'from the face they stand on',
    given: (_, fresh) => ({ mm: fresh?.mount?.studLengthMm, from: 'from its figures' }),
  },
  {
    field: 'studsNeeded',
    label: 'Studs may be',
    how: 'bracket, washer and nut, and what is clear behind them',
  },
  {
    field: 'standOut',
    label: 'Shaft may stand out beyond the hub',
    how: 'to the grille or guard, less a finger’s width',
    given: () => ({ mm: STAND_OUT_MM, from: 'a finger’s width' }),
  },
]

export interface JobFit {
  sizes: FitSize[]
  /** Null while a size is missing that the mark needs. */
  shaft: ReturnType<typeof fitShaft> | null
  /** Studs longer than they may be, in mm; null where nobody knows, 0 where they fit. */
  studsOverMm: number | null
  /** What is to be measured before the mark is known. */
  missing: string[]
}

/** Each size as it is typed, else as the old or the chosen motor's own figures give it. */
export function sizesAsked<Field extends string>(
  snapshot: JobSnapshot,
  asked: FitQuestion<Field>[],
): FitSize<Field>[] {
  const [old, fresh] = [oldMotor(snapshot), chosenMotor(snapshot)]
  return asked.map(({ field, label, how, given }): FitSize<Field> => {
    const typed = fieldText(snapshot, 'fit', field)
    const value = typedValue(typed, 'mm', lengthsOf(snapshot))
    const known = given?.(old, fresh, snapshot)
    return {
      field,
      label,
      how,
      typed,
      mm: value ?? known?.mm ?? null,
      from: value === null && known?.mm != null ? known.from : '',
    }
  })
}

const sizeOf = (sizes: FitSize[], field: FitField): number | null =>
  sizes.find((size) => size.field === field)?.mm ?? null

/** The new motor set where the old one was: the hub at its old depth, the shaft cut, the studs. From what was typed and chosen. */
export const fitOfJob = oncePerSnapshot((snapshot: JobSnapshot): JobFit => {
  const sizes = sizesAsked(snapshot, questions)
  const of = (field: FitField) => sizeOf(sizes, field)
  const needed: FitField[] = ['oldMountToFace', 'oldFaceToHub', 'hubGrip', 'newMountToFace', 'newShaftLength']
  const missing = sizes.filter((size) => needed.includes(size.field) && size.mm === null)
  const flat = of('newFlat')
  const shaft =
    missing.length > 0
      ? null
      : fitShaft({
          old: { mountToFaceMm: of('oldMountToFace') ?? 0, faceToHubMm: of('oldFaceToHub') ?? 0 },
          new: {
            mountToFaceMm: of('newMountToFace') ?? 0,
            shaftLengthMm: of('newShaftLength') ?? 0,
            ...(flat === null ? {} : { flatLengthMm: flat }),
          },
          hubGripMm: of('hubGrip') ?? 0,
          shaftEndClearanceMm: of('standOut') ?? STAND_OUT_MM,
        })
  const [studs, may] = [of('newStuds'), of('studsNeeded')]
  return {
    sizes,
    shaft,
    studsOverMm: studs !== null && may !== null ? Math.max(0, studs - may) : null,
    missing: missing.map(({ label }) => label),
  }
})

/** The wheel of a housing, centred; null while a size of it is missing. */
export function wheelOfJob(snapshot: JobSnapshot): ReturnType<typeof centreWheel> | null {
  const [inside, width, gap] = (['housingInside', 'wheelWidth', 'gapBack'] as const).map((field) =>
    typedValue(fieldText(snapshot, 'fit', field), 'mm', lengthsOf(snapshot)),
  )
  const back = gap ?? gapOnWayIn(snapshot)
  return inside == null || width == null || back == null
    ? null
    : centreWheel({ housingInsideMm: inside, wheelWidthMm: width, hubOffsetMm: back })
}

/** The wheel's gap on the motor's side as it was measured on the way in, mm; null where nobody did. */
export const gapOnWayIn = (snapshot: JobSnapshot): number | null => measuredOnWayIn(snapshot, 'gap')

import type { PlateKind } from '@/core/plate'

/** Where read values go: the old part, a candidate among the fields of the job, or the machine itself. */
export interface PlateTarget {
  part: string
  /** A part in the hand says nothing of the machine. */
  candidate: boolean
  /** The machine's own label has said what it is. */
  machineNamed?: boolean
}

/** The old motor and capacitor of the job; an appliance's label tells of the machine. */
export const oldPartTarget = (kind: PlateKind): PlateTarget => ({
  part: `${kind}-old`,
  candidate: false,
})

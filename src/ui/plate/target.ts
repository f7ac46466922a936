/** Where read values go: the old part, or a candidate among the fields of the job. */
export interface PlateTarget {
  part: string
  /** A part in the hand says nothing of the machine. */
  candidate: boolean
}

/** The old motor and capacitor of the job. */
export const oldPartTarget = (kind: 'motor' | 'capacitor'): PlateTarget => ({
  part: `${kind}-old`,
  candidate: false,
})

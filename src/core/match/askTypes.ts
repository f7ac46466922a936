/** One figure, or one of a few words, that a seller's part must have. */
export interface AskLine {
  rule: string
  /** A path of MotorSpec or CapSpec: `hp`, `rpm.0`, `shaft.diameterMm`, `sections.FAN.uF`. */
  field?: string
  min?: number
  max?: number
  /** Of a field that is a list any of it. */
  oneOf?: (string | number | boolean)[]
  /** Values that a list of ratings must cover, as `match` takes it. */
  covers?: number[]
  /** Lists of lines of which one list must hold whole. */
  anyOf?: AskLine[][]
  /** A part that does not meet it cannot serve; a line that is not hard costs work. */
  hard: boolean
  text: string
}

export interface Asked {
  asks: AskLine[]
  /** What must be measured of the old part before it can be asked for. */
  unknown: { rule: string; text: string }[]
  buyToo: { kind: string; text: string }[]
}

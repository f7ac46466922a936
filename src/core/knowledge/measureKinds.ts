/**
 * What is measured or marked on the way in, so that the way back finds it again: how it is done, and the words by which a line
 * names it. The words choose a drawing and a sentence; nothing is opened or refused by them.
 */
export type MeasureKind =
  | 'turn'
  | 'joint'
  | 'gap-far'
  | 'gap'
  | 'band'
  | 'tip'
  | 'bearing'
  | 'pipe'
  | 'plane'
  | 'depth'
export interface Measured {
  kind: MeasureKind
  how: string
}

const kinds: (Measured & { words: RegExp })[] = [
  {
    kind: 'turn',
    words: /\bwhich way\b|\bturns?\b.*\b(?:wheel|blade|impeller)\b/,
    how: 'Look at it with the motor behind the wheel. An arrow on the housing tells; else the hollow side of small cups goes first.',
  },
  {
    kind: 'joint',
    words: /\bjoint\b|\bagainst (?:body|motor)\b|\bhalves\b/,
    how: 'Draw one line across the joint with paint or a pen, so that both halves meet again as they were.',
  },
  {
    kind: 'gap-far',
    words: /\bgaps?\b.*\b(?:far|other|outer) side\b/,
    how: 'Slide a rule or a twist drill between wheel and housing, on the side away from the motor.',
  },
  {
    kind: 'gap',
    words: /\bgaps?\b/,
    how: 'Slide a rule or a twist drill between wheel and housing, on the motor’s side.',
  },
  {
    kind: 'band',
    words: /\b(?:band|bracket|arms?)\b.*\bshaft end\b/,
    how: 'From the near edge of the band to the tip of the shaft, with the rule along the body.',
  },
  {
    kind: 'tip',
    words: /\b(?:hub|wheel|blade)\b.*\b(?:shaft tip|shaft end|tip)\b/,
    how: 'How far the shaft stands out: from the hub’s outer face to the tip of the shaft.',
  },
  {
    kind: 'bearing',
    words: /\bbearing\b/,
    how: 'From the tip of the shaft to the near face of the bearing.',
  },
  {
    kind: 'pipe',
    words: /\b(?:pipe|tube)\b/,
    how: 'Draw a line on the pipe where it enters, then measure from the line to its end once it is out.',
  },
  {
    kind: 'plane',
    words: /\bmounting plane\b/,
    how: 'Lay a rule across the arms or the plate that holds the motor. Measure from it down to the hub’s near side.',
  },
  {
    kind: 'depth',
    words: /\b(?:depth|face|hub|wheel end)\b/,
    how: 'From the motor’s face to the near side of the hub, with the rule along the shaft.',
  },
]

/** How a wheel turns, as it stands in its mark. */
export const turns = {
  clockwise: 'clockwise, seen with the motor behind the wheel',
  counterclockwise: 'counterclockwise, seen with the motor behind the wheel',
} as const
export type Turn = keyof typeof turns

/** @example turnOf('clockwise, seen with the motor behind the wheel') // 'clockwise' */
export const turnOf = (mark: string): Turn | null =>
  mark === turns.clockwise ? 'clockwise' : mark === turns.counterclockwise ? 'counterclockwise' : null

/**
 * What a line measures or marks, and how, by its words; null where they name nothing of it.
 *
 * @example measureOf('wheel depth on the shaft')?.kind // 'depth'
 */
export const measureOf = (part: string): Measured | null =>
  kinds.find(({ words }) => words.test(part.toLowerCase())) ?? null

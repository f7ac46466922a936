import type { FigureField, FigureWord } from '../knowledge/plateLexicon'
import type { Group } from './groups'

/** A figure with the caption or unit that says what it is. */
export interface Figure {
  field: FigureField
  values: number[]
  group: Group
  /** Everything that said what it is. */
  words: FigureWord[]
  line: number
  /** Tokens of the line, caption and unit included. */
  from: number
  to: number
  /** How well it sits: a unit right behind it says most. */
  score: number
  damage: number
}

import type { Access, BenchPart, RefitAction, RefitStep } from '../refit/types'

/** What a line of a template says as the step that it becomes does. */
type OfStep =
  | 'part'
  | 'count'
  | 'fastener'
  | 'cup'
  | 'terminal'
  | 'mark'
  | 'movesToNewPart'
  | 'renew'
  | 'switch'
  | 'temporary'
  | 'of'

export interface TemplateLine extends Pick<RefitStep, OfStep> {
  action: RefitAction
  /** A cover that stands before the proof place, or before the capacitor or module: it comes off, nothing behind it is touched. */
  access?: Exclude<Access, ''>
  /** The part that is out of the machine once this line is done. */
  frees?: BenchPart
  /** Done on the bench, at the part that the template takes out. */
  bench?: boolean
  /** Looking and photographing need no hands inside. */
  handsOff?: boolean
  caution?: string
  /** What is noted before it comes off, since nobody knows it later: a question, never the answer. */
  asks?: string
}

export interface Template {
  replaced: string
  /** Which part lies on the bench then. */
  takesOut: BenchPart
  lines: TemplateLine[]
  kit: string[]
}

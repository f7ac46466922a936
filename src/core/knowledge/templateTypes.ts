import type { Access, BenchPart, RefitAction, SwitchKind } from '../refit/types'

export interface TemplateLine {
  action: RefitAction
  part: string
  count?: number
  fastener?: string
  cup?: string
  terminal?: string
  mark?: string
  movesToNewPart?: boolean
  renew?: { material: string; cureHours?: number }
  switch?: SwitchKind
  temporary?: boolean
  /** A cover that stands before the proof place, or before the capacitor or module: it comes off, nothing behind it is touched. */
  access?: Exclude<Access, ''>
  /** The part that is out of the machine once this line is done. */
  frees?: BenchPart
  /** Done on the bench, at the part that the template takes out. */
  bench?: boolean
  /** Looking and photographing need no hands inside. */
  handsOff?: boolean
  caution?: string
}

export interface Template {
  replaced: string
  /** Which part lies on the bench then. */
  takesOut: BenchPart
  lines: TemplateLine[]
  kit: string[]
}

import { UNMARKED_RUN_PERCENT as RUN_TOLERANCE } from '../capacitor/check'

/** A capacitance beside its label, by the usual window of run capacitors. */
export function judgedBy(label: number, reading: number): 'within' | 'low' | 'above' | 'open' {
  if (reading <= 0.02) return 'open'
  if (reading < label * (1 - RUN_TOLERANCE.minus / 100)) return 'low'
  return reading > label * (1 + RUN_TOLERANCE.plus / 100) ? 'above' : 'within'
}

import type { MotorKindId } from './vocabulary'

/** Kinds of motors in so few letters that a column of a list holds them. */
export const shortMotorKinds: Record<MotorKindId, string> = {
  'shaded-pole': 'shaded pole',
  psc: 'split capacitor',
  'psc-multispeed': 'split capacitor, speeds',
  ecm: 'electronic',
  bldc: 'brushless DC',
  'brushed-dc': 'brushed DC',
  'split-phase': 'split phase',
  'capacitor-start': 'capacitor start',
}

import type { ValueWord } from './plateLexicon'
import type { MotorKindId } from './vocabulary'

/** The motor kind that a word of a plate means. */
export const kindOfPlateWord: Partial<Record<ValueWord, MotorKindId>> = {
  psc: 'psc',
  'shaded-pole': 'shaded-pole',
  'split-phase': 'split-phase',
  'capacitor-start': 'capacitor-start',
  ecm: 'ecm',
  bldc: 'bldc',
  'brushed-dc': 'brushed-dc',
  pmdc: 'brushed-dc',
}

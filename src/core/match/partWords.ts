import { shortMotorKinds } from '../knowledge/shortMotorKinds'
import { formatHp, significant } from '../units'
import type { CapSpec } from './capacitor'
import type { MotorSpec } from './types'

/**
 * What a part is found by and shown as: number, maker, kind, power, volts, speeds, capacitance.
 *
 * @example motorWords({ id: 'a', partNumber: 'MB-1', hp: 1 / 6, voltages: [230] }) // ['MB-1', '', '', '1/6 hp', '230 V', '', '']
 */
export const motorWords = (motor: MotorSpec): string[] => [
  motor.partNumber ?? '',
  motor.manufacturer ?? '',
  motor.motorKind ? shortMotorKinds[motor.motorKind] : '',
  motor.hp ? formatHp(motor.hp) : '',
  motor.voltages ? `${motor.voltages.join('-')} V` : '',
  motor.rpm ? `${motor.rpm.join('/')} rpm` : '',
  motor.capacitor ? `${motor.capacitor.uF} µF` : '',
]

/** Of a capacitor likewise: number, maker, µF, volts, duty. */
export const capacitorWords = (part: CapSpec): string[] => [
  part.partNumber ?? '',
  part.manufacturer ?? '',
  `${(part.sections ?? part.multi ?? []).map((section) => significant(section.uF, 4)).join('+')} µF`,
  part.volts ? `${part.volts} V` : '',
  part.duty ?? '',
]

/**
 * How a part is called: by its number, else by its figures, so that two at a counter are told apart; empty where it has neither.
 *
 * @example capacitorName({ id: 'a', sections: [{ section: 'single', uF: 45 }], volts: 440 }) // '45 µF, 440 V'
 */
export const capacitorName = (part: CapSpec): string => nameOf(capacitorWords(part))

/** Of a motor likewise. */
export const motorName = (motor: MotorSpec): string => nameOf(motorWords(motor))

const nameOf = ([number, , ...figures]: string[]): string =>
  // A run capacitor is the usual one; a start capacitor says so.
  number || figures.filter((figure) => figure && figure !== 'run').join(', ')

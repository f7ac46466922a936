import type { PlantMotor } from '../../knowledge/plants/types'
import { ratedOmega } from '../machine'
import type { MotorState } from '../state'
import type { MotorTraits } from '../traits'

/** What a module takes while it stands: inrush part, rectifier and bus, a few mA. */
const STANDBY_OHM_PER_VOLT = 500
export const standbyOhm = (motor: PlantMotor): number => STANDBY_OHM_PER_VOLT * motor.volts

/** Ohms that take a module's power at this speed: power goes with its cube. */
export function moduleOhm(motor: PlantMotor, omega: number): number {
  const share = Math.abs(omega) / ratedOmega(motor)
  const watts = (motor.watts / 0.7) * share ** 3
  const standby = standbyOhm(motor)
  return watts < 1e-3 ? standby : Math.min(standby, motor.volts ** 2 / watts)
}

/** E = kω: at its rated speed it gives all of its volts but what is lost in the armature. */
const EMF_SHARE = 0.85
export const voltsPerOmega = (motor: PlantMotor): number => (EMF_SHARE * motor.volts) / ratedOmega(motor)

/** Ω of a brushed motor's armature as its turns and brushes are now; null where no current can go. */
export function armatureOhm(
  motor: PlantMotor,
  { brushes, mainOpen, mainTurns }: MotorTraits,
  { protectorOpen }: MotorState,
): number | null {
  if (brushes <= 0 || mainOpen || protectorOpen) return null
  const amps = motor.watts / (EMF_SHARE * motor.volts)
  const sound = (0.15 * motor.volts) / amps
  return (sound * mainTurns) / Math.min(1, 0.25 + brushes)
}

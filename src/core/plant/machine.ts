import { motorData } from '../knowledge/plants/motors'
import type { PlantBuild, PlantMotor } from '../knowledge/plants/types'
import type { MotorData } from '../motor'
import type { Level } from './code'
import { randomOf } from './random'
import type { MotorTraits, Traits } from './traits'

/** One machine of a round: how it is built, what is wrong with it, and the text that all its chance follows from. */
export interface Machine {
  build: PlantBuild
  traits: Traits
  level: Level
  /** Round code without its acts: noise and phases are drawn from it. */
  seed: string
}

/** Chance that belongs to one moment of one machine. */
export const chanceAt = ({ seed }: Machine, what: string): (() => number) => randomOf(`${seed}|${what}`)

/** Copper at another temperature: 0.393 % a kelvin from 20 °C. */
export const copperAt = (celsius: number): number => 1 + 0.00393 * (celsius - 20)

/**
 * What this motor is now. Shorted turns take ohms and reactance out of their winding by their share; what their ring takes in
 * heat and torque stands beside it (`shortedRing`, `loadOf`). Warmth takes the ohms up.
 */
export function motorNow(
  motor: PlantMotor,
  traits: MotorTraits,
  windingCelsius: number,
  over: number,
): MotorData {
  const data = motorData(motor)
  const size = traits.impedance
  const [main, aux] = [traits.mainTurns * size, traits.auxTurns * size]
  const warm = copperAt(windingCelsius)
  return {
    main: { r: data.main.r * main * warm, x: data.main.x * main },
    rotor: { r: data.rotor.r * main, x: data.rotor.x * main },
    xm: (data.xm * main) / saturation(over),
    ...(data.aux
      ? {
          aux: {
            r: data.aux.r * aux * warm,
            x: data.aux.x * aux,
            turnsRatio: data.aux.turnsRatio * traits.auxTurns,
          },
        }
      : {}),
  }
}

/** Iron that is driven beyond its knee takes ever more current for the same field: an eighth over the volts of the plate on. */
const saturation = (over: number): number => 1 + 5 * Math.max(0, over - 1.12)

/** Volts of the supply over what this motor is made for. */
export function overVolts({ legs }: Traits, { impedance }: MotorTraits): number {
  return Math.max(...legs) / Math.sqrt(impedance)
}

/** The two wires behind the last point: two lines, or plus and minus of a battery. */
export const linesOf = ({ supply }: PlantBuild): [string, string] =>
  supply.hz === 0 ? ['plus', 'minus'] : ['line-1', 'line-2']

export const leadOf = (motor: PlantMotor, role: PlantMotor['leads'][number]['role']): string | undefined =>
  motor.leads.find((lead) => lead.role === role)?.id

/** The two leads that bring a motor with electronics or brushes its supply, where it has both. */
export const supplyLeads = (motor: PlantMotor): [string, string] | null => {
  const live = leadOf(motor, 'line') ?? leadOf(motor, 'plus')
  const back = leadOf(motor, 'neutral') ?? leadOf(motor, 'minus')
  return live && back ? [live, back] : null
}

/** rad/s at its rated load. */
export const ratedOmega = (motor: PlantMotor): number => (motor.ratedRpm * Math.PI) / 30

/** Speed of the field, rad/s. */
export const synchronous = (motor: PlantMotor, hz: number): number => (4 * Math.PI * hz) / motor.poles

import { polesOf } from '../../speed'
import { typedValue } from '../../units/parseTyped'
import { fieldText, SOUND_PART } from '../fields'
import { oldMotor } from '../parts/oldPart'
import { heardOf } from '../proving/sounds'
import type { JobSnapshot } from '../rows'

/**
 * - `as-plate`: by no more under the plate's speed than load and a lower tap explain
 * - `slow`: under all that its plate names
 * - `too-fast`: faster than its field turns at this mains; a blade was miscounted, or the mains have another frequency
 * - `no-plate`: nothing to hold it against but the speeds that fields can have
 */
export type SpeedVerdict = 'as-plate' | 'slow' | 'too-fast' | 'no-plate'

export interface SpeedOfJob {
  rpm: number
  verdict: SpeedVerdict
  /** Of the plate, the fastest first. */
  plate: number[]
  /** Poles of the field that turns next above it, and that field's speed. */
  poles: number | null
  synchronous: number | null
}

/** Below this share of the slowest speed of its plate a fan turns too slowly: load alone takes 15 % (`measurements.md`). */
const SLOW = 0.85
/** A meter, an ear and a mains frequency are off by this together. */
const OFF = 1.02

/**
 * The running speed of a job, typed or taken from a recording, held against its plate.
 *
 * @returns null where none is known
 */
export function speedOfJob(snapshot: JobSnapshot): SpeedOfJob | null {
  const rpm = typedValue(fieldText(snapshot, SOUND_PART, 'rpm'), 'rpm')
  if (rpm === null || rpm <= 0) return null
  const { lineHz } = heardOf(snapshot)
  const plate = [...(oldMotor(snapshot).rpm ?? [])].sort((one, two) => two - one)
  const [fastest, slowest] = [plate[0], plate.at(-1)]
  const field = polesOf(fastest ?? rpm, lineHz)
  const [poles, synchronous] = [field?.poles ?? null, field?.synchronousRpm ?? null]
  const verdict =
    fastest === undefined || slowest === undefined
      ? 'no-plate'
      : rpm > OFF * (synchronous ?? fastest)
        ? 'too-fast'
        : rpm < SLOW * slowest
          ? 'slow'
          : 'as-plate'
  return { rpm, verdict, plate, poles, synchronous }
}

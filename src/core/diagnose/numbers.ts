import { checkCapacitor } from '../capacitor/check'
import { CoreError } from '../errors'
import { type ObservationId, observationInfo } from '../knowledge/vocabulary'
import type { Findings, PlateFigures } from './types'

const LOW = 0.9
const HIGH = 1.1
/** Under this share of the plate nothing worth the name arrives. */
const NONE = 0.1
/** A 24 V call is present from 18 V and gone below 5 V; other control voltages in proportion. */
const CALL_PRESENT = 18 / 24
const CALL_GONE = 5 / 24
const GROUNDED_OHM = 1e6
const DOUBTFUL_OHM = 20e6
/** 24 V contactor coils read about 5 to 50 Ω, line-voltage ones up to some 2 kΩ. */
const COIL_SHORTED_OHM = 2
const COIL_OPEN_OHM = 20_000
const BRUSH_WORN_SHARE = 1 / 3

type Mapped = { value: string } | { needs: string } | null

/**
 * Turn numbers into vocabulary values against the plate. Numbers whose plate figure is missing, and readings the meter
 * cannot decide, are not used and listed in `unmapped`.
 *
 * @throws CoreError `unknown-value`, `not-a-measure`
 */
export function mapObservations(
  observations: Partial<Record<ObservationId, string | number | null>>,
  plate: PlateFigures = {},
): { findings: Findings; unmapped: { observation: ObservationId; needs: string }[] } {
  const findings: Findings = {}
  const unmapped: { observation: ObservationId; needs: string }[] = []
  for (const [key, given] of Object.entries(observations)) {
    const observation = key as ObservationId
    if (given === undefined) continue
    if (typeof given === 'string') {
      const { values } = observationInfo(observation)
      if (!values.includes(given)) {
        throw new CoreError(
          'unknown-value',
          `"${given}" is not a value of ${observation}. Use one of: ${values.join(', ')}.`,
          `observations.${observation}`,
        )
      }
      findings[observation] = given
      continue
    }
    const mapped = mapNumber(observation, given, plate)
    if (mapped === null) {
      throw new CoreError(
        'not-a-measure',
        `${observation} takes no number. Use one of: ${observationInfo(observation).values.join(', ')}.`,
        `observations.${observation}`,
      )
    }
    if ('needs' in mapped) unmapped.push({ observation, needs: mapped.needs })
    else findings[observation] = mapped.value
  }
  return { findings, unmapped }
}

function mapNumber(observation: ObservationId, reading: number | null, plate: PlateFigures): Mapped {
  if (observationInfo(observation).measure === undefined) return null
  switch (observation) {
    case 'supply-voltage':
      return lineVolts(reading, plate.volts, true)
    case 'contactor-output':
    case 'motor-voltage':
      return lineVolts(reading, plate.volts, false)
    case 'control-voltage': {
      if (plate.controlVolts === undefined) return { needs: 'plate.controlVolts' }
      if (reading === null) return { needs: 'a reading in volts' }
      const share = reading / plate.controlVolts
      return { value: share >= CALL_PRESENT - 1e-9 ? 'present' : share >= CALL_GONE - 1e-9 ? 'low' : 'none' }
    }
    case 'capacitor-fan-reading':
      return capacitance(reading, plate.fanUf, plate.tolerancePercent, 'plate.fanUf')
    case 'capacitor-other-reading':
      return capacitance(reading, plate.otherUf, plate.tolerancePercent, 'plate.otherUf')
    case 'to-frame':
      if (reading === null) return { value: 'clear' }
      return { value: reading < GROUNDED_OHM ? 'leaks' : reading < DOUBTFUL_OHM ? 'doubtful' : 'clear' }
    case 'contactor-coil':
      if (reading === null || reading > COIL_OPEN_OHM) return { value: 'open' }
      return { value: reading < COIL_SHORTED_OHM ? 'shorted' : 'good' }
    case 'brush-length':
      if (plate.brushNewMm === undefined) return { needs: 'plate.brushNewMm' }
      if (reading === null) return { needs: 'a length in mm' }
      return { value: reading < plate.brushNewMm * BRUSH_WORN_SHARE ? 'worn-short' : 'long' }
    default:
      return null
  }
}

/** Of several plate voltages the lowest sets the lower limits and the highest the upper one. */
function lineVolts(reading: number | null, plateVolts: PlateFigures['volts'], knowsHigh: boolean): Mapped {
  if (plateVolts === undefined) return { needs: 'plate.volts' }
  if (reading === null) return { needs: 'a reading in volts' }
  const printed = [plateVolts].flat()
  const ofLowest = reading / Math.min(...printed)
  if (ofLowest < NONE) return { value: 'none' }
  if (ofLowest < LOW - 1e-9) return { value: 'low' }
  if (reading / Math.max(...printed) > HIGH + 1e-9 && knowsHigh) return { value: 'high' }
  return { value: 'normal' }
}

function capacitance(
  reading: number | null,
  nominal: number | undefined,
  tolerance: PlateFigures['tolerancePercent'],
  needs: string,
): Mapped {
  if (nominal === undefined) return { needs }
  const { verdict } = checkCapacitor({
    label: {
      sections: [{ section: 'single', uF: nominal }],
      ...(tolerance ? { tolerancePercent: tolerance } : {}),
    },
    readings: [{ section: 'single', uF: reading }],
  })
  const value = capacitorVerdictToValue[verdict]
  return value ? { value } : { needs: 'another meter: the limit lies within the uncertainty of this one' }
}

/** How a capacitor verdict reads as a finding; borderline is none. */
export const capacitorVerdictToValue: Record<string, string | null> = {
  good: 'within',
  borderline: null,
  weak: 'low',
  high: 'above',
  open: 'open',
  shorted: 'short',
  'failed-by-look': null,
}

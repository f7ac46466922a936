import { spreadFractions } from '../units/fractions'
import { readCapacitorPlate } from './capacitorPlate'
import { readMotorPlate } from './motorPlate'
import { Reader } from './reader'
import { unrollTables } from './tables'
import type { PlateFields, PlateKind, PlateResult } from './types'

export type * from './types'

/**
 * Read the text of a data plate, typed, pasted or recognised, with a confidence for each field and what was not read.
 * A field that is not on the plate is left out, never guessed.
 *
 * @param input.kind where it is known; otherwise told from the text
 */
export function readPlate(input: { text: string; kind?: PlateKind }): PlateResult {
  const kind = input.kind ?? kindOf(input.text)
  const unrolled = unrollTables(input.text)
  const { work, places } = spreadFractions(unrolled.work, unrolled.places)
  const reader = new Reader(input.text, work, places)
  const fields =
    kind === 'capacitor'
      ? readCapacitorPlate(reader)
      : kind === 'motor'
        ? readMotorPlate(reader)
        : readAppliancePlate(reader)
  return { kind, fields, unread: reader.unread(), warnings: warningsOf(fields) }
}

/** Capacitor: µF with volts or a tolerance and no speed or power. Motor: speed, power or the word. Else an appliance. */
function kindOf(text: string): PlateKind {
  const upper = text.toUpperCase()
  const microfarad = /\d\s*(?:[µΜμU]\s?F|MFD)\b|\bMFD\b/.test(upper)
  const motorly = /R\.?P\.?M|H\.?P\.?(?![A-Z])|\bMOTOR\b|F\.?L\.?A\b|THERMALLY|MIN-1|\bINS\b/.test(upper)
  if (microfarad && !/R\.?P\.?M|\d\s?H\.?P|H\.?P\.?\s?\d/.test(upper))
    return /%|V\s?AC|\dV\b|CAPACITOR/.test(upper) && !/F\.?L\.?A/.test(upper) ? 'capacitor' : 'motor'
  return motorly ? 'motor' : 'appliance'
}

const fuels: [RegExp, NonNullable<PlateFields['fuelType']>['value']][] = [
  [/NATURAL\s?GAS|NAT\.?\s?GAS/, 'natural-gas'],
  [/PROPANE|L\.?P\.?\s?GAS|(?<![A-Z])LPG?(?![A-Z])/, 'propane'],
  [/FUEL\s?OIL|(?<![A-Z])OIL(?![A-Z])/, 'oil'],
  [/(?:WOOD\s?)?PELLETS?/, 'pellets'],
]

const APPLIANCE_FIELDS: (keyof PlateFields)[] = [
  'manufacturer',
  'modelNumber',
  'serialNumber',
  'voltages',
  'hz',
  'amps',
  'watts',
  'fuelType',
]

function readAppliancePlate(reader: Reader): PlateFields {
  const fuel = fuels
    .map(([pattern, value]) => ({ match: reader.first(pattern), value }))
    .find(({ match }) => match)
  const fields: PlateFields = fuel
    ? {
        fuelType: reader.field(fuel.value, fuel.match!.index, fuel.match!.index + fuel.match![0].length, 0.9),
      }
    : {}
  const all = readMotorPlate(reader)
  return {
    ...Object.fromEntries(
      Object.entries(all).filter(([key]) => APPLIANCE_FIELDS.includes(key as keyof PlateFields)),
    ),
    ...fields,
  }
}

function warningsOf(fields: PlateFields): string[] {
  const warnings: string[] = []
  const [hp, volts, amps] = [fields.hp?.value, fields.voltages?.value.at(-1), fields.amps?.value.at(-1)]
  if (hp !== undefined && volts !== undefined && amps !== undefined && volts * amps < hp * 745.7 * 0.95) {
    warnings.push('The amps are too few for this power at this voltage: look at both again.')
  }
  for (const [name, field] of Object.entries(fields))
    if (field && field.confidence < 0.8)
      warnings.push(`Check ${name}: "${field.raw.text.trim()}" may be misread.`)
  return warnings
}

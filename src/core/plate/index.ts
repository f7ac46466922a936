import { readAppliance } from './applianceFields'
import { readCapacitor } from './capacitorFields'
import { readCodes } from './codes'
import type { Figure } from './figures'
import { readMaker } from './maker'
import { readMotor } from './motorFields'
import { plateKindOf } from './plateKind'
import type { Reading } from './readings'
import { readClass } from './said'
import { Scan } from './scan'
import type { PlateFields, PlateKind, PlateResult } from './types'

export type * from './types'

/**
 * Read the text of a data plate, typed, pasted or recognised, with a confidence for each field and what was not read.
 * A field that is not on the plate is left out, never guessed.
 *
 * @param input.kind where it is known; otherwise told from the text
 * @example readPlate({ text: '115 V  60 Hz  1075 RPM' }).fields.rpm.value // [1075]
 */
export function readPlate(input: { text: string; kind?: PlateKind }): PlateResult {
  const scan = new Scan(input.text)
  const fields: PlateFields = readCodes(scan)
  readClass(scan, fields)
  const kind = input.kind ?? plateKindOf(scan)
  const reading: Reading = { scan, fields, figures: ownFigures(scan, kind) }
  if (kind === 'motor') readMotor(reading)
  else if (kind === 'capacitor') readCapacitor(reading)
  else readAppliance(reading)
  const maker = readMaker(scan)
  if (maker) fields.manufacturer = maker
  if (kind !== 'motor') {
    delete fields.frame
    delete fields.insulationClass
  }
  if (kind === 'appliance') delete fields.partNumber
  if (kind === 'capacitor') delete fields.serialNumber
  return { kind, fields, unread: scan.unread(), warnings: warningsOf(fields) }
}

/** Figures without those of another part: a lamp's watts, the compressor's amps, on an appliance also its fan's. */
function ownFigures(scan: Scan, kind: PlateKind): Figure[] {
  return scan.figures.filter(({ line, from }) => {
    const before = scan.lines[line]!.slice(0, from + 1)
    const part = before.findLastIndex(
      ({ meanings: { value } }) =>
        value === 'lamp' || value === 'part-of-machine' || (kind === 'appliance' && value === 'fan'),
    )
    if (part < 0) return true
    const isLamp = before[part]!.meanings.value === 'lamp'
    if (kind !== 'appliance' && !isLamp && /FAN|MOTOR/.test(before[part]!.text)) return true
    // What the whole takes up is told behind the parts.
    return before.slice(part).some(({ meanings }) => meanings.figures.some(({ mark }) => mark === 'total'))
  })
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

import { readAppliance } from './applianceFields'
import { readCapacitor } from './capacitorFields'
import { readCodes } from './codes'
import type { Figure } from './figure'
import { readMaker } from './maker'
import { readMotor } from './motorFields'
import { READ_OVER } from './normal'
import { plateKindOf } from './plateKind'
import type { Reading } from './readings'
import { brokenEnds, understood } from './reflow'
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
  let text = input.text
  let [best, scan] = readOnce({ ...input, text })
  // A narrow label breaks its lines anywhere: an end is read over where that makes more of the plate understood.
  for (const end of text.length > MOST_OF_A_LABEL ? [] : brokenEnds(scan)) {
    const joined = `${text.slice(0, end)}${READ_OVER}${text.slice(end + 1)}`
    const [result] = readOnce({ ...input, text: joined })
    if (understood(result) <= understood(best) + LEAST_GAIN) continue
    best = result
    text = joined
  }
  return best
}

/** A narrow label is short: what is longer is a list or a page, and each end that is tried reads all of it again. */
const MOST_OF_A_LABEL = 3000

/** Less than half a word more is chance. */
const LEAST_GAIN = 0.02

function readOnce(input: { text: string; kind?: PlateKind }): [PlateResult, Scan] {
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
  return [{ kind, fields, unread: scan.unread(), warnings: warningsOf(fields) }, scan]
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

/** Watts per volt-ampere of a motor or appliance at its plate: more is impossible, much less is unheard of. */
const LEAST_SHARE = 0.25
const MOST_SHARE = 1.15
/** What contradicts something else is looked at again. */
const DOUBT = 0.7

/** Amps, volts and power that cannot all be true are each trusted less; nothing is put in their place. */
function weighPhysics(fields: PlateFields): string[] {
  const { hp, watts, amps } = fields
  const volts = fields.voltages && Math.max(...fields.voltages.value)
  const most = amps && Math.max(...amps.value)
  if (volts === undefined || most === undefined || amps === undefined) return []
  const power = volts * most * (fields.phase?.value === 3 ? Math.sqrt(3) : 1)
  const doubted = [
    ...(hp && hp.value * 745.7 > power ? [hp, amps] : []),
    ...(watts && (watts.value > MOST_SHARE * power || watts.value < LEAST_SHARE * power)
      ? [watts, amps]
      : []),
  ]
  for (const field of doubted) field.confidence = Math.min(field.confidence, DOUBT)
  return doubted.length > 0
    ? ['The amps do not agree with the power at this voltage: look at both again.']
    : []
}

function warningsOf(fields: PlateFields): string[] {
  const warnings = weighPhysics(fields)
  for (const [name, field] of Object.entries(fields))
    if (field && field.confidence < 0.8)
      warnings.push(`Check ${name}: "${field.raw.text.trim()}" may be misread.`)
  return warnings
}

import { parseTyped, type Quantity, significant } from '../units'
import { isDay } from '../units/isDay'
import { houseRefusal } from './refusals'
import type { MeasuredKind } from './rows'

/** How each kind of figure is typed, written, and what it may be at most: beyond it a comma was meant elsewhere. */
const kinds: Record<MeasuredKind, { quantity: Quantity; unit: string; most: number }> = {
  capacitanceUf: { quantity: 'uF', unit: 'µF', most: 2000 },
  currentA: { quantity: 'amps', unit: 'A', most: 100 },
  supplyV: { quantity: 'volts', unit: 'V', most: 1000 },
  speedRpm: { quantity: 'rpm', unit: 'rpm', most: 20_000 },
  airDifferenceC: { quantity: 'celsius', unit: 'K', most: 80 },
}

/**
 * A figure as a person read it, in the unit of its kind. A difference of temperatures has no offset: 18 °F apart are 10 K apart.
 *
 * @throws CoreError `not-a-number` with what to type instead
 * @example measuredValue('currentA', '1,2 A', false) // 1.2
 */
export function measuredValue(what: MeasuredKind, typed: string, fahrenheit: boolean): number {
  const { quantity, most } = kinds[what]
  if (what === 'airDifferenceC') return differenceOf(typed, fahrenheit)
  const read = parseTyped(typed, quantity, { max: most })
  if (read.kind === 'value') return read.value
  throw houseRefusal('not-a-number', read.kind === 'error' ? read.message : 'Type the figure that was read.')
}

function differenceOf(typed: string, fahrenheit: boolean): number {
  const asF = /f\s*$/i.test(typed)
  const bare = typed.trim().replace(/\s*°?\s*[cfk]$/i, '')
  const read = parseTyped(bare, 'celsius', { min: -150, max: 150 })
  if (read.kind !== 'value')
    throw houseRefusal(
      'not-a-number',
      read.kind === 'error' ? read.message : 'Type how many degrees the two are apart.',
    )
  const isF = asF || (fahrenheit && bare === typed.trim())
  return isF ? (read.value * 5) / 9 : read.value
}

/**
 * A figure with its unit, as the household writes it.
 *
 * @example measuredText('airDifferenceC', 10, true) // '18 °F apart'
 */
export function measuredText(what: MeasuredKind, value: number, fahrenheit: boolean): string {
  if (what === 'airDifferenceC')
    return fahrenheit ? `${significant(value * 1.8)} °F apart` : `${significant(value)} K apart`
  return `${significant(value, what === 'speedRpm' ? 4 : 3)} ${kinds[what].unit}`
}

/** The unit in which a chart of this kind is drawn, and the factor from the stored value to it. */
export const drawnUnit = (what: MeasuredKind, fahrenheit: boolean): { unit: string; factor: number } =>
  what === 'airDifferenceC' && fahrenheit
    ? { unit: '°F apart', factor: 1.8 }
    : { unit: kinds[what].unit, factor: 1 }

/**
 * When a figure was taken: a day (taken as its noon in UTC, so that it stays that day in every zone but the outermost), or an
 * instant. Nothing: now.
 *
 * @throws CoreError `not-a-day`, `future-day`
 */
export function takenAt(typed: string | undefined, now: number): string {
  const text = (typed ?? '').trim()
  if (text === '') return new Date(now).toISOString()
  const at = isDay(text) ? Date.parse(`${text}T12:00:00Z`) : isInstant(text) ? Date.parse(text) : Number.NaN
  if (Number.isNaN(at) || at < 0) throw houseRefusal('not-a-day', 'The day of a reading')
  if (at > now + 14 * 3_600_000) throw houseRefusal('future-day', 'The day of a reading')
  return new Date(at).toISOString()
}

const isInstant = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,3})?)?Z$/.test(text) && isDay(text.slice(0, 10))

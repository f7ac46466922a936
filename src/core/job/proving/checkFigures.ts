import type { CheckFigure, ProveCheck } from '../../knowledge/proofChecks'
import { type ParseOptions, parseTyped, significant } from '../../units'
import { fieldText } from '../fields'
import { oldMotor } from '../parts/oldPart'
import type { JobSnapshot } from '../rows'

/** The part under whose name the figures of the checks are kept. */
export const CHECK_PART = 'prove'

export interface CheckInput {
  field: string
  label: string
  quantity: 'amps' | 'volts' | 'celsius'
  options: ParseOptions
  typed: string
}

export interface JudgedFigure {
  inputs: CheckInput[]
  /** Null until everything is typed. */
  verdict: 'within' | 'below' | 'above' | null
  /** In A, V or °C, a difference of two in kelvins; null until everything is typed. */
  value: number | null
  /** The figure alone, with its unit; empty until everything is typed. */
  said: string
  /** What it says, or what is missing to say it. */
  sentence: string
}

/**
 * The figures of a check against their window; null for a check without any.
 *
 * The current of a sound motor under its load lies between half its plate and its plate, as the check's own words say.
 */
export function judgedFigure(snapshot: JobSnapshot, { id, figure }: ProveCheck): JudgedFigure | null {
  if (!figure) return null
  const fahrenheit = snapshot.household.fahrenheit === 1
  const inputs = figure.inputs.map(({ field, label }): CheckInput => {
    const name = `${id}-${field}`
    return {
      field: name,
      label,
      quantity: figure.quantity,
      options: figure.quantity === 'celsius' ? { defaultUnit: fahrenheit ? 'F' : 'C' } : {},
      typed: fieldText(snapshot, CHECK_PART, name),
    }
  })
  return { inputs, ...judged(snapshot, figure, inputs, fahrenheit) }
}

function judged(
  snapshot: JobSnapshot,
  figure: CheckFigure,
  inputs: CheckInput[],
  fahrenheit: boolean,
): Omit<JudgedFigure, 'inputs'> {
  const plate = oldMotor(snapshot).amps
  const values = inputs.map(({ typed, quantity, options }) => parseTyped(typed, quantity, options))
  const read = values.flatMap((each) => (each.kind === 'value' ? [each.value] : []))
  const [first, second = 0] = read
  const value =
    first === undefined || read.length < inputs.length
      ? null
      : figure.inputs.length === 2
        ? first - second
        : first
  if (figure.window === 'plate-amps' && !plate)
    return {
      value,
      verdict: null,
      // What was read stays in the record, with or without a plate.
      said: value === null ? '' : saidOf(figure, value, fahrenheit),
      sentence: fieldText(snapshot, 'motor-old', 'amps')
        ? 'The plate has a current for each of its voltages: leave the one of this supply under Match.'
        : 'The plate’s full load amps are not typed: put them in under Match.',
    }
  const [low, high] = figure.window === 'plate-amps' ? [(plate ?? 0) / 2, plate ?? 0] : figure.window
  if (value === null) return { value, verdict: null, said: '', sentence: '' }
  const said = saidOf(figure, value, fahrenheit)
  if (high !== null && value > high)
    return { value, verdict: 'above', said, sentence: `${said}: over what is usual. ${figure.above}` }
  if (low !== null && value < low)
    return { value, verdict: 'below', said, sentence: `${said}: under what is usual. ${figure.below}` }
  return { value, verdict: 'within', said, sentence: `${said}: within what is usual.` }
}

/** A figure with its unit: a difference of temperatures has no offset. */
function saidOf({ quantity, inputs }: CheckFigure, value: number, fahrenheit: boolean): string {
  if (quantity === 'amps') return `${significant(value, 3)} A`
  if (quantity === 'volts') return `${significant(value, 3)} V`
  if (inputs.length === 2)
    return fahrenheit ? `${significant(value * 1.8, 2)} °F apart` : `${significant(value, 2)} K apart`
  return fahrenheit ? `${Math.round(value * 1.8 + 32)} °F` : `${significant(value, 2)} °C`
}

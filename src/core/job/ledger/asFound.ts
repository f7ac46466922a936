import { fieldText } from '../fields'
import type { JobSnapshot } from '../rows'

/** Where something typed is kept among the fields of a job. */
export interface FieldPlace {
  part: string
  field: string
}

const PART = 'as-found'
const ON = 'on '

/** Where the colours of a terminal are kept among the fields of a job. */
export const colourField = (terminal: string): FieldPlace => ({
  part: PART,
  field: `${ON}${terminal}`,
})

export const remarkField: FieldPlace = { part: PART, field: 'remarks' }

export interface AsFound {
  /** Earlier repairs, damage, missing screws, in the words of the person. */
  remarks: string
  /** Which wires sat on which terminal before anything was moved. */
  wires: { terminal: string; colours: string[] }[]
}

/** The machine as it was found, as far as somebody said. */
export const asFoundOf = (snapshot: JobSnapshot): AsFound => ({
  remarks: fieldText(snapshot, remarkField.part, remarkField.field).trim(),
  wires: snapshot.fields.flatMap(({ part, field, typed }) =>
    part === PART && field.startsWith(ON) && typed.trim() !== ''
      ? [{ terminal: field.slice(ON.length), colours: coloursIn(typed) }]
      : [],
  ),
})

/** “black, blue-white and red” as three wires; case and spaces around a hyphen do not tell them apart. */
const coloursIn = (typed: string): string[] =>
  typed
    .split(/[,;/+&]|\band\b/i)
    .map(plain)
    .filter(Boolean)

const plain = (colour: string): string =>
  colour
    .trim()
    .toLowerCase()
    .replace(/\s*-\s*/g, '-')

/**
 * The terminal on which a wire of this name sat as it was found; null where nobody said, or where two sat on different ones.
 *
 * @example foundOn({ remarks: '', wires: [{ terminal: 'HEAT', colours: ['blue'] }] }, 'Blue') // 'HEAT'
 */
export function foundOn({ wires }: AsFound, lead: string): string | null {
  const own = wires.filter(({ colours }) => colours.includes(plain(lead)))
  return own.length === 1 ? (own[0]?.terminal ?? null) : null
}

import type { Figure } from './figure'
import { type Group, groupsOf, numberOf } from './groups'
import type { Token } from './tokens'

/** A supply in one run, "208-230/1/60" or "115/60/1": volts, then phase and frequency in either order. */
interface Supply {
  volts: number[]
  hz: number
  phase: number
}

/**
 * The supply that a run of figures says, null where it is none.
 *
 * @example supplyOf({ numbers: ['208', '230', '1', '60'], signs: ['-', '/', '/'] }) // { volts: [208, 230], phase: 1, hz: 60 }
 */
export function supplyOf({ numbers, signs }: Pick<Group, 'numbers' | 'signs'>): Supply | null {
  const values = numbers.map((each) => numberOf(each))
  const [a, b] = values.slice(-2)
  const volts = values.slice(0, -2)
  if (volts.length === 0 || volts.length > 2 || !volts.every((each) => each >= 100 && each <= 600))
    return null
  if (signs.at(-1) !== signs.at(-2)) return null
  const isPhase = (value: number | undefined) => value === 1 || value === 3
  const isHz = (value: number | undefined) => value === 50 || value === 60
  if (isPhase(a) && isHz(b)) return { volts, phase: a!, hz: b! }
  return isHz(a) && isPhase(b) ? { volts, phase: b!, hz: a! } : null
}

/** Supplies in one run on a line, each as its three figures; captions of the three right before belong to them. */
export function suppliesOf(line: Token[], lineNumber: number): Figure[] {
  return groupsOf(line).flatMap((group) => {
    const supply = supplyOf(group)
    if (!supply) return []
    const from = firstCaption(line, group.from)
    const to = line[group.to + 1] && isCaption(line[group.to + 1]!) ? group.to + 1 : group.to
    const figure = (field: 'voltages' | 'phase' | 'hz', values: number[]): Figure => ({
      field,
      values,
      group,
      words: [],
      line: lineNumber,
      from,
      to,
      score: 2.6,
      damage: group.damage,
    })
    return [figure('voltages', supply.volts), figure('phase', [supply.phase]), figure('hz', [supply.hz])]
  })
}

const supplyFields = new Set(['voltages', 'phase', 'hz'])
const isCaption = ({ kind, meanings }: Token) =>
  kind === 'word' && meanings.figures.some(({ field }) => supplyFields.has(field))

/** Back over "V/PH/HZ:" before the figures. */
function firstCaption(line: Token[], at: number): number {
  let from = at
  for (let i = at - 1; i >= 0 && (line[i]!.kind === 'sign' || isCaption(line[i]!)); i--)
    if (isCaption(line[i]!)) from = i
  return from
}

import type { ObservationId } from '../../knowledge/vocabulary'
import type { Piece } from './clauses'
import type { Match, Reading } from './pattern'

/** A reading that is told with its figure. */
export interface Figure {
  observation: ObservationId
  value: string
  match: Match
}

export interface Numbered {
  /** Token of the number. */
  at: number
  value: number
  unit: 'volt' | 'ohm' | 'farad' | 'mm' | null
  /** Past the unit. */
  to: number
  dc: boolean
  piece: Piece
}

const UNITS: [NonNullable<Numbered['unit']>, RegExp, number][] = [
  ['volt', /^(?:v|volts?|vac|vdc|vlt|volt|acv)$/, 1],
  ['ohm', /^(?:k|kohms?|kilohms?)$/, 1e3],
  ['ohm', /^(?:m|meg|megs|megohms?|mohms?|megaohms?)$/, 1e6],
  ['ohm', /^(?:ohms?|r|Ω|ω)$/, 1],
  ['farad', /^(?:uf|µf|μf|mfd|mf|microfarads?|mikrofarad)$/, 1],
  ['mm', /^(?:mm|millimet(?:er|re)s?|mil)$/, 1],
  ['mm', /^(?:cm)$/, 10],
]

/** The numbers of the pieces, with their units. */
export function numbersIn({ tokens }: Reading, pieces: Piece[]): Numbered[] {
  const numbers: Numbered[] = []
  for (const piece of pieces)
    for (let at = piece.from; at < piece.to; at++) {
      const token = tokens[at]
      if (token?.kind !== 'number' && !(token?.value !== null && isUnitAfter(tokens, at + 1))) continue
      let value = token?.value ?? 0
      let end = at + 1
      // "10 point 1", as it is dictated.
      if (tokens[end]?.text === 'point' && tokens[end + 1]?.value != null) {
        value = Number(`${value}.${tokens[end + 1]?.value}`)
        end += 2
      }
      const known = UNITS.find(([, pattern]) => pattern.test(tokens[end]?.text ?? ''))
      numbers.push({
        at,
        value: value * (known?.[2] ?? 1),
        unit: known?.[0] ?? null,
        to: known ? end + 1 : end,
        dc: /dc/.test(tokens[end]?.text ?? '') || tokens[end + 1]?.text === 'dc',
        piece,
      })
    }
  return numbers
}

const isUnitAfter = (tokens: Reading['tokens'], at: number): boolean =>
  UNITS.some(([, pattern]) => pattern.test(tokens[at]?.text ?? '')) || tokens[at]?.text === 'point'

'use client'

import type { LegPlace, LegsResult } from '@/core/supply'
import { legsText } from '@/core/supply/legWords'
import { NumberField } from '../kit/NumberField'

const places: Record<LegPlace, { name: string; where: string }> = {
  supply: { name: 'Comes in', where: 'line side' },
  output: { name: 'Comes out', where: 'load side' },
}

const states = { there: 'there', odd: 'too little', gone: 'nothing' } as const

interface LegsProps {
  points: { at: LegPlace; pairs: string[] }[]
  found: LegsResult
  typed: (at: LegPlace, pair: string) => string
  disabled: boolean
  onType: (at: LegPlace, pair: string, typed: string) => unknown
}

/** Each leg of a supply of two or three live wires, before and behind the contacts, side by side. */
export function Legs({ points, found, typed, disabled, onType }: LegsProps) {
  const pairs = points[0]?.pairs ?? []
  return (
    <section className="mt-5" aria-labelledby="legs-title" data-testid="legs">
      <h3 id="legs-title">Leg by leg</h3>
      <p className="caption mb-2 max-w-[72ch]">
        Where the whole is missing or weak: one tip on the leg, one on the ground screw or bare metal of the
        case. A half of a double breaker, a fuse or one pole of the contactor shows here.
      </p>
      <table className="w-full max-w-xl border-collapse">
        <thead>
          <tr className="caption text-left">
            <th className="py-1 pr-2 font-normal">between</th>
            {points.map(({ at }) => (
              <th key={at} scope="col" className="py-1 pr-2 font-normal">
                <b className="text-ink">{places[at].name}</b> {places[at].where}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {pairs.map((pair) => (
            <tr key={pair} className="rule-top align-top">
              <th scope="row" className="num py-2 pr-3 text-left font-normal">
                {pair}
              </th>
              {points.map(({ at }) => {
                const state = found.legs.find((leg) => leg.at === at && leg.pair === pair)?.state
                return (
                  <td key={at} className="py-2 pr-2">
                    <NumberField
                      label={`${places[at].name}, ${pair}, volts`}
                      hideLabel
                      typed={typed(at, pair)}
                      quantity="volts"
                      disabled={disabled}
                      onType={(text) => onType(at, pair, text)}
                    />
                    {state ? (
                      <span
                        className={`text-sm ${state === 'there' ? 'text-teal' : 'font-bold text-copper'}`}
                      >
                        {states[state]}
                      </span>
                    ) : null}
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 max-w-[72ch] font-bold" role="status" data-testid="legs-verdict">
        {legsText(found)}
      </p>
    </section>
  )
}

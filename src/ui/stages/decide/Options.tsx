'use client'

import { useState } from 'react'
import { fieldText } from '@/core/job'
import type { OptionFigures } from '@/core/options'
import { decisionBy, optionsOf } from '@/core/options/ofJob'
import { significant } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { OptionRow } from './OptionRow'
import { SpreadAxis } from './Spread'

/** The options in the order that is held; those that are new come last. */
const inOrder = (options: OptionFigures[], held: string[] | null): OptionFigures[] => {
  if (!held) return options
  const place = ({ kind }: OptionFigures) => (held.includes(kind) ? held.indexOf(kind) : held.length)
  return [...options].sort((one, two) => place(one) - place(two))
}

/** Ways to go on, side by side: cost, hours, chance, years, and what a year of service costs with its spread. */
export function Options() {
  const { snapshot, act, id } = useJob()
  const [reason, setReason] = useState(snapshot.decisions[0]?.reason ?? '')
  const { options, notes } = optionsOf(snapshot)
  // While somebody types in a row, the rows stay where they are.
  const [held, setHeld] = useState<string[] | null>(null)
  const scale = scaleOf(options)
  const chosen = snapshot.decisions[0]?.option ?? ''
  const choose = (option: OptionFigures) => {
    const decision = decisionBy(snapshot, option.kind)
    if (decision) act({ kind: 'decision.set', id: id(), ...decision, reason })
  }
  return (
    <Section title="What can be done" aside="rough figures: type your own over them">
      {notes.map((note) => (
        <p key={note} className="mb-2 max-w-[70ch]">
          {note}
        </p>
      ))}
      <div
        data-testid="options"
        onFocusCapture={() => setHeld((order) => order ?? options.map(({ kind }) => kind))}
        onBlurCapture={(event) => {
          if (!event.currentTarget.contains(event.relatedTarget)) setHeld(null)
        }}
      >
        <SpreadAxis scale={scale} />
        <ul>
          {inOrder(options, held).map((option) => (
            <OptionRow
              key={option.kind}
              option={option}
              scale={scale}
              cheapest={option === options[0]}
              chosen={chosen === option.kind}
              onChoose={() => choose(option)}
            />
          ))}
        </ul>
      </div>
      <div className="mt-3 grid gap-3 mid:grid-cols-[150px_minmax(0,1fr)]">
        <NumberField
          label="An hour of yours is worth"
          quantity="money"
          typed={fieldText(snapshot, 'options', 'hourValue')}
          placeholder="0"
          onType={(typed) => act({ kind: 'field.set', id: id(), part: 'options', field: 'hourValue', typed })}
        />
        <TextField
          label="Why the one you choose (kept in the record)"
          value={reason}
          placeholder="the house needs heat tonight"
          onType={setReason}
        />
      </div>
      <p className="caption mt-2 max-w-[75ch]">
        Cost of a year: what is paid, with your hours and with hiring somebody where it does not help, over
        the years it serves. The mark is the long-run average; the bar leaves one case in ten on either side.
        {options[0]
          ? ` Least here: ${options[0].label.toLowerCase()}, ${significant(options[0].costPerYear.expected, 2)} a year.`
          : ''}
      </p>
    </Section>
  )
}

/** The bars share one scale; a tail beyond it is cut and marked, so that the others can still be told apart. */
function scaleOf(options: OptionFigures[]): number {
  const expected = options.map((option) => option.costPerYear.expected)
  const highs = options.map((option) => option.costPerYear.high)
  const widest = Math.max(1, ...highs)
  return Math.min(widest, 1.35 * Math.max(1, ...expected))
}

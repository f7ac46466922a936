'use client'

import { fieldText } from '@/core/job'
import type { OptionEdit, OptionFigures } from '@/core/options'
import { optionFields, optionPart, quantityOfOption } from '@/core/options/ofJob'
import { significant } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { skills } from './ActionBlock'
import { Spread } from './Spread'

const labels: Record<keyof OptionEdit, string> = {
  cost: 'Cost',
  hours: 'Hours',
  chancePercent: 'Helps in',
  years: 'Serves',
}
const shownOf: Record<keyof OptionEdit, (option: OptionFigures) => number> = {
  cost: (option) => Math.round(option.cost),
  hours: (option) => option.hours,
  chancePercent: (option) => Math.round(option.chance * 100),
  years: (option) => option.years,
}

interface OptionRowProps {
  option: OptionFigures
  scale: number
  cheapest: boolean
  chosen: boolean
  onChoose: () => void
}

/** One way to go on. Its figures can be typed over; emptied, they are the tables' again. */
export function OptionRow({ option, scale, cheapest, chosen, onChoose }: OptionRowProps) {
  const { snapshot, act, id } = useJob()
  const { kind, costPerYear } = option
  const part = optionPart(kind)
  const money = (value: number) => (value < 10 ? significant(value, 2) : String(Math.round(value)))
  return (
    <li
      className="grid items-center gap-x-4 gap-y-1 border-line border-b py-2.5 mid:grid-cols-[minmax(0,1fr)_250px_84px]"
      data-testid={`option-${kind}`}
    >
      <div>
        <p className="leading-snug">
          <b>{option.label}</b>{' '}
          <span className="caption">
            {option.skill === 1 ? 'anybody can' : `for ${skills[option.skill]}`}
          </span>
        </p>
        <p className="caption max-w-[60ch] leading-snug">{option.text}</p>
        <div className="prefilled mt-1.5 grid grid-cols-4 gap-1.5">
          {optionFields.map((field) => (
            <NumberField
              key={field}
              label={`${labels[field]}`}
              quantity={quantityOfOption[field]}
              typed={fieldText(snapshot, part, field)}
              placeholder={significant(shownOf[field](option), 3)}
              unit={field === 'years' ? 'y' : undefined}
              onType={(typed) => act({ kind: 'field.set', id: id(), part, field, typed })}
            />
          ))}
        </div>
      </div>
      <div>
        <Spread {...costPerYear} scale={scale} />
        <p className="num mt-0.5 text-sm">
          <b className="text-base">{money(costPerYear.expected)}</b> a year,{' '}
          <span className="text-soft">{`${money(costPerYear.low)} to ${money(costPerYear.high)}`}</span>
          {cheapest ? <span className="ml-2 border border-ink px-1 text-xs">least</span> : null}
        </p>
      </div>
      <button
        type="button"
        className={`btn px-2 ${chosen ? 'btn-main' : ''}`}
        aria-pressed={chosen}
        aria-label={`${chosen ? 'Chosen' : 'Choose'}: ${option.label}`}
        onClick={onChoose}
      >
        {chosen ? 'Chosen' : 'Choose'}
      </button>
    </li>
  )
}

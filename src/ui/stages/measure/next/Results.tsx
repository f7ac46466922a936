'use client'

import type { KeyboardEvent, ReactNode } from 'react'
import type { NextTest } from '@/core/diagnose'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { absentValue, valueLabel } from '@/core/knowledge/valueLabels'
import { formatPercent } from '@/core/units'
import { useJob } from '../../../job/JobProvider'

/** What each result would mean, the likeliest first. A tap on a line lands it as a finding. */
export function Results({
  test,
  locked,
  onLanded,
}: {
  test: NextTest
  locked: boolean
  onLanded?: (() => void) | undefined
}) {
  const { act, id } = useJob()
  const land = (value: string) => {
    if (act({ kind: 'finding.set', id: id(), observation: test.observation, value })) onLanded?.()
  }
  const absent = absentValue(test.observation)
  const reads = [...test.reads].sort((one, two) => two.probability - one.probability)
  return (
    <table className="w-full" data-testid="results" onKeyDown={throughButtons}>
      <caption className="caption pb-1 text-left">
        {locked ? 'What each result would mean' : 'What each result would mean. Tap the one you see.'}
      </caption>
      <tbody>
        {reads.map(({ value, probability, points }) => (
          <Row
            key={value}
            label={valueLabel(test.observation, value)}
            share={formatPercent(probability)}
            disabled={locked}
            onLand={() => land(value)}
          >
            {points.length > 0 ? (
              points
                .slice(0, 2)
                .map((cause, place) => (place === 0 ? shortCauses[cause] : lowerFirst(shortCauses[cause])))
                .join(', or ')
            ) : (
              <span className="text-soft">changes little</span>
            )}
          </Row>
        ))}
        {absent && !reads.some(({ value }) => value === absent) ? (
          <Row
            label={valueLabel(test.observation, absent)}
            share=""
            disabled={locked}
            onLand={() => land(absent)}
          >
            <span className="text-soft">then there is nothing to look at</span>
          </Row>
        ) : null}
      </tbody>
    </table>
  )
}

interface RowProps {
  label: string
  /** How likely this result is. */
  share: string
  disabled: boolean
  onLand: () => void
  children: ReactNode
}

/** One result: what is seen, how likely it is, what it would point to. */
const Row = ({ label, share, disabled, onLand, children }: RowProps) => (
  <tr className="border-line border-t">
    <th scope="row" className="w-[42%] py-0.5 text-left font-normal">
      <button type="button" className="chip w-full text-left" disabled={disabled} onClick={onLand}>
        {label}
      </button>
    </th>
    <td className="num w-16 px-2 text-right text-sm" title="how likely this result is">
      {share}
    </td>
    <td className="py-0.5 text-sm leading-tight">{children}</td>
  </tr>
)

/** As the second half of a sentence; initials stay as they are. */
const lowerFirst = (text: string) => text.replace(/^[A-Z](?![A-Z])/, (letter) => letter.toLowerCase())

/** Arrows go up and down the results. */
function throughButtons(event: KeyboardEvent<HTMLTableElement>): void {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (!step) return
  const buttons = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('button:not(:disabled)')]
  const next = buttons[buttons.indexOf(document.activeElement as HTMLButtonElement) + step]
  if (!next) return
  event.preventDefault()
  next.focus()
}

'use client'

import type { KeyboardEvent } from 'react'
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
          <tr key={value} className="border-line border-t">
            <th scope="row" className="w-[42%] py-0.5 text-left font-normal">
              <button
                type="button"
                className="chip w-full text-left"
                disabled={locked}
                onClick={() => land(value)}
              >
                {valueLabel(test.observation, value)}
              </button>
            </th>
            <td className="num w-16 px-2 text-right text-sm" title="how likely this result is">
              {formatPercent(probability)}
            </td>
            <td className="py-0.5 text-sm leading-tight">
              {points.length > 0 ? (
                points
                  .slice(0, 2)
                  .map((cause, place) => (place === 0 ? shortCauses[cause] : lowerFirst(shortCauses[cause])))
                  .join(', or ')
              ) : (
                <span className="text-soft">changes little</span>
              )}
            </td>
          </tr>
        ))}
        {absent && !reads.some(({ value }) => value === absent) ? (
          <tr className="border-line border-t">
            <th scope="row" className="w-[42%] py-0.5 text-left font-normal">
              <button
                type="button"
                className="chip w-full text-left"
                disabled={locked}
                onClick={() => land(absent)}
              >
                {valueLabel(test.observation, absent)}
              </button>
            </th>
            <td />
            <td className="py-0.5 text-sm text-soft leading-tight">then there is nothing to look at</td>
          </tr>
        ) : null}
      </tbody>
    </table>
  )
}

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

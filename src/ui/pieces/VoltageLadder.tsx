'use client'

import type { PointId, WalkResult } from '@/core/supply'
import { significant } from '@/core/units'
import { NumberField } from '../kit/NumberField'
import { WindowStrip } from './WindowStrip'

const names: Record<PointId, { name: string; where: string }> = {
  supply: { name: 'Supply', where: 'where it enters the unit' },
  call: { name: 'Call', where: 'across the coil or call terminals, 24 V' },
  output: { name: 'Output', where: 'load side of the contactor, or board output' },
  'contactor-drop': { name: 'Closed pole', where: 'across it, with the load running' },
  motor: { name: 'Motor', where: 'at its leads' },
}

interface VoltageLadderProps {
  points: PointId[]
  walk: WalkResult
  typed: (point: PointId) => string
  disabled: boolean
  onType: (point: PointId, typed: string) => unknown
}

/** From the supply down to the motor: each rung takes its reading; where the voltage is lost the rail is broken. */
export function VoltageLadder({ points, walk, typed, disabled, onType }: VoltageLadderProps) {
  return (
    <div data-testid="voltage-ladder">
      <ol className="relative border-ink border-l-2 pl-5">
        {points.map((id) => {
          const found = walk.points.find((each) => each.point === id)
          const lostHere = walk.lostBetween?.[1] === id
          const middle = found ? (id === 'contactor-drop' ? 0.25 : (found.low + found.high) / 2) : null
          return (
            <li
              key={id}
              className="relative grid items-center gap-x-4 gap-y-1 py-2.5 mid:grid-cols-[150px_minmax(0,1fr)_150px]"
            >
              <span
                className={`absolute top-7 -left-[27px] size-3 rounded-full border-2 border-ink ${found?.verdict === 'normal' ? 'bg-ink' : 'bg-surface'}`}
                aria-hidden="true"
              />
              {lostHere ? (
                <span
                  className="absolute -top-2 -left-[30px] bg-surface px-0.5 font-bold text-lg text-stop leading-none"
                  aria-hidden="true"
                >
                  ≠
                </span>
              ) : null}
              <p className="leading-tight">
                <b>{names[id].name}</b>
                <span className="caption block">{names[id].where}</span>
              </p>
              <div>
                {found && middle !== null ? (
                  <WindowStrip
                    label={names[id].name}
                    nominal={middle}
                    low={found.low}
                    high={found.high}
                    reading={found.volts}
                    uncertainty={found.volts * 0.01 + 0.3}
                    unit="V"
                  />
                ) : null}
                {found ? (
                  <p
                    className={`text-sm ${found.verdict === 'normal' ? 'text-teal' : 'font-bold text-copper'}`}
                  >
                    {found.text}
                  </p>
                ) : null}
              </div>
              <NumberField
                label={`${names[id].name}, volts`}
                hideLabel
                typed={typed(id)}
                quantity="volts"
                disabled={disabled}
                onType={(text) => onType(id, text)}
              />
            </li>
          )
        })}
      </ol>
      <p className="mt-3 font-bold" role="status" data-testid="walk-verdict">
        {walk.text}
        {walk.lostBetween ? (
          <span className="caption ml-2 font-normal">{`${significant(walk.points.find((each) => each.point === walk.lostBetween![1])!.volts)} V there`}</span>
        ) : null}
      </p>
    </div>
  )
}

'use client'

import { useState } from 'react'
import type { Trend } from '@/core/machine/trends'
import { significant } from '@/core/units'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { clockIn } from '../kit/time'
import { useOwnZone } from '../kit/useOwnZone'
import { useHouse } from './HouseWork'
import { figure, TrendDrawing } from './TrendDrawing'

interface TrendsProps {
  trends: Trend[]
  machineId: string
  now: number
  zone: string
  fahrenheit: boolean
}

/** How a capacitor section or a quantity is called. */
export const trendName = ({ what, section }: Pick<Trend, 'what' | 'section'>): string =>
  [say({ key: `measured.${what}` }, house), section === 'single' ? '' : section].filter(Boolean).join(', ')

/** What was read of a machine over the years, one quantity at a time. */
export function Trends({ trends, machineId, now, zone, fahrenheit }: TrendsProps) {
  const [chosen, setChosen] = useState(0)
  const { day } = clockIn(useOwnZone(zone))
  const trend = trends[chosen] ?? trends[0]
  if (!trend)
    return (
      <p>
        Nothing was read of it yet. A reading of a job stands here by itself; one of a day without a job is
        typed below.
      </p>
    )
  return (
    <div data-testid="trend">
      <div className="flex flex-wrap gap-1.5">
        {trends.map((each, index) => (
          <button
            key={`${each.what}${each.section}`}
            type="button"
            className="chip"
            aria-pressed={each === trend}
            onClick={() => setChosen(index)}
          >
            {trendName(each)}
          </button>
        ))}
      </div>
      <div className="overflow-x-auto">
        <div className="min-w-[30rem]">
          <TrendDrawing trend={trend} name={trendName(trend)} now={now} fahrenheit={fahrenheit} day={day} />
        </div>
      </div>
      <p className="caption">{drawnAs(trend)}</p>
      <Drift trend={trend} day={day} />
      <Readings trend={trend} machineId={machineId} fahrenheit={fahrenheit} day={day} />
    </div>
  )
}

const drawnAs = ({ what, window, drift }: Trend): string =>
  [
    window ? 'The band is what its label allows.' : '',
    what === 'capacitanceUf' ? 'Each reading with its meter’s own uncertainty.' : '',
    what === 'levelDb' ? 'Only recordings from the same place say anything by their level.' : '',
    drift ? 'A line fitted by least squares, with its 90 % band.' : '',
    'A reading leads to its job.',
  ]
    .filter(Boolean)
    .join(' ')

type Day = (at: string) => string
const instant = (at: number, day: Day): string => day(new Date(at).toISOString())

function Drift({ trend: { drift, window }, day }: { trend: Trend; day: Day }) {
  if (!drift)
    return window ? (
      <p className="mt-1">Two readings at different times tell how it drifts; a third, how sure that is.</p>
    ) : null
  const { perYear, outAt, earliestAt, latestAt } = drift
  const gains = perYear < 0 ? 'Loses' : 'Gains'
  return (
    <p className="mt-1" data-testid="drift">
      {Math.abs(perYear) < 1e-3
        ? 'It holds its value.'
        : `${gains} ${significant(Math.abs(perYear), 2)} µF a year. `}
      {outAt === null ? null : (
        <b className="font-semibold text-stop">{`Out of its window about ${new Date(outAt).getUTCFullYear()}`}</b>
      )}
      {outAt === null
        ? ''
        : earliestAt !== null && latestAt !== null
          ? `, nine times in ten between ${instant(earliestAt, day)} and ${instant(latestAt, day)}.`
          : earliestAt !== null
            ? `, at the earliest ${instant(earliestAt, day)}.`
            : '.'}
    </p>
  )
}

const SHOWN = 8

interface ReadingsProps {
  trend: Trend
  machineId: string
  fahrenheit: boolean
  day: Day
}

/** The same as a table, the newest first; one that was typed here can be struck here. */
function Readings({ trend, machineId, fahrenheit, day }: ReadingsProps) {
  const { act, busy } = useHouse()
  const [all, setAll] = useState(false)
  const newest = [...trend.points].reverse()
  const shown = all ? newest : newest.slice(0, SHOWN)
  return (
    <table className="mt-2 w-full text-left text-sm">
      <caption className="sr-only">{`${trendName(trend)}: readings`}</caption>
      <tbody>
        {shown.map((point) => (
          <tr key={`${point.at}${point.value}${point.rowId}`} className="border-line border-b">
            <td className="num py-1.5 pr-3">{day(point.at)}</td>
            <td className="num py-1.5 pr-3 font-semibold">{figure(point, fahrenheit)}</td>
            <td className="caption py-1.5 pr-3">
              {[
                point.isNew ? 'new part' : '',
                point.isNormal ? 'on a good day' : '',
                point.isPresent ? '' : 'of the one before',
              ]
                .filter(Boolean)
                .join(', ')}
            </td>
            <td className="py-1 text-right">
              {point.rowId ? (
                <button
                  type="button"
                  className="no-print min-h-11 text-soft underline mid:min-h-8"
                  disabled={busy}
                  aria-label={`Strike ${figure(point, fahrenheit)} of ${day(point.at)}`}
                  onClick={() => void act({ kind: 'reading.strike', machineId, id: point.rowId })}
                >
                  strike
                </button>
              ) : null}
            </td>
          </tr>
        ))}
      </tbody>
      {newest.length > SHOWN ? (
        <tfoot>
          <tr>
            <td colSpan={4}>
              <button type="button" className="btn btn-plain" onClick={() => setAll(!all)}>
                {all ? 'The newest alone' : `All ${newest.length}`}
              </button>
            </td>
          </tr>
        </tfoot>
      ) : null}
    </table>
  )
}

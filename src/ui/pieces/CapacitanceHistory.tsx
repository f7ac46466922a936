'use client'

import { useEffect, useState } from 'react'
import { type CapacitorLabel, parseCapacitorLabel, toleranceOf, windowOf } from '@/core/capacitor'
import { capacitorDrift } from '@/core/drift'
import { significant } from '@/core/units'
import { Chart } from './Chart'

interface PastReading {
  jobId: string
  part: 'old' | 'new'
  point: string
  uF: number
  at: string
  label: string
}

const YEAR = 365.25 * 86_400_000

interface HistoryProps {
  machineId: string
  /** An instant as a day, by the clock of whoever reads. */
  day: (at: string) => string
}

/** Capacitance of this machine over the years, and when the present capacitor leaves its window. */
export function CapacitanceHistory({ machineId, day }: HistoryProps) {
  const [readings, setReadings] = useState<PastReading[] | 'away' | null>(null)
  useEffect(() => {
    let gone = false
    void fetch(`/api/machines/${machineId}/readings`)
      .then((response) => response.json())
      .then((answer: { readings?: PastReading[] }) => !gone && setReadings(answer.readings ?? []))
      .catch(() => !gone && setReadings('away'))
    return () => {
      gone = true
    }
  }, [machineId])
  if (readings === null) return <p className="caption">Earlier readings are being fetched …</p>
  if (readings === 'away')
    return <p role="alert">The server cannot be reached just now. Close this and open it again later.</p>
  if (readings.length === 0) return <p className="caption">No capacitance of this machine was kept before.</p>
  const points = [...new Set(readings.map((reading) => reading.point))]
  return (
    <div data-testid="history">
      {points.map((point) => (
        <PointHistory
          key={point}
          point={point}
          day={day}
          readings={readings.filter((reading) => reading.point === point)}
        />
      ))}
    </div>
  )
}

interface PointHistoryProps extends Pick<HistoryProps, 'day'> {
  point: string
  readings: PastReading[]
}

function PointHistory({ point, readings, day }: PointHistoryProps) {
  const name = point === 'single' ? 'Capacitor' : point
  const start = Date.parse(readings[0]!.at)
  const years = (at: string) => (Date.parse(at) - start) / YEAR
  // The capacitor in the machine now began with the last new part; older readings are its predecessor's.
  const since = readings.findLastIndex((reading) => reading.part === 'new')
  const present = readings.slice(Math.max(0, since))
  const label = labelOf(present.findLast((reading) => reading.label !== '')?.label ?? '')
  const section = label?.sections.find((each) => each.section === point)
  const window = section ? windowOf(section, toleranceOf(label!)) : null
  const drift = window
    ? capacitorDrift(
        present.map((reading) => ({ years: years(reading.at), uF: reading.uF })),
        { lowUf: window.low, highUf: window.high },
      )
    : null
  const leaves = drift?.leavesAtYears ?? null
  const date = (at: number) => day(new Date(start + at * YEAR).toISOString())
  const span = Math.max(0.5, years(readings.at(-1)!.at))
  return (
    <div className="pt-2">
      <h3>{name}</h3>
      <Chart
        label={`${name}: capacitance over the years`}
        xName="years"
        yName="µF"
        height={240}
        series={[
          ...(since > 0
            ? [
                {
                  name: 'before',
                  points: readings
                    .slice(0, since)
                    .map((each) => [years(each.at), each.uF] as [number, number]),
                  dots: true,
                  dashed: true,
                },
              ]
            : []),
          {
            name: 'present',
            points: present.map((each) => [years(each.at), each.uF] as [number, number]),
            dots: true,
            strong: true,
          },
          ...(window
            ? [
                {
                  name: 'low limit',
                  points: [
                    [0, window.low],
                    [span, window.low],
                  ] as [number, number][],
                  thin: true,
                },
              ]
            : []),
        ]}
      />
      <ul className="text-sm">
        {readings.map((reading) => (
          <li
            key={`${reading.jobId}${reading.part}`}
            className="num"
          >{`${day(reading.at)}  ${significant(reading.uF, 4)} µF${reading.part === 'new' ? ', new' : ''}`}</li>
        ))}
      </ul>
      {drift ? (
        <p className="mt-1">
          {Math.abs(drift.perYearUf) < 1e-6
            ? 'It holds its value.'
            : `${drift.perYearUf < 0 ? 'Loses' : 'Gains'} ${significant(Math.abs(drift.perYearUf), 2)} µF a year. `}
          {leaves !== null && leaves > 0 && leaves < 60
            ? `On this line it leaves its window about ${date(leaves)}.`
            : ''}
          {drift.earliestYears !== null && drift.latestYears !== null
            ? ` Nine times in ten between ${date(drift.earliestYears)} and ${date(drift.latestYears)}.`
            : ' Two readings make a line but no interval; a third tells how sure it is.'}
        </p>
      ) : (
        <p className="caption">Readings at two different times, with the label typed, tell how it drifts.</p>
      )}
    </div>
  )
}

function labelOf(text: string): CapacitorLabel | null {
  try {
    return parseCapacitorLabel(text)
  } catch {
    return null
  }
}

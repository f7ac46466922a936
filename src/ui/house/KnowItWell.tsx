'use client'

import { useState } from 'react'
import type { MeasuredKind } from '@/core/house/rows'
import type { PastReading } from '@/core/machine/pastReadings'
import { TextField } from '../kit/TextField'
import { clockIn } from '../kit/time'
import { useOwnZone } from '../kit/useOwnZone'
import { TakeSound } from '../sound/TakeSound'
import { useHouse } from './HouseWork'
import { figure } from './TrendDrawing'
import { trendName } from './Trends'
import { useFields } from './useFields'

interface NormalListProps {
  normal: PastReading[]
  zone: string
  fahrenheit: boolean
}

/** What a machine reads and sounds like on a good day. */
export function NormalList({ normal, zone, fahrenheit }: NormalListProps) {
  const { day } = clockIn(useOwnZone(zone))
  if (normal.length === 0)
    return (
      <p>
        None yet. Take it on a day on which the machine is well, ten minutes: later readings and recordings
        are held against it.
      </p>
    )
  return (
    <ul data-testid="normal">
      {normal.map((reading) => (
        <li
          key={`${reading.what}${reading.section}`}
          className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 border-line border-b py-2"
        >
          <span className="text-soft">{trendName(reading)}</span>
          <span className="num">
            {reading.what === 'levelDb' ? 'recorded' : figure(reading, fahrenheit)}
            <span className="caption ml-3">{day(reading.at)}</span>
          </span>
        </li>
      ))}
    </ul>
  )
}

interface Typed {
  currentA: string
  speedRpm: string
  airDifferenceC: string
}

/** How each is got with nothing of the machine open. */
const asked: { what: MeasuredKind & keyof Typed; label: string; how: string }[] = [
  {
    what: 'currentA',
    label: 'Running current, with its unit',
    how: 'Only with a clamp meter around one insulated wire outside the machine, or a meter that sits between plug and socket. Otherwise leave it.',
  },
  {
    what: 'speedRpm',
    label: 'Speed, in turns a minute',
    how: 'From a tachometer at the guard, or what a recording told below.',
  },
  {
    what: 'airDifferenceC',
    label: 'How many degrees the air going in and coming out are apart',
    how: 'A thermometer at each grille, ten minutes after it was switched on.',
  },
]

interface KnowItWellProps {
  machineId: string
  lineHz: 50 | 60
  onDone: () => void
}

/** A first look at a machine that works, from outside. */
export function KnowItWell({ machineId, lineHz, onDone }: KnowItWellProps) {
  const { act, busy } = useHouse()
  const { fields, set } = useFields<keyof Typed>({ currentA: '', speedRpm: '', airDifferenceC: '' })
  const [blades, setBlades] = useState('')
  const known = /^\d{1,2}$/.test(blades.trim()) ? Number(blades) : null
  const send = async () => {
    const readings = asked.flatMap(({ what }) => {
      const typed = fields[what].trim()
      return typed === '' ? [] : [{ what, typed }]
    })
    if (readings.length === 0 || (await act({ kind: 'readings.add', machineId, normal: 1, readings })))
      onDone()
  }
  return (
    <div>
      <p>Nothing of it is opened. Let it run as always, closed, and leave out what you have no means for.</p>
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault()
          void send()
        }}
      >
        <div className="grid gap-x-4 gap-y-3 mid:grid-cols-3">
          {asked.map(({ what, label, how }) => (
            <TextField key={what} label={label} value={fields[what]} onType={set(what)} hint={how} mono />
          ))}
        </div>
        <h4 className="mt-4">How it sounds</h4>
        <TextField
          className="max-w-xs"
          label="How many blades its wheel has, if you know"
          value={blades}
          onType={setBlades}
        />
        <TakeSound
          of={{ lineHz, ...(known ? { blades: known } : {}) }}
          kept="Level, spectrum and beats are kept as its normal; the recording itself is not."
          onHeard={(name, heard) =>
            void act({ kind: 'sound.keep', machineId, name, analysis: JSON.stringify(heard) })
          }
        />
        <button type="submit" className="btn btn-main mt-3" disabled={busy}>
          Keep it as its normal
        </button>
      </form>
    </div>
  )
}

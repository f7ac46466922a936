'use client'

import { useState } from 'react'
import { type ReadList, readingsOfList } from '@/core/house/readingList'
import { useHouse } from './HouseWork'

interface ListFormProps {
  machineId: string
  fahrenheit: boolean
  onDone: () => void
}

/** So many go in one act: more are sent in several. */
const AT_ONCE = 1000

/** Readings of years, brought in from a spreadsheet: what was not understood is named by its line before anything is stored. */
export function ListForm({ machineId, fahrenheit, onDone }: ListFormProps) {
  const { act, busy } = useHouse()
  const [list, setList] = useState<ReadList | null>(null)
  const [error, setError] = useState('')
  const read = async (file: File | undefined) => {
    if (!file) return
    setError('')
    const { default: Papa } = await import('papaparse')
    const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: true })
    if (data.length < 2)
      setError('This file has no lines below its captions. Save the sheet as CSV, and choose it again.')
    else setList(readingsOfList(data, fahrenheit, Date.now()))
  }
  const send = async () => {
    const readings = list?.readings ?? []
    for (let at = 0; at < readings.length; at += AT_ONCE) {
      const part = readings.slice(at, at + AT_ONCE)
      if (!(await act({ kind: 'readings.add', machineId, source: 'list', readings: part }))) return
    }
    onDone()
  }
  return (
    <div>
      <p>
        A CSV file whose first line names its columns: <b>date</b> (2025-06-02), <b>what</b> (capacitance,
        current, voltage, speed, air difference), <b>value</b>; where you have them <b>unit</b>,{' '}
        <b>section</b> (FAN, HERM) and <b>note</b>.
      </p>
      <label className="btn mt-2 inline-flex">
        Choose the file
        <input
          type="file"
          accept=".csv,text/csv,text/plain"
          className="sr-only"
          onChange={(event) => {
            void read(event.target.files?.[0])
            event.target.value = ''
          }}
        />
      </label>
      {error ? (
        <p role="alert" className="mt-2 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
      {list ? (
        <div className="mt-3" data-testid="list-read">
          <p role="status">
            {`${list.readings.length} ${list.readings.length === 1 ? 'reading was' : 'readings were'} understood${list.faults.length > 0 ? `, ${list.faults.length} ${list.faults.length === 1 ? 'line was' : 'lines were'} not:` : '.'}`}
          </p>
          <ul className="text-sm">
            {list.faults.slice(0, 10).map(({ line, why }) => (
              <li key={line} className="border-stop border-l-4 pl-2">{`Line ${line}: ${why}`}</li>
            ))}
          </ul>
          <button
            type="button"
            className="btn btn-main mt-2"
            disabled={busy || list.readings.length === 0}
            onClick={() => void send()}
          >
            {`Keep ${list.readings.length === 1 ? 'this one' : `these ${list.readings.length}`}`}
          </button>
        </div>
      ) : null}
    </div>
  )
}

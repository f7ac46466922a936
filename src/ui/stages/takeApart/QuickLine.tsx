'use client'

import { useSearchParams } from 'next/navigation'
import { useMemo, useState } from 'react'
import { inOrderOfLife, stopInfo } from '@/core/knowledge/stops'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { terminalsOf } from '@/core/wiring/ofJob'
import { readLine } from '@/core/words/ledger'
import { readingWords, rowOfReading } from '@/core/words/ledgerRow'
import { useNoticed } from '../../bench/useNoticed'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'

type Place = 'before' | 'after' | 'end'

const places: { value: Place; label: string }[] = [
  { value: 'before', label: 'before the current line' },
  { value: 'after', label: 'after it' },
  { value: 'end', label: 'at the end' },
]

/** A line in one short sentence: shown as it will be stored while it is typed, kept by Enter, at the place where the work is. */
export function QuickLine({ current }: { current: string | undefined }) {
  const { snapshot, act, id } = useJob()
  // Said in the finder already.
  const said = useSearchParams()?.get('line') ?? ''
  const [taken, setTaken] = useState('')
  const [sentence, setSentence] = useState('')
  if (said !== taken) {
    setTaken(said)
    setSentence(said)
  }
  /** The line that was said before this one. */
  const [last, setLast] = useState('')
  const [place, setPlace] = useState<Place>('before')
  const terminals = useMemo(() => terminalsOf(snapshot), [snapshot])
  const reading = useMemo(
    () => (sentence.trim() ? readLine({ text: sentence, terminals }) : null),
    [sentence, terminals],
  )
  const noticed = useNoticed(reading?.action === 'note' ? sentence : '')
  const dangers = inOrderOfLife(noticed?.raised ?? [])
  const add = () => {
    if (!reading || reading.refused || reading.asks) return
    // Lines that are said one after another stay in that row.
    const before = snapshot.ledger.find((line) => line.id === last && !line.doneAt && !line.struckAt)
    const at = current === undefined ? 'end' : place
    const line = id()
    // A danger that is noted here is a danger.
    for (const rule of dangers) act({ kind: 'stop.raise', id: id(), rule, note: sentence.trim() })
    const done = act({
      kind: 'ledger.add',
      id: line,
      after: at === 'end' ? null : (before?.id ?? (at === 'after' && current ? current : null)),
      ...(at === 'before' && current && !before ? { before: current } : {}),
      line: rowOfReading(reading),
    })
    if (!done) return
    setLast(line)
    setSentence('')
  }
  return (
    <div className="mt-3">
      <div className="flex gap-2">
        <input
          className="field"
          aria-label="Add a line in one sentence"
          aria-describedby="quick-reading"
          placeholder="4 hex 1/4 long, cup B"
          value={sentence}
          onChange={(event) => setSentence(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return
            event.preventDefault()
            add()
          }}
        />
        <button
          type="button"
          className="btn shrink-0"
          disabled={!reading || reading.refused !== undefined || reading.asks !== undefined}
          onClick={add}
        >
          Add line
        </button>
      </div>
      <p
        id="quick-reading"
        role="status"
        data-testid="quick-reading"
        className={`mt-1 min-h-6 text-sm ${reading?.refused ? 'font-bold text-stop' : ''}`}
      >
        {!reading
          ? ''
          : reading.refused
            ? reading.refused.text
            : reading.asks
              ? 'This names a part that guards people. What was done to it?'
              : reading.action === 'note'
                ? `Kept as a note: say its act in the line, so that it has a way back. ${readingWords(reading)}`
                : readingWords(reading)}
      </p>
      {reading?.asks ? <WhatWasDone onSay={(words) => setSentence(`${words}: ${sentence.trim()}`)} /> : null}
      {dangers.map((rule) => (
        <p key={rule} role="alert" className="border-stop border-l-4 pl-2 font-bold text-stop">
          {`${vocabulary.stopRules[rule].label}: ${stopInfo[rule].text} The line stops the job.`}
        </p>
      ))}
      {current === undefined ? null : (
        <Chips
          label="It comes"
          labelled
          values={places}
          chosen={place}
          onChoose={(chosen) => setPlace(chosen ?? place)}
        />
      )}
    </div>
  )
}

const DONE = ['Took off', 'Put back', 'Looked at', 'Measured', 'Cleaned', 'It no longer switches: bridged']

/** A switch, limit, fuse or ground beside an act that nobody knows: the person says which it was, and the line is read anew. */
function WhatWasDone({ onSay }: { onSay: (words: string) => void }) {
  return (
    <fieldset className="mt-1 flex flex-wrap gap-1.5" aria-label="What was done to it?">
      {DONE.map((words) => (
        <button key={words} type="button" className="chip" onClick={() => onSay(words)}>
          {words}
        </button>
      ))}
    </fieldset>
  )
}

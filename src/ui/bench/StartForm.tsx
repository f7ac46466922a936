'use client'

import { unstable_rethrow } from 'next/navigation'
import { useEffect, useState, useTransition } from 'react'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import {
  type FamilyId,
  familyIds,
  familyLabel,
  type ObservationId,
  vocabulary,
} from '@/core/knowledge/vocabulary'
import type { NoticeReading } from '@/core/words/notice'
import { openJobAction } from '@/server/actions'
import { whenReached } from '../kit/whenReached'
import { FamilySection } from '../pieces/FamilySection'

export interface KnownMachine {
  id: string
  title: string
  family: FamilyId
}

/** One field that starts a job from plain words; what was understood is shown for correction. */
export function StartForm({ machines }: { machines: KnownMachine[] }) {
  const [text, setText] = useState('')
  const [chosen, setChosen] = useState<FamilyId | null>(null)
  const [machineId, setMachineId] = useState('')
  const [struck, setStruck] = useState<ObservationId[]>([])
  const [choosing, setChoosing] = useState(false)
  const [error, setError] = useState<string | null>(null)
  const [starting, begin] = useTransition()
  const noticed = useNoticed(text)
  const machine = machines.find((each) => each.id === machineId)
  const family = machine?.family ?? chosen ?? noticed?.family ?? null
  const findings = findingsOf(noticed, struck)
  const own = family ? machines.filter((each) => each.family === family) : []
  const start = () => {
    setError(null)
    begin(async () => {
      // Whoever types faster than the reader arrives is understood all the same.
      const reading = noticed ?? (text.trim() === '' ? null : (await loadReader())({ text }))
      const kind = family ?? reading?.family
      if (!kind) {
        setChoosing(true)
        setError('Choose what kind of fan has stopped.')
        return
      }
      try {
        const answer = await openJobAction({
          symptom: text.trim(),
          family: kind,
          ...(machineId ? { machineId } : {}),
          findings: findingsOf(reading, struck).map(({ observation, value }) => ({ observation, value })),
          stops: reading?.raised ?? [],
        })
        if (answer?.error) setError(answer.error.message)
      } catch (failure) {
        // Going to the new job is thrown as well.
        unstable_rethrow(failure)
        setError('The server cannot be reached. What you wrote stays here; start again when it can.')
      }
    })
  }
  return (
    <section
      aria-label="Start a job"
      className="border-ink border-y bg-surface px-4 py-5 mid:border-x mid:px-6"
    >
      <form
        onSubmit={(event) => {
          event.preventDefault()
          start()
        }}
      >
        <label htmlFor="stopped" className="block font-bold text-xl">
          What has stopped?
        </label>
        <div className="mt-2 flex flex-wrap gap-2">
          <input
            id="stopped"
            className="field min-w-0 flex-1 basis-72 text-lg"
            placeholder="bathroom fan hums"
            value={text}
            onChange={(event) => setText(event.target.value)}
            autoComplete="off"
          />
          <button type="submit" className="btn btn-main" disabled={starting}>
            {starting ? 'Opening …' : 'Start the job'}
          </button>
        </div>
        {error ? (
          <p className="mt-2 text-stop" role="alert">
            {error}
          </p>
        ) : null}
        {noticed && text.trim() !== '' ? <AlsoSaid noticed={noticed} /> : null}
        {family ? (
          <div className="mt-4 flex gap-4" data-testid="understood">
            <FamilySection family={family} className="h-20 w-28 shrink-0" />
            <div className="min-w-0">
              <p>
                <b>{familyLabel(family)}</b>{' '}
                <button
                  type="button"
                  className="ml-1 text-teal underline"
                  onClick={() => setChoosing(!choosing)}
                >
                  another kind
                </button>
              </p>
              {findings.length > 0 ? (
                <Understood findings={findings} strike={(each) => setStruck([...struck, each])} />
              ) : (
                <p className="caption">Say more, or start and tap what is so.</p>
              )}
              {own.length > 0 ? (
                <p className="mt-2 flex flex-wrap items-center gap-1.5 text-sm">
                  Which one?
                  {own.map((each) => (
                    <button
                      key={each.id}
                      type="button"
                      className="chip"
                      aria-pressed={machineId === each.id}
                      onClick={() => setMachineId(machineId === each.id ? '' : each.id)}
                    >
                      {each.title}
                    </button>
                  ))}
                  <button
                    type="button"
                    className="chip"
                    aria-pressed={machineId === ''}
                    onClick={() => setMachineId('')}
                  >
                    a new one
                  </button>
                </p>
              ) : null}
            </div>
          </div>
        ) : (
          <div className="mt-3">
            {findings.length > 0 ? (
              <>
                <Understood findings={findings} strike={(each) => setStruck([...struck, each])} />
                <p className="mt-2 font-bold">What kind of fan is it?</p>
              </>
            ) : (
              <button type="button" className="text-teal underline" onClick={() => setChoosing(!choosing)}>
                or choose the kind of fan
              </button>
            )}
          </div>
        )}
        {choosing || (!family && findings.length > 0) ? (
          <fieldset className="mt-4 grid grid-cols-2 gap-2 mid:grid-cols-5">
            <legend className={choosing ? 'caption mb-1' : 'sr-only'}>Kinds of fan</legend>
            {familyIds.map((id) => (
              <button
                key={id}
                type="button"
                aria-pressed={family === id}
                className="flex flex-col items-center border border-line p-2 text-center text-sm leading-tight hover:border-ink aria-pressed:border-2 aria-pressed:border-ink"
                onClick={() => {
                  setChosen(id)
                  setMachineId('')
                  setChoosing(false)
                  setError(null)
                }}
              >
                <FamilySection family={id} className="h-16 w-24" />
                {familyLabel(id)}
              </button>
            ))}
          </fieldset>
        ) : null}
      </form>
    </section>
  )
}

const loadReader = () => whenReached(() => import('@/core/words/notice').then((words) => words.readNotice))

const findingsOf = (noticed: NoticeReading | null, struck: ObservationId[]) =>
  (Object.entries(noticed?.observations ?? {}) as [ObservationId, string][])
    .filter(([observation]) => !struck.includes(observation))
    .map(([observation, value]) => ({ observation, value, words: noticed?.words[observation] ?? '' }))

/** The reader comes with the first letter; until then nothing is understood yet. */
function useNoticed(text: string): NoticeReading | null {
  const [read, setRead] = useState<typeof import('@/core/words/notice').readNotice | null>(null)
  const typed = text.trim() !== ''
  useEffect(() => {
    if (typed) void loadReader().then((reader) => setRead(() => reader))
  }, [typed])
  return read ? read({ text }) : null
}

/** Dangers that are named, what is denied, and what nobody understood: none of it is lost. */
function AlsoSaid({ noticed }: { noticed: NoticeReading }) {
  return (
    <div className="mt-2 text-sm" role="status">
      {noticed.raised.map((stop) => (
        <p key={stop} className="border-stop border-l-4 pl-2 font-bold text-stop">
          {`${vocabulary.stopRules[stop].label}: the job begins with what to do about it.`}
        </p>
      ))}
      {noticed.asked.map((stop) => (
        <p key={stop} className="border-ink border-l-2 pl-2">
          {`You wrote that there is none of it: ${vocabulary.stopRules[stop].label.toLowerCase()}. If you are not sure of that, say so in the job before anything else.`}
        </p>
      ))}
      {noticed.denied.length > 0 ? (
        <p className="caption">
          {`Not so: ${noticed.denied.map(({ observation, value }) => valueLabel(observation, value)).join(', ')}.`}
        </p>
      ) : null}
      {noticed.rest.length > 0 ? (
        <p className="caption">{`Kept as you wrote it, and not understood: ${noticed.rest.slice(0, 12).join(' ')}.`}</p>
      ) : null}
    </div>
  )
}

/** What the words were taken to mean, each with a way to say that it is not so. */
function Understood({
  findings,
  strike,
}: {
  findings: { observation: ObservationId; value: string; words: string }[]
  strike: (observation: ObservationId) => void
}) {
  return (
    <ul className="mt-1.5 flex flex-wrap gap-1.5" aria-label="Understood">
      {findings.map(({ observation, value, words }) => (
        <li key={observation} className="flex items-center border border-line pl-2">
          <span className="caption mr-1">{shortLabels[observation].toLowerCase()}:</span>{' '}
          {valueLabel(observation, value)}
          {words ? <span className="caption ml-1">{`“${words}”`}</span> : null}
          <button
            type="button"
            className="grid size-9 place-items-center text-soft"
            aria-label={`Not so: ${valueLabel(observation, value)}`}
            onClick={() => strike(observation)}
          >
            ×
          </button>
        </li>
      ))}
    </ul>
  )
}

'use client'

import { useState, useTransition } from 'react'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { type FamilyId, familyIds, familyLabel, type ObservationId } from '@/core/knowledge/vocabulary'
import { noticeFromWords } from '@/core/notice'
import { openJobAction } from '@/server/actions'
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
  const noticed = noticeFromWords(text)
  const machine = machines.find((each) => each.id === machineId)
  const family = machine?.family ?? chosen ?? noticed.family
  const findings = noticed.findings.filter((finding) => !struck.includes(finding.observation))
  const own = family ? machines.filter((each) => each.family === family) : []
  const start = () => {
    setError(null)
    if (!family) {
      setChoosing(true)
      setError('Choose what kind of fan has stopped.')
      return
    }
    begin(async () => {
      const answer = await openJobAction({
        symptom: text.trim(),
        family,
        ...(machineId ? { machineId } : {}),
        findings,
      })
      if (answer?.error) setError(answer.error.message)
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

/** What the words were taken to mean, each with a way to say that it is not so. */
function Understood({
  findings,
  strike,
}: {
  findings: { observation: ObservationId; value: string }[]
  strike: (observation: ObservationId) => void
}) {
  return (
    <ul className="mt-1.5 flex flex-wrap gap-1.5" aria-label="Understood">
      {findings.map(({ observation, value }) => (
        <li key={observation} className="flex items-center border border-line pl-2">
          <span className="caption mr-1">{shortLabels[observation].toLowerCase()}:</span>{' '}
          {valueLabel(observation, value)}
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

'use client'

import { unstable_rethrow } from 'next/navigation'
import { useState, useTransition } from 'react'
import { triggersOf } from '@/core/knowledge/stops'
import { type FamilyId, familyLabel, type ObservationId, type StopRuleId } from '@/core/knowledge/vocabulary'
import { marksIn } from '@/core/words/marks'
import { type MisreadLine, misreadLine } from '@/core/words/misread'
import { nameToLearn, type OwnName, ownNameIn } from '@/core/words/ownNames'
import { openJobAction } from '@/server/actions'
import { DangerNow } from '../danger/DangerNow'
import { useDangers } from '../danger/useDangers'
import { FamilySection } from '../pieces/FamilySection'
import { FamilyChoice } from './FamilyChoice'
import { LearnName } from './LearnName'
import { AlsoSaid, type Corrections, ELSE, type Finding, findingsOf, Understood } from './Understood'
import { loadReader, useNoticed } from './useNoticed'

export interface KnownMachine {
  id: string
  title: string
  family: FamilyId
}

interface StartFormProps {
  machines: KnownMachine[]
  /** What the household calls its machines. */
  names: OwnName[]
  /** Said elsewhere already, as in the finder. */
  said?: string
  /** A sign of danger that was tapped on another page. */
  danger?: StopRuleId | null
  /** The machine on whose page somebody said that something is wrong with it. */
  at?: string | null
}

/** What has been said and corrected so far, what that means, and how a job begins with it. */
function useStart({ machines, names, said = '', danger = null, at = null }: StartFormProps) {
  const [text, setText] = useState(said)
  const [chosen, setChosen] = useState<FamilyId | null>(null)
  /** Null until the person says which; empty for a new one. */
  const [picked, setPicked] = useState<string | null>(at)
  const [corrected, setCorrected] = useState<Corrections>({})
  const [choosing, setChoosing] = useState(false)
  const [error, setError] = useState<string | null>(null)
  const [starting, begin] = useTransition()
  const noticed = useNoticed(text)
  const dangers = useDangers(danger)
  const { standing, asking, guessed, isMeant, meantNone } = dangers.of(noticed)
  const own = ownNameIn(text, names)
  const machineId = picked ?? own?.machineId ?? ''
  const machine = machines.find((each) => each.id === machineId) ?? null
  const family = machine?.family ?? chosen ?? own?.family ?? noticed?.family ?? null
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
          ...(own && !machineId ? { name: own.words } : {}),
          findings: findingsOf(reading, corrected)
            .filter(({ observation, value }) => isMeant(observation, value))
            .map(({ observation, value }) => ({ observation, value })),
          stops: dangers.of(reading).forJob(),
        })
        if (answer?.error) setError(answer.error.message)
      } catch (failure) {
        // Going to the new job is thrown as well.
        unstable_rethrow(failure)
        setError('The server cannot be reached. What you wrote stays here; start again when it can.')
      }
    })
  }
  return {
    text,
    setText,
    noticed,
    own,
    machine,
    machineId,
    pick: setPicked,
    family,
    choose: (id: FamilyId) => {
      setChosen(id)
      setPicked('')
      setChoosing(false)
      setError(null)
    },
    corrected,
    correct: (observation: ObservationId, value: string) =>
      setCorrected({ ...corrected, [observation]: value }),
    standing,
    asking,
    guessed,
    answer: dangers.answer,
    /** What was put right, as a line by which the reader can be taught. */
    misread: noticed
      ? misreadLine({
          text,
          reading: noticed,
          family,
          right: Object.fromEntries(
            Object.entries(corrected).map(([observation, value]) => [
              observation,
              value === ELSE ? null : value,
            ]),
          ),
          meant: meantNone,
        })
      : null,
    /** What says a danger stands with the advice, not among the rest. */
    findings: findingsOf(noticed, corrected).filter(
      ({ observation, value }) => triggersOf(observation, value).length === 0,
    ),
    /** Other kinds that the words fit as well, until the person has said which. */
    others:
      own || machine || chosen ? [] : (noticed?.families ?? []).filter((each) => each !== family).slice(0, 2),
    /** The person said that it is another machine than the words name. */
    byHand: family !== null && (chosen !== null || Boolean(picked)) && family !== noticed?.family,
    choosing,
    setChoosing,
    error,
    starting,
    start,
  }
}

/** One field that starts a job from plain words; what was understood is shown for correction. */
export function StartForm(props: StartFormProps) {
  const {
    text,
    setText,
    noticed,
    own,
    machine,
    machineId,
    pick,
    family,
    choose,
    corrected,
    correct,
    findings,
    others,
    byHand,
    choosing,
    setChoosing,
    error,
    starting,
    start,
    standing,
    asking,
    guessed,
    answer,
    misread,
  } = useStart(props)
  const { machines } = props
  const understood = <Understood findings={findings} onCorrect={correct} />
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
        {standing.length > 0 || asking.length > 0 ? (
          <DangerNow
            standing={standing}
            asking={asking}
            guessed={guessed}
            onMeant={(rule, meant) => answer(rule, { so: false, meant })}
            onSo={(rule) => answer(rule, { so: true })}
          />
        ) : null}
        {noticed && findings.length > 0 ? <Marked text={text} findings={findings} /> : null}
        {noticed && text.trim() !== '' ? <AlsoSaid noticed={noticed} corrected={corrected} /> : null}
        {misread ? <Misread line={misread} /> : null}
        {family ? (
          <div className="mt-4 flex gap-4" data-testid="understood">
            <FamilySection family={family} className="hidden h-20 w-28 shrink-0 mid:block" />
            <div className="min-w-0">
              <p>
                <b>{familyLabel(family)}</b>{' '}
                {own && !byHand ? <span className="caption">{`you call it “${own.words}”`}</span> : null}
                <button
                  type="button"
                  className="ml-1 text-teal underline"
                  onClick={() => setChoosing(!choosing)}
                >
                  another kind
                </button>
              </p>
              {others.length > 0 ? (
                <p className="flex flex-wrap items-center gap-1.5 text-sm">
                  Your words also fit:
                  {others.map((each) => (
                    <button key={each} type="button" className="chip" onClick={() => choose(each)}>
                      {`it is the ${familyLabel(each).toLowerCase()}`}
                    </button>
                  ))}
                </p>
              ) : null}
              {findings.length > 0 ? (
                understood
              ) : (
                <p className="caption">Say more, or start and tap what is true.</p>
              )}
              <WhichOne
                machines={machines.filter((each) => each.family === family)}
                machineId={machineId}
                onPick={pick}
              />
              {byHand && noticed ? (
                <LearnName
                  key={`${family} ${machineId}`}
                  proposed={nameToLearn(text, noticed)}
                  family={family}
                  machine={machine}
                />
              ) : null}
            </div>
          </div>
        ) : (
          <div className="mt-3">
            {findings.length > 0 ? (
              <>
                {understood}
                {standing.length === 0 ? <p className="mt-2 font-bold">What kind of fan is it?</p> : null}
              </>
            ) : (
              <button type="button" className="text-teal underline" onClick={() => setChoosing(!choosing)}>
                or choose the kind of fan
              </button>
            )}
          </div>
        )}
        {choosing || (!family && findings.length > 0 && standing.length === 0) ? (
          <FamilyChoice family={family} titled={choosing} onChoose={choose} />
        ) : null}
      </form>
    </section>
  )
}

/** The sentence with what was understood underlined; a reader of the screen gets the same from the list. */
function Marked({ text, findings }: { text: string; findings: Finding[] }) {
  return (
    <p className="mt-2 text-soft" aria-hidden="true" data-testid="marked">
      {marksIn(
        text,
        findings.map(({ words }) => words),
      ).map(({ text: piece, understood, at }) =>
        understood ? (
          <mark key={at} className="border-teal border-b-2 bg-transparent text-ink">
            {piece}
          </mark>
        ) : (
          <span key={at}>{piece}</span>
        ),
      )}
    </p>
  )
}

/** What was put right can be handed on: a line of made-up or own words that teaches the reader. */
function Misread({ line }: { line: MisreadLine }) {
  return (
    <details className="mt-2 text-sm">
      <summary className="inline-flex min-h-11 items-center text-teal underline">
        Misread? Copy it as a line that teaches the reader
      </summary>
      <textarea
        className="field num w-full text-xs"
        aria-label="The line"
        rows={3}
        readOnly
        value={JSON.stringify(line)}
        onFocus={(event) => event.target.select()}
      />
    </details>
  )
}

function WhichOne({
  machines,
  machineId,
  onPick,
}: {
  machines: KnownMachine[]
  machineId: string
  onPick: (id: string) => void
}) {
  if (machines.length === 0) return null
  return (
    <p className="mt-2 flex flex-wrap items-center gap-1.5 text-sm">
      Which one?
      {machines.map((each) => (
        <button
          key={each.id}
          type="button"
          className="chip"
          aria-pressed={machineId === each.id}
          onClick={() => onPick(machineId === each.id ? '' : each.id)}
        >
          {each.title}
        </button>
      ))}
      <button type="button" className="chip" aria-pressed={machineId === ''} onClick={() => onPick('')}>
        a new one
      </button>
    </p>
  )
}

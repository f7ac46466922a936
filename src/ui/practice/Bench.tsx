'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { PracticeBench, PracticeRoundRow } from '@/server/practice'
import { lessonWords, skillWords } from '@/wording/en/lessons'
import { asked } from '../data/asked'
import { notify } from '../kit/notify'
import { Section } from '../kit/Section'
import { ago } from '../kit/time'
import { sendWaiting } from './waiting'

const Calibration = dynamic(() => import('./Calibration').then((module) => module.Calibration), {
  ssr: false,
})

interface BenchProps {
  bench: PracticeBench
  /** What can be put in and wired, of each family. */
  tasks: { id: string; family: string; name: string }[]
  /** The server's clock, so that both sides say the same. */
  now: number
  families: { id: string; name: string; kinds: { id: string; name: string }[] }[]
}

const LEVELS = [
  { id: 'plain', name: 'One fault, told as it is' },
  { id: 'story', name: 'One fault, and a story that may mislead' },
  { id: 'worn', name: 'One fault, and a worn meter' },
  { id: 'two', name: 'Two faults, or none' },
  { id: 'none', name: 'Nothing wrong: know it well' },
  { id: 'wire', name: 'Wire it: its own motor, hung in' },
]
const TASK = 'wire:'
const levelOf = (value: string): object =>
  value.startsWith(TASK) ? { level: 'wire', task: value.slice(TASK.length) } : { level: value }

const OUTCOMES = { right: 'found', wrong: 'another cause', hurt: 'ended by a danger' } as const

/** Rounds to draw, lessons, what comes back, and what was played. Kept apart from the household. */
export function Bench({ bench, families, tasks, now }: BenchProps) {
  const router = useRouter()
  const [busy, setBusy] = useState(false)
  // Who comes from a round may be quicker than its last act.
  useEffect(() => {
    void sendWaiting().then((sent) => (sent ? router.refresh() : undefined))
  }, [router])
  const begin = (body: object) => {
    setBusy(true)
    asked<{ round: PracticeRoundRow }>('/api/practice', 'POST', body).then(
      ({ round }) => router.push(`/practice/${round.id}`),
      (error: unknown) => {
        setBusy(false)
        notify(error instanceof Error ? error.message : 'This round could not be begun.')
      },
    )
  }
  return (
    <>
      <Draw families={families} tasks={tasks} busy={busy} onBegin={begin} />
      <Lessons lessons={bench.lessons} families={families} busy={busy} onBegin={begin} />
      {bench.due.length > 0 ? (
        <Section title="Comes back now" aside="what was missed, a while later">
          <ul data-testid="due">
            {bench.due.map(({ cause, family }) => (
              <li key={cause} className="flex flex-wrap items-center gap-3 border-line border-b py-1.5">
                <span className="flex-1">
                  A machine you have met before
                  <span className="caption block">
                    {families.find(({ id }) => id === family)?.name ?? ''}
                  </span>
                </span>
                <button
                  type="button"
                  className="btn"
                  disabled={busy || !family}
                  onClick={() => begin({ family, cause })}
                >
                  Begin
                </button>
              </li>
            ))}
          </ul>
        </Section>
      ) : null}
      {bench.skills.length > 0 ? <Skills skills={bench.skills} /> : null}
      <Played bench={bench} families={families} now={now} />
    </>
  )
}

function Draw({
  families,
  tasks,
  busy,
  onBegin,
}: {
  families: BenchProps['families']
  tasks: BenchProps['tasks']
  busy: boolean
  onBegin: (body: object) => void
}) {
  const [family, setFamily] = useState(families[0]?.id ?? '')
  const [code, setCode] = useState('')
  const kinds = families.find(({ id }) => id === family)?.kinds ?? []
  return (
    <Section title="Draw a machine">
      <form
        className="grid max-w-[900px] gap-3 mid:grid-cols-3"
        onSubmit={(event) => {
          event.preventDefault()
          const form = new FormData(event.currentTarget)
          const text = (name: string) => String(form.get(name) ?? '')
          onBegin({
            family,
            ...(kinds.length > 1 ? { motorKind: text('kind') } : {}),
            ...levelOf(text('level')),
            help: text('help') === 'help',
          })
        }}
      >
        <label>
          <span className="caption">Machine</span>
          <select className="field" value={family} onChange={(event) => setFamily(event.target.value)}>
            {families.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {kinds.length > 1 ? (
          <label>
            <span className="caption">Its motor</span>
            <select name="kind" className="field">
              {kinds.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        ) : null}
        <label>
          <span className="caption">What is in it</span>
          <select name="level" className="field">
            {LEVELS.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
            {tasks
              .filter((task) => task.family === family)
              .map(({ id, name }) => (
                <option key={id} value={`${TASK}${id}`}>
                  Wire it: {name}
                </option>
              ))}
          </select>
        </label>
        <label>
          <span className="caption">Beside you</span>
          <select name="help" className="field">
            <option value="blind">nobody: a blind round</option>
            <option value="help">the advisor, as in a job</option>
          </select>
        </label>
        <button type="submit" className="btn btn-main self-end" disabled={busy}>
          Begin
        </button>
      </form>
      <div className="mt-3 flex max-w-[900px] flex-wrap items-end gap-3">
        <form
          className="flex flex-1 items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            if (code.trim()) onBegin({ code: code.trim() })
          }}
        >
          <label className="min-w-0 flex-1">
            <span className="caption">A code somebody gave you, as OU-37-psc-plain-v1</span>
            <input
              className="field num"
              value={code}
              onChange={(event) => setCode(event.target.value)}
              autoCapitalize="off"
              autoComplete="off"
              spellCheck={false}
            />
          </label>
          <button type="submit" className="btn" disabled={busy}>
            Open
          </button>
        </form>
        <label className="btn cursor-pointer">
          Take in a file
          <input
            type="file"
            accept="application/json,.json"
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? []
              event.target.value = ''
              if (file) void taken(file, onBegin)
            }}
          />
        </label>
      </div>
    </Section>
  )
}

async function taken(file: File, onBegin: (body: object) => void): Promise<void> {
  try {
    const body: unknown = JSON.parse(await file.text())
    if (typeof body !== 'object' || body === null) throw new Error()
    onBegin({ kind: '', ...body })
  } catch {
    notify('This file is no round of practice. Take one that was saved from a round’s page.')
  }
}

function Lessons({
  lessons,
  families,
  busy,
  onBegin,
}: {
  lessons: PracticeBench['lessons']
  families: BenchProps['families']
  busy: boolean
  onBegin: (body: object) => void
}) {
  const done = lessons.filter((lesson) => lesson.done).length
  return (
    <Section title="Lessons" aside={`${done} of ${lessons.length} done without a danger`}>
      <ol className="grid gap-x-8 mid:grid-cols-2" data-testid="lessons">
        {lessons.map(({ id, family, minutes, done: isDone }) => (
          <li key={id} className="flex items-start gap-3 border-line border-b py-2">
            <span aria-hidden="true" className="num w-5 pt-2 text-center">
              {isDone ? '✓' : '·'}
            </span>
            <span className="min-w-0 flex-1">
              <span className="font-bold">{lessonWords[id]?.title}</span>
              <span className="sr-only">{isDone ? ', done' : ''}</span>
              <span className="block">{lessonWords[id]?.goal}</span>
              <span className="caption block">
                {families.find((each) => each.id === family)?.name}, {minutes} minutes
              </span>
            </span>
            <button
              type="button"
              className="btn"
              disabled={busy}
              aria-label={`Begin the lesson: ${lessonWords[id]?.title}`}
              onClick={() => onBegin({ lesson: id })}
            >
              {isDone ? 'Again' : 'Begin'}
            </button>
          </li>
        ))}
      </ol>
    </Section>
  )
}

/** What was met so far by the part of the machine it belongs to: figures, and nothing to win. */
function Skills({ skills }: Pick<PracticeBench, 'skills'>) {
  return (
    <Section title="By what was wrong" aside="rounds that ended">
      <table className="w-full max-w-[640px]" data-testid="skills">
        <thead>
          <tr className="border-ink border-b text-left">
            <th scope="col" className="py-1">
              Of the machine
            </th>
            <th scope="col" className="text-right">
              Met
            </th>
            <th scope="col" className="text-right">
              Found
            </th>
            <th scope="col" className="text-right">
              Without a danger
            </th>
          </tr>
        </thead>
        <tbody>
          {skills.map(({ skill, rounds, right, withoutDanger }) => (
            <tr key={skill} className="border-line border-b">
              <th scope="row" className="py-1 text-left font-normal">
                {skillWords[skill]}
              </th>
              <td className="num text-right">{rounds}</td>
              <td className="num text-right">{right}</td>
              <td className="num text-right">{withoutDanger}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Section>
  )
}

function Played({ bench, families, now }: Omit<BenchProps, 'tasks'>) {
  const router = useRouter()
  const remove = (id: string) =>
    void asked(`/api/practice/${id}`, 'DELETE').then(
      () => router.refresh(),
      (error: unknown) => notify(error instanceof Error ? error.message : 'This round could not be deleted.'),
    )
  return (
    <Section title="What you played">
      {bench.rounds.length === 0 ? (
        <p>No round yet. Begin with the first lesson: five minutes, and nothing can break.</p>
      ) : (
        <section
          className="overflow-x-auto"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a wide table is scrolled by key
          tabIndex={0}
          aria-label="Rounds"
        >
          <table className="w-full min-w-[640px]" data-testid="rounds">
            <thead>
              <tr className="border-ink border-b text-left">
                <th scope="col" className="py-1">
                  Round
                </th>
                <th scope="col">Begun</th>
                <th scope="col">Ended</th>
                <th scope="col" className="text-right">
                  Minutes
                </th>
                <th scope="col" className="text-right">
                  Tests
                </th>
                <th scope="col" className="text-right">
                  Dangers
                </th>
                <th scope="col">
                  <span className="sr-only">Delete</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {bench.rounds.map((round) => (
                <tr key={round.id} className="border-line border-b">
                  <td className="py-1">
                    <Link
                      className="inline-flex min-h-11 items-center underline"
                      href={`/practice/${round.id}`}
                    >
                      {(round.lesson
                        ? lessonWords[round.lesson]?.title
                        : families.find(({ id }) => id === round.family)?.name) ?? 'Round'}
                    </Link>
                    <span className="caption num block">{round.code}</span>
                  </td>
                  <td>{ago(round.startedAt, now)}</td>
                  <td>{round.outcome ? OUTCOMES[round.outcome] : 'open'}</td>
                  <td className="num text-right">{Math.round(round.minutes)}</td>
                  <td className="num text-right">{round.tests}</td>
                  <td className="num text-right">{round.dangers}</td>
                  <td className="text-right">
                    <Remove name={round.code} onRemove={() => remove(round.id)} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {bench.calibration.length > 0 ? <Calibration calibration={bench.calibration} /> : null}
    </Section>
  )
}

/** Two taps: a round that is deleted is gone. */
function Remove({ name, onRemove }: { name: string; onRemove: () => void }) {
  const [sure, setSure] = useState(false)
  return (
    <button
      type="button"
      className="btn btn-plain"
      onClick={() => (sure ? onRemove() : setSure(true))}
      onBlur={() => setSure(false)}
      aria-label={`${sure ? 'Delete for good' : 'Delete'}: the round ${name}`}
    >
      {sure ? 'For good' : 'Delete'}
    </button>
  )
}

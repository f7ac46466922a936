'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { counted } from '@/core/units/counted'
import type { ArchiveReport, Taking } from '@/server/archive'
import { sendArchive } from './sendArchive'

const ways: { value: Taking['both']; label: string }[] = [
  { value: 'mine', label: 'stays as it is here' },
  { value: 'theirs', label: 'becomes as in the archive' },
  { value: 'copy', label: 'comes in as a second one' },
]

/** The household as one file, to keep elsewhere or to take to another installation, and such a file brought in. */
export function Archive() {
  const router = useRouter()
  const [share, setShare] = useState<number | null>(null)
  const [report, setReport] = useState<ArchiveReport | null>(null)
  const [error, setError] = useState('')
  const [both, setBoth] = useState<Taking['both']>('mine')
  const [settings, setSettings] = useState(false)
  const running = useRef<AbortController | null>(null)
  const bringIn = async (file: File) => {
    const abort = new AbortController()
    running.current = abort
    setReport(null)
    setError('')
    setShare(0)
    try {
      setReport(await sendArchive(file, abort.signal, setShare, { both, settings }))
      router.refresh()
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : 'The archive could not be brought in.')
    }
    setShare(null)
  }
  return (
    <>
      <p className="mb-3 max-w-[72ch]">
        An archive is a zip file with every machine, job, reading, photo, list of parts and name. Another Rest
        Cog brings it in beside what is there. Open jobs are made dead anew. One job alone is taken along from
        its record.
      </p>
      <fieldset className="mb-3">
        <legend className="mb-1 font-semibold">A job that both have</legend>
        <div className="flex flex-wrap gap-1.5">
          {ways.map(({ value, label }) => (
            <button
              key={value}
              type="button"
              className="chip"
              aria-pressed={both === value}
              onClick={() => setBoth(value)}
            >
              {label}
            </button>
          ))}
        </div>
      </fieldset>
      <label className="mb-3 flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-[var(--teal)]"
          checked={settings}
          onChange={(event) => setSettings(event.target.checked)}
        />
        Take its settings over as well: region, units, meter, tools
      </label>
      <div className="flex flex-wrap gap-2">
        <a className="btn" href="/api/archive" download>
          Take an archive along
        </a>
        <label
          className="btn inline-flex focus-within:outline-2 focus-within:outline-teal aria-disabled:opacity-50"
          aria-disabled={share !== null}
        >
          Bring an archive in
          <input
            type="file"
            accept=".zip,application/zip"
            className="sr-only"
            disabled={share !== null}
            onChange={(event) => {
              const file = event.target.files?.[0]
              event.target.value = ''
              if (file) void bringIn(file)
            }}
          />
        </label>
      </div>
      {share !== null ? (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <progress className="h-3 w-64" value={share} aria-label="Sent of the archive" />
          <span>{share < 1 ? `${Math.round(share * 100)} % is sent.` : 'It is checked and brought in.'}</span>
          {share < 1 ? (
            <button type="button" className="btn" onClick={() => running.current?.abort()}>
              Cancel
            </button>
          ) : null}
        </div>
      ) : null}
      {error ? (
        <p className="mt-3 border-stop border-l-4 pl-2" role="alert">
          {error}
        </p>
      ) : null}
      {report ? <Report report={report} /> : null}
    </>
  )
}

function Report({
  report: { jobs, machines, photos, parts, names, house, known, replaced, open, settings },
}: {
  report: ArchiveReport
}) {
  return (
    <div className="mt-3 border-teal border-l-4 pl-2" role="status">
      <p>{`${counted(jobs, 'job')}, ${counted(machines, 'machine')} and ${counted(photos, 'photo')} came in.`}</p>
      {parts + names > 0 ? (
        <p>{`${counted(parts, 'part')} and ${counted(names, 'name')} came along.`}</p>
      ) : null}
      {house > 0 ? (
        <p>{`Of the years of the house ${house === 1 ? 'one entry' : `${house} entries`} came along: fitted parts, readings, breakers, rounds.`}</p>
      ) : null}
      {settings ? <p>The settings of the archive are used now.</p> : null}
      {replaced.length > 0 ? <p>{`As in the archive now: ${replaced.join('; ')}.`}</p> : null}
      {open.length > 0 ? <p>{`To be made dead anew before hands go in: ${open.join('; ')}.`}</p> : null}
      {known.length > 0 ? <p>{`Here already, and left as they are: ${known.join('; ')}.`}</p> : null}
    </div>
  )
}

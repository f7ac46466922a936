'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import type { ArchiveReport } from '@/server/archive'
import { sendArchive } from './sendArchive'

/** The household as one file, to keep elsewhere or to take to another installation, and such a file brought in. */
export function Archive() {
  const router = useRouter()
  const [share, setShare] = useState<number | null>(null)
  const [report, setReport] = useState<ArchiveReport | null>(null)
  const [error, setError] = useState('')
  const running = useRef<AbortController | null>(null)
  const bringIn = async (file: File) => {
    const abort = new AbortController()
    running.current = abort
    setReport(null)
    setError('')
    setShare(0)
    try {
      setReport(await sendArchive(file, abort.signal, setShare))
      router.refresh()
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : 'The archive could not be brought in.')
    }
    setShare(null)
  }
  return (
    <>
      <p className="mb-3 max-w-[72ch]">
        An archive is a zip file with every machine, job, reading and photo. Another Rest Cog brings it in as
        it is; what is there already stays, and open jobs are made dead anew.
      </p>
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

function Report({ report: { jobs, machines, photos, known, open } }: { report: ArchiveReport }) {
  const of = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`
  return (
    <div className="mt-3 border-teal border-l-4 pl-2" role="status">
      <p>{`${of(jobs, 'job')}, ${of(machines, 'machine')} and ${of(photos, 'photo')} came in.`}</p>
      {open.length > 0 ? <p>{`To be made dead anew before hands go in: ${open.join('; ')}.`}</p> : null}
      {known.length > 0 ? <p>{`Here already, and left as they are: ${known.join('; ')}.`}</p> : null}
    </div>
  )
}

'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { counted } from '@/core/units/counted'
import type { RestorePreview } from '@/server/backup/restore'
import { sendPieces } from '../household/sendArchive'
import { TextField } from '../kit/TextField'
import { asked } from './asked'
import { Told } from './Told'
import { useAsked } from './useAsked'

interface Opened {
  id: string
  preview: RestorePreview
  /** When it was made, on this browser's clock. */
  made: string
}

/** A backup opened, what restoring it would change, and where it may go. */
export function Restore({ here }: { here: boolean }) {
  const router = useRouter()
  const [opened, setOpened] = useState<Opened | null>(null)
  const [share, setShare] = useState<number | null>(null)
  const [folder, setFolder] = useState('')
  const sending = useRef<AbortController | null>(null)
  const { busy, error, done, run } = useAsked()
  const open = (file: File) =>
    run(async () => {
      sending.current = new AbortController()
      setShare(0)
      try {
        const id = await sendPieces(file, sending.current.signal, setShare)
        const preview = await asked<RestorePreview>('/api/restore', 'POST', { id })
        setOpened({ id, preview, made: new Date(preview.madeAt).toLocaleString() })
      } finally {
        setShare(null)
      }
      return ''
    })
  const restore = (into?: string) =>
    run(async () => {
      if (!opened) return ''
      const answer = await asked<{ folder: string; here: boolean }>('/api/restore', 'PUT', {
        id: opened.id,
        ...(into === undefined ? {} : { folder: into }),
      })
      setOpened(null)
      router.refresh()
      return answer.here
        ? `Restored. What was here before lies in ${answer.folder}.`
        : `It lies in ${answer.folder}. Start Rest Cog with RESTCOG_DATA=${answer.folder} to open it.`
    })
  const leave = () =>
    run(async () => {
      if (opened) await asked('/api/restore', 'DELETE', { id: opened.id })
      setOpened(null)
      return ''
    })
  return (
    <>
      <p className="mb-3 max-w-[72ch]">
        Choose a backup: first it is said what restoring it changes. What is here now is laid aside, not
        removed.
      </p>
      {opened ? null : (
        <label
          className="btn inline-flex focus-within:outline-2 focus-within:outline-teal aria-disabled:opacity-50"
          aria-disabled={busy}
        >
          Choose a backup
          <input
            type="file"
            accept=".zip,application/zip"
            className="sr-only"
            disabled={busy}
            onChange={(event) => {
              const file = event.target.files?.[0]
              event.target.value = ''
              if (file) void open(file)
            }}
          />
        </label>
      )}
      {share === null ? null : (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <progress className="h-3 w-64 max-w-full" value={share} aria-label="Sent of the backup" />
          <span>{share < 1 ? `${Math.round(share * 100)} % is sent.` : 'It is opened and checked.'}</span>
          {share < 1 ? (
            <button type="button" className="btn" onClick={() => sending.current?.abort()}>
              Cancel
            </button>
          ) : null}
        </div>
      )}
      {opened ? (
        <div className="mt-2 max-w-3xl border-ink border-t pt-3" data-testid="restore-preview">
          <h3 className="font-bold">{`A backup of ${opened.made}`}</h3>
          <Changes preview={opened.preview} />
          <div className="mt-4 flex flex-wrap items-end gap-3">
            <button type="button" className="btn btn-main" disabled={busy} onClick={() => restore()}>
              Restore it here
            </button>
            <button type="button" className="btn" disabled={busy} onClick={leave}>
              Leave everything as it is
            </button>
          </div>
          {here ? (
            <div className="mt-4 grid items-end gap-3 mid:grid-cols-[minmax(0,1fr)_auto]">
              <TextField
                label="Or into a folder of its own, to look at it beside this one"
                value={folder}
                placeholder="/home/me/rest-cog-may"
                mono
                onType={setFolder}
              />
              <button
                type="button"
                className="btn"
                disabled={busy || folder.trim() === ''}
                onClick={() => restore(folder.trim())}
              >
                Lay it there
              </button>
            </div>
          ) : null}
        </div>
      ) : null}
      <Told error={error} done={done} />
    </>
  )
}

function Changes({
  preview: { jobs, machines, photos, parts, comparison, open },
}: {
  preview: RestorePreview
}) {
  const rows = [
    ['They come', comparison.comes],
    ['They go: they are not in the backup', comparison.goes],
    ['They go back to what they were', comparison.goesBack],
    ['They go on to what the backup has', comparison.goesOn],
    ['They stay as they are', comparison.same],
  ] as const
  return (
    <>
      <p className="mt-1">{`It holds ${counted(jobs, 'job')}, ${counted(machines, 'machine')}, ${counted(photos, 'photo')} and ${counted(parts, 'part')}.`}</p>
      <ul className="mt-2">
        {rows
          .filter(([, { count: number }]) => number > 0)
          .map(([text, { count: number, titles }]) => (
            <li key={text} className="border-line border-b py-1.5">
              <b className="font-semibold">{`${counted(number, 'job')}. ${text}.`}</b>
              <span className="caption block [overflow-wrap:anywhere]">
                {titles.join(' · ')}
                {number > titles.length ? ` · and ${number - titles.length} more` : ''}
              </span>
            </li>
          ))}
      </ul>
      {open > 0 ? (
        <p className="mt-2">{`${counted(open, 'open job')} of it ${open === 1 ? 'is' : 'are'} made dead anew before hands go in: nobody watched the machines since.`}</p>
      ) : null}
    </>
  )
}

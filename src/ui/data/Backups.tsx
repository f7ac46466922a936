'use client'

import { useState } from 'react'
import type { BackupPlan } from '@/core/backup/plan'
import { SelectField, TextField } from '../kit/TextField'
import { asked } from './asked'
import { Told } from './Told'
import { useAsked } from './useAsked'

interface BackupsProps {
  plan: BackupPlan
  /** When the last one was made, on the person's clock. */
  last: string
  /** A folder is chosen at the machine itself. */
  here: boolean
}

const rhythms: { value: BackupPlan['every']; label: string }[] = [
  { value: 'never', label: 'only when I say so' },
  { value: 'day', label: 'every day' },
  { value: 'week', label: 'every week' },
]

/** A backup now, and backups by the calendar into a folder of the person's choice. */
export function Backups({ plan: stored, last, here }: BackupsProps) {
  const [plan, setPlan] = useState(stored)
  const [folder, setFolder] = useState(stored.folder)
  const [keep, setKeep] = useState(String(stored.keep))
  const { busy, error, done, run } = useAsked()
  const change = (part: Partial<BackupPlan>, said: string) =>
    run(async () => {
      const answer = await asked<{ plan: BackupPlan }>('/api/backup', 'PUT', part)
      setPlan(answer.plan)
      return said
    })
  return (
    <>
      <p className="mb-3 max-w-[72ch]">
        A backup is one file with the database, every photo, the settings, the shelf and its lists, the names
        you use, and what can be taken back. Keep it on another disk.
      </p>
      <a className="btn btn-main inline-flex" href="/api/backup" download>
        Back up now, as a download
      </a>
      <h3 className="mt-5 mb-1 font-bold">By itself, into a folder</h3>
      <div className="grid max-w-3xl items-end gap-3 mid:grid-cols-[minmax(0,1fr)_auto]">
        <TextField
          label="Folder on this machine, best on another disk"
          value={folder}
          placeholder="/media/stick/rest-cog"
          mono
          onType={setFolder}
        />
        <button
          type="button"
          className="btn"
          disabled={busy || !here || folder === plan.folder}
          onClick={() =>
            change(
              { folder: folder.trim() },
              folder.trim() ? 'This folder is used from now on.' : 'No folder is used.',
            )
          }
        >
          Use this folder
        </button>
      </div>
      {here ? null : (
        <p className="caption mt-1">The folder is chosen at the machine itself, under its own address.</p>
      )}
      {plan.folder ? (
        <div className="mt-3 flex max-w-3xl flex-wrap items-end gap-3">
          <SelectField
            label="How often"
            value={plan.every}
            options={rhythms}
            onChoose={(chosen) => {
              const rhythm = rhythms.find(({ value }) => value === chosen)
              if (rhythm) void change({ every: rhythm.value }, 'Noted.')
            }}
          />
          <TextField className="w-28" label="How many are kept" value={keep} mono onType={setKeep} />
          <button
            type="button"
            className="btn"
            disabled={busy || keep === String(plan.keep)}
            onClick={() =>
              change({ keep: Number(keep) }, 'The oldest ones over that number go with the next backup.')
            }
          >
            Keep so many
          </button>
          <button
            type="button"
            className="btn"
            disabled={busy}
            onClick={() =>
              run(async () => {
                const answer = await asked<{ path: string; plan: BackupPlan }>('/api/backup', 'POST', {})
                setPlan(answer.plan)
                return `The backup lies in ${answer.path}.`
              })
            }
          >
            {busy ? 'One moment …' : 'Back up there now'}
          </button>
        </div>
      ) : null}
      <p className="caption mt-2">
        {plan.lastAt === null
          ? 'None was laid into a folder yet.'
          : plan.lastAt === stored.lastAt
            ? `The last one: ${last}.`
            : 'The last one: just now.'}
      </p>
      {plan.lastError ? (
        <p className="mt-2 max-w-[72ch] border-stop border-l-4 pl-2" role="alert">
          {`The last try failed: ${plan.lastError}`}
        </p>
      ) : null}
      <Told error={error} done={done} />
    </>
  )
}

'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { CheckLine } from '@/server/checkFolder'
import { asked } from './asked'
import { Told } from './Told'
import { useAsked } from './useAsked'

/** The data folder looked through, a line each. */
export function Check() {
  const [lines, setLines] = useState<CheckLine[] | null>(null)
  const { busy, error, run } = useAsked()
  const look = () =>
    run(async () => {
      setLines((await asked<{ lines: CheckLine[] }>('/api/check')).lines)
      return ''
    })
  return (
    <>
      <p className="mb-3 max-w-[72ch]">
        The database as a file, its rows against each other, every stored value, photos against rows. It
        changes nothing.
      </p>
      <button type="button" className="btn" disabled={busy} onClick={look}>
        {busy ? 'Looking it through …' : 'Check the data folder'}
      </button>
      {lines ? (
        <ul className="mt-3 max-w-3xl border-ink border-t" data-testid="check-lines">
          {lines.map((line) => (
            <li key={line.text} className="flex gap-3 border-line border-b py-2">
              <span aria-hidden="true" className={`w-5 font-bold ${line.good ? 'text-teal' : 'text-stop'}`}>
                {line.good ? '✓' : '!'}
              </span>
              <span>
                <span className={line.good ? '' : 'font-bold'}>
                  <span className="sr-only">{line.good ? 'Well: ' : 'Not well: '}</span>
                  {line.text}
                </span>
                {line.act ? <span className="caption block">{line.act}</span> : null}
                {line.jobId ? (
                  <Link
                    href={`/jobs/${line.jobId}/record`}
                    className="inline-flex min-h-11 items-center text-teal underline"
                  >
                    Open it
                  </Link>
                ) : null}
              </span>
            </li>
          ))}
        </ul>
      ) : null}
      <Told error={error} />
    </>
  )
}

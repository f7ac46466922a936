import Link from 'next/link'
import type { BadValue } from '@/core/archive/values'
import { BringBack, DeleteThing } from './late'

interface JobTroubleProps {
  id: string
  /** Values that cannot be; none where the job was deleted. */
  bad: BadValue[]
}

/** A job that is not shown as it is: deleted, or with a stored value that cannot be read. What can be done with it stands here. */
export function JobTrouble({ id, bad }: JobTroubleProps) {
  if (bad.length === 0)
    return (
      <main id="work" className="mx-auto max-w-2xl px-5 py-16">
        <h1 className="text-2xl">This job was deleted</h1>
        <p className="mt-3 mb-4">
          For a day it can be brought back. If it is still open, the machine is then made dead anew.
        </p>
        <BringBack kind="job" id={id} />
        <p className="mt-4">
          <Link href="/" className="text-teal underline">
            Go to the bench
          </Link>
        </p>
      </main>
    )
  return (
    <main id="work" className="mx-auto max-w-2xl px-5 py-16" data-testid="damaged-job">
      <h1 className="text-2xl">A stored value of this job cannot be read</h1>
      <p className="mt-3">
        Nothing is worked out from it, so that no wrong value says anything about power. Take the machine for
        live. The rest of the household is not touched.
      </p>
      <ul className="mt-4 border-ink border-t">
        {bad.slice(0, MOST).map(({ table, id: row, column, value }) => (
          <li
            key={`${table}/${row}/${column}`}
            className="border-line border-b py-1.5 [overflow-wrap:anywhere]"
          >
            <span className="num">{`${table}, ${column}`}</span>
            <span className="caption block">{`holds “${value}”, in the row ${row}`}</span>
          </li>
        ))}
      </ul>
      {bad.length > MOST ? <p className="caption mt-1">{`and ${bad.length - MOST} more`}</p> : null}
      <p className="mt-4 mb-2">
        Take it along first: the archive holds all its rows as they stand. Then bring back a backup under
        Household, Data, or delete this job.
      </p>
      <div className="flex flex-wrap gap-2">
        <a className="btn" href={`/api/jobs/${id}/archive`} download>
          As an archive
        </a>
        <DeleteThing kind="job" id={id} then="/" />
        <Link href="/household/data" className="btn btn-plain">
          Household, Data
        </Link>
      </div>
    </main>
  )
}

const MOST = 12

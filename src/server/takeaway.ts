import type { NextResponse } from 'next/server'
import Papa from 'papaparse'
import { titleAndPlace } from '@/core/job/title'
import { calendarOf, dueEvents } from '@/core/takeaway/calendar'
import { READING_COLUMNS, readingRows } from '@/core/takeaway/readings'
import { answer } from './http'
import { readJob } from './jobs'

type Stored = Awaited<ReturnType<typeof readJob>>

/** A file of a job to keep elsewhere, or the refusal that every route gives. */
async function fileOf(
  jobId: string,
  kind: { type: string; ending: string; write: (stored: Stored) => string },
): Promise<Response | NextResponse> {
  let stored: Stored | null = null
  const refused = await answer(async () => {
    stored = await readJob(jobId)
    return {}
  })
  const done = stored as Stored | null
  if (!done) return refused
  const name =
    titleAndPlace(done.snapshot.machine)
      .replace(/[^\p{L}\p{N} -]+/gu, '')
      .trim() || 'job'
  return new Response(kind.write(done), {
    headers: {
      'content-type': `${kind.type}; charset=utf-8`,
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${name}.${kind.ending}`)}`,
    },
  })
}

/** What a spreadsheet would take for a formula is written as text; a negative reading is a number. */
const FORMULA = /^[=+@\t\r]|^-(?![\d.,])/

export const readingsFile = (jobId: string) =>
  fileOf(jobId, {
    type: 'text/csv',
    ending: 'csv',
    write: ({ snapshot }) =>
      Papa.unparse([READING_COLUMNS, ...readingRows(snapshot)], { escapeFormulae: FORMULA }),
  })

export const calendarFile = (jobId: string) =>
  fileOf(jobId, {
    type: 'text/calendar',
    ending: 'ics',
    write: ({ snapshot }) => calendarOf(dueEvents(snapshot), Date.now()),
  })

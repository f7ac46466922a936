import type { JobRow, JobSnapshot } from '../job/rows'
import { titleAndPlace } from '../job/title'
import { heard, parts, proof, toKnow, watched } from './fitted'
import { asFound, findings, machine, measured, safety, verdict } from './found'
import { wayInAndBack } from './ledger'
import { photosSection } from './photos'
import type { JobRecord, RecordItem, RecordSection } from './types'

const resultWords: Record<NonNullable<JobRow['result']>, string> = {
  runs: 'It runs',
  'runs-with-remarks': 'It runs, with remarks',
  'not-mended': 'Not mended',
  'handed-over': 'Handed to a licensed trade',
}

type Build = (snapshot: JobSnapshot, now: number) => RecordItem[]

const sections: [title: string, build: Build][] = [
  ['Machine', machine],
  ['Found', findings],
  ['As it was found', asFound],
  ['Safety record', safety],
  ['Measured', measured],
  ['Verdict', verdict],
  ['Way in and back', wayInAndBack],
  ['Fitted and wired', parts],
  ['Proved', proof],
  ['Watched', watched],
  ['Heard', heard],
  ['To know next time', toKnow],
  ['Photos', photosSection],
]

/**
 * The record of a job: what was found, how it was made dead, measured, decided, taken apart, fitted and proved. A part that
 * cannot be worked out stands as failed, and the rest stands.
 *
 * @param now milliseconds since the epoch: a watch that runs is judged as it stands
 */
export function recordOf(snapshot: JobSnapshot, now: number): JobRecord {
  const { job, machine: of, household } = snapshot
  return {
    household: household.name,
    title: titleAndPlace(of),
    symptom: job.symptom,
    openedAt: job.openedAt,
    closedAt: job.closedAt,
    result: job.result ? resultWords[job.result] : '',
    sections: sections.flatMap(([title, build]) => section(title, build, snapshot, now)),
    closing: 'This says what was done and measured, and by when. It does not say that anything is safe.',
  }
}

function section(title: string, build: Build, snapshot: JobSnapshot, now: number): RecordSection[] {
  try {
    const items = build(snapshot, now)
    return items.length > 0 ? [{ title, items }] : []
  } catch {
    return [{ title, items: [], failed: true }]
  }
}

'use client'

import { checksOf, hasRun } from '@/core/job/proving/power'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { CheckList } from './CheckList'

/** Looks that lie in the future: due at their time, and answered also when the job is closed. */
export function Later() {
  const { snapshot, now, clock, day } = useJob()
  const checks = checksOf(snapshot).filter((check) => check.laterMinutes)
  const due = (id: string) => snapshot.dues.find((row) => row.checkId === id)
  const note = (id: string): string => {
    const row = due(id)
    if (!row) return 'its time counts from the start'
    return `${Date.parse(row.dueAt) <= now ? 'due since' : 'due at'} ${clock(row.dueAt)}, ${day(row.dueAt)}`
  }
  if (checks.length === 0) return null
  return (
    <Section title="Look again later" aside="the job may be closed before; the first page reminds you">
      <CheckList checks={checks} disabled={!hasRun(snapshot)} note={note} />
    </Section>
  )
}

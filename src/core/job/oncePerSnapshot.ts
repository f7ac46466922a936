import type { JobSnapshot } from './rows'

/**
 * Work done once for each snapshot: an act never changes a snapshot but makes the next one, so what was concluded from
 * it stays true. One keystroke redraws many rows that all ask for the same verdicts. Answers are shared: read only.
 */
export function oncePerSnapshot<T>(work: (snapshot: JobSnapshot) => T): (snapshot: JobSnapshot) => T {
  const known = new WeakMap<JobSnapshot, { answer: T }>()
  return (snapshot) => {
    const kept = known.get(snapshot) ?? { answer: work(snapshot) }
    known.set(snapshot, kept)
    return kept.answer
  }
}

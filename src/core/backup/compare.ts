/** A job as far as a backup is held against what is here. */
export interface JobStamp {
  id: string
  rev: number
  touchedAt: string
}

/** What a restore would do to the jobs that are here. */
export interface Comparison {
  /** Only in the backup: they come. */
  comes: string[]
  /** Only here: they go. */
  goes: string[]
  /** In both, and written to since the backup: they go back to what they were. */
  goesBack: string[]
  /** In both, and the backup's is the later: written to here by an older copy. */
  goesOn: string[]
  /** In both alike. */
  same: string[]
}

/**
 * Hold the jobs of a backup against those here.
 *
 * @example compareJobs([{ id: 'a', rev: 1, touchedAt: '' }], []).comes // ['a']
 */
export function compareJobs(backup: JobStamp[], here: JobStamp[]): Comparison {
  const there = new Map(backup.map((job) => [job.id, job]))
  const own = new Map(here.map((job) => [job.id, job]))
  const of = (keep: (one: JobStamp, other: JobStamp) => boolean) =>
    here.filter((job) => {
      const other = there.get(job.id)
      return other !== undefined && keep(job, other)
    })
  const alike = (one: JobStamp, other: JobStamp) => one.rev === other.rev && one.touchedAt === other.touchedAt
  const later = (one: JobStamp, other: JobStamp) =>
    !alike(one, other) &&
    (one.touchedAt > other.touchedAt || (one.touchedAt === other.touchedAt && one.rev > other.rev))
  const ids = (jobs: JobStamp[]) => jobs.map(({ id }) => id)
  return {
    comes: ids(backup.filter(({ id }) => !own.has(id))),
    goes: ids(here.filter(({ id }) => !there.has(id))),
    goesBack: ids(of(later)),
    goesOn: ids(of((one, other) => later(other, one))),
    same: ids(of(alike)),
  }
}

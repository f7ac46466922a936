import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { energyOf, nobody } from '../job'
import { anyDraw, jobAfter, start } from '../job/acts/anyAct.testing'
import { jobOn, madeDead, NOW } from '../job/job.testing'
import { listTables } from '../job/rows'
import { arrived } from './arrive'
import { ARCHIVE_VERSION, archivedJob, archivedMachines, archiveHead } from './read'
import { archiveSchema } from './schema'

const jobFile = (snapshot: ReturnType<typeof jobOn>) => {
  const { machine: _machine, household: _household, ...job } = snapshot
  return JSON.parse(JSON.stringify(job)) as Record<string, unknown>
}

describe('a job read out of an archive', () => {
  it('is the job that was put in, whatever was done in it', () => {
    fc.assert(
      fc.property(start, fc.array(anyDraw, { maxLength: 25 }), (from, draws) => {
        const job = jobAfter(from, draws)
        const { machine: _machine, household: _household, ...plain } = job
        expect(archivedJob(jobFile(job), 'jobs/x.json')).toEqual(plain)
        expect(archivedMachines(JSON.parse(JSON.stringify([job.machine])))).toEqual([job.machine])
      }),
      { numRuns: samples(60) },
    )
  })

  it('is refused with a column that is none, a value that cannot be, or a row of another job', () => {
    const refuse = (change: (job: Record<string, unknown>) => void) => {
      const job = jobFile(madeDead(jobOn('bath-exhaust-fan')))
      change(job)
      expect(() => archivedJob(job, 'jobs/x.json')).toThrow(/Nothing was brought in/)
    }
    const points = (job: Record<string, unknown>) => job.points as Record<string, unknown>[]
    refuse((job) => Object.assign(points(job)[0] ?? {}, { 'id" = 1; drop': 1 }))
    refuse((job) => Object.assign(points(job)[0] ?? {}, { position: '1' }))
    refuse((job) => Object.assign(points(job)[0] ?? {}, { jobId: 'another-job' }))
    refuse((job) => Object.assign(points(job)[0] ?? {}, { point: 'toString' }))
    refuse((job) => Object.assign(points(job)[0] ?? {}, { label: 'x'.repeat(30_000) }))
    refuse((job) => Object.assign(job, { points: {} }))
    refuse((job) => Object.assign(job, { events: [] }))
    refuse((job) => points(job).push({ ...points(job)[0] }))
  })

  it('is never believed about power: an open job is made dead anew, and its record says why', () => {
    const proven = madeDead(jobOn('bath-exhaust-fan'))
    expect(energyOf(proven, NOW).handsIn).toBe(true)
    const here = arrived(proven, new Date(NOW).toISOString(), nobody)
    expect(energyOf(here, NOW).handsIn).toBe(false)
    expect(here.points.every(({ openedAt }) => openedAt === null)).toBe(true)
    expect(here.log.at(-1)?.detail).toBe('the job came out of an archive')
    for (const table of listTables.filter(
      (name) => !['points', 'proofs', 'charges', 'waits', 'log', 'fields'].includes(name),
    ))
      expect(here[table]).toEqual(proven[table])
  })

  it('stays as it was where it is closed', () => {
    const job = madeDead(jobOn('bath-exhaust-fan'))
    const closed = { ...job, job: { ...job.job, status: 'closed' as const } }
    expect(arrived(closed, new Date(NOW).toISOString(), nobody)).toBe(closed)
  })
})

describe('the head of an archive', () => {
  it('is refused where it is another thing, or of a newer program', () => {
    expect(() => archiveHead({ format: 'photos' })).toThrow(/damaged or was changed/)
    expect(() => archiveHead({ format: 'rest-cog-archive', version: ARCHIVE_VERSION + 1 })).toThrow(
      /newer Rest Cog/,
    )
    expect(() => archiveHead(null)).toThrow(/Nothing was brought in/)
  })
})

describe('docs/formats.md', () => {
  it('shows the schema that archives are read by', () => {
    const page = readFileSync('docs/formats.md', 'utf8')
    const [, shown = ''] = /```json\n([\s\S]*?)\n```/.exec(page) ?? []
    expect(JSON.parse(shown)).toEqual(archiveSchema())
  })
})

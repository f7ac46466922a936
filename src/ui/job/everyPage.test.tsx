import fc from 'fast-check'
import type { ComponentType } from 'react'
import { renderToString } from 'react-dom/server'
import { describe, expect, it, vi } from 'vitest'
import type { JobSnapshot } from '@/core/job'
import { anyDraw, jobAfter, start } from '@/core/job/acts/anyAct.testing'
import { jobOn, NOW } from '@/core/job/job.testing'
import { samples } from '@/sampling.testing'
import { Record } from '../record/Record'
import { DecideStage } from '../stages/decide/DecideStage'
import { MakeDeadStage } from '../stages/makeDead/MakeDeadStage'
import { MatchStage } from '../stages/match/MatchStage'
import { MeasureStage } from '../stages/measure/MeasureStage'
import { NoticeStage } from '../stages/notice/NoticeStage'
import { ProveStage } from '../stages/prove/ProveStage'
import { RefitStage } from '../stages/refit/RefitStage'
import { TakeApartStage } from '../stages/takeApart/TakeApartStage'
import { JobFrame } from './JobFrame'
import { JobProvider } from './JobProvider'

vi.mock('next/navigation', () => ({
  usePathname: () => '/jobs/j/notice',
  useRouter: () => ({ push: () => {} }),
  useSearchParams: () => new URLSearchParams(),
}))

const stages: Record<string, ComponentType> = {
  NoticeStage,
  MakeDeadStage,
  MeasureStage,
  DecideStage,
  TakeApartStage,
  MatchStage,
  RefitStage,
  ProveStage,
}

const page = (snapshot: JobSnapshot, Stage: ComponentType): string =>
  renderToString(
    <JobProvider initial={snapshot} canUndo canRedo={false} serverNow={NOW} zone="UTC">
      <JobFrame>
        <Stage />
      </JobFrame>
    </JobProvider>,
  )

/** React leaves this where a block could not be rendered and is left to the browser, which shows its own sentence. */
const LEFT_OUT = '<!--$!-->'
/** Blocks that are loaded behind the first paint leave it too, and say that they do. */
const failures = (html: string): number =>
  html.split(LEFT_OUT).length - 1 - (html.split('BAILOUT_TO_CLIENT_SIDE_RENDERING').length - 1)

const reachable = (html: string): boolean =>
  html.includes('>Undo</button>') && html.includes('/jobs/j/record') && html.includes('<h1')

describe('a page of a job', () => {
  it('shows every row that an act can store, on every stage and in the record', () => {
    fc.assert(
      fc.property(start, fc.array(anyDraw, { minLength: 10, maxLength: 60 }), (from, draws) => {
        const job = jobAfter(from, draws)
        for (const [name, Stage] of Object.entries(stages)) {
          const html = page(job, Stage)
          expect(failures(html), name).toBe(0)
          expect(reachable(html), name).toBe(true)
        }
        expect(renderToString(<Record snapshot={job} zone="UTC" now={NOW} />)).not.toContain('failed-block')
      }),
      { numRuns: samples(14) },
    )
  })

  it.each([
    ['a finding that no table knows', { findings: [{ observation: 'toString', value: 'constructor' }] }],
    ['a family that no table knows', { machine: { family: '__proto__' } }, true],
    ['a motor kind that no table knows', { machine: { motorKind: 'toString' } }],
    ['a decision for a cause that is gone', { decisions: [{ cause: 'gone', action: 'gone', agreed: 1 }] }],
    ['a line whose act is gone', { ledger: [{ action: 'gone', part: null, doneAt: '2026-01-01' }] }],
    ['a point that no plan has', { points: [{ point: 'toString', label: null }] }],
    ['a landing without its texts', { landings: [{ lead: null, role: null, terminal: null }] }],
    ['a stop without a rule', { stops: [{ rule: 'gone' }] }],
  ])('keeps its heading, undo and record in reach with %s', (_, odd, takesBlocksAlong = false) => {
    const job = broken(jobOn('attic-vent-fan'), odd as never)
    let failed = 0
    for (const [name, Stage] of Object.entries(stages)) {
      const html = page(job, Stage)
      failed += failures(html)
      expect(reachable(html), name).toBe(true)
    }
    if (takesBlocksAlong) expect(failed).toBeGreaterThan(0)
    expect(renderToString(<Record snapshot={job} zone="UTC" now={NOW} />)).toContain(
      'does not say that anything is safe',
    )
  })
})

/** What a damaged file or another program may have written: rows that no act makes. */
function broken(job: JobSnapshot, odd: Partial<Record<keyof JobSnapshot, object | object[]>>): JobSnapshot {
  const out: Record<string, unknown> = { ...job }
  for (const [table, value] of Object.entries(odd))
    out[table] = Array.isArray(value)
      ? value.map((row, index) => ({ id: `odd-${index}`, jobId: 'j', ...row }))
      : { ...(job as never as Record<string, object>)[table], ...value }
  return out as never
}

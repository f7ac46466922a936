import type { JobSnapshot } from '@/core/job'
import { capacitorMatchInputOf, motorMatchInputOf } from '@/core/job/parts/motorMatch'
import {
  type Bound,
  boundsOf,
  type CapSpec,
  chainDepths,
  type MatchResult,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
  quickMotors,
} from '@/core/match'
import type { Database } from '@/data/database'
import {
  countOffered,
  listCatalogues,
  motorsWithin,
  partsAfter,
  partsByNumber,
  replacingParts,
  type StoredPart,
} from '@/data/parts'
import { readJob } from './jobs'
import { store } from './store'

/** Parts read and judged at a stretch: between two stretches others are served. */
const AT_ONCE = 2000
/** The best so many are sent: no screen shows more. */
const BEST = 120

export interface MatchedPart {
  result: MatchResult
  spec: MotorSpec | CapSpec
  catalogue: string
  own: boolean
}

export interface MatchProgress {
  done: number
  total: number
  /** The best of what was judged so far. */
  best: MatchedPart[]
  /** How many of them can serve, may serve, and cannot. */
  serve: number
  untold: number
  cannot: number
}

/**
 * The stored catalogues against the old part of a job, stretch by stretch, so that the first rows show at once and nothing
 * else waits. Ends early where the signal says so.
 *
 * @throws CoreError `unknown-job`
 */
export async function* matchStored(
  jobId: string,
  part: 'motor' | 'capacitor',
  signal: AbortSignal,
): AsyncGenerator<MatchProgress> {
  const { db } = await store()
  const { snapshot } = await readJob(jobId)
  const total = await countOffered(db, part)
  const names = new Map((await listCatalogues(db)).map((row) => [row.id, row]))
  const judge = part === 'motor' ? await motorJudge(snapshot) : capacitorJudge(snapshot)
  const progress: MatchProgress = { done: 0, total, best: [], serve: 0, untold: 0, cannot: 0 }
  if (!judge) {
    yield { ...progress, done: total }
    return
  }
  let kept: Kept[] = []
  const tell = () => {
    progress.best = judge.inFull(kept.map(({ spec }) => spec)).flatMap((result): MatchedPart[] => {
      const one = kept.find(({ spec }) => spec.id === result.id)
      const catalogue = one && names.get(one.catalogueId)
      return one && catalogue
        ? [
            {
              result,
              spec: one.spec,
              catalogue: catalogue.name,
              own: catalogue.kind === 'shelf' && one.count > 0,
            },
          ]
        : []
    })
    return { ...progress }
  }
  const judgeRows = (rows: StoredPart[]) => {
    const verdicts = judge.quickly(rows.map((row) => ({ ...JSON.parse(row.spec), id: row.id })))
    const found = verdicts.map((verdict, index): Kept => {
      const { catalogueId = '', count = 0 } = rows[index] ?? {}
      return { ...verdict, catalogueId, count }
    })
    kept = [...kept, ...found].sort((one, two) => two.score - one.score).slice(0, BEST)
    return verdicts
  }
  for await (const rows of pages(db, part, judge.bounds)) {
    if (signal.aborted) break
    for (const { verdict, open } of judgeRows(rows))
      progress[verdict === 'no' ? 'cannot' : open ? 'untold' : 'serve']++
    progress.done += rows.length
    // The first rows show at once; the reasons of all others are worked out when the best are known.
    if (progress.best.length === 0) yield tell()
    else yield { ...progress }
    await new Promise((resolve) => setImmediate(resolve))
  }
  if (signal.aborted) return
  // What the index ruled out was counted unread. Some of it is looked at all the same where little else is to be shown: why not.
  const unread = total - progress.done
  if (unread > 0 && kept.length < BEST) judgeRows(await partsAfter(db, part, 0, BEST * 2))
  progress.cannot += unread
  progress.done = total
  kept = kept.filter(({ spec }, at) => kept.findIndex((each) => each.spec.id === spec.id) === at)
  if (!signal.aborted) yield tell()
}

/** The parts that are to be judged, page by page: those within the bounds, or all of them. */
async function* pages(
  db: Database,
  part: 'motor' | 'capacitor',
  bounds: Bound[],
): AsyncGenerator<StoredPart[]> {
  if (bounds.length === 0) {
    let after = 0
    for (;;) {
      const rows = await partsAfter(db, part, after, AT_ONCE)
      const last = rows.at(-1)
      if (!last) return
      after = last.n
      yield rows
    }
  }
  const numbers = await motorsWithin(db, bounds)
  for (let at = 0; at < numbers.length; at += AT_ONCE)
    yield await partsByNumber(db, numbers.slice(at, at + AT_ONCE))
}

interface Verdict {
  spec: MotorSpec | CapSpec
  verdict: MatchResult['verdict']
  score: number
  open: boolean
}

interface Kept extends Verdict {
  catalogueId: string
  count: number
}

interface Judge {
  /** Outside of these a part is a “no” unread. */
  bounds: Bound[]
  quickly: (specs: (MotorSpec & CapSpec)[]) => Verdict[]
  inFull: (specs: (MotorSpec | CapSpec)[]) => MatchResult[]
}

async function motorJudge(snapshot: JobSnapshot): Promise<Judge> {
  const { db } = await store()
  const sought = motorMatchInputOf(snapshot, [])
  const { old } = sought
  const links = old.partNumber
    ? (await replacingParts(db)).map((row): MotorSpec => ({ ...JSON.parse(row.spec), id: row.id }))
    : []
  const chain = chainDepths(sought, links)
  // The chain through all lists counts, not only through this stretch.
  const depthsOf = (specs: MotorSpec[]) =>
    old.partNumber ? new Map([...chainDepths(sought, specs), ...chain]) : chain
  return {
    bounds: boundsOf(sought),
    quickly: (specs) => {
      const input = motorMatchInputOf(snapshot, specs)
      return quickMotors(input, depthsOf(input.candidates)).map(({ candidate, ...rest }) => ({
        spec: candidate,
        ...rest,
      }))
    },
    inFull: (specs) => {
      const input = motorMatchInputOf(snapshot, specs as MotorSpec[])
      return matchMotors(input, depthsOf(input.candidates)).results
    },
  }
}

function capacitorJudge(snapshot: JobSnapshot): Judge | null {
  if (!capacitorMatchInputOf(snapshot, [])) return null
  const judged = (specs: CapSpec[]) => {
    const input = capacitorMatchInputOf(snapshot, specs)
    return input ? matchCapacitors(input).results : []
  }
  return {
    bounds: [],
    quickly: (specs) => {
      const results = new Map(judged(specs).map((result) => [result.id, result]))
      return specs.map((spec): Verdict => {
        const result = results.get(spec.id)
        return {
          spec,
          verdict: result?.verdict ?? 'no',
          score: result?.score ?? 0,
          open: (result?.open.length ?? 0) > 0,
        }
      })
    },
    inFull: (specs) => judged(specs as CapSpec[]),
  }
}

import type { JobSnapshot } from '@/core/job'
import { capacitorMatchInputOf, motorMatchInputOf } from '@/core/job/motorMatch'
import {
  type CapSpec,
  chainDepths,
  type MatchResult,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
  quickMotors,
} from '@/core/match'
import { countOffered, listCatalogues, partsAfter, replacingParts } from '@/data/parts'
import { readJob } from './jobs'
import { store } from './store'

/** Parts read and judged at a stretch: between two stretches others are served. */
const AT_ONCE = 4000
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
  let [kept, after]: [Kept[], number] = [[], 0]
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
  while (!signal.aborted) {
    const rows = await partsAfter(db, part, after, AT_ONCE)
    const last = rows.at(-1)
    if (!last) break
    after = last.n
    const verdicts = judge.quickly(rows.map((row) => ({ ...JSON.parse(row.spec), id: row.id })))
    const found = verdicts.map((verdict, index): Kept => {
      const { catalogueId = '', count = 0 } = rows[index] ?? {}
      return { ...verdict, catalogueId, count }
    })
    kept = [...kept, ...found].sort((one, two) => two.score - one.score).slice(0, BEST)
    progress.done += rows.length
    for (const { verdict, open } of verdicts)
      progress[verdict === 'no' ? 'cannot' : open ? 'untold' : 'serve']++
    // The first rows show at once; the reasons of all others are worked out when the best are known.
    if (progress.best.length === 0) yield tell()
    else yield { ...progress }
    await new Promise((resolve) => setImmediate(resolve))
  }
  if (!signal.aborted) yield tell()
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

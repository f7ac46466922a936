import { capacitorMatchInputOf, motorMatchInputOf } from '@/core/job/motorMatch'
import {
  type CapSpec,
  type MatchResult,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
  supersessionDepths,
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
  let progress: MatchProgress = { done: 0, total, best: [], serve: 0, untold: 0, cannot: 0 }
  if (!judge) {
    yield { ...progress, done: total }
    return
  }
  let after = 0
  while (!signal.aborted) {
    const rows = await partsAfter(db, part, after, AT_ONCE)
    const last = rows.at(-1)
    if (!last) break
    after = last.n
    const results = judge(rows)
    const rowOf = new Map(rows.map((row) => [row.id, row]))
    const matched = results.results.flatMap((result): MatchedPart[] => {
      const row = rowOf.get(result.id)
      const catalogue = row && names.get(row.catalogueId)
      return row && catalogue
        ? [
            {
              result,
              spec: { ...JSON.parse(row.spec), id: row.id },
              catalogue: catalogue.name,
              own: catalogue.kind === 'shelf' && row.count > 0,
            },
          ]
        : []
    })
    progress = {
      done: progress.done + rows.length,
      total,
      best: [...progress.best, ...matched]
        .sort((one, two) => two.result.score - one.result.score)
        .slice(0, BEST),
      serve: progress.serve + results.serve,
      untold: progress.untold + results.untold,
      cannot: progress.cannot + results.cannot,
    }
    yield progress
    await new Promise((resolve) => setImmediate(resolve))
  }
}

interface Judged {
  results: MatchResult[]
  serve: number
  untold: number
  cannot: number
}

type Judge = (rows: { id: string; spec: string }[]) => Judged

const counted = (results: MatchResult[], of: number): Judged => {
  const usable = results.filter(({ verdict }) => verdict !== 'no')
  return {
    results: results.slice(0, BEST),
    serve: usable.filter(({ open }) => open.length === 0).length,
    untold: usable.filter(({ open }) => open.length > 0).length,
    cannot: of - usable.length,
  }
}

async function motorJudge(snapshot: Parameters<typeof motorMatchInputOf>[0]): Promise<Judge> {
  const { db } = await store()
  const { old } = motorMatchInputOf(snapshot, [])
  const links = old.partNumber
    ? (await replacingParts(db)).map((row): MotorSpec => ({ ...JSON.parse(row.spec), id: row.id }))
    : []
  const chain = supersessionDepths(old.partNumber, links)
  return (rows) => {
    const specs = rows.map((row): MotorSpec => ({ ...JSON.parse(row.spec), id: row.id }))
    // The chain through all lists counts, not only through this stretch.
    const depths = new Map([...supersessionDepths(old.partNumber, specs), ...chain])
    const input = motorMatchInputOf(snapshot, specs)
    return counted(matchMotors({ ...input, limit: BEST }, depths).results, specs.length)
  }
}

function capacitorJudge(snapshot: Parameters<typeof capacitorMatchInputOf>[0]): Judge | null {
  if (!capacitorMatchInputOf(snapshot, [])) return null
  return (rows) => {
    const specs = rows.map((row): CapSpec => ({ ...JSON.parse(row.spec), id: row.id }))
    const input = capacitorMatchInputOf(snapshot, specs)
    return counted(input ? matchCapacitors({ ...input, limit: BEST }).results : [], specs.length)
  }
}

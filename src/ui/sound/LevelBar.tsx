import {
  adviceOf,
  LEAST_SECONDS,
  MOST_SECONDS,
  type RecordingAdvice,
  type RecordingLevel,
} from '@/core/sound/advice'
import { adviceWords } from '@/wording/sayHeard'

/** The bar spans this much below full scale. dB. */
const LOWEST_DB = -70

const MARKED: RecordingAdvice[] = ['too-loud', 'too-quiet']

/** How loud it is while it is recorded, what is wrong with it, and when there is enough of it. */
export function LevelBar({ level, onEnough }: { level: RecordingLevel | null; onEnough: () => void }) {
  const advice = level ? adviceOf(level) : 'too-short'
  const share = level ? Math.min(1, Math.max(0, 1 - level.levelDb / LOWEST_DB)) : 0
  const seconds = Math.min(MOST_SECONDS, Math.floor(level?.seconds ?? 0))
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1" data-testid="level">
      <div className="relative h-6 w-48 border border-ink" aria-hidden="true">
        <span
          className={`absolute inset-y-0 left-0 ${MARKED.includes(advice) ? 'bg-[var(--copper-fill)]' : 'bg-teal'}`}
          style={{ width: `${100 * share}%` }}
        />
      </div>
      <span className="num w-20 text-sm">{`${seconds} of ${MOST_SECONDS} s`}</span>
      <button
        type="button"
        className="btn"
        disabled={(level?.seconds ?? 0) < LEAST_SECONDS}
        onClick={onEnough}
      >
        Enough
      </button>
      <p role="status" className={`w-full ${MARKED.includes(advice) ? 'font-bold text-copper' : ''}`}>
        {adviceWords(advice)}
      </p>
    </div>
  )
}

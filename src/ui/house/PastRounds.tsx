import type { readRounds } from '@/server/house/pages'
import { LocalTime } from '../record/LocalTime'

type Past = Awaited<ReturnType<typeof readRounds>>['past']

/** Rounds that ended, and what came of them. */
export function PastRounds({ past, zone }: { past: Past; zone: string }) {
  if (past.length === 0) return null
  return (
    <section aria-label="Rounds before" className="no-print pt-8">
      <h2 className="mb-2 border-ink border-b text-lg">Rounds before</h2>
      <ul>
        {past.map(({ round, done, found, left }) => (
          <li key={round.id} className="flex flex-wrap justify-between gap-x-6 border-line border-b py-2">
            <span>
              <b className="font-semibold">{round.name}</b>{' '}
              <span className="caption">
                <LocalTime at={round.startedAt} zone={zone} onlyDay />
              </span>
            </span>
            <span className="caption">{`${done} done, ${found} with a finding, ${left} left`}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

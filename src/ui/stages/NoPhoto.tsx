import type { SeenBefore } from '@/core/job/ledger/seenBefore'
import { capital } from '@/core/units/capital'

/** What was said instead of a photograph, where it would be looked at: the drawing on paper is fetched now. */
export function NoPhoto({ before }: { before: SeenBefore }) {
  return before.without ? (
    <p className="max-w-[75ch] border-ink border-l-2 pl-3">
      {before.line.action === 'mark'
        ? `${capital(before.line.part)}: ${before.without}`
        : `No photo of ${before.line.part || 'this'}: ${before.without}`}
    </p>
  ) : null
}

import type { SeenBefore } from '@/core/job/ledger/seenBefore'

/** What was said instead of a photograph, where it would be looked at: the drawing on paper is fetched now. */
export function NoPhoto({ before }: { before: SeenBefore }) {
  return before.without ? (
    <p className="max-w-[75ch] border-ink border-l-2 pl-3">
      {`No photo of ${before.line.part || 'this'}: ${before.without}`}
    </p>
  ) : null
}

import type { Term } from '@/core/knowledge/terms'

/** What a term is, where it sits, and what else it is called. */
export function TermText({ term }: { term: Term }) {
  return (
    <>
      <p>{term.says}</p>
      {term.where ? <p className="mt-1">{term.where}</p> : null}
      {term.also.length > 0 ? <p className="caption mt-1">{`Also: ${term.also.join(', ')}`}</p> : null}
    </>
  )
}

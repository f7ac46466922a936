import type { Term } from '@/core/knowledge/terms'

/** What a term is, where it sits, and what else it is called. */
export function TermText({ term }: { term: Term }) {
  // Of one more than one is no other word.
  const also = term.also.filter((word) => word !== `${term.name}s`)
  return (
    <>
      <p>{term.says}</p>
      {term.where ? <p className="mt-1">{term.where}</p> : null}
      {also.length > 0 ? <p className="caption mt-1">{`Also: ${also.join(', ')}`}</p> : null}
    </>
  )
}

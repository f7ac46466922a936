import Link from 'next/link'

interface PagerProps {
  page: number
  pages: number
  /** What is paged, for those who do not see it. */
  what: string
  hrefOf: (page: number) => string
}

/** The pages of a long list: the one before, the one after, and where one is. */
export function Pager({ page, pages, what, hrefOf }: PagerProps) {
  if (pages < 2) return null
  const link = (to: number, label: string) =>
    to >= 1 && to <= pages ? (
      <Link href={hrefOf(to)} prefetch={false} className="btn">
        {label}
      </Link>
    ) : (
      <span className="btn opacity-40" aria-hidden="true">
        {label}
      </span>
    )
  return (
    <nav aria-label={`Pages of ${what}`} className="mt-4 flex flex-wrap items-center gap-3">
      {link(page - 1, 'Before')}
      <span className="num">{`${page} of ${pages}`}</span>
      {link(page + 1, 'Further')}
    </nav>
  )
}

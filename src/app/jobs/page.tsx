import Link from 'next/link'
import { dayIn } from '@/core/units/days'
import { readJobs } from '@/server/household'
import { personZone } from '@/server/zone'
import { JobList } from '@/ui/bench/JobList'
import { Pager } from '@/ui/kit/Pager'

export const metadata = { title: 'All jobs' }

interface Props {
  searchParams: Promise<{ status?: string; page?: string }>
}

/** Every job of the household, by the page. */
export default async function AllJobsPage({ searchParams }: Props) {
  const { status: asked, page: number = '1' } = await searchParams
  const status = asked === 'closed' ? 'closed' : 'open'
  const [{ rows, page, pages, count }, zone] = await Promise.all([
    readJobs(status, Number(number)),
    personZone(),
  ])
  const tab = (to: 'open' | 'closed', label: string) => (
    <Link
      href={`/jobs?status=${to}`}
      prefetch={false}
      aria-current={status === to ? 'page' : undefined}
      className="chip inline-flex min-h-11 items-center aria-[current=page]:bg-ink aria-[current=page]:text-surface"
    >
      {label}
    </Link>
  )
  return (
    <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 mid:px-5">
      <h1 className="text-2xl">All jobs</h1>
      <p className="my-3 flex flex-wrap gap-2">
        {tab('open', 'On the bench')}
        {tab('closed', 'Done')}
      </p>
      {count === 0 ? (
        <p>{status === 'open' ? 'The bench is clear.' : 'Nothing is done yet.'}</p>
      ) : (
        <JobList jobs={rows} today={dayIn(Date.now(), zone)} />
      )}
      <Pager page={page} pages={pages} what="the jobs" hrefOf={(to) => `/jobs?status=${status}&page=${to}`} />
    </main>
  )
}

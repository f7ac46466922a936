import Link from 'next/link'
import { titleAndPlace } from '@/core/job/title'
import { isStopRule } from '@/core/knowledge/vocabulary'
import { dayIn } from '@/core/units/days'
import { readBench, readOwnNames } from '@/server/household'
import { personZone } from '@/server/zone'
import { FirstQuestions } from '@/ui/bench/FirstQuestions'
import { JobList } from '@/ui/bench/JobList'
import { StartForm } from '@/ui/bench/StartForm'
import { LocalTime } from '@/ui/record/LocalTime'

export const metadata = { title: 'Bench · Rest Cog' }

interface Props {
  searchParams: Promise<{ say?: string; danger?: string; machine?: string }>
}

export default async function BenchPage({ searchParams }: Props) {
  const zone = await personZone()
  const { say = '', danger = '', machine = '' } = await searchParams
  const [{ open, closed, left, known, due, looks, introduced, dataTrouble }, names] = await Promise.all([
    readBench({ zone, at: machine }),
    readOwnNames(),
  ])
  return (
    <main id="work" className="mx-auto max-w-[1180px] pb-16 mid:px-5 mid:pt-6">
      <h1 className="sr-only">Bench</h1>
      <StartForm
        key={say + danger + machine}
        machines={known}
        names={names}
        said={say.slice(0, 500)}
        danger={isStopRule(danger) ? danger : null}
        at={known.some(({ id }) => id === machine) ? machine : null}
      />
      {dataTrouble ? (
        <p role="alert" className="mx-4 mt-4 border-stop border-l-4 pl-3 mid:mx-0">
          Something about the data folder is to be seen.{' '}
          <Link href="/household/data" className="text-teal underline">
            Look under Data
          </Link>
        </p>
      ) : null}
      {introduced ? null : <FirstQuestions />}
      <section aria-label="On the bench" className="px-4 pt-7 mid:px-0">
        <h2 className="mb-2 text-lg">{open.length === 0 ? 'The bench is clear' : 'On the bench'}</h2>
        {open.length === 0 ? (
          <p>
            Say above what has stopped. A job keeps everything as you type it; you can leave and come back.
          </p>
        ) : (
          <JobList jobs={open} today={dayIn(Date.now(), zone)} />
        )}
        <More count={left.open} status="open" />
      </section>
      {looks.length > 0 ? (
        <section aria-label="Looks that are due" className="px-4 pt-8 mid:px-0">
          <h2 className="mb-2 text-lg">Looks that are due</h2>
          <ul>
            {looks.map((look) => (
              <li
                key={`${look.jobId}/${look.what}`}
                className="flex flex-wrap justify-between gap-x-4 border-line border-b py-2"
              >
                <Link href={`/jobs/${look.jobId}/prove`} className="underline-offset-2 hover:underline">
                  {`${look.title}: ${look.what}`}
                </Link>
                <span className="num caption">
                  since <LocalTime at={look.dueAt} zone={zone} />
                </span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {due.length > 0 ? (
        <section aria-label="Due for a look" className="px-4 pt-8 mid:px-0">
          <h2 className="mb-2 text-lg">Due for a look</h2>
          <ul>
            {due.map((machine) => (
              <li key={machine.id} className="flex justify-between border-line border-b py-2">
                <Link
                  href={`/household?machine=${machine.id}#${machine.id}`}
                  className="underline-offset-2 hover:underline"
                >
                  {titleAndPlace(machine)}
                </Link>
                <span className="num caption">since {machine.nextLook}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {closed.length > 0 ? (
        <section aria-label="Done" className="px-4 pt-8 mid:px-0">
          <h2 className="mb-2 text-lg">Done</h2>
          <JobList jobs={closed} today={dayIn(Date.now(), zone)} />
          <More count={left.closed} status="closed" />
        </section>
      ) : null}
    </main>
  )
}

/** Long lists stop; the rest is one link away. */
function More({ count, status }: { count: number; status: 'open' | 'closed' }) {
  if (count === 0) return null
  return (
    <p className="mt-3">
      <Link
        href={`/jobs?status=${status}&page=2`}
        prefetch={false}
        className="inline-flex min-h-11 items-center text-teal underline"
      >
        {`${count} older ${count === 1 ? 'job' : 'jobs'} more`}
      </Link>
    </p>
  )
}

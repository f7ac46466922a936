import { formatDistanceToNowStrict } from 'date-fns'
import Link from 'next/link'
import { waitText } from '@/core/job/parts/orders'
import type { EnergyState } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import type { BenchJob } from '@/server/household'
import { AgainSoon } from '../kit/AgainSoon'
import { SmallLine } from '../pieces/SmallLine'

const stateWords: Record<EnergyState, string> = {
  live: 'Power may be on',
  isolating: 'Being isolated',
  isolated: 'Off, not proven',
  'proven-dead': 'Proven dead',
  'closing-up': 'Closing up',
  'live-test': 'On for a test',
  'in-service': 'In service',
}

/** Jobs lying on the bench: power line in small, what it may be, the next act, age. */
export function JobList({ jobs, today }: { jobs: BenchJob[]; today: string }) {
  return (
    <>
      {jobs.some(({ line }) => line === null) ? <AgainSoon /> : null}
      <ul className="border-ink border-t" data-testid="job-list">
        {jobs.map((row) => {
          const { job, machine, line, title } = row
          return (
            <li key={job.id} className="border-line border-b">
              <Link
                prefetch={false}
                href={`/jobs/${job.id}/${job.status === 'closed' ? 'record' : 'notice'}`}
                className="grid items-center gap-x-5 gap-y-1 py-3 hover:bg-surface mid:grid-cols-[64px_minmax(0,1.3fr)_150px_minmax(0,1fr)_90px]"
              >
                <span className="hidden mid:block">
                  {machine.pictureHash ? (
                    // biome-ignore lint/performance/noImgElement: served from the data folder, already small
                    <img
                      src={`/api/photos/${machine.pictureHash}`}
                      alt=""
                      className="h-12 w-16 object-cover"
                      loading="lazy"
                    />
                  ) : null}
                </span>
                <span className="min-w-0">
                  <span className="block font-bold leading-tight">{title}</span>
                  <span className="caption block truncate">{job.symptom}</span>
                </span>
                <StateInSmall row={row} />
                <span className="min-w-0 leading-tight">
                  <span className={`block ${line?.stopped ? 'font-bold text-stop' : ''}`}>
                    {line?.next ?? 'is being worked out'}
                  </span>
                  {line?.waits.map((order) => (
                    <span key={order.part} className="caption block text-copper">
                      {waitText(order, today)}
                    </span>
                  ))}
                  {line?.suspect && job.status === 'open' && !line.stopped ? (
                    <span className="caption block truncate">{`${formatPercent(line.suspect.probability)} ${line.suspect.label.toLowerCase()}`}</span>
                  ) : null}
                </span>
                <span className="caption mid:text-right">
                  {age(job.status === 'closed' ? (job.closedAt ?? job.openedAt) : job.openedAt)}
                </span>
              </Link>
            </li>
          )
        })}
      </ul>
    </>
  )
}

function age(at: string): string {
  const instant = new Date(at)
  return Number.isNaN(instant.getTime())
    ? 'time not readable'
    : formatDistanceToNowStrict(instant, { addSuffix: true })
}

/** The power line in small, the state as a word. */
function StateInSmall({ row: { line, job } }: { row: BenchJob }) {
  return (
    <span className="flex flex-col" data-present>
      <SmallLine
        points={line?.points ?? []}
        powered={line === null || line.state === 'live-test' || line.state === 'in-service'}
      />
      <span className="caption leading-tight">
        {job.status === 'closed'
          ? job.result === 'not-mended'
            ? 'Closed, not mended'
            : 'Closed'
          : stateWords[line?.state ?? 'live']}
      </span>
    </span>
  )
}

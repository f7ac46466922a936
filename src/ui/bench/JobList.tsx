import { formatDistanceToNowStrict } from 'date-fns'
import Link from 'next/link'
import { waitText } from '@/core/job/parts/orders'
import type { EnergyState } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import type { BenchJob } from '@/server/household'

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
    <ul className="border-ink border-t" data-testid="job-list">
      {jobs.map((row) => {
        const { job, machine, suspect, title } = row
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
              <SmallLine row={row} />
              <span className="min-w-0 leading-tight">
                <span className={`block ${row.stopped ? 'font-bold text-stop' : ''}`}>{row.next}</span>
                {row.waits.map((order) => (
                  <span key={order.part} className="caption block text-copper">
                    {waitText(order, today)}
                  </span>
                ))}
                {suspect && job.status === 'open' && !row.stopped ? (
                  <span className="caption block truncate">{`${formatPercent(suspect.probability)} ${suspect.label.toLowerCase()}`}</span>
                ) : null}
              </span>
              <span className="caption mid:text-right">
                {formatDistanceToNowStrict(
                  new Date(job.status === 'closed' ? (job.closedAt ?? job.openedAt) : job.openedAt),
                  { addSuffix: true },
                )}
              </span>
            </Link>
          </li>
        )
      })}
    </ul>
  )
}

/** The power line in small: amber up to the first open break, the state as a word. */
function SmallLine({ row }: { row: BenchJob }) {
  const points = row.points.slice(0, 5)
  const powered = row.state === 'live-test' || row.state === 'in-service'
  const live = powered
    ? points.length
    : Math.max(
        0,
        points.findIndex((point) => point.open) < 0 ? points.length : points.findIndex((point) => point.open),
      )
  const step = 120 / (points.length + 1)
  const allLive = live >= points.length
  return (
    <span className="flex flex-col">
      <svg
        viewBox="0 0 150 22"
        width="150"
        height="22"
        aria-hidden="true"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.3"
      >
        <circle cx="9" cy="13" r="7" />
        <path d={`M16 13H${130}`} />
        <path
          d={`M16 13H${allLive ? 130 : 16 + step * (live + 1) - 8}`}
          stroke="var(--ink)"
          strokeWidth="5"
        />
        <path
          d={`M16 13H${allLive ? 130 : 16 + step * (live + 1) - 8}`}
          stroke="var(--amber)"
          strokeWidth="4"
          strokeDasharray="4 3"
        />
        {points.map((point, index) => {
          const x = 16 + step * (index + 1)
          return (
            <g key={`${x}`}>
              <rect x={x - 8} y="9" width="16" height="8" fill="var(--ground)" stroke="none" />
              <path
                d={point.open && !powered ? `M${x - 8} 13L${x + 7} 3` : `M${x - 8} 13H${x + 8}`}
                strokeWidth="1.7"
              />
              <circle cx={x - 8} cy="13" r="1.8" fill="var(--ink)" />
              <circle cx={x + 8} cy="13" r="1.8" fill="var(--ink)" />
            </g>
          )
        })}
        <circle cx="138" cy="13" r="8" stroke="var(--copper-fill)" strokeWidth="1.6" />
        <path d="M138 7v12M132 13h12" stroke="var(--copper-fill)" />
      </svg>
      <span className="caption leading-tight">
        {row.job.status === 'closed'
          ? row.job.result === 'not-mended'
            ? 'Closed, not mended'
            : 'Closed'
          : stateWords[row.state]}
      </span>
    </span>
  )
}

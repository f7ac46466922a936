'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { type ReactNode, useEffect, useRef, useState } from 'react'
import { contradictionsOf } from '@/core/job'
import { stalePoints } from '@/core/job/energy/daysLater'
import { titleAndPlace } from '@/core/job/title'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { formatPercent } from '@/core/units'
import { onDanger } from '../kit/danger'
import { ago } from '../kit/time'
import { useFetchKept } from '../kit/useFetchKept'
import { atHand } from '../kit/whenReached'
import { PowerLine } from '../pieces/PowerLine'
import { Block } from './Block'
import { Evidence } from './Evidence'
import { PhoneFocus } from './Focus'
import { HistoryMenu } from './HistoryMenu'
import { JobKeys } from './JobKeys'
import { useJob } from './JobProvider'
import { Route, RouteBar } from './Route'
import { StopStrip } from './StopStrip'
import { isStage, type StageId } from './stages'

const StopPage = dynamic(
  atHand(() => import('./StopPage').then((module) => module.StopPage)),
  {
    loading: () => null,
  },
)
const Contradicted = dynamic(
  atHand(() => import('./Contradicted').then((module) => module.Contradicted)),
  { loading: () => null },
)
const ProofQuestion = dynamic(
  atHand(() => import('./ProofQuestion').then((module) => module.ProofQuestion)),
  { loading: () => null },
)
const RefusedStrip = dynamic(
  atHand(() => import('./RefusedStrip').then((module) => module.RefusedStrip)),
  { loading: () => null },
)
const DaysLater = dynamic(
  atHand(() => import('./DaysLater').then((module) => module.DaysLater)),
  { loading: () => null },
)
const Drawer = dynamic(
  atHand(() => import('../kit/Drawer').then((module) => module.Drawer)),
  {
    ssr: false,
  },
)

// Whether a block is shown is worked out inside it: a row that cannot be read takes the block along and not the page.
function IfDaysLater() {
  const { snapshot, now } = useJob()
  return stalePoints(snapshot, now).length > 0 ? <DaysLater /> : null
}

function IfContradicted() {
  const { snapshot, energy } = useJob()
  return (
    <>
      {contradictionsOf(snapshot).length > 0 ? <Contradicted /> : null}
      {energy.provenAt === null ? null : <ProofQuestion />}
    </>
  )
}

/** Everything of a job lives inside this: heading, power line, route, work, evidence. */
export function JobFrame({ children }: { children: ReactNode }) {
  const { snapshot, save, now, refused, act, id } = useJob()
  const [reading, setReading] = useState(false)
  const [unfolded, setUnfolded] = useState(false)
  useFetchKept()
  useEffect(() => onDanger((rule) => act({ kind: 'stop.raise', id: id(), rule, note: '' })), [act, id])
  const { job, machine, household } = snapshot
  const last = usePathname().split('/').at(-1) ?? ''
  const at: StageId = isStage(last) ? last : 'notice'
  // The drawing of the whole machine wants the width as well.
  const folds = foldedFrom.includes(at) || last === 'where'
  const folded = folds && !unfolded
  useWorkFocus(last)
  const saved = { saved: 'saved', saving: 'saving …', offline: 'kept here, not stored yet' }[save]
  return (
    <div className="mx-auto max-w-[1440px] pb-32 mid:px-5 wide:pb-0" data-rev={job.rev}>
      <JobKeys />
      <div className="flex flex-wrap items-center gap-x-4 px-4 mid:items-baseline mid:px-0 mid:py-2.5">
        <h1 className="line-clamp-2 min-w-0 flex-1 text-lg leading-tight mid:flex-none mid:text-[1.3rem]">
          {titleAndPlace(machine)}
        </h1>
        <p className="caption hidden min-w-0 flex-1 truncate mid:block">{job.symptom}</p>
        <p className="caption hidden mid:block">
          {household.name} · opened {ago(job.openedAt, now)} ·{' '}
          <span role="status" data-testid="save-state">
            {job.status === 'closed' && save === 'saved' ? 'closed' : saved}
          </span>
        </p>
        <HistoryMenu />
        <Link
          prefetch={false}
          href={`/jobs/${job.id}/record`}
          className="btn btn-plain hidden min-h-9 text-sm mid:inline-flex"
        >
          Record
        </Link>
      </div>
      {/* The state is in sight wherever the page is scrolled to; on a page of a few lines it goes along with the rest. */}
      <div className="line-in-sight bg-ground">
        <Block name="The power line">
          <PowerLine />
        </Block>
      </div>
      <Block name="The stop">
        <StopStrip reading={reading} onBack={() => setReading(false)} />
      </Block>
      {refused.length > 0 ? <RefusedStrip /> : null}
      <Block name="What was said days ago">
        <IfDaysLater />
      </Block>
      <Block name="What two readings say against each other">
        <IfContradicted />
      </Block>
      <div
        className={`mid:grid mid:grid-cols-[177px_minmax(0,1fr)] ${folded ? '' : 'wide:grid-cols-[177px_minmax(0,1fr)_300px]'}`}
      >
        <div className="hidden pt-5 pr-3 mid:block">
          <div className="route-in-sight">
            <Block name="The route">
              <Route at={at} here={isStage(last)} />
            </Block>
            {folds ? (
              <Block name="What it may be">
                <Unstopped reading={reading}>
                  <FoldedEvidence folded={folded} onFold={() => setUnfolded(folded)} />
                </Unstopped>
              </Block>
            ) : null}
          </div>
        </div>
        <main
          className="min-w-0 bg-surface px-4 pb-8 outline-none mid:min-h-[calc(100vh-200px)] mid:border-ink mid:border-l mid:px-5 wide:border-r"
          id="work"
          tabIndex={-1}
        >
          <Block name="This stage">
            <Work reading={reading} onRead={() => setReading(true)}>
              <PhoneFocus stage={last}>{children}</PhoneFocus>
            </Work>
          </Block>
        </main>
        <aside aria-label="Evidence" className={`hidden px-5 pt-5 ${folded ? '' : 'wide:block'}`}>
          <Block name="What it may be">
            <Unstopped reading={reading}>
              <Evidence />
            </Unstopped>
          </Block>
        </aside>
      </div>
      <div className="fixed inset-x-0 bottom-0 z-30 wide:hidden">
        <Block name="What it may be">
          <Unstopped reading={reading}>
            <EvidenceBar />
          </Unstopped>
        </Block>
        <div className="mid:hidden">
          <Block name="The route">
            <RouteBar at={at} />
          </Block>
        </div>
      </div>
    </div>
  )
}

/** Another stage takes the focus along, so that keys and readers begin at its work; the first page leaves it where it is. */
function useWorkFocus(page: string): void {
  const shown = useRef(page)
  useEffect(() => {
    if (shown.current === page) return
    shown.current = page
    document.getElementById('work')?.focus({ preventScroll: true })
  }, [page])
}

/** Where the decision has been made the work has the width. */
const foldedFrom: StageId[] = ['take-apart', 'match', 'refit', 'prove']

/** The leading suspect in two lines, and the way back to all of the evidence. */
function FoldedEvidence({ folded, onFold }: { folded: boolean; onFold: () => void }) {
  const { diagnosis } = useJob()
  const top = diagnosis.suspects[0]
  if (!top) return null
  return (
    <button
      type="button"
      data-key="e"
      aria-expanded={!folded}
      className="mt-6 hidden w-full border-line border-t pt-3 text-left leading-snug wide:block"
      onClick={onFold}
    >
      <b className="block text-sm">{shortCauses[top.cause]}</b>
      <span className="caption">
        {`${formatPercent(top.probability)} · ${folded ? 'E shows the evidence' : 'E folds it'}`}
      </span>
    </button>
  )
}

/** The stage, or the page of a stop where one stands that is not read past. */
function Work({ reading, onRead, children }: { reading: boolean; onRead: () => void; children: ReactNode }) {
  return useStopped() && !reading ? <StopPage onRead={onRead} /> : children
}

function useStopped(): boolean {
  const { snapshot, stops } = useJob()
  return stops.length > 0 && snapshot.job.status === 'open'
}

/** A sign of danger comes before any probability: nothing beside it says what the fault may be. */
function Unstopped({ reading, children }: { reading: boolean; children: ReactNode }) {
  return useStopped() && !reading ? null : children
}

/** The leading suspect as a bar that opens upwards. */
function EvidenceBar() {
  const { diagnosis } = useJob()
  const [open, setOpen] = useState(false)
  const top = diagnosis.suspects[0]
  if (!top) return null
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        className="relative block w-full border-ink border-t bg-ground px-4 py-2 text-left"
        data-testid="evidence-bar"
        onClick={() => setOpen(true)}
      >
        <span className="flex items-baseline justify-between gap-3">
          <span className="truncate">{shortCauses[top.cause]}</span>
          <span className="num font-bold">{formatPercent(top.probability)}</span>
        </span>
        <span className="absolute inset-x-0 bottom-0 block h-1.5 border-ink border-t bg-surface">
          <span
            className="block h-full bg-[var(--copper-fill)] transition-[width] duration-300"
            style={{ width: `${top.probability * 100}%` }}
          />
        </span>
      </button>
      {open ? (
        <Drawer title="Evidence" side="bottom" onClose={() => setOpen(false)}>
          <Evidence />
        </Drawer>
      ) : null}
    </>
  )
}

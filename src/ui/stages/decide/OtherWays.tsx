'use client'

import Link from 'next/link'
import { activeStops } from '@/core/job'
import type { OptionKind } from '@/core/options'
import { decisionBy, optionsOf } from '@/core/options/ofJob'
import { useJob } from '../../job/JobProvider'

const WAYS = [
  ['hired', 'Have it done: hire somebody'],
  ['new-machine', 'Buy a new machine instead'],
] as const satisfies [OptionKind, string][]

/** The two ways that need no hands of one's own, where the verdict stands: what follows from them is another thing. */
export function OtherWays() {
  const { snapshot, act, id } = useJob()
  const { options } = optionsOf(snapshot)
  const choose = (kind: OptionKind) => {
    const decision = decisionBy(snapshot, kind)
    if (decision) act({ kind: 'decision.set', id: id(), ...decision, reason: '' })
  }
  return (
    <>
      {WAYS.filter(([kind]) => options.some((option) => option.kind === kind)).map(([kind, label]) => (
        <button key={kind} type="button" className="btn btn-plain" onClick={() => choose(kind)}>
          {label}
        </button>
      ))}
    </>
  )
}

/** What follows from having it done, or from a new machine: no taking apart; off first, where it may still be on. */
export function NoHands({ option }: { option: 'hired' | 'new-machine' }) {
  const { snapshot, energy } = useJob()
  const to = (page: string) => `/jobs/${snapshot.job.id}/${page}`
  const stopped = activeStops(snapshot).length > 0
  const off = energy.openPoints === energy.allPoints
  // With a sign of danger no switch is named: the stop itself says what is touched and what is not.
  const leave = stopped
    ? 'What the sign of danger asks for comes first'
    : off
      ? 'Leave it switched off'
      : 'Switch it off and leave it so'
  return (
    <div className="mt-4 max-w-[65ch]" data-testid="no-hands">
      <p>
        {option === 'hired'
          ? `Nothing is taken apart by you. ${leave}. Give whoever comes the card: what was noticed, read and done.`
          : `Nothing is taken apart for it. ${leave}. Before the old one goes, note its plate, its size, the size of its opening or duct, its volts and its breaker.`}
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        {off || stopped ? null : (
          <Link prefetch={false} className="btn btn-main" data-key="n" href={to('make-dead')}>
            How to switch it off
          </Link>
        )}
        {option === 'hired' ? (
          <Link prefetch={false} className={off || stopped ? 'btn btn-main' : 'btn'} href={to('call-card')}>
            The card for whoever comes
          </Link>
        ) : (
          <Link prefetch={false} className={off || stopped ? 'btn btn-main' : 'btn'} href={to('where')}>
            Where its plate and its points are
          </Link>
        )}
        <Link prefetch={false} className="btn" href={to('prove')}>
          Close the job
        </Link>
      </div>
    </div>
  )
}

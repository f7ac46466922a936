'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { type ReactNode, useState } from 'react'
import { activeReadings, legPoints, legsOfJob, walkOf, walkPoints } from '@/core/job'
import { tests } from '@/core/knowledge/tests'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { atHand } from '../../kit/whenReached'
import { VoltageLadder } from '../../pieces/VoltageLadder'

// Opened by a tap, or where something of it was read: nothing is typed into it before it is there.
// Folded, and “Danger here” stands on every page: it comes behind the first load, its place kept.
const StopSigns = dynamic(
  atHand(() => import('../StopSigns').then((module) => module.StopSigns)),
  { ssr: false, loading: () => <div className="min-h-14" /> },
)
const Legs = dynamic(
  atHand(() => import('../../pieces/Legs').then((module) => module.Legs)),
  { loading: () => null },
)

/** Live readings as a ladder from the supply to the motor, with their precautions; greyed while the power is off. */
export function SupplyBlock({ children }: { children: ReactNode }) {
  const { snapshot, energy, act, id } = useJob()
  const powered = energy.state === 'live' || energy.state === 'live-test' || energy.state === 'in-service'
  const rated = snapshot.household.catRated === 1
  const typed = (point: string, pair = '') =>
    activeReadings(snapshot, 'supply', 'old').find((row) => row.pointA === point && row.pointB === pair)
      ?.typed ?? ''
  const set = (a: string, b: string, text: string) =>
    act({ kind: 'reading.set', id: id(), reading: 'supply', part: 'old', a, b, typed: text })
  const legs = legPoints(snapshot)
  const [opened, setOpen] = useState(false)
  const open = opened || activeReadings(snapshot, 'supply', 'old').some(({ pointB }) => pointB !== '')
  return (
    <Section
      id="supply"
      title="Live, few and quick"
      aside={powered ? 'you may decline each of them' : 'the power is off'}
    >
      {powered ? (
        <p className="mb-2 max-w-[75ch] border-l-4 border-l-[var(--amber)] pl-2 text-sm">
          {tests['supply-voltage'][0]!.caution}
        </p>
      ) : (
        <p className="caption mb-2">Live readings are taken before isolating, or during a live test.</p>
      )}
      {powered && !rated ? (
        <p className="mb-2 text-sm">
          No live mains reading without a meter and leads marked CAT III 600 V.{' '}
          <Link href="/household#meter" className="text-teal underline">
            Say under Household that yours are
          </Link>
          .
        </p>
      ) : null}
      <VoltageLadder
        points={walkPoints(snapshot.machine.family)}
        walk={walkOf(snapshot)}
        typed={typed}
        disabled={!powered || !rated}
        onType={(point, text) => set(point, '', text)}
      />
      {legs.length === 0 ? null : open ? (
        <Legs
          points={legs}
          found={legsOfJob(snapshot)}
          typed={typed}
          disabled={!powered || !rated}
          onType={set}
        />
      ) : (
        <p className="mt-4 flex flex-wrap items-center gap-3">
          <button type="button" className="btn" onClick={() => setOpen(true)}>
            Read leg by leg
          </button>
          <span className="caption">
            where the whole is missing or weak: a fuse, half a double breaker, one pole of the contactor
          </span>
        </p>
      )}
      {children}
      <StopSigns title="Stop, if" rules={['lost-neutral', 'burnt-supply']} />
    </Section>
  )
}

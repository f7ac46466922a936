'use client'

import Link from 'next/link'
import { useState } from 'react'
import { chosenCapacitor, chosenMotor } from '@/core/job/parts/candidates'
import { landingPlanOf, readingsFirstOf } from '@/core/wiring/ofJob'
import { type StripLead, stripOf } from '@/core/wiring/strip'
import { useJob } from '../../job/JobProvider'
import { Chips } from '../../kit/Chips'
import { Section } from '../../kit/Section'
import { LandingStrip } from '../../pieces/LandingStrip'
import { LandingList } from './LandingList'
import { OldWiring } from './OldWiring'
import { SolvedWiring } from './SolvedWiring'
import { WhatIfs } from './WhatIfs'
import { WiringQuestions } from './WiringQuestions'

type View = 'drawn' | 'list'

const views: { value: View; label: string }[] = [
  { value: 'drawn', label: 'Drawn and listed' },
  { value: 'list', label: 'As a list alone' },
]

/** Where each lead lands, drawn and as a list, with the circuit that it makes solved beside it. */
export function Landings() {
  const { snapshot, act, id } = useJob()
  const [view, setView] = useState<View>('drawn')
  const strip = stripOf(snapshot)
  const plan = landingPlanOf(snapshot)
  const planned = plan?.landings ?? []
  const first = readingsFirstOf(snapshot)
  const land = (lead: StripLead, terminal: string | null) =>
    act({
      kind: 'landing.set',
      id: id(),
      lead: lead.name,
      role: lead.role,
      terminal: terminal ?? '',
      capped: terminal === null,
      position: lead.position,
    })
  // A capacitor alone goes in, and no lead of the motor was named: there is nothing of it to land.
  if (strip.leads.length === 0 && chosenCapacitor(snapshot) && !chosenMotor(snapshot)) return null
  return (
    <Section
      part="landings"
      title="Where each lead lands"
      aside={
        strip.part === 'new'
          ? 'leads of the new motor'
          : 'leads of the old motor: measure the new one to go by its own'
      }
    >
      {strip.part === 'old' && chosenMotor(snapshot) ? (
        <p role="status" className="mb-3 max-w-[80ch] border-copper border-l-4 pl-3 font-semibold">
          A new motor goes in: its own leads and their ohms say where they land, not those of the old one.
          Name and read them on the bench before it is set on.{' '}
          <Link className="text-teal underline" href={`/jobs/${snapshot.job.id}/measure#winding-new`}>
            To the new motor’s leads
          </Link>
        </p>
      ) : first ? (
        <p role="status" className="mb-3 max-w-[80ch] border-copper border-l-4 pl-3 font-semibold">
          {first}{' '}
          <Link className="text-teal underline" href={`/jobs/${snapshot.job.id}/measure`}>
            To the readings
          </Link>
        </p>
      ) : null}
      {strip.leads.length === 0 ? (
        <p className="max-w-[70ch]">
          Name and read the motor’s leads under Measure: the ohms say which is which. Colours are a habit and
          differ between makers.
        </p>
      ) : (
        <div className="grid gap-6 wide:grid-cols-[minmax(0,1fr)_300px]">
          <div>
            <div className="mb-2">
              <Chips
                label="How the landings are shown"
                values={views}
                chosen={view}
                onChoose={(chosen) => setView(chosen ?? view)}
              />
            </div>
            {view === 'drawn' ? <LandingStrip strip={strip} onLand={land} /> : null}
            <LandingList onLand={land} />
            <WiringQuestions />
            {(first ? [] : (plan?.warnings ?? [])).map((warning) => (
              <p key={warning} className="mt-2 max-w-[80ch] border-ink border-l-2 pl-3 text-sm">
                {warning}
              </p>
            ))}
            <div className="mt-3 flex flex-wrap items-center gap-3">
              <button
                type="button"
                className="btn"
                disabled={planned.length === 0 || strip.leads.every(({ landingId }) => landingId !== null)}
                onClick={() => act({ kind: 'landing.take', ids: planned.map(id) })}
              >
                Take these landings
              </button>
              <a className="btn" href={`/jobs/${snapshot.job.id}/door-card`}>
                Card for the cabinet door
              </a>
              <p className="caption max-w-[60ch]">
                The plate’s own diagram comes before this. Caps: one lead each, never joined.
              </p>
            </div>
          </div>
          <div>
            <OldWiring />
            <SolvedWiring />
            <WhatIfs />
          </div>
        </div>
      )}
    </Section>
  )
}

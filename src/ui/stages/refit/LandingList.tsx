'use client'

import { reachOfPart } from '@/core/job'
import { asFoundOf, foundOn } from '@/core/job/ledger/asFound'
import { terminalsOf } from '@/core/wiring/ofJob'
import { roleOf, type StripLead, stripOf } from '@/core/wiring/strip'
import { useJob } from '../../job/JobProvider'
import { SelectField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { LeadSwatch } from '../../pieces/insulation'

/** The landing strip as a list: the same leads, the same acts, and each ticked off with a tug. */
export function LandingList({ onLand }: { onLand: (lead: StripLead, terminal: string | null) => void }) {
  const { snapshot } = useJob()
  const { leads } = stripOf(snapshot)
  const terminals = terminalsOf(snapshot)
  return (
    <ul data-testid="landings">
      {leads.map((lead) => (
        <Line key={lead.name} lead={lead} terminals={terminals} onLand={onLand} />
      ))}
    </ul>
  )
}

function Line({
  lead,
  terminals,
  onLand,
}: {
  lead: StripLead
  terminals: string[]
  onLand: (lead: StripLead, terminal: string | null) => void
}) {
  const { snapshot, act, gate } = useJob()
  const locked = gate(reachOfPart(snapshot, 'motor')) !== null
  const { suggestion } = lead
  const role = roleOf(lead.role)
  // Colours of another motor say nothing of this one.
  const found = stripOf(snapshot).part === 'old' ? foundOn(asFoundOf(snapshot), lead.name) : null
  const goes = lead.terminal || (lead.capped ? 'a cap' : (suggestion?.terminal ?? ''))
  return (
    <li className="grid grid-cols-[44px_minmax(0,1fr)] items-center gap-x-3 border-line border-b py-1.5 mid:grid-cols-[44px_190px_200px_minmax(0,1fr)]">
      <Tick
        label={`${lead.name} is landed`}
        on={lead.done}
        disabled={lead.landingId === null || locked}
        onChange={(on) => lead.landingId && act({ kind: 'landing.done', id: lead.landingId, on })}
      />
      <span className="flex items-center gap-2">
        {lead.jumper ? null : <LeadSwatch name={lead.name} />}
        <span className="leading-tight">
          <b>{lead.name}</b>
          <span className="caption block" title={role.how}>
            {role.name}
          </span>
        </span>
      </span>
      <SelectField
        className="col-span-2 mid:col-span-1"
        label={`${lead.name} goes to`}
        hideLabel
        value={lead.capped ? 'capped' : lead.terminal}
        empty={suggestion ? `${suggestion.capped ? 'capped' : suggestion.terminal}?` : 'choose'}
        options={[...terminals, 'capped'].map((terminal) => ({ value: terminal, label: terminal }))}
        onChoose={(terminal) => onLand(lead, terminal === 'capped' ? null : terminal)}
      />
      <span className="col-span-2 text-sm text-soft leading-snug mid:col-span-1">
        {suggestion ? sentence(suggestion.why) : `To find it: ${role.how}.`}
        {found ? (
          <span className={found === goes ? 'block' : 'block font-semibold text-copper'}>
            {found === goes
              ? `As it was found: on ${found}.`
              : `As it was found, ${lead.name} sat on ${found}${goes ? `, not on ${goes}` : ''}: look at the photo and the plate before you land it.`}
          </span>
        ) : null}
      </span>
    </li>
  )
}

const sentence = (text: string): string => `${text[0]?.toUpperCase()}${text.slice(1)}.`

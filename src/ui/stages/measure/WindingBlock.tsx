'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { activeReadings, fieldText, type Part, windingLeads, windingOf } from '@/core/job'
import { formatOhm, significant } from '@/core/units'
import { leadNames } from '@/core/winding/leadNames'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { atHand } from '../../kit/whenReached'
import { colourNames, LeadSwatch } from '../../pieces/insulation'
import { LeadMap } from '../../pieces/LeadMap'
import { allPairs, type ChordReading, pairKey } from '../../pieces/leadPairs'

// What was read, to read: a fresh job has none of it, and nothing is typed into it.
const WindingSays = dynamic(
  atHand(() => import('./WindingSays').then((module) => module.WindingSays)),
  { loading: () => null },
)

/** On the drawing up to this many leads; more are typed in the table, with the map beside. */
const MOST_ON_THE_RING = 5

/** Leads, the resistance of every pair, and the tree of windings they make. */
export function WindingBlock({ part, locked }: { part: Part; locked: boolean }) {
  const { snapshot, act, id } = useJob()
  const names = windingLeads(snapshot, part)
  const grounds = snapshot.leads.filter((lead) => lead.part === part && !names.includes(lead.name))
  const result = windingOf(snapshot, part)
  const readings: ChordReading[] = activeReadings(snapshot, 'resistance', part).map((row) => ({
    a: row.pointA,
    b: row.pointB,
    typed: row.typed,
  }))
  const temperature = fieldText(snapshot, `winding-${part}`, 'temperature')
  const onType = (a: string, b: string, typed: string) =>
    act({ kind: 'reading.set', id: id(), reading: 'resistance', part, a, b, typed })
  const odd = (result?.faults ?? [])
    .filter((fault) => fault.kind === 'inconsistent' && fault.leads.length === 2)
    .map((fault) => fault.leads as [string, string])
  const next = result?.missing[0] ?? null
  const ring = names.length >= 2 && names.length <= MOST_ON_THE_RING
  return (
    <Section
      id={`winding-${part}`}
      part="windings"
      title={part === 'new' ? 'New windings' : 'Windings'}
      aside={`capacitor off, leads off; leads zeroed ${significant(snapshot.household.leadOffsetOhm, 2)} Ω${temperature ? `, at ${temperature}` : ''}`}
    >
      <Leads part={part} />
      {grounds.map((lead) => (
        <p key={lead.id} className="caption mb-2">
          {`${lead.name} is the ground lead: it goes to the frame and has no windings to read.`}
        </p>
      ))}
      {names.length < 2 ? (
        <p className="caption">
          Name the leads by their colours. Two are enough for a small motor, ten the most.
        </p>
      ) : (
        <div className="grid items-start gap-4 mid:grid-cols-[350px_minmax(0,1fr)]">
          <div>
            {ring ? (
              <div className="hidden mid:block">
                <LeadMap
                  leads={names}
                  readings={readings}
                  odd={odd}
                  next={next}
                  disabled={locked}
                  onType={onType}
                />
              </div>
            ) : null}
            <div className={ring ? 'mid:hidden' : ''}>
              <PairList part={part} names={names} readings={readings} locked={locked} onType={onType} />
            </div>
          </div>
          <div aria-live="polite" data-testid={`winding-${part}-result`}>
            {result ? (
              <WindingSays part={part} result={result} read={readings.length} all={allPairs(names).length} />
            ) : (
              <p className="caption">Type the ohms onto the lines, round the ring. Over-range is OL or o.</p>
            )}
          </div>
        </div>
      )}
      {names.length >= 2 ? <ToTheFrame part={part} names={names} locked={locked} /> : null}
      {result?.at20C && result.tree.segments.length > 0 ? (
        <p className="caption mt-2 num">{`At 20 °C: ${result.at20C.map((segment) => (segment.ohm === null ? 'open' : formatOhm(segment.ohm))).join(', ')}`}</p>
      ) : null}
    </Section>
  )
}

/** The temperature of the windings, and the resistance of each lead to the frame. */
function ToTheFrame({ part, names, locked }: { part: Part; names: string[]; locked: boolean }) {
  const { snapshot, act, id } = useJob()
  return (
    <div className="mt-3 grid gap-3 mid:grid-cols-4">
      <NumberField
        label="Winding temperature"
        typed={fieldText(snapshot, `winding-${part}`, 'temperature')}
        quantity="celsius"
        unit={snapshot.household.fahrenheit ? '°F' : '°C'}
        options={{ defaultUnit: snapshot.household.fahrenheit ? 'F' : 'C' }}
        placeholder={snapshot.household.fahrenheit ? '68' : '20'}
        onType={(typed) =>
          act({ kind: 'field.set', id: id(), part: `winding-${part}`, field: 'temperature', typed })
        }
      />
      {names.map((lead) => (
        <NumberField
          key={lead}
          label={`${lead} to the frame`}
          typed={activeReadings(snapshot, 'to-frame', part).find((row) => row.pointA === lead)?.typed ?? ''}
          quantity="ohm"
          options={{ over: true }}
          disabled={locked}
          placeholder="OL"
          onType={(typed) =>
            act({ kind: 'reading.set', id: id(), reading: 'to-frame', part, a: lead, b: 'frame', typed })
          }
        />
      ))}
    </div>
  )
}

function Leads({ part }: { part: Part }) {
  const { snapshot, act, id } = useJob()
  const [name, setName] = useState('')
  const leads = snapshot.leads.filter((lead) => lead.part === part)
  const add = () => {
    const names = leadNames(name)
    if (names.length > 0 && names.every((each) => act({ kind: 'lead.add', id: id(), part, name: each })))
      setName('')
  }
  const listId = `leads-${part}`
  return (
    <div className="mb-3 flex flex-wrap items-center gap-2">
      {leads.map((lead) => (
        <span key={lead.id} className="flex items-center gap-1 border border-line py-0.5 pr-1 pl-2">
          <LeadSwatch name={lead.name} />
          <span>{lead.name}</span>
          <button
            type="button"
            className="grid size-8 place-items-center text-soft"
            aria-label={`Take ${lead.name} out`}
            onClick={() => act({ kind: 'lead.remove', id: lead.id })}
          >
            ×
          </button>
        </span>
      ))}
      <input
        className="field field-tight !w-56"
        aria-label="Add leads by colour"
        placeholder="black, white, brown"
        list={listId}
        value={name}
        onChange={(event) => setName(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            add()
          }
        }}
      />
      <datalist id={listId}>
        {colourNames
          .filter((colour) => !leads.some((lead) => lead.name === colour))
          .map((colour) => (
            <option key={colour} value={colour} />
          ))}
      </datalist>
      <button type="button" className="btn min-h-9" onClick={add} disabled={!name.trim()}>
        Add lead
      </button>
    </div>
  )
}

interface PairListProps {
  part: Part
  names: string[]
  readings: ChordReading[]
  locked: boolean
  onType: (a: string, b: string, typed: string) => unknown
}

/** The same numbers as a list: on a phone, and for many leads. */
function PairList({ names, readings, locked, onType }: PairListProps) {
  const typed = new Map(readings.map((reading) => [pairKey(reading.a, reading.b), reading.typed]))
  return (
    <div className="grid grid-cols-2 gap-2">
      {allPairs(names).map(([a, b]) => (
        <NumberField
          key={pairKey(a, b)}
          label={`${a} to ${b}`}
          typed={typed.get(pairKey(a, b)) ?? ''}
          quantity="ohm"
          options={{ over: true }}
          disabled={locked}
          onType={(text) => onType(a, b, text)}
        />
      ))}
    </div>
  )
}

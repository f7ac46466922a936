'use client'

import { type JobSnapshot, reachOfPart, windingOf } from '@/core/job'
import { capacitorKinds } from '@/core/knowledge/priors'
import type { LeadRole } from '@/core/winding'
import { terminalsOf } from '@/core/wiring/ofJob'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SelectField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { LeadSwatch } from '../../pieces/insulation'
import { SolvedWiring } from './SolvedWiring'

interface Suggestion {
  terminal: string
  why: string
  capped?: boolean
}

const roleLabels: Record<string, string> = {
  common: 'common',
  run: 'run',
  start: 'start',
  tap: 'slower speed',
  line: 'phase',
  capacitor: 'repeats another lead',
  ground: 'ground',
  unknown: 'not known yet',
}

/** Where a lead of this role belongs. The start lead always goes through the capacitor, never straight to the line. */
function suggest(
  snapshot: JobSnapshot,
  role: LeadRole | 'ground',
  dual: boolean,
  tapIndex: number,
): Suggestion {
  const family = snapshot.machine.family
  if (role === 'ground') return { terminal: 'ground', why: 'Ground to the frame, always.' }
  if (role === 'start')
    return dual
      ? { terminal: 'FAN', why: 'The start winding goes through the fan’s capacitor section.' }
      : {
          terminal: 'capacitor 1',
          why: 'The start winding goes through its capacitor, never straight to the line.',
        }
  if (role === 'capacitor')
    return dual
      ? {
          terminal: '',
          capped: true,
          why: 'Repeats another lead for a separate capacitor: cap it; its twin is the line lead. Never to FAN.',
        }
      : { terminal: 'capacitor 2', why: 'Repeats the line for the capacitor.' }
  if (family === 'outdoor-unit-fan') {
    if (role === 'common')
      return { terminal: 'contactor load 1', why: 'The joint of both windings on one load terminal.' }
    return {
      terminal: 'contactor load 2',
      why: 'The run winding on the load terminal that carries C. C itself stays where it is.',
    }
  }
  if (role === 'common') return { terminal: 'neutral', why: 'The joint of both windings to neutral.' }
  if (role === 'line') return { terminal: '', why: 'A phase of the module: only by its own plug.' }
  if (family === 'furnace-blower')
    return role === 'run'
      ? { terminal: 'COOL', why: 'The fastest speed for cooling.' }
      : tapIndex === 1
        ? { terminal: 'HEAT', why: 'A slower speed for heating.' }
        : { terminal: 'PARK', why: 'Not in use: parked on its own, or capped one by one.' }
  if (role === 'run') return { terminal: 'line', why: 'The run winding to the switched line.' }
  return {
    terminal: '',
    capped: true,
    why: 'A speed not in use: capped on its own, never joined, never grounded.',
  }
}

/** The role of each lead and where it lands, in the order in which they are made. */
export function Landings() {
  const { snapshot, capacitor, act, id, gate } = useJob()
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? ('new' as const) : ('old' as const)
  const leads = snapshot.leads.filter((lead) => lead.part === part)
  const winding = windingOf(snapshot, part)
  const dual = (capacitor.label?.sections.length ?? 1) > 1
  const terminals = terminalsOf(snapshot)
  const kind = snapshot.machine.motorKind
  const locked = gate(reachOfPart(snapshot, 'motor')) !== null
  const roleOf = (name: string): LeadRole | 'ground' | null =>
    /ground|earth|^green/i.test(name) ? 'ground' : (winding?.roles[name] ?? null)
  const order = ['common', 'run', 'tap', 'start', 'capacitor', 'line', 'ground']
  const sorted = [...leads].sort(
    (one, two) => order.indexOf(roleOf(one.name) ?? 'ground') - order.indexOf(roleOf(two.name) ?? 'ground'),
  )
  const suggestions = new Map(
    sorted.map((lead) => {
      const role = roleOf(lead.name)
      return [
        lead.name,
        role ? suggest(snapshot, role, dual, winding?.speedsFastestFirst.indexOf(lead.name) ?? 0) : null,
      ] as const
    }),
  )
  const taken = (name: string) => snapshot.landings.find((landing) => landing.lead === name)
  const fillAll = () => {
    sorted.forEach((lead, position) => {
      const suggestion = suggestions.get(lead.name)
      if (suggestion && !taken(lead.name))
        act({
          kind: 'landing.set',
          id: id(),
          lead: lead.name,
          role: roleOf(lead.name) ?? '',
          terminal: suggestion.terminal,
          capped: suggestion.capped ?? false,
          position,
        })
    })
  }
  return (
    <Section
      title="Where each lead lands"
      aside={
        part === 'new'
          ? 'leads of the new motor'
          : 'leads of the old motor: measure the new one to go by its own'
      }
    >
      {leads.length === 0 ? (
        <p className="max-w-[70ch]">
          Name and read the motor’s leads under Measure: the ohms say which is which. Colours are a habit and
          differ between makers.
        </p>
      ) : (
        <>
          <ul data-testid="landings">
            {sorted.map((lead, position) => {
              const role = roleOf(lead.name)
              const landing = taken(lead.name)
              const suggestion = suggestions.get(lead.name)
              const value = landing ? (landing.capped ? 'capped' : landing.terminal) : ''
              const straight =
                (role === 'start' &&
                  ['line', 'neutral', 'contactor load 1', 'contactor load 2', 'COOL', 'HEAT'].includes(
                    value,
                  ) &&
                  (kind === null || capacitorKinds.includes(kind))) ||
                (role === 'capacitor' && value === 'FAN')
              return (
                <li
                  key={lead.id}
                  className="grid grid-cols-[44px_minmax(0,1fr)] items-center gap-x-3 border-line border-b py-1.5 mid:grid-cols-[44px_190px_200px_minmax(0,1fr)]"
                >
                  <Tick
                    label={`${lead.name} is landed`}
                    on={landing?.doneAt != null}
                    disabled={!landing || locked}
                    onChange={(on) => act({ kind: 'landing.done', id: landing!.id, on })}
                  />
                  <span className="flex items-center gap-2">
                    <LeadSwatch name={lead.name} />
                    <span className="leading-tight">
                      <b>{lead.name}</b>
                      <span className="caption block">{roleLabels[role ?? 'unknown']}</span>
                    </span>
                  </span>
                  <SelectField
                    className="col-span-2 mid:col-span-1"
                    label={`${lead.name} goes to`}
                    hideLabel
                    value={value}
                    empty={suggestion ? `${suggestion.capped ? 'capped' : suggestion.terminal}?` : 'choose'}
                    options={[...terminals, 'capped'].map((terminal) => ({
                      value: terminal,
                      label: terminal,
                    }))}
                    onChoose={(terminal) =>
                      act({
                        kind: 'landing.set',
                        id: id(),
                        lead: lead.name,
                        role: role ?? '',
                        terminal: terminal === 'capped' ? '' : terminal,
                        capped: terminal === 'capped',
                        position,
                      })
                    }
                  />
                  <span
                    className={`col-span-2 text-sm leading-snug mid:col-span-1 ${straight ? 'font-bold text-stop' : 'text-soft'}`}
                  >
                    {straight
                      ? 'The start winding straight across the line burns in seconds: it goes through the capacitor.'
                      : (suggestion?.why ?? 'Read its ohms, or find it on the plate’s diagram.')}
                  </span>
                </li>
              )
            })}
          </ul>
          <SolvedWiring />
          <div className="mt-3 flex flex-wrap items-center gap-3">
            <button
              type="button"
              className="btn"
              disabled={!winding || sorted.every((lead) => taken(lead.name))}
              onClick={fillAll}
            >
              Take these landings
            </button>
            <p className="caption max-w-[60ch]">
              The plate’s own diagram comes before this list. Caps: one lead each, never joined.
            </p>
          </div>
        </>
      )}
    </Section>
  )
}

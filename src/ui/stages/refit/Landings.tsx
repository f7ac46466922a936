'use client'

import { reachOfPart } from '@/core/job'
import { cSideQuestion, landingPlanOf, speedQuestions, terminalsOf } from '@/core/wiring/ofJob'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SelectField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { LeadSwatch } from '../../pieces/insulation'
import { SolvedWiring } from './SolvedWiring'

const roleLabels: Record<string, string> = {
  common: 'common',
  run: 'run',
  start: 'start',
  tap: 'slower speed',
  line: 'phase',
  capacitor: 'repeats another lead',
  ground: 'ground',
  'capacitor-return': 'repeats another lead',
  jumper: 'a wire to make',
  unknown: 'not known yet',
}

/** The role of each lead and where it lands, in the order in which they are made. */
export function Landings() {
  const { snapshot, act, id, gate } = useJob()
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? ('new' as const) : ('old' as const)
  const leads = snapshot.leads.filter((lead) => lead.part === part)
  const plan = landingPlanOf(snapshot)
  const side = cSideQuestion(snapshot)
  const terminals = terminalsOf(snapshot)
  const locked = gate(reachOfPart(snapshot, 'motor')) !== null
  const planned = plan?.landings ?? []
  const names = [
    ...planned.map(({ lead }) => lead),
    ...leads.map(({ name }) => name).filter((name) => !planned.some(({ lead }) => lead === name)),
  ]
  const taken = (name: string) => snapshot.landings.find((landing) => landing.lead === name)
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
            {names.map((name, position) => {
              const landing = taken(name)
              const suggestion = planned.find(({ lead }) => lead === name)
              const role = suggestion?.role ?? landing?.role ?? ''
              const value = landing ? (landing.capped ? 'capped' : landing.terminal) : ''
              return (
                <li
                  key={name}
                  className="grid grid-cols-[44px_minmax(0,1fr)] items-center gap-x-3 border-line border-b py-1.5 mid:grid-cols-[44px_190px_200px_minmax(0,1fr)]"
                >
                  <Tick
                    label={`${name} is landed`}
                    on={landing?.doneAt != null}
                    disabled={!landing || locked}
                    onChange={(on) => landing && act({ kind: 'landing.done', id: landing.id, on })}
                  />
                  <span className="flex items-center gap-2">
                    {role === 'jumper' ? null : <LeadSwatch name={name} />}
                    <span className="leading-tight">
                      <b>{name}</b>
                      <span className="caption block">{roleLabels[role] ?? roleLabels.unknown}</span>
                    </span>
                  </span>
                  <SelectField
                    className="col-span-2 mid:col-span-1"
                    label={`${name} goes to`}
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
                        lead: name,
                        role,
                        terminal: terminal === 'capped' ? '' : terminal,
                        capped: terminal === 'capped',
                        position,
                      })
                    }
                  />
                  <span className="col-span-2 text-sm text-soft leading-snug mid:col-span-1">
                    {suggestion
                      ? sentence(suggestion.why)
                      : 'Read its ohms, or find it on the plate’s diagram.'}
                  </span>
                </li>
              )
            })}
          </ul>
          {speedQuestions(snapshot).map(({ field, label, leads: speeds, answer }) => (
            <div key={field} className="mt-3 max-w-xl">
              <SelectField
                label={`${label}, as you found it`}
                value={answer}
                empty="not known: the fastest first"
                options={speeds.map((lead, index) => ({
                  value: lead,
                  label: `${lead}${index === 0 ? ', the fastest' : index === speeds.length - 1 ? ', the slowest' : ''}`,
                }))}
                onChoose={(typed) => act({ kind: 'field.set', id: id(), part: 'wiring', field, typed })}
              />
            </div>
          ))}
          {side ? (
            <div className="mt-3 max-w-xl">
              <SelectField
                label="On which terminal does the wire of C sit, as you see it"
                value={side.answer}
                empty="look, then say which"
                options={side.terminals.map((terminal) => ({ value: terminal, label: terminal }))}
                onChoose={(typed) =>
                  act({ kind: 'field.set', id: id(), part: 'wiring', field: 'c-side', typed })
                }
              />
            </div>
          ) : null}
          {plan?.warnings.map((warning) => (
            <p key={warning} className="mt-2 max-w-[80ch] border-ink border-l-2 pl-3 text-sm">
              {warning}
            </p>
          ))}
          <SolvedWiring />
          <div className="mt-3 flex flex-wrap items-center gap-3">
            <button
              type="button"
              className="btn"
              disabled={planned.length === 0 || planned.every(({ lead }) => taken(lead))}
              onClick={() => act({ kind: 'landing.take', ids: planned.map(id) })}
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

const sentence = (text: string): string => `${text[0]?.toUpperCase()}${text.slice(1)}.`

'use client'

import { useState } from 'react'
import { classIn } from '@/core/capacitor/safetyClass'
import type { Act } from '@/core/job'
import { platesLike } from '@/core/match/likeThis'
import { canSizesIn, sizesIn } from '@/core/match/specSizes'
import { type PlateFields, readPlate } from '@/core/plate'
import { useJob } from '../job/JobProvider'
import { plateActs, valueText } from './plateActs'
import type { PlateTarget } from './target'

/** The class of safety that is printed stays with the label. */
function withClass(acts: Act[], printed: string | undefined): Act[] {
  return acts.map((act) =>
    printed && act.kind === 'field.set' && act.field === 'label'
      ? { ...act, typed: `${act.typed} ${printed}` }
      : act,
  )
}

interface ToRead {
  text: string
  kind: 'motor' | 'capacitor'
  target: PlateTarget
  id: () => string
}

/** What the text says as acts, and the words of it that nothing understood. */
function readActs({ text, kind, target, id }: ToRead): { acts: Act[]; unknown: string[] } {
  // A plate prints no sizes; the page of a seller does.
  const { sizes, rest } = kind === 'motor' ? sizesIn(text) : canSizesIn(text)
  const { fields, unread } = readPlate({ text: rest, kind })
  const printed = kind === 'capacitor' ? classIn(text)?.printed : undefined
  const values = new Map(
    (Object.keys(fields) as (keyof PlateFields)[]).flatMap((key): [keyof PlateFields, string][] => {
      const field = fields[key]
      return field ? [[key, valueText({ key, field })]] : []
    }),
  )
  const acts = [
    ...withClass(plateActs(kind, values, id, target), printed),
    ...sizes.map(({ field, typed }) => ({
      kind: 'field.set' as const,
      id: id(),
      part: target.part,
      field,
      typed,
    })),
  ]
  return { acts, unknown: unread.filter((word) => word !== printed) }
}

/** Text of a seller's page or of a plate, read into the fields; what was not understood is said and stays. */
export function PasteText({ kind, target }: { kind: 'motor' | 'capacitor'; target: PlateTarget }) {
  const { snapshot, act, id } = useJob()
  const { hp, rpm, voltages, amps } = platesLike(snapshot.machine, snapshot.household)
  const [text, setText] = useState('')
  const [told, setTold] = useState('')
  const take = () => {
    const { acts, unknown } = readActs({ text, kind, target, id })
    for (const each of acts) act(each)
    const left = unknown.length > 0 ? ` Not understood: ${unknown.slice(0, 12).join(' ')}.` : ''
    setTold(
      acts.length === 0
        ? 'Nothing in it was understood. Type the figures below.'
        : `${acts.length} ${acts.length === 1 ? 'figure was' : 'figures were'} read. Look each over.${left}`,
    )
  }
  return (
    <div className="mt-2">
      <label className="caption block" htmlFor={`paste-${target.part}`}>
        Or paste a specification, or what is printed on it
      </label>
      <div className="flex flex-wrap items-start gap-2 mid:flex-nowrap">
        <textarea
          id={`paste-${target.part}`}
          className="field num"
          rows={2}
          value={text}
          placeholder={kind === 'motor' ? `${hp} HP ${rpm} RPM ${voltages}V ${amps}A` : '5 µF ±6 % 370 VAC'}
          onChange={(event) => setText(event.target.value)}
        />
        <button type="button" className="btn shrink-0" disabled={text.trim() === ''} onClick={take}>
          Read it
        </button>
      </div>
      {told ? (
        <p role="status" className="caption mt-1">
          {told}
        </p>
      ) : null}
    </div>
  )
}

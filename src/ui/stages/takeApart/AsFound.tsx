'use client'

import { fieldText } from '@/core/job'
import { colourField, type FieldPlace, remarkField } from '@/core/job/ledger/asFound'
import { stripOf } from '@/core/wiring/strip'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { LinePhotos } from '../../photos/LinePhotos'

/** Before anything is moved: earlier repairs, damage, what is missing, and which colour sits on which label. */
export function AsFound() {
  const { snapshot, act, id } = useJob()
  const text = ({ part, field }: FieldPlace) => fieldText(snapshot, part, field)
  const set = (place: FieldPlace) => (typed: string) => act({ kind: 'field.set', id: id(), ...place, typed })
  const terminals = stripOf(snapshot).terminals
  const told = terminals.filter((terminal) => text(colourField(terminal.id)) !== '').length
  return (
    <Section
      part="as-found"
      title="As found"
      aside={
        text(remarkField) || told > 0
          ? 'it stands again at the head of the way back'
          : 'before anything is moved'
      }
    >
      <TextField
        label="Earlier repairs, damage, missing screws, what the drawing says otherwise"
        lines={2}
        value={text(remarkField)}
        placeholder="one cover screw missing top left; a capacitor was added beside the old one"
        onType={set(remarkField)}
      />
      <LinePhotos lineId="" way="in" about="the machine as it was found" />
      <details className="mt-1" open={told > 0}>
        <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
          Which colour sits on which label
        </summary>
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 mid:grid-cols-4">
          {terminals.map((terminal) => (
            <TextField
              key={terminal.id}
              label={`On ${terminal.id}`}
              value={text(colourField(terminal.id))}
              placeholder="black, blue-white"
              onType={set(colourField(terminal.id))}
            />
          ))}
        </div>
      </details>
    </Section>
  )
}

'use client'

import { useMemo } from 'react'
import { fieldText } from '@/core/job'
import { motorMatchInputOf } from '@/core/job/motorMatch'
import { motorPlateFields, type PlateField, plateFieldError } from '@/core/job/oldPart'
import { catalogueMotors } from '@/core/knowledge/catalogue/motors'
import { type MotorKindId, vocabulary } from '@/core/knowledge/vocabulary'
import { type MotorSpec, matchMotors } from '@/core/match'
import { formatHp, quantities } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'
import { PlatePhoto } from '../../plate/PlatePhoto'
import { Reversing } from '../Reversing'
import { MatchSheet } from './MatchSheet'
import type { SheetPart } from './sheetPart'

const parts = new Map<string, SheetPart>(
  catalogueMotors.map((motor) => [
    motor.id,
    { id: motor.id, name: motor.partNumber!, maker: motorLine(motor), price: motor.price ?? null },
  ]),
)

function motorLine(motor: MotorSpec): string {
  return [motor.manufacturer, motor.hp ? formatHp(motor.hp) : ''].filter(Boolean).join(', ')
}

/** The old motor's plate and sizes as fields, and the catalogue judged against them as one types. */
export function MotorMatch() {
  const { snapshot, act, id } = useJob()
  const { household, machine } = snapshot
  const text = (part: string, field: string) => fieldText(snapshot, part, field)
  const results = useMemo(() => matchMotors(motorMatchInputOf(snapshot, catalogueMotors)).results, [snapshot])
  const set = (field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part: 'motor-old', field, typed })
  return (
    <>
      <Section
        title="The old motor"
        aside={`from the plate and with a ruler; lengths in ${household.inches ? 'inches, or write mm' : 'mm'}. Leave what you cannot read.`}
      >
        <PlatePhoto kind="motor" />
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 mid:grid-cols-4">
          <SelectField
            label="Kind"
            value={machine.motorKind ?? ''}
            empty="not known"
            options={Object.entries(vocabulary.motorKinds).map(([value, label]) => ({ value, label }))}
            onChoose={(value) =>
              act({ kind: 'machine.edit', field: 'motorKind', value: value as MotorKindId })
            }
            className="col-span-2"
          />
          {motorPlateFields.map((field) => (
            <PlateInput
              key={field.field}
              field={field}
              inches={household.inches === 1}
              typed={text('motor-old', field.field)}
              onType={set(field.field)}
            />
          ))}
          <SelectField
            label="Shaft stands"
            value={text('motor-old', 'position')}
            empty="not known"
            options={[
              { value: 'shaft-up', label: 'up' },
              { value: 'shaft-down', label: 'down' },
              { value: 'horizontal', label: 'level' },
            ]}
            onChoose={set('position')}
          />
          <SelectField
            label="Outdoors"
            value={text('motor-old', 'outdoors')}
            empty="not said"
            options={[
              { value: 'yes', label: 'yes' },
              { value: 'no', label: 'no' },
            ]}
            onChoose={set('outdoors')}
          />
          <SelectField
            label="Sizes taken with"
            value={text('motor-old', 'measuredWith')}
            empty="a ruler or tape"
            options={[{ value: 'calipers', label: 'calipers' }]}
            onChoose={set('measuredWith')}
          />
          <TextField
            label="Speeds in use"
            value={text('motor-old', 'speedsUsed')}
            placeholder="1"
            mono
            onType={set('speedsUsed')}
          />
        </div>
      </Section>
      <Section title="It must turn the other way">
        <details open={text('turn', 'wanted') !== ''}>
          <summary className="flex min-h-11 items-center font-semibold text-teal underline underline-offset-4">
            How its turn is changed, and what else it can be
          </summary>
          <Reversing />
        </details>
      </Section>
      <Section title="Candidates" aside="a made-up catalogue; the shop’s own figures decide">
        <MatchSheet what="motor" results={results} parts={parts} />
      </Section>
    </>
  )
}

function PlateInput({
  field,
  typed,
  inches,
  onType,
}: {
  field: PlateField
  typed: string
  inches: boolean
  onType: (typed: string) => void
}) {
  if (field.kind !== 'text' && 'choices' in field.kind) {
    return (
      <SelectField
        label={field.label}
        value={typed}
        empty="not known"
        options={field.kind.choices.map(([value, label]) => ({ value, label }))}
        onChoose={onType}
      />
    )
  }
  const quantity =
    field.kind === 'text' ? null : 'quantity' in field.kind ? field.kind.quantity : field.kind.list
  const isLength = quantity === 'mm'
  // A label that is itself the unit needs no other.
  const symbol =
    quantity && !['volts', 'hz', 'amps'].includes(quantity)
      ? isLength && inches
        ? 'in'
        : quantities[quantity].symbol
      : ''
  const placeholder =
    isLength && inches ? `${Math.round((Number(field.placeholder) / 25.4) * 16) / 16}` : field.placeholder
  return (
    <TextField
      label={symbol ? `${field.label}, ${symbol}` : field.label}
      value={typed}
      placeholder={placeholder}
      mono
      error={plateFieldError(field, typed, isLength && inches ? { defaultUnit: 'in' } : undefined)}
      onType={onType}
    />
  )
}

'use client'

import { type DataField, dataFieldError } from '@/core/match/motorData'
import { quantities } from '@/core/units'
import { SelectField, TextField } from '../kit/TextField'

interface DataInputProps {
  field: DataField
  typed: string
  /** Lengths without a unit are inches. */
  inches: boolean
  onType: (typed: string) => unknown
}

/** One figure of a motor or part: chosen where it has few values, else typed as people type it. */
export function DataInput({ field, typed, inches, onType }: DataInputProps) {
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
    quantity && !['volts', 'hz', 'amps', 'count'].includes(quantity)
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
      error={dataFieldError(field, typed, isLength && inches ? { defaultUnit: 'in' } : undefined)}
      onType={onType}
    />
  )
}

'use client'

import { useId } from 'react'
import { FieldNote } from './FieldNote'
import { useTyped } from './useTyped'

interface TextFieldProps {
  label: string
  value: string
  /** False where what was typed is refused. */
  onType: (value: string) => unknown
  placeholder?: string
  hideLabel?: boolean
  className?: string
  disabled?: boolean
  error?: string | null
  hint?: string | null
  lines?: number
  list?: string[]
  mono?: boolean
  /** Left by Enter, Tab or a tap elsewhere. */
  onDone?: () => void
}

export function TextField({
  label,
  value,
  onType,
  placeholder,
  hideLabel,
  className,
  disabled,
  error,
  hint,
  lines,
  list,
  mono,
  onDone,
}: TextFieldProps) {
  const id = useId()
  const [shown, type] = useTyped(value, onType)
  const shared = {
    id,
    value: shown,
    disabled,
    placeholder,
    className: `field field-tight ${mono ? 'num' : ''}`,
    'aria-invalid': Boolean(error),
    'aria-describedby': error || hint ? `${id}-note` : undefined,
    autoComplete: 'off',
  }
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'caption mb-0.5 block'}>
        {label}
      </label>
      {lines ? (
        <textarea {...shared} rows={lines} onBlur={onDone} onChange={(event) => type(event.target.value)} />
      ) : (
        <input
          {...shared}
          list={list ? `${id}-list` : undefined}
          onBlur={onDone}
          onKeyDown={(event) => {
            if (event.key === 'Enter') onDone?.()
          }}
          onChange={(event) => type(event.target.value)}
        />
      )}
      {list ? (
        <datalist id={`${id}-list`}>
          {list.map((each) => (
            <option key={each} value={each} />
          ))}
        </datalist>
      ) : null}
      <FieldNote id={`${id}-note`} error={error} hint={hint} />
    </div>
  )
}

interface SelectFieldProps {
  label: string
  value: string
  options: { value: string; label: string }[]
  onChoose: (value: string) => void
  empty?: string
  hideLabel?: boolean
  className?: string
  disabled?: boolean
}

export function SelectField({
  label,
  value,
  options,
  onChoose,
  empty,
  hideLabel,
  className,
  disabled,
}: SelectFieldProps) {
  const id = useId()
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'caption mb-0.5 block'}>
        {label}
      </label>
      <select
        id={id}
        className="field field-tight"
        value={value}
        disabled={disabled}
        onChange={(event) => onChoose(event.target.value)}
      >
        {empty !== undefined ? <option value="">{empty}</option> : null}
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  )
}

'use client'

import { type ClipboardEvent, type KeyboardEvent, useId } from 'react'
import { type ParseOptions, parseTyped, type Quantity, quantities } from '@/core/units'
import { FieldNote } from './FieldNote'
import { useTyped } from './useTyped'

interface NumberFieldProps {
  label: string
  /** What the person typed, kept as it is. */
  typed: string
  quantity: Quantity
  /** False where what was typed is refused. */
  onType: (typed: string) => unknown
  options?: ParseOptions
  disabled?: boolean
  hideLabel?: boolean
  placeholder?: string
  className?: string
  /** Shown where the text is readable: the value in its base unit, or a verdict. */
  hint?: string
  unit?: string
  testId?: string
  /** Why what stands here was not taken, where it is readable and yet was not. */
  refused?: string | null
  /** Left by Enter, Tab or a tap elsewhere: what counts only when it is whole is kept now. */
  onDone?: () => void
}

/**
 * A number as people type it: `4.7k`, `0,5`, `1 1/2`, `OL` or `o`. Every keystroke is kept; what cannot be read says what to do.
 * Enter goes on to the next number, and a paste of several numbers fills the fields that follow.
 */
export function NumberField({
  label,
  typed,
  quantity,
  onType,
  options,
  disabled,
  hideLabel,
  placeholder,
  className,
  hint,
  unit,
  testId,
  refused,
  onDone,
}: NumberFieldProps) {
  const id = useId()
  const [shown, type] = useTyped(typed, onType)
  const parsed = parseTyped(shown, quantity, options)
  const error = parsed.kind === 'error' ? parsed.message : (refused ?? null)
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'caption mb-0.5 block'}>
        {label}
      </label>
      <div className="relative">
        <input
          id={id}
          className="field field-tight num"
          inputMode="decimal"
          autoComplete="off"
          data-number=""
          data-quantity={quantity}
          data-testid={testId}
          value={shown}
          disabled={disabled}
          placeholder={placeholder}
          aria-invalid={error !== null}
          aria-describedby={error || hint ? `${id}-note` : undefined}
          onChange={(event) => type(event.target.value)}
          onBlur={onDone}
          onKeyDown={(event) => {
            if (event.key === 'Enter') onDone?.()
            goOn(event)
          }}
          onPaste={spread}
        />
        <span
          className="pointer-events-none absolute inset-y-0 right-2 flex items-center text-soft text-sm"
          aria-hidden="true"
        >
          {namesItsUnit(shown, quantity) ? '' : (unit ?? quantities[quantity].symbol)}
        </span>
      </div>
      <FieldNote id={`${id}-note`} error={error} hint={hint} />
    </div>
  )
}

/** A length that names its own unit is not followed by the household's, nor a figure by the unit that was typed along. */
const namesItsUnit = (typed: string, quantity: Quantity): boolean =>
  quantity === 'mm'
    ? /(?:[a-z]|["″])\s*$/i.test(typed)
    : typed.trim().toLowerCase().endsWith(quantities[quantity].symbol.toLowerCase())

/** Number fields that can be typed into, in the order of the page. */
function numberFields(): HTMLInputElement[] {
  return [...document.querySelectorAll<HTMLInputElement>('input[data-number]:not(:disabled)')].filter(
    (field) => field.offsetParent !== null,
  )
}

export function goOn(event: KeyboardEvent<HTMLInputElement>): void {
  // Escape leaves the field, so that the single keys act again.
  if (event.key === 'Escape') event.currentTarget.blur()
  if (event.key !== 'Enter') return
  event.preventDefault()
  const own = event.currentTarget
  const fields = numberFields()
  const block = own.closest('section')
  // What stands in another block was typed for another purpose: a digit too many would stand in its place.
  const next = fields
    .slice(fields.indexOf(own) + 1)
    .find((field) => field.closest('section') === block || field.value === '')
  if (!next) own.blur()
  next?.focus()
  next?.select()
}

export function spread(event: ClipboardEvent<HTMLInputElement>): void {
  const parts = event.clipboardData
    .getData('text')
    .split(/[\n\r\t;]+|(?<=\d)\s+(?=[\d.]+(?:\s|$))/)
    .map((part) => part.trim())
    .filter(Boolean)
  if (parts.length < 2) return
  event.preventDefault()
  const fields = numberFields()
  const from = fields.indexOf(event.currentTarget)
  parts.forEach((part, index) => {
    const field = fields[from + index]
    if (field) typeInto(field, part)
  })
}

/** Set a field as if it had been typed, so that its owner hears of it. */
export function typeInto(field: HTMLInputElement, text: string): void {
  const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!
  setter.call(field, text)
  field.dispatchEvent(new Event('input', { bubbles: true }))
}

'use client'

interface ChipsProps {
  label: string
  values: { value: string; label: string }[]
  chosen: string | null
  disabled?: boolean
  /** Chosen by a reading and not by hand: shown, not changed here. */
  note?: string
  onChoose: (value: string | null) => void
}

/** One choice of a few, as buttons; a second press takes it back. Nothing chosen is a good answer. */
export function Chips({ label, values, chosen, disabled = false, note, onChoose }: ChipsProps) {
  return (
    <fieldset className="flex min-w-0 flex-wrap content-start items-start gap-1.5">
      <legend className="sr-only">{label}</legend>
      {values.map(({ value, label: text }) => (
        <button
          key={value}
          type="button"
          className="chip"
          aria-pressed={chosen === value}
          disabled={disabled}
          onClick={() => onChoose(chosen === value ? null : value)}
        >
          {text}
        </button>
      ))}
      {note ? <span className="caption self-center">{note}</span> : null}
    </fieldset>
  )
}

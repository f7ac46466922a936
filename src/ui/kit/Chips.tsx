'use client'

interface ChipsProps<T extends string> {
  label: string
  /** The label stands in front of the buttons; else only screen readers are told it. */
  labelled?: boolean
  values: { value: T; label: string }[]
  chosen: T | '' | null
  disabled?: boolean
  /** Chosen by a reading and not by hand: shown, not changed here. */
  note?: string
  onChoose: (value: T | null) => void
}

/** One choice of a few, as buttons; a second press takes it back. Nothing chosen is a good answer. */
export function Chips<T extends string>({
  label,
  values,
  chosen,
  labelled = false,
  disabled = false,
  note,
  onChoose,
}: ChipsProps<T>) {
  return (
    <fieldset className="flex min-w-0 flex-wrap content-start items-start gap-1.5">
      <legend className={labelled ? 'float-left mr-2 text-sm' : 'sr-only'}>{label}</legend>
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

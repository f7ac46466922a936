'use client'

interface TickProps {
  label: string
  on: boolean
  disabled?: boolean
  onChange: (on: boolean) => void
  title?: string
}

/** A square to tick, 44 px to the touch; the tick is drawn. */
export function Tick({ label, on, disabled = false, onChange, title }: TickProps) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: drawn by hand, so that it is large and the same everywhere
    <button
      type="button"
      role="checkbox"
      aria-checked={on}
      aria-label={label}
      title={title}
      disabled={disabled}
      onClick={() => onChange(!on)}
      className="grid size-11 shrink-0 place-items-center disabled:cursor-not-allowed"
    >
      <span
        className={`grid size-7 place-items-center rounded-[2px] border-2 ${disabled ? 'border-line border-dashed' : 'border-ink'} ${on ? 'bg-ink text-surface' : 'bg-surface'}`}
      >
        {on ? (
          <svg
            viewBox="0 0 20 20"
            className="size-5"
            fill="none"
            stroke="currentColor"
            strokeWidth="2.6"
            aria-hidden="true"
          >
            <path d="M4 10.5l4 4.5 8-10" />
          </svg>
        ) : null}
      </span>
    </button>
  )
}

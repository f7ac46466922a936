import type { ComponentProps } from 'react'

/** The handle by which a line is dragged, or moved with the arrow keys once it is picked up with the space bar. */
export function Grip({ label, ...rest }: { label: string } & ComponentProps<'button'>) {
  return (
    <button
      type="button"
      className="grid size-11 shrink-0 cursor-grab touch-none place-items-center text-soft"
      aria-label={label}
      {...rest}
    >
      <svg
        viewBox="0 0 20 20"
        className="size-5"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.8"
        aria-hidden="true"
      >
        <path d="M3 6h14M3 10h14M3 14h14" />
      </svg>
    </button>
  )
}

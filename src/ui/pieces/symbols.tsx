/** Line symbols of the single-line diagram, 44 × 30, in the current colour. */
const frame = {
  viewBox: '0 0 44 30',
  width: 44,
  height: 30,
  fill: 'none',
  stroke: 'currentColor',
  strokeWidth: 1.6,
  'aria-hidden': true,
} as const

export function SupplySymbol({ direct = false }: { direct?: boolean }) {
  return (
    <svg
      viewBox="0 0 34 34"
      width="34"
      height="34"
      fill="var(--surface)"
      stroke="currentColor"
      strokeWidth="1.6"
      aria-hidden="true"
    >
      <circle cx="17" cy="17" r="15.5" />
      {direct ? (
        <path d="M9 15h16M9 20h4m2 0h4m2 0h4" />
      ) : (
        <path d="M8 17c2.6-7 6.2-7 9 0s6.4 7 9 0" fill="none" />
      )}
    </svg>
  )
}

/** A break: closed or drawn open. */
export function BreakSymbol({ open }: { open: boolean }) {
  return (
    <svg {...frame} style={{ overflow: 'visible' }}>
      <path d="M4 12h36v16H4z" fill="var(--surface)" stroke="none" />
      <path d={open ? 'M5 20 L36 0' : 'M5 18 L39 18'} strokeWidth="2" />
      <circle cx="4" cy="20" r="3.6" fill="var(--surface)" />
      <circle cx="40" cy="20" r="3.6" fill="var(--surface)" />
    </svg>
  )
}

export function ValveSymbol({ shut }: { shut: boolean }) {
  return (
    <svg {...frame} style={{ overflow: 'visible' }}>
      <path d="M0 20h9M35 20h9" />
      <path d="M9 12l26 16V12L9 28z" fill={shut ? 'currentColor' : 'var(--surface)'} />
      <path d={shut ? 'M22 20V7M15 7h14' : 'M22 20V9m-5-4 10 8'} />
    </svg>
  )
}

export function CapacitorSymbol() {
  return (
    <svg
      viewBox="0 0 16 30"
      width="16"
      height="30"
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      aria-hidden="true"
    >
      <path d="M5 8h6v24H5z" fill="var(--surface)" stroke="none" />
      <path d="M5 8v24M11 8v24" />
    </svg>
  )
}

export function MotorSymbol() {
  return (
    <svg
      viewBox="0 0 42 42"
      width="36"
      height="36"
      fill="none"
      stroke="var(--copper)"
      strokeWidth="2"
      aria-hidden="true"
    >
      <circle cx="21" cy="21" r="19.5" fill="var(--surface)" />
      <path
        d="M21 21c-1-6 1-10 6-11 2 5-1 9-6 11zM21 21c6-1 10 1 11 6-5 2-9-1-11-6zM21 21c1 6-1 10-6 11-2-5 1-9 6-11zM21 21c-6 1-10-1-11-6 5-2 9 1 11 6z"
        strokeWidth="1.5"
      />
    </svg>
  )
}

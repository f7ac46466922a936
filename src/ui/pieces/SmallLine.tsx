interface SmallLineProps {
  /** The breaks from the supply on; five at most are drawn. */
  points: readonly { open: boolean }[]
  /** Power runs through all of them, whatever stands there as open. */
  powered: boolean
}

/** The power line in small: amber up to the first open break. */
export function SmallLine({ points: all, powered }: SmallLineProps) {
  const points = all.slice(0, 5)
  const first = points.findIndex((point) => point.open)
  const live = powered || first < 0 ? points.length : first
  const step = 120 / (points.length + 1)
  const allLive = live >= points.length
  const reach = allLive ? 130 : 16 + step * (live + 1) - 8
  return (
    <svg
      viewBox="0 0 150 22"
      width="150"
      height="22"
      aria-hidden="true"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.3"
      className="max-w-full"
    >
      <circle cx="9" cy="13" r="7" />
      <path d="M16 13H130" />
      <path d={`M16 13H${reach}`} stroke="var(--ink)" strokeWidth="5" />
      <path d={`M16 13H${reach}`} stroke="var(--amber)" strokeWidth="4" strokeDasharray="4 3" />
      {points.map((point, index) => {
        const x = 16 + step * (index + 1)
        return (
          <g key={`${x}`}>
            <rect x={x - 8} y="9" width="16" height="8" fill="var(--ground)" stroke="none" />
            <path
              d={point.open && !powered ? `M${x - 8} 13L${x + 7} 3` : `M${x - 8} 13H${x + 8}`}
              strokeWidth="1.7"
            />
            <circle cx={x - 8} cy="13" r="1.8" fill="var(--ink)" />
            <circle cx={x + 8} cy="13" r="1.8" fill="var(--ink)" />
          </g>
        )
      })}
      <circle cx="138" cy="13" r="8" stroke="var(--copper-fill)" strokeWidth="1.6" />
      <path d="M138 7v12M132 13h12" stroke="var(--copper-fill)" />
    </svg>
  )
}

import type { Probe } from '@/core/knowledge/probes'

/** Where each part stands in the drawing: its outline, and the two points that the tips touch. */
const figures: Record<
  Probe['figure'],
  { outline: React.ReactNode; tips: [[number, number], [number, number]] }
> = {
  capacitor: {
    outline: (
      <>
        <path d="M150 46v52a32 8 0 0 0 64 0V46" />
        <ellipse cx="182" cy="46" rx="32" ry="8" />
        <path d="M162 44v-9m20 11V32m20 12v-9" strokeWidth="4" />
      </>
    ),
    tips: [
      [162, 34],
      [202, 34],
    ],
  },
  motor: {
    outline: (
      <>
        <circle cx="190" cy="80" r="30" />
        <path d="M220 80h18M168 58 156 42m26 9-2-16m22 18 8-14" />
        <path d="M174 80q4-9 8 0t8 0 8 0 8 0" className="stroke-[var(--copper-fill)]" strokeWidth="2.4" />
      </>
    ),
    tips: [
      [156, 42],
      [210, 39],
    ],
  },
  frame: {
    outline: (
      <>
        <circle cx="190" cy="80" r="30" />
        <path d="M220 80h18M168 58 156 42M162 108h56v8h-56z" />
        <path d="M174 80q4-9 8 0t8 0 8 0 8 0" className="stroke-[var(--copper-fill)]" strokeWidth="2.4" />
      </>
    ),
    tips: [
      [156, 42],
      [214, 62],
    ],
  },
  strip: {
    outline: (
      <>
        <path d="M140 46h100v38H140z" />
        <path d="M172 46v38m34-38v38M156 84v22m34-22v22m34-22v22" />
        <circle cx="156" cy="65" r="7" />
        <circle cx="189" cy="65" r="7" />
        <circle cx="223" cy="65" r="7" />
      </>
    ),
    tips: [
      [156, 46],
      [223, 46],
    ],
  },
  coil: {
    outline: (
      <>
        <path d="M150 54h80v52h-80zM164 54V42m52 12V42" />
        <path
          d="M166 82q6-14 12 0t12 0 12 0 12 0"
          className="stroke-[var(--copper-fill)]"
          strokeWidth="2.4"
        />
      </>
    ),
    tips: [
      [164, 42],
      [216, 42],
    ],
  },
  switch: {
    outline: (
      <>
        <path d="M142 70h22m52 0h24" />
        <path d="M166 70 212 48" strokeWidth="2.4" />
        <circle cx="166" cy="70" r="4" />
        <circle cx="214" cy="70" r="4" />
      </>
    ),
    tips: [
      [148, 68],
      [232, 68],
    ],
  },
  plug: {
    outline: (
      <>
        <path d="M144 48h92v44h-92zM178 92v18m24-18v18" />
        <path d="M158 60h12v16h-12zm26 0h12v16h-12zm26 0h12v16h-12z" />
      </>
    ),
    tips: [
      [164, 48],
      [216, 48],
    ],
  },
}

/** The part, the meter with its range, and where the two tips go. The words beside it say the same. */
export function ProbeDrawing({ probe, className }: { probe: Probe; className?: string }) {
  const { outline, tips } = figures[probe.figure]
  const [[ax, ay], [bx, by]] = tips
  return (
    <svg
      viewBox="0 0 300 124"
      className={className}
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      role="img"
      aria-label={`Meter on ${probe.range}, one tip on ${probe.tips[0]}, the other on ${probe.tips[1]}: ${probe.first}`}
    >
      <path d="M14 40h56v72H14zM22 48h40v20H22z" />
      <circle cx="42" cy="90" r="13" />
      <path d="M42 90 51 81" strokeWidth="2.4" />
      <text
        x="42"
        y="63"
        textAnchor="middle"
        className="num fill-current stroke-none font-bold"
        fontSize="14"
      >
        {probe.range}
      </text>
      {outline}
      <path d={`M56 40V22q0-14 30-14h${ax - 106}q14 0 17 ${Math.max(6, ay - 14)}`} strokeWidth="2.2" />
      <path
        d={`M28 40V18q0-14 30-14h${bx - 76}q18 0 18 ${Math.max(8, by - 10)}`}
        strokeWidth="2.2"
        strokeDasharray="7 3"
      />
      <circle cx={ax} cy={ay} r="4.5" className="fill-[var(--copper-fill)]" />
      <circle cx={bx} cy={by} r="4.5" className="fill-[var(--copper-fill)]" />
      <text x={ax - 8} y={ay + 2} textAnchor="end" className="num fill-current stroke-none" fontSize="13">
        {probe.tips[0]}
      </text>
      <text x={bx + 8} y={by + 2} className="num fill-current stroke-none" fontSize="13">
        {probe.tips[1]}
      </text>
    </svg>
  )
}

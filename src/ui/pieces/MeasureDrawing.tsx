import type { ReactNode } from 'react'
import type { MeasureKind, Turn } from '@/core/knowledge/measureKinds'

interface Drawn {
  /** The parts as they lie, in a field of 320 by 120. */
  outline: ReactNode
  /** Between which two lines the rule lies, as x or, where they lie one over the other, as y. */
  rule?: { from: number; to: number; at: number }
  /** What the two ends are called. */
  ends?: [string, string]
}

const motor = (
  <>
    <rect x="24" y="30" width="92" height="60" rx="6" />
    <path d="M34 30v60M106 30v60" strokeWidth="1" />
  </>
)
const shaft = <rect x="116" y="55" width="150" height="10" className="fill-ground" />
const wheel = (
  <g className="stroke-[var(--copper-fill)]">
    <rect x="206" y="46" width="26" height="28" className="fill-surface" />
    <path d="M219 46V16h-26v10h52V16h-26m0 58v30h-26V94h52v10h-26" />
  </g>
)
const blade = (
  <g className="stroke-[var(--copper-fill)]">
    <rect x="206" y="46" width="26" height="28" className="fill-surface" />
    <path d="M219 46c10-12 6-24 2-36M219 74c-10 12-6 24-2 36" strokeWidth="4" />
  </g>
)

const housing = (
  <>
    <path d="M92 8v104M252 8v104" strokeWidth="4" />
    <g className="stroke-[var(--copper-fill)]">
      <path d="M118 20h100v80h-100zM168 20v80" />
      <path d="M128 20v12m12-12v12m12-12v12m32-12v12m12-12v12m12-12v12M128 100V88m12 12V88m12 12V88m32 12V88m12 12V88m12 12V88" />
    </g>
  </>
)

const drawings: Record<Exclude<MeasureKind, 'turn'>, Drawn> = {
  depth: {
    outline: (
      <>
        {motor}
        {shaft}
        {wheel}
      </>
    ),
    rule: { from: 116, to: 206, at: 116 },
    ends: ['face', 'hub'],
  },
  plane: {
    outline: (
      <>
        {motor}
        {shaft}
        {blade}
        <path d="M132 6v108" strokeDasharray="6 4" />
        <path d="M106 36h26M106 84h26" strokeWidth="3" />
      </>
    ),
    rule: { from: 132, to: 206, at: 122 },
    ends: ['arms', 'hub'],
  },
  band: {
    outline: (
      <>
        {motor}
        {shaft}
        <path
          d="M62 24v72M78 24v72M62 24h16M62 96h16"
          className="stroke-[var(--copper-fill)]"
          strokeWidth="3"
        />
      </>
    ),
    rule: { from: 78, to: 266, at: 114 },
    ends: ['band', 'tip'],
  },
  bearing: {
    outline: (
      <>
        {shaft}
        <g className="stroke-[var(--copper-fill)]">
          <rect x="140" y="38" width="26" height="44" className="fill-surface" />
          <circle cx="153" cy="46" r="5" />
          <circle cx="153" cy="74" r="5" />
        </g>
      </>
    ),
    rule: { from: 166, to: 266, at: 92 },
    ends: ['bearing', 'tip'],
  },
  gap: { outline: housing, rule: { from: 92, to: 118, at: 60 }, ends: ['motor', ''] },
  'gap-far': { outline: housing, rule: { from: 218, to: 252, at: 60 }, ends: ['', ''] },
  tip: {
    outline: (
      <>
        {motor}
        {shaft}
        {wheel}
      </>
    ),
    rule: { from: 232, to: 266, at: 116 },
    ends: ['hub', 'tip'],
  },
  joint: {
    outline: (
      <>
        <path d="M60 28h90v64H60zM170 28h90v64h-90z" />
        <path d="M150 40h20M150 80h20" strokeDasharray="3 3" />
        <path d="M128 60h66" className="stroke-[var(--copper-fill)]" strokeWidth="6" />
      </>
    ),
  },
  pipe: {
    outline: (
      <>
        <path d="M40 44h130v32H40" />
        <path d="M150 34h110v52H150z" strokeDasharray="6 4" />
        <path d="M150 40v40" className="stroke-[var(--copper-fill)]" strokeWidth="4" />
      </>
    ),
    rule: { from: 150, to: 170, at: 96 },
    ends: ['mark', 'end'],
  },
}

/** Where the rule lies: the parts in outline, the length between its two ends, with its figure once there is one. */
export function MeasureDrawing({
  kind,
  said,
  how,
}: {
  kind: Exclude<MeasureKind, 'turn'>
  said: string
  how: string
}) {
  const { outline, rule, ends } = drawings[kind]
  return (
    <svg
      viewBox="0 0 320 146"
      role="img"
      aria-label={said ? `${how} ${said}.` : how}
      className="block w-full max-w-sm"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.8"
      data-testid={`drawn-${kind}`}
    >
      {outline}
      {rule ? (
        <g stroke="var(--teal)" strokeWidth="2">
          <path
            d={`M${rule.from} ${rule.at - 9}v18M${rule.to} ${rule.at - 9}v18M${rule.from} ${rule.at}H${rule.to}`}
          />
          <g stroke="none" className="fill-teal text-[13px] font-bold">
            <text x={(rule.from + rule.to) / 2} y={rule.at - 6} textAnchor="middle">
              {said || '?'}
            </text>
          </g>
          <g stroke="none" className="fill-soft text-[12px]">
            <text x={rule.from} y={rule.at + 22} textAnchor="middle">
              {ends?.[0]}
            </text>
            <text x={rule.to} y={rule.at + 22} textAnchor="middle">
              {ends?.[1]}
            </text>
          </g>
        </g>
      ) : null}
    </svg>
  )
}

/** A wheel seen with its motor behind it, and the arrow of its turn. */
export function TurnDrawing({ turn }: { turn: Turn }) {
  const flip = turn === 'counterclockwise' ? 'translate(96 0) scale(-1 1)' : undefined
  return (
    <svg
      viewBox="0 0 96 96"
      className="block size-20"
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      aria-hidden="true"
    >
      <g transform={flip}>
        <circle cx="48" cy="48" r="30" />
        <circle cx="48" cy="48" r="7" />
        {Array.from({ length: 12 }, (_, slat) => (
          <path key={`slat-${slat * 30}`} d="M53 18q-7 4-5 12" transform={`rotate(${slat * 30} 48 48)`} />
        ))}
        <path d="M16 26A40 40 0 0 1 70 12m-12-6 12 6-7 11" strokeWidth="3" />
      </g>
    </svg>
  )
}

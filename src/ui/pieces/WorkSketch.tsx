import type { ReactNode } from 'react'
import type { SketchFigures } from '@/core/fit/workSketch'
import type { WorkKind } from '@/core/match'

/** One kind of work drawn small, with its figure where it is done. Colours: what stays in ink, what goes or comes in copper. */
export function WorkSketch({ kind, figures }: { kind: WorkKind; figures: SketchFigures }) {
  const said = [figures.amount, figures.old, figures.new, figures.turn].filter(Boolean).join(', ')
  return (
    <svg
      viewBox="0 0 132 60"
      className="h-[60px] w-[132px] shrink-0"
      role="img"
      aria-label={said ? `Drawing: ${said}` : 'Drawing of the work'}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.8"
    >
      {drawings[kind](figures)}
    </svg>
  )
}

const Word = ({ x, y, children }: { x: number; y: number; children?: ReactNode }) =>
  children ? (
    <text x={x} y={y} textAnchor="middle" stroke="none" className="fill-ink text-[11px]">
      {children}
    </text>
  ) : null

const body = <path d="M4 14h26v32H4z" fill="var(--surface)" />
const COPPER = 'var(--copper)'

const can = (figures: SketchFigures) => (
  <>
    <rect x="48" y="14" width="36" height="30" rx="6" fill="var(--surface)" />
    <path d="M58 14V7M74 14V7" strokeWidth="4" />
    <Word x={66} y={57}>
      {figures.new}
    </Word>
  </>
)

const rings = (figures: SketchFigures) => (
  <>
    <circle cx="66" cy="24" r="19" strokeDasharray="4 3" />
    <circle cx="66" cy="24" r="13" stroke={COPPER} />
    <Word x={66} y={57}>
      {figures.old && figures.new ? `${figures.new} in ${figures.old}` : (figures.new ?? figures.old)}
    </Word>
  </>
)

const drawings: Record<WorkKind, (figures: SketchFigures) => ReactNode> = {
  'cut-shaft': ({ amount }) => (
    <>
      {body}
      <path d="M30 26h54v8H30" />
      <path d="M84 26h36v8H84" stroke={COPPER} strokeDasharray="4 3" />
      <path d="M84 16v28" stroke={COPPER} strokeWidth="2.4" />
      <Word x={96} y={57}>
        {amount}
      </Word>
    </>
  ),
  'bush-shaft': rings,
  'change-band': rings,
  'trim-studs': ({ amount }) => (
    <>
      {body}
      <path d="M30 20h60M30 40h60" strokeWidth="4" />
      <path d="M90 20h28M90 40h28" stroke={COPPER} strokeWidth="4" strokeDasharray="4 3" />
      <path d="M60 14v12M68 14v12M60 34v12M68 34v12" />
      <Word x={104} y={57}>
        {amount}
      </Word>
    </>
  ),
  'extend-leads': ({ amount }) => (
    <>
      {body}
      <path d="M30 30c14 0 12 0 26 0" />
      <rect x="56" y="24" width="16" height="12" fill="var(--ground)" />
      <path d="M72 30c20 0 20 -8 48 -8" stroke={COPPER} />
      <Word x={96} y={50}>
        {amount}
      </Word>
    </>
  ),
  'cap-unused-leads': () => (
    <>
      {body}
      <path d="M30 22h50M30 38h50" />
      <path d="M80 17h14l8 5 -8 5H80zM80 33h14l8 5 -8 5H80z" stroke={COPPER} fill="var(--ground)" />
    </>
  ),
  'set-rotation': ({ turn }) => (
    <>
      <circle cx="66" cy="26" r="6" fill="var(--surface)" />
      {turn === 'CCW' ? (
        <path d="M66 8A18 18 0 1 0 84 26M79 34L84 25L89 34" stroke={COPPER} />
      ) : (
        <path d="M66 8A18 18 0 1 1 48 26M43 34L48 25L53 34" stroke={COPPER} />
      )}
      <Word x={106} y={57}>
        {turn}
      </Word>
    </>
  ),
  'adapt-connector': ({ old, new: fresh }) => (
    <>
      <path d="M6 20h20v20H6zM26 26h6M26 34h6" />
      <path d="M100 20h20v20h-20zM94 26h6M94 34h6" />
      <path d="M36 30h54" stroke={COPPER} />
      <Word x={22} y={56}>
        {old?.slice(0, 9)}
      </Word>
      <Word x={110} y={56}>
        {fresh?.slice(0, 9)}
      </Word>
    </>
  ),
  'buy-capacitor': can,
  'swap-capacitor': can,
  'transfer-parts': () => (
    <>
      <path d="M8 16h28v30H8z" strokeDasharray="4 3" />
      <path d="M96 16h28v30H96z" fill="var(--surface)" />
      <path d="M36 22h10v18H36M86 22h10v18H86" stroke={COPPER} />
      <path d="M52 31h26M72 25l6 6 -6 6" stroke={COPPER} />
    </>
  ),
  'turn-plate': () => (
    <>
      <path d="M52 14h28v32H52z" fill="var(--surface)" />
      <path d="M52 8v44" strokeDasharray="4 3" />
      <path d="M80 8v44" stroke={COPPER} strokeWidth="3" />
      <path d="M46 4c10 -4 30 -4 40 2M80 2l6 4 -4 6" stroke={COPPER} />
    </>
  ),
  'drill-holes': ({ old, new: fresh }) => (
    <>
      <rect x="34" y="4" width="64" height="40" rx="4" fill="var(--surface)" />
      <circle cx="46" cy="24" r="4" strokeDasharray="3 2" />
      <circle cx="86" cy="24" r="4" strokeDasharray="3 2" />
      <circle cx="52" cy="14" r="4" stroke={COPPER} />
      <circle cx="80" cy="34" r="4" stroke={COPPER} />
      <Word x={66} y={57}>
        {old && fresh ? `${old} → ${fresh}` : (fresh ?? old)}
      </Word>
    </>
  ),
  'jumper-sections': () => (
    <>
      <rect x="24" y="24" width="84" height="30" rx="6" fill="var(--surface)" />
      <path d="M36 24v-7M56 24v-7M76 24v-7M96 24v-7" strokeWidth="4" />
      <path d="M56 17c0 -14 20 -14 20 0" stroke={COPPER} strokeDasharray="4 3" />
    </>
  ),
  'wire-two-singles': () => (
    <>
      <rect x="16" y="24" width="42" height="30" rx="6" fill="var(--surface)" />
      <rect x="74" y="24" width="42" height="30" rx="6" fill="var(--surface)" />
      <path d="M28 24v-7M46 24v-7M86 24v-7M104 24v-7" strokeWidth="4" />
      <path d="M46 17c0 -16 40 -16 40 0" stroke={COPPER} strokeDasharray="4 3" />
    </>
  ),
  'change-strap': (figures) => (
    <>
      <circle cx="66" cy="24" r="15" fill="var(--surface)" />
      <path d="M47 44V24a19 19 0 0 1 38 0v20M42 44h10M80 44h10" stroke={COPPER} />
      <Word x={66} y={58}>
        {figures.new}
      </Word>
    </>
  ),
}

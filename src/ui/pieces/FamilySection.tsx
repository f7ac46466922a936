import { type FamilyId, familyLabel } from '@/core/knowledge/vocabulary'

/** Axial fan from the side: blade edge, hub, shaft, motor body. */
const axial = (turn = 0) => (
  <g transform={`rotate(${turn} 60 45)`}>
    <path d="M60 8v74" strokeWidth="4" stroke="var(--soft)" />
    <path d="M60 45H78" strokeWidth="2.5" />
    <rect x="78" y="31" width="26" height="28" />
    <path d="M83 36v18M88 36v18M93 36v18M98 36v18" stroke="var(--copper)" />
    <rect x="55" y="39" width="10" height="12" fill="var(--surface)" />
  </g>
)

/** Centrifugal wheel in its scroll, from the end. */
const scroll = (
  <>
    <path d="M60 14a31 31 0 1 0 31 31V22H112" fill="none" />
    <path d="M60 14H112" />
    <circle cx="60" cy="45" r="21" />
    {Array.from({ length: 16 }, (_, i) => (
      <path key={i} d="M60 24q4 3 3 7" transform={`rotate(${i * 22.5} 60 45)`} stroke="var(--soft)" />
    ))}
    <circle cx="60" cy="45" r="8" stroke="var(--copper)" />
    <path d="M54 45h12M60 39v12" stroke="var(--copper)" />
  </>
)

const drawings: Record<FamilyId, React.ReactNode> = {
  'bath-exhaust-fan': (
    <>
      <path d="M4 6h112M4 72h22M94 72h22" stroke="var(--soft)" strokeDasharray="3 3" />
      <path d="M26 14v58h68V14z" />
      <path d="M20 76h80M26 80h68" />
      <g transform="translate(12 -2) scale(.78)">{scroll}</g>
    </>
  ),
  'range-hood-fan': (
    <>
      <path d="M45 4v18L8 62v10h104V62L75 22V4" />
      <path d="M16 72l6 8M32 72l6 8M48 72l6 8M64 72l6 8M80 72l6 8M96 72l6 8" stroke="var(--soft)" />
      <g transform="translate(26 18) scale(.56)">{scroll}</g>
    </>
  ),
  'ceiling-fan': (
    <>
      <path d="M10 8h100" stroke="var(--soft)" strokeDasharray="3 3" />
      <path d="M54 8h12l-3 8h-6zM60 16v20" />
      <path d="M46 36h28v14H46z" />
      <path d="M50 40v6M55 40v6M60 40v6M65 40v6M70 40v6" stroke="var(--copper)" />
      <path d="M46 45 8 41v5l38 3M74 45l38-4v5l-38 3" stroke="var(--soft)" />
      <path d="M54 50h12v8H54zM60 58v18" />
    </>
  ),
  'attic-vent-fan': (
    <>
      <path d="M6 82 40 20M40 20V76" stroke="var(--soft)" strokeDasharray="3 3" />
      <path d="M40 12v66M30 18l10 4M30 32l10 4M30 46l10 4M30 60l10 4" />
      {axial()}
    </>
  ),
  'furnace-blower': (
    <>
      <path d="M10 4h100v82H10z" />
      <path d="M10 18h100" stroke="var(--soft)" />
      <g transform="translate(-6 12) scale(.95)">{scroll}</g>
    </>
  ),
  'draft-inducer': (
    <>
      <path d="M4 30h14v30H4M4 38h8M4 46h8M4 54h8" stroke="var(--soft)" />
      <path d="M18 60c10 0 14 0 22-4" />
      <g transform="translate(14 6) scale(.85)">{scroll}</g>
    </>
  ),
  'outdoor-unit-fan': (
    <>
      <path d="M16 20h88v64H16z" />
      <path d="M22 26v52M28 26v52M34 26v52M86 26v52M92 26v52M98 26v52" stroke="var(--soft)" />
      <path d="M16 14c28-8 60-8 88 0M16 17h88" />
      <path d="M30 26h60" strokeWidth="4" stroke="var(--soft)" />
      <path d="M60 26v8" strokeWidth="2.5" />
      <rect x="46" y="34" width="28" height="24" />
      <path d="M51 38v16M56 38v16M61 38v16M66 38v16" stroke="var(--copper)" />
    </>
  ),
  'mini-split-indoor-fan': (
    <>
      <path d="M6 20h108v40q-12 14-34 14H6z" />
      <path d="M14 26l26 20M22 26l22 17M30 26l18 13" stroke="var(--soft)" />
      <circle cx="72" cy="50" r="15" />
      <circle cx="72" cy="50" r="5" stroke="var(--copper)" />
      {Array.from({ length: 10 }, (_, i) => (
        <path key={i} d="M72 35q3 3 2 6" transform={`rotate(${i * 36} 72 50)`} stroke="var(--soft)" />
      ))}
    </>
  ),
  'refrigerator-evaporator-fan': (
    <>
      <path d="M22 4h76v82H22zM22 34h76" />
      <path d="M88 10v18M84 40v36M90 40v36" stroke="var(--soft)" />
      <g transform="translate(22 -2) scale(.5)">{axial()}</g>
    </>
  ),
  'refrigerator-condenser-fan': (
    <>
      <path d="M22 4h76v82H22zM22 60h76" />
      <path d="M30 66v14M35 66v14M40 66v14" stroke="var(--soft)" />
      <g transform="translate(30 52) scale(.42)">{axial()}</g>
    </>
  ),
  'rv-furnace-blower': (
    <>
      <path d="M6 18h108v56H6z" />
      <rect x="46" y="34" width="28" height="24" />
      <path d="M51 38v16M57 38v16M63 38v16M69 38v16" stroke="var(--copper)" />
      <path d="M30 46h16M74 46h16" strokeWidth="2.5" />
      <path d="M22 28h10v36H22zM88 28h10v36H88z" />
      <path d="M25 28v36M29 28v36M91 28v36M95 28v36" stroke="var(--soft)" />
    </>
  ),
  'pellet-stove-exhaust-blower': (
    <>
      <path d="M10 10h56v74H10zM18 22h40v26H18z" />
      <path d="M38 46c-8-6 2-10-1-18 10 6 10 14 1 18" stroke="var(--soft)" />
      <path d="M66 66h14" />
      <g transform="translate(58 32) scale(.5)">{scroll}</g>
    </>
  ),
  'hrv-fan': (
    <>
      <path d="M8 10h104v70H8z" />
      <path d="M60 22l23 23-23 23-23-23z" />
      <path d="M50 34l20 20M46 38l20 20M54 30l20 20" stroke="var(--soft)" />
      <circle cx="24" cy="28" r="10" />
      <circle cx="96" cy="62" r="10" />
      <circle cx="24" cy="28" r="3" stroke="var(--copper)" />
      <circle cx="96" cy="62" r="3" stroke="var(--copper)" />
    </>
  ),
  'dehumidifier-fan': (
    <>
      <path d="M24 6h72v80H24zM24 64h72" />
      <path d="M32 14v42M37 14v42M42 14v42" stroke="var(--soft)" />
      <g transform="translate(30 4) scale(.62)">{axial()}</g>
    </>
  ),
  'other-fan': axial(),
}

/** A drawn section of the fan of a family: motor and windings in copper. */
export function FamilySection({ family, className }: { family: FamilyId; className?: string }) {
  return (
    <svg
      viewBox="0 0 120 90"
      className={className}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.5"
      role="img"
      aria-label={`Drawing, cut open: ${familyLabel(family).toLowerCase()}`}
    >
      {drawings[family]}
    </svg>
  )
}

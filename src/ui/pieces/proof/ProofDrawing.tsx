import type { ShownPair, ShownWire } from '@/core/job/energy/proofShown'
import { type Dial, jacks, Meter } from './Meter'
import { Probe } from './Probe'
import { Wire } from './Wire'

interface ProofDrawingProps {
  shown: ShownPair
  /** What the person's meter has. */
  has: readonly Dial[]
  className?: string
}

const METER: [number, number] = [254, 8]
const BOX = { left: 6, right: 240, top: 22, bottom: 206 }
/** Where a tip touches, from above. */
const TOUCH = { caps: 118, screws: 104, lugs: 104, pins: 112 }

/** The wires at the place spread over its width. */
const placed = (wires: ShownWire[]): (ShownWire & { x: number })[] => {
  const step = (BOX.right - BOX.left) / (wires.length + 0.6)
  return wires.map((wire, index) => ({ ...wire, x: BOX.left + step * (index + 0.75) }))
}

/**
 * How one pair is read: the place with its wires in the usual colours of the region, both probes where they go, the meter on
 * its range. The sentence beside it says the same.
 */
export function ProofDrawing({ shown, has, className }: ProofDrawingProps) {
  const wires = placed(shown.wires)
  const y = TOUCH[shown.place.view]
  const tips = wires.filter((wire) => wire.probe !== null)
  const [first] = tips
  return (
    <svg viewBox="0 0 384 264" className={className} role="img" aria-label={shown.act}>
      <text x={BOX.left} y="14" className="fill-[var(--soft)]" fontSize="12">
        {shown.place.view === 'pins' ? 'wires from the battery' : 'wires from the supply'}
      </text>
      <rect
        x={BOX.left}
        y={BOX.top}
        width={BOX.right - BOX.left}
        height={BOX.bottom - BOX.top}
        fill="var(--ground)"
        stroke="currentColor"
        strokeWidth="1.5"
      />
      {wires.map((wire) => (
        <End
          key={`${wire.conductor} ${wire.label[1]}`}
          wire={wire}
          view={shown.place.view}
          narrow={wires.length > 3}
        />
      ))}
      <Meter dial={shown.current === 'dc' ? 'V=' : 'V~'} has={has} shows="– – –" x={METER[0]} y={METER[1]} />
      {tips.map((tip) => {
        const colour = tip.probe === 'red' ? 'red' : 'black'
        const [jx, jy] = jacks[colour]
        return (
          <Probe
            key={colour}
            x={tip.x}
            y={y}
            side={tip === first ? -1 : 1}
            colour={colour}
            to={[METER[0] + jx, METER[1] + jy]}
          />
        )
      })}
    </svg>
  )
}

interface EndProps {
  wire: ShownWire & { x: number }
  view: ShownPair['place']['view']
  narrow: boolean
}

/** One wire with its end: under a cap, at a screw, in a plug; its name beside it where no probe lies over it. */
function End({ wire: { x, colour, label, conductor }, view: of, narrow }: EndProps) {
  // Bare metal of a frame is touched at a screw.
  const view = of === 'pins' && conductor === 'chassis' ? 'screws' : of
  const bare = colour === 'bare'
  const end = view === 'caps' ? 84 : 88
  return (
    <g>
      <Wire d={`M${x} ${BOX.top + 1}V${bare && view === 'caps' ? 124 : end}`} colour={colour} />
      {view === 'caps' && !bare ? (
        <path
          d={`M${x - 12} 112h24l-5-34h-14z`}
          fill="var(--surface)"
          stroke="currentColor"
          strokeWidth="1.5"
        />
      ) : null}
      {view === 'screws' || view === 'lugs' ? <Screw x={x} large={view === 'lugs'} /> : null}
      {view === 'pins' ? (
        <path
          d={`M${x - 13} 88h26v36h-26zM${x - 4} 104h8v12h-8z`}
          fill="var(--surface)"
          stroke="currentColor"
          strokeWidth="1.5"
        />
      ) : null}
      <text x={x + 8} y="38" className="fill-current font-bold" fontSize={narrow ? 9.5 : 11.5}>
        {label[0]}
      </text>
      <text x={x + 8} y="51" className="fill-[var(--soft)]" fontSize={narrow ? 9.5 : 11.5}>
        {label[1]}
      </text>
    </g>
  )
}

function Screw({ x, large }: { x: number; large: boolean }) {
  const r = large ? 14 : 11
  return (
    <g fill="var(--surface)" stroke="currentColor" strokeWidth="1.5">
      <rect x={x - r - 4} y={104 - r - 4} width={2 * r + 8} height={2 * r + 8} />
      <circle cx={x} cy="104" r={r} />
      <path d={`M${x - r + 4} 104h${2 * r - 8}`} strokeWidth="2.5" />
    </g>
  )
}

import { type Dial, jacks, Meter } from './Meter'
import { Probe } from './Probe'

interface DischargeDrawingProps {
  /** Names of the blades as they are printed; a can of two has none. */
  blades: readonly string[]
  /** The two that are emptied and read now, as places among the blades. */
  pair: readonly [number, number]
  /** A flat box with wires that end in caps, and no can with blades. */
  wired?: boolean
  has: readonly Dial[]
  /** What the drawing says, in words. */
  label: string
  className?: string
}

const METER: [number, number] = [254, 8]
const CAN = { width: 100, top: 24, bottom: 92 }
const BOX_BOTTOM = 62
const BLADE_END = 116
const FIRST = 4
const SECOND = 130

const bladesAt = (left: number, count: number): number[] =>
  Array.from({ length: count }, (_, index) => left + (CAN.width / (count + 1)) * (index + 1))

/** How a capacitor is emptied and read: first the resistor lead across two blades, then the meter on direct current there. */
export function DischargeDrawing({
  blades,
  pair,
  wired = false,
  has,
  label,
  className,
}: DischargeDrawingProps) {
  const placesOf = (left: number): [number, number] => {
    const at = bladesAt(left, blades.length)
    return [at[pair[0]] ?? left, at[pair[1]] ?? left]
  }
  const [from, to] = placesOf(FIRST)
  const tips = placesOf(SECOND)
  return (
    <svg viewBox="0 0 384 264" className={className} role="img" aria-label={label}>
      <Can left={FIRST} blades={blades} wired={wired} heading="1  empty it" />
      <Can left={SECOND} blades={blades} wired={wired} heading="2  read it" />
      <ResistorLead from={from} to={to} />
      <Meter dial="V=" has={has} shows="0.2" x={METER[0]} y={METER[1]} />
      {tips.map((x, index) => {
        const colour = index === 0 ? 'black' : 'red'
        return (
          <Probe
            key={colour}
            x={x}
            y={BLADE_END - 6}
            side={index === 0 ? -1 : 1}
            colour={colour}
            to={[METER[0] + jacks[colour][0], METER[1] + jacks[colour][1]]}
          />
        )
      })}
    </svg>
  )
}

interface CanProps {
  left: number
  blades: readonly string[]
  wired: boolean
  heading: string
}

function Can({ left, blades, wired, heading }: CanProps) {
  return (
    <g fill="none" stroke="currentColor" strokeWidth="1.5">
      <text x={left} y="14" className="fill-current stroke-none font-bold" fontSize="12.5">
        {heading}
      </text>
      <path
        d={
          wired
            ? `M${left} ${BOX_BOTTOM}V${CAN.top}h${CAN.width}V${BOX_BOTTOM}z`
            : `M${left} ${CAN.bottom}V${CAN.top + 6}q${CAN.width / 2}-12 ${CAN.width} 0V${CAN.bottom}z`
        }
        fill="var(--surface)"
      />
      {bladesAt(left, blades.length).map((x, index) => (
        <g key={x}>
          {wired ? (
            <>
              <path d={`M${x} ${BOX_BOTTOM}V${CAN.bottom + 4}`} strokeWidth="3.5" />
              <path d={`M${x - 4} ${CAN.bottom + 4}h8l3 18h-14z`} fill="var(--surface)" />
            </>
          ) : (
            <path d={`M${x - 4} ${CAN.bottom}v22h8v-22`} fill="var(--copper-fill)" />
          )}
          <text
            x={x}
            y={(wired ? BOX_BOTTOM : CAN.bottom) - 8}
            textAnchor="middle"
            className="num fill-current stroke-none font-bold"
            fontSize="11"
          >
            {blades[index]}
          </text>
        </g>
      ))}
    </g>
  )
}

/** Two resistors in a row under one sleeve, an insulated clip at each end. */
function ResistorLead({ from, to }: { from: number; to: number }) {
  // Two blades at the edge of the can: its sleeve still lies within the drawing.
  const middle = Math.max((from + to) / 2, 46)
  return (
    <g fill="none" stroke="currentColor" strokeLinejoin="round">
      <path d={`M${from} 126V178H${middle - 34}M${to} 126V178H${middle + 34}`} strokeWidth="2.5" />
      <rect
        x={middle - 44}
        y="166"
        width="88"
        height="24"
        rx="10"
        fill="var(--copper-wash)"
        strokeWidth="1.5"
      />
      <path
        d={`M${middle - 38} 178h5l3-6 5 12 5-12 5 12 3-6h10l3-6 5 12 5-12 5 12 3-6h5`}
        strokeWidth="1.8"
        stroke="var(--copper)"
      />
      {[from, to].map((x) => (
        <path key={x} d={`M${x - 6} 104l6 26 6-26z`} fill="var(--teal)" strokeWidth="1.5" />
      ))}
      <text x={middle} y="208" textAnchor="middle" className="fill-current stroke-none" fontSize="11">
        2 × 10 kΩ
      </text>
    </g>
  )
}

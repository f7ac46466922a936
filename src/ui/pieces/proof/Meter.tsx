export type Dial = 'V~' | 'V=' | 'Ω' | 'µF'

/** Positions around the dial, as angles in degrees from the right; the pointer of the drawing goes there. */
const ANGLES: Record<Dial, number> = { 'V~': 230, 'V=': 310, Ω: 0, µF: 45 }

interface MeterProps {
  dial: Dial
  /** What the person's meter has; a position that it lacks is not drawn. */
  has: readonly Dial[]
  /** What it shows. */
  shows: string
  x: number
  y: number
}

const at = (angle: number, radius: number): [number, number] => [
  radius * Math.cos((angle * Math.PI) / 180),
  radius * Math.sin((angle * Math.PI) / 180),
]

/** Where the leads enter, from the upper left corner of the meter. */
export const jacks = { black: [28, 196], red: [96, 196] } as const

/** The person's own meter: dial at its position, the two leads in COM and V, never in the socket for amps. */
export function Meter({ dial, has, shows, x, y }: MeterProps) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <rect width="124" height="232" rx="6" fill="var(--surface)" stroke="currentColor" strokeWidth="2" />
      <rect
        x="12"
        y="12"
        width="100"
        height="40"
        fill="var(--ground)"
        stroke="currentColor"
        strokeWidth="1"
      />
      <text x="104" y="41" textAnchor="end" className="num fill-current font-bold" fontSize="25">
        {shows}
      </text>
      <g transform="translate(62 112)">
        <circle r="31" fill="none" stroke="currentColor" strokeWidth="1.5" />
        <line
          x2={at(ANGLES[dial], 25)[0]}
          y2={at(ANGLES[dial], 25)[1]}
          stroke="var(--teal)"
          strokeWidth="5"
          strokeLinecap="round"
        />
        <text x="-38" y="26" textAnchor="end" className="fill-current" fontSize="11">
          off
        </text>
        {has.map((each) => {
          const [dx, dy] = at(ANGLES[each], 42)
          return (
            <text
              key={each}
              x={dx}
              y={dy + 4}
              textAnchor="middle"
              className={each === dial ? 'num fill-[var(--teal)] font-bold' : 'num fill-current'}
              fontSize={each === dial ? 15 : 12}
            >
              {each}
            </text>
          )
        })}
      </g>
      {(
        [
          [jacks.black[0], 'COM'],
          [62, '10 A'],
          [jacks.red[0], 'V'],
        ] as const
      ).map(([cx, label]) => (
        <text key={label} x={cx} y="181" textAnchor="middle" className="num fill-current" fontSize="12">
          {label}
        </text>
      ))}
      <circle cx={jacks.black[0]} cy={jacks.black[1]} r="9" fill="#1b1b1d" stroke="currentColor" />
      <circle cx="62" cy="196" r="9" fill="none" stroke="var(--stop)" strokeWidth="1.5" />
      <path d="M56 190l12 12m0-12-12 12" stroke="var(--stop)" strokeWidth="1.5" />
      <text x="62" y="221" textAnchor="middle" className="fill-[var(--stop)]" fontSize="11">
        never
      </text>
      <circle cx={jacks.red[0]} cy={jacks.red[1]} r="9" fill="#b3202c" stroke="currentColor" />
    </g>
  )
}

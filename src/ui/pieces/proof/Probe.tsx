interface ProbeProps {
  /** The tip. */
  x: number
  y: number
  /** Which way the handle lies: −1 to the left, 1 to the right. */
  side: -1 | 1
  colour: 'red' | 'black'
  /** Where its lead enters the meter. */
  to: readonly [number, number]
}

const INK = { red: '#b3202c', black: '#1b1b1d' }

/** A probe: metal tip in a ring, handle behind its guard, its lead to the meter. */
export function Probe({ x, y, side, colour, to }: ProbeProps) {
  const [gx, gy] = [x + side * 9, y + 32]
  const [hx, hy] = [x + side * 27, y + 88]
  return (
    <g fill="none" strokeLinecap="round">
      <path
        d={`M${hx} ${hy}C${hx + side * 10} ${hy + 48} ${to[0]} ${to[1] + 78} ${to[0]} ${to[1]}`}
        stroke="var(--surface)"
        strokeWidth="6"
      />
      <path
        d={`M${hx} ${hy}C${hx + side * 10} ${hy + 48} ${to[0]} ${to[1] + 78} ${to[0]} ${to[1]}`}
        stroke={colour === 'red' ? 'var(--stop)' : 'currentColor'}
        strokeWidth="2.5"
      />
      <path d={`M${x} ${y}L${gx} ${gy}`} stroke="currentColor" strokeWidth="4" />
      <path d={`M${gx} ${gy}L${hx} ${hy}`} stroke="currentColor" strokeWidth="15" />
      <path d={`M${gx} ${gy}L${hx} ${hy}`} stroke={INK[colour]} strokeWidth="12" />
      <path
        d={`M${gx - 9} ${gy + side * 3}L${gx + 9} ${gy - side * 3}`}
        stroke="currentColor"
        strokeWidth="4"
      />
      <circle
        cx={x}
        cy={y}
        r="13"
        stroke={colour === 'red' ? 'var(--stop)' : 'currentColor'}
        strokeWidth="2"
        strokeDasharray={colour === 'red' ? undefined : '5 3'}
      />
    </g>
  )
}

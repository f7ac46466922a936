import type { MotorSpec } from '@/core/match'

/** The sizes that the drawing shows, by the letters of their fields. */
export type Dimension = 'A' | 'B' | 'C' | 'D' | 'E' | 'F' | 'G' | 'H' | 'J'

/** Each size with its letter on the drawing; those without one are chosen or counted. */
export const letters: Record<string, Dimension> = {
  diameterMm: 'A',
  bodyLengthMm: 'B',
  shaftDiameterMm: 'C',
  shaftLengthMm: 'D',
  shaftFlats: 'E',
  secondLengthMm: 'F',
  studLengthMm: 'G',
  boltCircleMm: 'H',
  leadLengthMm: 'J',
}

interface MotorDrawingProps {
  motor: MotorSpec
  /** The size that is being typed. */
  at: Dimension | null
}

const WIDTH = 480
const HEIGHT = 300
const MIDDLE = 140
/** Sizes of a common motor, drawn where nobody has measured yet. */
const COMMON = { diameter: 140, length: 110, shaft: 12.7, reach: 110, stud: 30 }

/** A motor from the side, in the proportions that were typed, each size with its letter. */
export function MotorDrawing({ motor, at }: MotorDrawingProps) {
  const second = motor.shaft?.secondLengthMm ?? 0
  const [diameter, length, reach] = [
    motor.diameterMm ?? COMMON.diameter,
    motor.bodyLengthMm ?? COMMON.length,
    motor.shaft?.lengthMm ?? COMMON.reach,
  ]
  const scale = Math.min(350 / (length + reach + second), 150 / diameter)
  const left = 76 + second * scale
  const [bodyWidth, bodyHeight] = [length * scale, diameter * scale]
  const face = left + bodyWidth
  const shaft = Math.max(6, (motor.shaft?.diameterMm ?? COMMON.shaft) * scale)
  const end = face + reach * scale
  const stud = (motor.mount?.studLengthMm ?? COMMON.stud) * scale
  const circle = Math.min(bodyHeight - 16, (motor.mount?.boltCircleMm ?? diameter * 0.7) * scale)
  const [top, bottom] = [MIDDLE - bodyHeight / 2, MIDDLE + bodyHeight / 2]
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-auto w-full"
      role="img"
      aria-label="A motor from the side, its sizes marked with letters"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.8"
    >
      <rect x={left} y={top} width={bodyWidth} height={bodyHeight} rx="8" fill="var(--surface)" />
      <path d={`M${left + 8} ${top}v${bodyHeight}M${face - 8} ${top}v${bodyHeight}`} strokeWidth="1" />
      <rect x={face} y={MIDDLE - shaft / 2} width={reach * scale} height={shaft} fill="var(--ground)" />
      {motor.shaft?.flats === 0 ? null : (
        <path d={`M${end - reach * scale * 0.45} ${MIDDLE - shaft / 4}H${end}`} strokeWidth="1" />
      )}
      {second > 0 ? (
        <rect
          x={left - second * scale}
          y={MIDDLE - shaft / 2}
          width={second * scale}
          height={shaft}
          fill="var(--ground)"
        />
      ) : null}
      {[-1, 1].map((side) => (
        <path
          key={side}
          d={`M${face} ${MIDDLE + (side * circle) / 2}h${stud}`}
          strokeWidth="4"
          strokeDasharray={motor.mount?.type === 'stud' ? undefined : '5 4'}
        />
      ))}
      <path
        d={`M${left + 14} ${bottom}c2 26 22 34 44 36s46 -2 60 8`}
        stroke="var(--copper-fill)"
        strokeDasharray={motor.leadLengthMm === undefined ? '5 4' : undefined}
      />
      <Size letter="A" at={at} from={[left - 16, top]} to={[left - 16, bottom]} />
      <Size letter="B" at={at} from={[left, top - 14]} to={[face, top - 14]} />
      <Size letter="C" at={at} from={[end + 14, MIDDLE - shaft / 2]} to={[end + 14, MIDDLE + shaft / 2]} />
      <Size letter="D" at={at} from={[face, MIDDLE + shaft / 2 + 18]} to={[end, MIDDLE + shaft / 2 + 18]} />
      <Letter letter="E" at={at} x={end - reach * scale * 0.2} y={MIDDLE - shaft / 2 - 12} />
      <Letter
        letter="F"
        at={at}
        x={second > 0 ? left - (second * scale) / 2 : left - 48}
        y={second > 0 ? MIDDLE - shaft / 2 - 16 : MIDDLE}
      />
      <Size
        letter="G"
        at={at}
        from={[face, MIDDLE - circle / 2 - 14]}
        to={[face + stud, MIDDLE - circle / 2 - 14]}
      />
      <Size
        letter="H"
        at={at}
        from={[face + stud + 14, MIDDLE - circle / 2]}
        to={[face + stud + 14, MIDDLE + circle / 2]}
      />
      <Letter letter="J" at={at} x={left + 132} y={bottom + 46} />
    </svg>
  )
}

interface SizeProps {
  letter: Dimension
  at: Dimension | null
  from: [number, number]
  to: [number, number]
}

/** A line from end to end with its letter; heavier while its field is typed into. */
function Size({ letter, at, from, to }: SizeProps) {
  const on = at === letter
  const level = from[1] === to[1]
  const tick = (x: number, y: number) => (level ? `M${x} ${y - 5}v10` : `M${x - 5} ${y}h10`)
  return (
    <g stroke={on ? 'var(--copper-fill)' : 'var(--soft)'} strokeWidth={on ? 2.6 : 1.2}>
      <path d={`${tick(...from)}${tick(...to)}M${from[0]} ${from[1]}L${to[0]} ${to[1]}`} />
      <Letter letter={letter} at={at} x={(from[0] + to[0]) / 2} y={(from[1] + to[1]) / 2} />
    </g>
  )
}

function Letter({ letter, at, x, y }: { letter: Dimension; at: Dimension | null; x: number; y: number }) {
  const on = at === letter
  return (
    <>
      <circle
        cx={x}
        cy={y}
        r="10"
        fill={on ? 'var(--copper-fill)' : 'var(--surface)'}
        stroke={on ? 'var(--copper-fill)' : 'var(--soft)'}
        strokeWidth="1.2"
      />
      <text
        x={x}
        y={y + 5}
        textAnchor="middle"
        stroke="none"
        className={`text-[13px] font-bold ${on ? 'fill-surface' : 'fill-ink'}`}
      >
        {letter}
      </text>
    </>
  )
}

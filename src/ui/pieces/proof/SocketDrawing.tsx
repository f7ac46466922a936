import type { Region } from '@/core/knowledge/wireColours'
import { type Dial, jacks, Meter } from './Meter'
import { Probe } from './Probe'

interface SocketDrawingProps {
  region: Region
  volts: number
  has: readonly Dial[]
  className?: string
}

const METER: [number, number] = [254, 8]

/** The meter tried on a socket: both tips in the two slots of one outlet, never in its ground. */
export function SocketDrawing({ region, volts, has, className }: SocketDrawingProps) {
  const slots: [number, number][] =
    region === 'north-america'
      ? [
          [108, 96],
          [140, 96],
        ]
      : [
          [104, 100],
          [144, 100],
        ]
  return (
    <svg
      viewBox="0 0 384 264"
      className={className}
      role="img"
      aria-label={`Meter on V~, one tip in each of the two slots of a socket: it shows about ${volts}`}
    >
      <text x="6" y="14" className="fill-[var(--soft)]" fontSize="12">
        a socket that works
      </text>
      <rect
        x="64"
        y="32"
        width="120"
        height="132"
        rx="4"
        fill="var(--surface)"
        stroke="currentColor"
        strokeWidth="1.5"
      />
      {region === 'north-america' ? (
        <g fill="none" stroke="currentColor" strokeWidth="1.5">
          <path d="M86 62h76v68q-38 14-76 0z" />
          <path d="M105 82h6v28h-6zM137 86h6v20h-6z" fill="var(--ground)" />
          <path d="M118 128a6 6 0 0 1 12 0v4h-12z" fill="var(--ground)" />
        </g>
      ) : (
        <g fill="none" stroke="currentColor" strokeWidth="1.5">
          <circle cx="124" cy="100" r="44" />
          <circle cx="104" cy="100" r="6" fill="var(--ground)" />
          <circle cx="144" cy="100" r="6" fill="var(--ground)" />
          <path d="M118 56h12v8h-12zM118 136h12v8h-12z" fill="var(--ground)" />
        </g>
      )}
      <Meter dial="V~" has={has} shows={`${volts}`} x={METER[0]} y={METER[1]} />
      {slots.map(([x, y], index) => {
        const colour = index === 0 ? 'black' : 'red'
        return (
          <Probe
            key={colour}
            x={x}
            y={y}
            side={index === 0 ? -1 : 1}
            colour={colour}
            to={[METER[0] + jacks[colour][0], METER[1] + jacks[colour][1]]}
          />
        )
      })}
    </svg>
  )
}

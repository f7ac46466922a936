import type { KnownSource } from '@/core/knowledge/proofHow'
import type { Region } from '@/core/knowledge/wireColours'
import { type Dial, jacks, Meter } from './Meter'
import { Probe } from './Probe'

interface SourceDrawingProps {
  kind: KnownSource['kind']
  region: Region
  volts: number
  has: readonly Dial[]
  className?: string
}

const METER: [number, number] = [254, 8]
/** Where the tips go, the black one first. */
const PLACES: Record<Region | 'battery', [x: number, y: number][]> = {
  'north-america': [
    [108, 96],
    [140, 96],
  ],
  europe: [
    [104, 100],
    [144, 100],
  ],
  battery: [
    [80, 70],
    [168, 70],
  ],
}

/** The meter tried where there is voltage for certain: in both slots of a socket, never its ground, or on the posts of a battery. */
export function SourceDrawing({ kind, region, volts, has, className }: SourceDrawingProps) {
  const places = PLACES[kind === 'battery' ? kind : region]
  return (
    <svg
      viewBox="0 0 384 264"
      className={className}
      role="img"
      aria-label={
        kind === 'battery'
          ? `Meter on V=, red tip on plus and black tip on minus of a battery: it shows about ${volts}`
          : `Meter on V~, one tip in each of the two holes of a socket: it shows about ${volts}`
      }
    >
      <text x="6" y="14" className="fill-[var(--soft)]" fontSize="12">
        {kind === 'battery' ? 'a battery that is charged' : 'a socket that works'}
      </text>
      {kind === 'battery' ? <Battery /> : <Socket region={region} />}
      <Meter dial={kind === 'battery' ? 'V=' : 'V~'} has={has} shows={`${volts}`} x={METER[0]} y={METER[1]} />
      {places.map(([x, y], index) => {
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

function Socket({ region }: { region: Region }) {
  return (
    <>
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
    </>
  )
}

function Battery() {
  return (
    <g fill="var(--surface)" stroke="currentColor" strokeWidth="1.5">
      <path d="M50 80h148v84H50zM70 80v-12h20v12M158 80v-12h20v12" />
      <text
        x="104"
        y="104"
        textAnchor="middle"
        className="num fill-current stroke-none font-bold"
        fontSize="20"
      >
        −
      </text>
      <text
        x="146"
        y="104"
        textAnchor="middle"
        className="num fill-current stroke-none font-bold"
        fontSize="20"
      >
        +
      </text>
    </g>
  )
}

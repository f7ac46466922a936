'use client'

import { parseTyped } from '@/core/units'
import { goOn, spread } from '../kit/NumberField'
import { useTyped } from '../kit/useTyped'
import { LeadDot } from './insulation'
import { allPairs, type ChordReading, pairKey } from './leadPairs'

interface LeadMapProps {
  leads: string[]
  readings: ChordReading[]
  /** Pairs that disagree with the others. */
  odd: [string, string][]
  /** The pair to read next. */
  next: [string, string] | null
  disabled: boolean
  onType: (a: string, b: string, typed: string) => unknown
}

const SIZE = 340
const HEIGHT = 310
const RADIUS = 112

/** Leads round a ring, a number on every chord between two of them. */
export function LeadMap({ leads, readings, odd, next, disabled, onType }: LeadMapProps) {
  const places = leads.map((lead, index) => {
    const angle = -Math.PI / 2 + (index * 2 * Math.PI) / leads.length
    return { lead, x: SIZE / 2 + RADIUS * Math.cos(angle), y: HEIGHT / 2 + RADIUS * Math.sin(angle), angle }
  })
  const at = new Map(places.map((place) => [place.lead, place]))
  const typed = new Map(readings.map((reading) => [pairKey(reading.a, reading.b), reading.typed]))
  const oddKeys = new Set(odd.map(([a, b]) => pairKey(a, b)))
  const share = (i: number, j: number) => chordShare(leads.length, j - i)
  return (
    <div className="relative mx-auto" style={{ width: SIZE, height: HEIGHT }} data-testid="lead-map">
      <svg
        viewBox={`0 0 ${SIZE} ${HEIGHT}`}
        width={SIZE}
        height={HEIGHT}
        className="absolute inset-0"
        aria-hidden="true"
      >
        {allPairs(leads).map(([a, b]) => {
          const [p, q] = [at.get(a)!, at.get(b)!]
          const isNext = next && pairKey(...next) === pairKey(a, b)
          if (oddKeys.has(pairKey(a, b)))
            return (
              <path
                key={pairKey(a, b)}
                d={wavy(p.x, p.y, q.x, q.y)}
                fill="none"
                stroke="var(--stop)"
                strokeWidth="2"
              />
            )
          return (
            <path
              key={pairKey(a, b)}
              d={`M${p.x} ${p.y}L${q.x} ${q.y}`}
              stroke={isNext ? 'var(--copper-fill)' : 'var(--line)'}
              strokeWidth={isNext ? 2 : 1.2}
              strokeDasharray={isNext ? '4 3' : undefined}
            />
          )
        })}
        {places.map((place) => (
          <g key={place.lead}>
            <LeadDot name={place.lead} x={place.x} y={place.y} />
            <text {...labelAt(place)} fontSize="14" fontWeight="700" fill="var(--ink)">
              {place.lead}
            </text>
          </g>
        ))}
      </svg>
      {allPairs(leads).map(([a, b]) => {
        const [p, q] = [at.get(a)!, at.get(b)!]
        const t = share(leads.indexOf(a), leads.indexOf(b))
        return (
          <PairInput
            key={pairKey(a, b)}
            label={`${a} to ${b}, ohms`}
            typed={typed.get(pairKey(a, b)) ?? ''}
            odd={oddKeys.has(pairKey(a, b))}
            disabled={disabled}
            onType={(text) => onType(a, b, text)}
            left={p.x + (q.x - p.x) * t}
            top={p.y + (q.y - p.y) * t}
          />
        )
      })}
    </div>
  )
}

/** About so wide is a letter of a label. */
const LETTER = 8

/** Outside of its dot; a name that has no room there, as “brown/white”, stands below it. */
function labelAt({ lead, x, y, angle }: { lead: string; x: number; y: number; angle: number }) {
  const [out, sine] = [x + 20 * Math.cos(angle), Math.sin(angle)]
  const wide = lead.length * LETTER
  const side = Math.cos(angle) > 0.3 ? 'start' : Math.cos(angle) < -0.3 ? 'end' : 'middle'
  const room = side === 'start' ? SIZE - out : side === 'end' ? out : SIZE
  if (wide <= room) return { x: out, y: y + 20 * sine + (sine > 0.5 ? 12 : 4), textAnchor: side } as const
  const middle = Math.min(Math.max(x, wide / 2), SIZE - wide / 2)
  return { x: middle, y: y + 28, textAnchor: 'middle' } as const
}

interface PairInputProps {
  label: string
  typed: string
  odd: boolean
  disabled: boolean
  onType: (typed: string) => unknown
  left: number
  top: number
}

function PairInput({ label, typed, odd, disabled, onType, left, top }: PairInputProps) {
  const [text, type] = useTyped(typed, onType)
  const wrong = parseTyped(text, 'ohm', { over: true }).kind === 'error'
  const look =
    wrong || odd
      ? 'border-stop'
      : text === ''
        ? 'border-soft border-dashed'
        : 'border-transparent hover:border-line'
  return (
    <input
      data-number=""
      data-quantity="ohm"
      inputMode="decimal"
      autoComplete="off"
      aria-label={label}
      aria-invalid={wrong}
      value={text}
      disabled={disabled}
      onChange={(event) => type(event.target.value)}
      onKeyDown={goOn}
      onPaste={spread}
      className={`num absolute h-8 ${text === '' ? 'w-11 focus:w-14' : 'w-14'} -translate-x-1/2 -translate-y-1/2 rounded-[2px] border bg-surface px-0.5 text-center text-[0.93rem] focus:border-[var(--copper-fill)] focus:border-2 ${look} disabled:text-soft`}
      style={{ left, top }}
    />
  )
}

/**
 * Where on its chord a number stands, from the first lead. Chords through the middle keep their numbers off it, and those
 * of five leads all turn the same way, so that none covers another.
 */
function chordShare(count: number, apart: number): number {
  if (count === 4 && apart === 2) return 0.32
  if (count === 5 && apart === 2) return 0.33
  if (count === 5 && apart === 3) return 0.67
  return 0.5
}

/** A wavy chord strikes a reading that the others contradict. */
function wavy(x1: number, y1: number, x2: number, y2: number): string {
  const length = Math.hypot(x2 - x1, y2 - y1)
  const waves = Math.max(4, Math.round(length / 14))
  const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length]
  let path = `M${x1} ${y1}`
  for (let i = 0; i < waves; i++) {
    const side = i % 2 === 0 ? 5 : -5
    const middle = ((i + 0.5) * length) / waves
    const end = ((i + 1) * length) / waves
    path += `Q${x1 + ux * middle - uy * side} ${y1 + uy * middle + ux * side} ${x1 + ux * end} ${y1 + uy * end}`
  }
  return path
}

'use client'

import { useRef } from 'react'
import { coloursOf } from '@/core/knowledge/insulation'
import type { SaidRound } from '@/wording/practiceRound'
import { useNarrow } from '../kit/useNarrow'

interface DrawingProps {
  round: SaidRound
  red: string | null
  black: string | null
  chosenWire: string | null
  onProbe: (id: string) => void
  /** Dragged from one terminal to another: red, then black. */
  onPair: (red: string, black: string) => void
  onWire: (id: string) => void
}

const BOX_NAMES: Record<string, string> = {
  known: 'beside it',
  line: 'supply',
  switch: 'switch',
  light: 'light',
  control: 'contactor',
  board: 'board',
  call: 'call',
  air: 'pressure switch',
  capacitor: 'capacitor',
  plug: 'plug',
  turn: 'reversing plug',
  park: 'caps',
  compressor: 'compressor',
  motor: 'fan motor',
}

/** The machine as its data places it: boxes, terminals, wires in their insulation, and the wheel as it turns. */
export function MachineDrawing({ round, red, black, chosenWire, onProbe, onPair, onWire }: DrawingProps) {
  const narrow = useNarrow()
  const { reach, turning } = round.view
  const layout = narrow ? round.view.narrow : round.view.layout
  const from = useRef<string | null>(null)
  const reachable = new Set(reach)
  const hidden = (behind: string | null) =>
    behind !== null && (round.view.covers.find(({ id }) => id === behind)?.on ?? false)
  const motor = layout.boxes.find(({ id }) => id === 'motor')
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing whose parts are pressed
    <svg
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      className="w-full touch-manipulation select-none border border-ink bg-surface"
      role="group"
      aria-label="The machine: its terminals and wires"
      data-testid="machine"
    >
      {layout.boxes.map((box) => (
        <g key={box.id}>
          <rect
            x={box.x}
            y={box.y}
            width={box.width}
            height={box.height}
            rx="2"
            fill={hidden(box.behind) ? 'var(--ground)' : 'var(--surface)'}
            stroke="var(--ink)"
            strokeWidth="1.5"
            strokeDasharray={hidden(box.behind) ? '5 4' : undefined}
          />
          <text x={box.x + 8} y={box.y + 19} fontSize="15" fill="var(--soft)">
            {BOX_NAMES[box.id]}
          </text>
          {hidden(box.behind) ? (
            <text x={box.x + 8} y={box.y + 36} fontSize="13" fill="var(--soft)">
              {round.names.covers[box.behind ?? '']} on
            </text>
          ) : null}
        </g>
      ))}
      {motor ? <Wheel x={motor.x + motor.width / 2} y={motor.y + 96} turning={turning} /> : null}
      {round.wires.map((wire) => (
        <WirePath
          key={wire.id}
          dots={layout.dots}
          seen={[wire.from, wire.to].every((end) => end === null || reachable.has(end))}
          wire={wire}
          chosen={wire.id === chosenWire}
          onWire={onWire}
        />
      ))}
      {layout.dots.map((dot) => {
        const open = reachable.has(dot.id)
        const mark = dot.id === red ? 'red' : dot.id === black ? 'black' : null
        return (
          // biome-ignore lint/a11y/useSemanticElements: a button cannot stand in a drawing
          <g
            key={dot.id}
            role="button"
            tabIndex={open ? 0 : -1}
            aria-disabled={!open}
            aria-label={`${round.names.probes[dot.id] ?? dot.id}${mark ? `, ${mark} probe` : ''}`}
            data-probe={dot.id}
            className={open ? 'cursor-pointer' : 'opacity-40'}
            onPointerDown={() => {
              from.current = dot.id
            }}
            onPointerUp={() => {
              const start = from.current
              from.current = null
              if (start && start !== dot.id) onPair(start, dot.id)
              else onProbe(dot.id)
            }}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ' ') return
              event.preventDefault()
              onProbe(dot.id)
            }}
          >
            <rect x={dot.x - 31} y={dot.y - 24} width="62" height="56" fill="transparent" />
            <circle
              cx={dot.x}
              cy={dot.y}
              r="9"
              fill={mark === 'red' ? '#b3202c' : mark === 'black' ? '#1b1b1d' : 'var(--surface)'}
              stroke="var(--ink)"
              strokeWidth={mark ? 3 : 1.5}
            />
            <text
              x={dot.x}
              y={dot.y + 26}
              fontSize="13"
              textAnchor="middle"
              fill="var(--ink)"
              stroke="var(--surface)"
              strokeWidth="3.5"
              paintOrder="stroke"
              className="num"
            >
              {shortName(dot.id)}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

/** What is printed beside a terminal. */
const shortName = (id: string): string =>
  id
    .replace(/^(contactor|board|lead|capacitor|compressor|switch|pressure|phase)-/, '')
    .replace(/^known-/, 'live ')
    .replace('fan-frame', 'case')
    .replace('brown-white', 'br/wht')

function Wheel({ x, y, turning }: { x: number; y: number; turning: number }) {
  const blades = [0, 120, 240]
  return (
    <g>
      <g
        className={Math.abs(turning) > 0.05 ? (turning > 0 ? 'wheel-turns' : 'wheel-turns-back') : ''}
        style={{ transformOrigin: `${x}px ${y}px` }}
      >
        {blades.map((angle) => (
          <path
            key={angle}
            d={`M${x} ${y}c-14 -18 -12 -44 4 -52c16 8 18 34 -4 52z`}
            transform={`rotate(${angle} ${x} ${y})`}
            fill="var(--ground)"
            stroke="var(--soft)"
          />
        ))}
      </g>
      <circle cx={x} cy={y} r="7" fill="var(--ink)" />
      <text x={x} y={y + 74} fontSize="15" fontWeight="700" textAnchor="middle" fill="var(--ink)">
        {Math.abs(turning) > 0.05 ? (turning > 0 ? 'turns' : 'turns the other way') : 'stands still'}
      </text>
    </g>
  )
}

function WirePath({
  dots,
  seen,
  wire,
  chosen,
  onWire,
}: {
  dots: SaidRound['view']['layout']['dots']
  /** Both of its ends can be seen. */
  seen: boolean
  wire: SaidRound['wires'][number]
  chosen: boolean
  onWire: (id: string) => void
}) {
  const at = (id: string | null) => dots.find((dot) => dot.id === id)
  const [one, two] = [at(wire.from), at(wire.to)]
  const start = one ?? two
  if (!start) return null
  // A free end hangs down beside where the other one sits.
  const end = one && two ? two : { x: start.x + 26, y: start.y + 40 }
  const bend = Math.max(30, Math.abs(end.x - start.x) / 3)
  const path = `M${start.x} ${start.y}C${start.x + (end.x >= start.x ? bend : -bend)} ${start.y + 22} ${end.x - (end.x >= start.x ? bend : -bend)} ${end.y + 22} ${end.x} ${end.y}`
  const { base, stripe } = coloursOf(wire.colour)
  return (
    <g className="cursor-pointer" data-wire={wire.id} opacity={seen ? 1 : 0.22}>
      <path d={path} fill="none" stroke="transparent" strokeWidth="16" onPointerUp={() => onWire(wire.id)} />
      <path d={path} fill="none" stroke="var(--ink)" strokeWidth={chosen ? 8 : 5} pointerEvents="none" />
      <path
        d={path}
        fill="none"
        stroke={base ?? 'var(--surface)'}
        strokeWidth={chosen ? 5.5 : 3.2}
        pointerEvents="none"
      />
      {stripe ? (
        <path
          d={path}
          fill="none"
          stroke={stripe}
          strokeWidth="1.4"
          strokeDasharray="7 7"
          pointerEvents="none"
        />
      ) : null}
    </g>
  )
}

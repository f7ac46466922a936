'use client'

import { createContext, type KeyboardEvent, type PointerEvent, useContext, useRef, useState } from 'react'
import { coloursOf } from '@/core/knowledge/insulation'
import { roleOf, type Strip, type StripLead } from '@/core/wiring/strip'
import { useNarrow } from '../kit/useNarrow'
import { LeadDot } from './insulation'

interface LandingStripProps {
  strip: Strip
  /** A terminal, or null for a lead that is capped alone. */
  onLand: (lead: StripLead, terminal: string | null) => void
}

const TOP = 40

/** Where things stand in the drawing; a phone has a narrower one, so that words and targets keep their size. */
interface Plan {
  row: number
  terminalX: number
  leadX: number
  width: number
  /** A lead that is capped ends here, in a cap of its own. */
  capX: number
  /** Letters in a line of a note. */
  note: number
}
const WIDE: Plan = { row: 54, terminalX: 196, leadX: 470, width: 640, capX: 330, note: 40 }
const NARROW: Plan = { row: 62, terminalX: 132, leadX: 244, width: 360, capX: 184, note: 16 }

const PlanContext = createContext(WIDE)
const usePlan = () => useContext(PlanContext)
const rowY = (plan: Plan, index: number) => TOP + index * plan.row + plan.row / 2

/**
 * Two strips with the wires between them in their insulation colours. A lead is taken by a tap, by Enter, or by dragging it; a
 * terminal takes it. What is only proposed is thin and dashed.
 */
export function LandingStrip({ strip, onLand }: LandingStripProps) {
  const [taken, setTaken] = useState<string | null>(null)
  const justTaken = useRef(false)
  const rows = Math.max(strip.terminals.length + 1, strip.leads.length)
  const plan = useNarrow() ? NARROW : WIDE
  const height = TOP + rows * plan.row
  const lead = strip.leads.find(({ name }) => name === taken) ?? null
  const land = (terminal: string | null) => {
    if (lead) onLand(lead, terminal)
    setTaken(null)
  }
  const drop = (event: PointerEvent) => {
    const under = document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-terminal]')
    const terminal = under?.getAttribute('data-terminal')
    if (terminal !== undefined && terminal !== null) land(terminal === '' ? null : terminal)
  }
  return (
    <PlanContext value={plan}>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing is no fieldset */}
      <svg
        viewBox={`0 0 ${plan.width} ${height}`}
        className="h-auto w-full touch-pan-y select-none"
        aria-label="Landing strip"
        role="group"
        fill="none"
        stroke="var(--ink)"
        onPointerUp={(event) => taken && drop(event)}
      >
        <text x="4" y="18" stroke="none" className="fill-soft text-[14px]">
          in the machine
        </text>
        <text x={plan.leadX - 4} y="18" stroke="none" className="fill-soft text-[14px]">
          {`the ${strip.part === 'new' ? 'new' : 'old'} motor`}
        </text>
        {strip.leads.map((each, index) => (
          <Wire
            key={each.name}
            lead={each}
            y={rowY(plan, index)}
            to={placeOf(plan, strip, each)}
            lit={each.name === taken}
          />
        ))}
        {[...strip.terminals, { id: '', note: 'a cap of its own' }].map((terminal, index) => (
          <Terminal
            key={terminal.id}
            id={terminal.id}
            note={terminal.note}
            y={rowY(plan, index)}
            waits={taken !== null}
            label={
              taken
                ? `Land ${taken} ${terminal.id ? `on ${terminal.id}` : 'in a cap of its own'}`
                : `Terminal ${terminal.id || 'cap'}`
            }
            onPress={() => land(terminal.id === '' ? null : terminal.id)}
          />
        ))}
        {strip.leads.map((each, index) => (
          <Lead
            key={each.name}
            lead={each}
            y={rowY(plan, index)}
            taken={each.name === taken}
            onTake={() => {
              justTaken.current = true
              setTaken(each.name)
            }}
            onPress={() => {
              // The click that ends the press by which it was taken does not let it go again.
              if (!justTaken.current) setTaken(each.name === taken ? null : each.name)
              justTaken.current = false
            }}
          />
        ))}
      </svg>
      <p className="caption" role="status">
        {taken
          ? `${taken} is in your hand. Tap where it lands.`
          : 'Tap a lead, then where it lands; or drag it there. What is dashed is proposed.'}
      </p>
    </PlanContext>
  )
}

interface Place {
  x: number
  y: number
  proposed: boolean
}

/** Where the wire of a lead ends: its terminal, its cap, or what is proposed; null while nobody knows. */
function placeOf(plan: Plan, strip: Strip, lead: StripLead): Place | null {
  const on = (terminal: string, proposed: boolean): Place | null => {
    const index = strip.terminals.findIndex(({ id }) => id === terminal)
    return index < 0 ? null : { x: plan.terminalX, y: rowY(plan, index), proposed }
  }
  if (lead.capped) return { x: plan.capX, y: rowY(plan, strip.leads.indexOf(lead)), proposed: false }
  if (lead.terminal) return on(lead.terminal, false)
  if (!lead.suggestion) return null
  return lead.suggestion.capped
    ? { x: plan.capX, y: rowY(plan, strip.leads.indexOf(lead)), proposed: true }
    : on(lead.suggestion.terminal, true)
}

function Wire({ lead, y, to, lit }: { lead: StripLead; y: number; to: Place | null; lit: boolean }) {
  const { leadX, capX } = usePlan()
  if (!to) return null
  const { base, stripe } = coloursOf(lead.name)
  const bend = (leadX - to.x) / 2
  const path = `M${to.x + 12} ${to.y}C${to.x + bend} ${to.y} ${leadX - bend} ${y} ${leadX - 16} ${y}`
  if (to.proposed) return <path d={path} stroke="var(--soft)" strokeWidth="1.6" strokeDasharray="7 6" />
  return (
    <>
      <path d={path} strokeWidth={lit ? 11 : 9} />
      <path d={path} stroke={base ?? 'var(--surface)'} strokeWidth={lit ? 8 : 6} />
      {stripe ? <path d={path} stroke={stripe} strokeWidth="2.4" strokeDasharray="12 8" /> : null}
      {to.x === capX ? (
        <path d={`M${capX + 14} ${to.y - 9}l-22 -5v28l22 -5z`} fill="var(--surface)" strokeWidth="1.6" />
      ) : null}
    </>
  )
}

const pressed = (work: () => void) => (event: KeyboardEvent) => {
  if (event.key !== 'Enter' && event.key !== ' ') return
  event.preventDefault()
  work()
}

function Terminal({
  id,
  note,
  y,
  waits,
  label,
  onPress,
}: {
  id: string
  note: string
  y: number
  waits: boolean
  label: string
  onPress: () => void
}) {
  const { row, terminalX, note: letters } = usePlan()
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button inside a drawing
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      data-terminal={id}
      className="cursor-pointer outline-offset-2"
      onClick={onPress}
      onKeyDown={pressed(onPress)}
    >
      <rect
        x="0"
        y={y - row / 2 + 2}
        width={terminalX + 24}
        height={row - 4}
        fill="transparent"
        stroke="none"
      />
      <text
        x={terminalX - 26}
        y={y - 1}
        textAnchor="end"
        stroke="none"
        className="fill-ink text-[15px] font-bold"
      >
        {id || 'cap'}
      </text>
      <text x={terminalX - 26} y={y + 16} textAnchor="end" stroke="none" className="fill-soft text-[12px]">
        {linesOf(note, letters).map((line, index) => (
          <tspan key={line} x={terminalX - 26} dy={index * 13}>
            {line}
          </tspan>
        ))}
      </text>
      {id === 'ground' ? (
        <path
          d={`M${terminalX - 14} ${y}h26M${terminalX - 9} ${y + 6}h16M${terminalX - 5} ${y + 12}h8M${terminalX - 1} ${y - 12}v12`}
          strokeWidth="1.8"
        />
      ) : id === '' ? null : (
        <>
          <rect
            x={terminalX - 16}
            y={y - 14}
            width="28"
            height="28"
            fill={waits ? 'var(--teal-wash)' : 'var(--surface)'}
            strokeWidth="1.8"
          />
          <circle cx={terminalX - 2} cy={y} r="7" strokeWidth="1.6" />
          <path d={`M${terminalX - 6} ${y - 4}l8 8`} strokeWidth="1.6" />
        </>
      )}
    </g>
  )
}

function Lead({
  lead,
  y,
  taken,
  onTake,
  onPress,
}: {
  lead: StripLead
  y: number
  taken: boolean
  /** Pressed with a mouse: it may be dragged from here. */
  onTake: () => void
  onPress: () => void
}) {
  const where = lead.capped
    ? 'capped alone'
    : lead.terminal
      ? `on ${lead.terminal}`
      : lead.suggestion
        ? `proposed ${lead.suggestion.capped ? 'capped alone' : `on ${lead.suggestion.terminal}`}`
        : 'not landed'
  const { row, leadX, width } = usePlan()
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button inside a drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={taken}
      aria-label={`${lead.name}, ${roleOf(lead.role).name}, ${where}`}
      className="cursor-grab outline-offset-2"
      onClick={onPress}
      onPointerDown={(event) => {
        // Dragged with a mouse it is taken at once; a finger taps, so that the page can still be scrolled.
        if (event.pointerType === 'mouse' && !taken) onTake()
      }}
      onKeyDown={pressed(onPress)}
    >
      <rect
        x={leadX - 20}
        y={y - row / 2 + 2}
        width={width - leadX + 18}
        height={row - 4}
        fill={taken ? 'var(--teal-wash)' : 'transparent'}
        stroke="none"
      />
      {lead.jumper ? null : <LeadDot name={lead.name} x={leadX - 6} y={y} r={10} />}
      <text x={leadX + 14} y={y - 2} stroke="none" className="fill-ink text-[15px] font-bold">
        {`${lead.done ? '✓ ' : ''}${lead.jumper ? lead.name.replace('capacitor', 'cap.') : lead.name}`.slice(
          0,
          20,
        )}
      </text>
      <text x={leadX + 14} y={y + 15} stroke="none" className="fill-soft text-[12px]">
        {roleOf(lead.role).name}
      </text>
    </g>
  )
}

/** A note in lines of so many letters at the most. */
function linesOf(note: string, letters: number): string[] {
  const lines: string[] = []
  for (const word of note.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < letters) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}

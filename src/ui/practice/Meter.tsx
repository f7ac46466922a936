'use client'

import { useState } from 'react'
import type { MeterRange, Tool } from './types'

const RANGES: { id: MeterRange; label: string; name: string }[] = [
  { id: 'volts-ac', label: 'V~', name: 'volts, alternating' },
  { id: 'low-z', label: 'V~ low Z', name: 'volts, on an input that loads the circuit' },
  { id: 'volts-dc', label: 'V=', name: 'volts, direct' },
  { id: 'ohm', label: 'Ω', name: 'ohms' },
  { id: 'microfarad', label: 'µF', name: 'microfarads' },
  { id: 'amps', label: 'A', name: 'amps, red lead in the amps socket' },
]

const TOOLS: { id: Tool; label: string }[] = [
  { id: 'meter', label: 'Meter' },
  { id: 'hand', label: 'Hand: wires' },
  { id: 'lead', label: 'Discharge lead' },
  { id: 'tester', label: 'Tester' },
  { id: 'clamp', label: 'Clamp' },
]

interface MeterProps {
  tool: Tool
  onTool: (tool: Tool) => void
  range: MeterRange
  onRange: (range: MeterRange) => void
  ohm: number
  onOhm: (ohm: number) => void
  red: string | null
  names: Record<string, string>
  display: string | null
  said: string
  /** Two names typed, as they stand beside the terminals. */
  onTyped: (red: string, black: string) => void
}

/** What is in the hand: an instrument with its range, its display, and a field for who types the two points. */
export function Meter(props: MeterProps) {
  const { tool, onTool, range, onRange, ohm, onOhm, red, names, display, said, onTyped } = props
  return (
    <section aria-label="In your hand" className="border border-ink bg-surface p-3">
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="sr-only">What you hold</legend>
        {TOOLS.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            aria-pressed={tool === id}
            className="chip"
            onClick={() => onTool(id)}
          >
            {label}
          </button>
        ))}
      </fieldset>
      <div className="mt-3 flex flex-wrap items-start gap-4">
        <div className="min-w-[150px] flex-1 border-2 border-ink bg-ground p-3" aria-live="polite">
          <output className="num block text-[1.9rem] leading-none" data-testid="display">
            {display ?? '– – –'}
          </output>
          <p className="caption mt-2" data-testid="said">
            {said}
          </p>
        </div>
        {tool === 'meter' ? (
          <fieldset className="flex max-w-[290px] flex-wrap gap-1.5">
            <legend className="sr-only">Range</legend>
            {RANGES.map(({ id, label, name }) => (
              <button
                key={id}
                type="button"
                aria-pressed={range === id}
                aria-label={name}
                className="chip num"
                onClick={() => onRange(id)}
              >
                {label}
              </button>
            ))}
          </fieldset>
        ) : null}
        {tool === 'lead' ? (
          <fieldset className="flex flex-wrap gap-1.5">
            <legend className="sr-only">What the lead has in it</legend>
            {[
              { value: 20_000, label: '20 kΩ resistor' },
              { value: 1_000_000, label: '1 MΩ resistor' },
              { value: 0.01, label: 'screwdriver' },
            ].map(({ value, label }) => (
              <button
                key={value}
                type="button"
                aria-pressed={ohm === value}
                className="chip"
                onClick={() => onOhm(value)}
              >
                {label}
              </button>
            ))}
          </fieldset>
        ) : null}
      </div>
      <Hint tool={tool} red={red} names={names} />
      {tool === 'meter' || tool === 'lead' || tool === 'tester' ? <Typed onTyped={onTyped} /> : null}
    </section>
  )
}

function Hint({ tool, red, names }: { tool: Tool; red: string | null; names: Record<string, string> }) {
  const text = {
    meter: red
      ? `Red is on the ${names[red] ?? red}. Tap the terminal for black.`
      : 'Tap a terminal for red, then one for black; or drag from one to the other.',
    lead: red
      ? `One end is on the ${names[red] ?? red}. Tap the other terminal.`
      : 'Tap one terminal, then the other. It is held there for fifteen seconds.',
    tester: 'Tap the terminal that you hold it to.',
    hand: 'Tap a wire, here or in the list of wires below.',
    clamp: 'Tap the wire that you clamp.',
  }[tool]
  return <p className="mt-2">{text}</p>
}

function Typed({ onTyped }: { onTyped: (red: string, black: string) => void }) {
  const [text, setText] = useState('')
  return (
    <form
      className="mt-2 flex gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        const [red, black] = text.trim().split(/[\s,]+/)
        if (!red) return
        onTyped(red, black ?? red)
        setText('')
      }}
    >
      <label className="flex-1">
        <span className="caption">Or type the two terminals, as “FAN C” or “line-1 ground”</span>
        <input
          className="field num"
          value={text}
          onChange={(event) => setText(event.target.value)}
          autoCapitalize="off"
          autoComplete="off"
          spellCheck={false}
        />
      </label>
      <button type="submit" className="btn self-end">
        Read
      </button>
    </form>
  )
}

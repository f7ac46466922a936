'use client'

import { useEffect, useState } from 'react'
import { typeInto } from '../kit/NumberField'

/** What a phone's keypad of figures lacks, by what is measured. */
const KEYS: Record<string, [text: string, puts: string][]> = {
  ohm: [
    ['OL', 'OL'],
    ['k', 'k'],
    ['M', 'M'],
  ],
  uF: [
    ['OL', 'OL'],
    ['µF', ' µF'],
    ['nF', ' nF'],
  ],
  volts: [
    ['OL', 'OL'],
    ['−', '-'],
  ],
  mm: [
    ['½', ' 1/2'],
    ['¼', ' 1/4'],
    ['/', '/'],
    ['in', ' in'],
    ['mm', ' mm'],
  ],
  hp: [
    ['/', '/'],
    ['W', ' W'],
  ],
  celsius: [
    ['−', '-'],
    ['°F', ' °F'],
    ['°C', ' °C'],
  ],
}
const ALONE = ['OL']
const FIRST = ['-']

/** The bar above a phone's keypad while a figure is typed: over-range, k and M, fractions, units. */
export function Pad() {
  const [field, setField] = useState<HTMLInputElement | null>(null)
  const [bottom, setBottom] = useState(0)
  useEffect(() => {
    const touched = window.matchMedia('(pointer: coarse)')
    const on = (event: FocusEvent) => {
      const { target } = event
      setField(
        touched.matches && target instanceof HTMLInputElement && target.dataset.number !== undefined
          ? target
          : null,
      )
    }
    const off = () => setField(null)
    const view = window.visualViewport
    const place = () => setBottom(view ? Math.max(0, window.innerHeight - view.height - view.offsetTop) : 0)
    document.addEventListener('focusin', on)
    document.addEventListener('focusout', off)
    view?.addEventListener('resize', place)
    view?.addEventListener('scroll', place)
    return () => {
      document.removeEventListener('focusin', on)
      document.removeEventListener('focusout', off)
      view?.removeEventListener('resize', place)
      view?.removeEventListener('scroll', place)
    }
  }, [])
  const keys = field ? KEYS[field.dataset.quantity ?? ''] : undefined
  if (!field || !keys) return null
  return (
    <div
      role="toolbar"
      aria-label="Signs for this figure"
      className="fixed inset-x-0 z-50 flex gap-1.5 border-ink border-t bg-ground px-3 py-1.5"
      style={{ bottom }}
    >
      {keys.map(([text, puts]) => (
        <button
          key={text}
          type="button"
          tabIndex={-1}
          className="num min-h-11 min-w-12 border border-ink bg-surface px-2 font-bold"
          // The field keeps the focus, and the phone its keypad.
          onPointerDown={(event) => {
            event.preventDefault()
            put(field, puts)
          }}
        >
          {text}
        </button>
      ))}
    </div>
  )
}

/** Set as if it had been typed: over-range stands alone, a sign in front, the rest at the caret. */
function put(field: HTMLInputElement, text: string): void {
  const { value, selectionStart, selectionEnd } = field
  const from = selectionStart ?? value.length
  const next = ALONE.includes(text)
    ? text
    : FIRST.includes(text)
      ? value.startsWith(text)
        ? value.slice(text.length)
        : text + value
      : value.slice(0, from) + (from === 0 ? text.trimStart() : text) + value.slice(selectionEnd ?? from)
  typeInto(field, next)
}

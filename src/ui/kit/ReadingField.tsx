'use client'

import { useEffect, useRef, useState } from 'react'
import type { ParseOptions, Quantity } from '@/core/units'
import { NumberField } from './NumberField'

interface ReadingFieldProps {
  label: string
  /** The reading as it is stored; empty where there is none. */
  stored: string
  quantity: Quantity
  disabled?: boolean
  testId?: string
  hint?: string
  options?: ParseOptions
  /** The whole reading, once it is left by Enter, Tab or a tap elsewhere. False where it was refused. */
  onRead: (typed: string) => boolean
}

/**
 * A reading that decides about hands: it counts when it is whole, not at its first figure. "0" on the way to "0.4" is no
 * reading, and neither is "4" on the way to "48".
 */
export function ReadingField({ stored, onRead, ...field }: ReadingFieldProps) {
  const [typed, setTyped] = useState(stored)
  const told = useRef(stored)
  const [refused, setRefused] = useState(false)
  useEffect(() => {
    told.current = stored
    setTyped(stored)
    setRefused(false)
  }, [stored])
  const done = () => {
    if (typed === told.current) return
    const before = told.current
    told.current = typed
    // Refused, it stays in the field, which says so, and the next try is told again.
    const taken = onRead(typed)
    if (!taken) told.current = before
    setRefused(!taken)
  }
  const type = (next: string) => {
    setTyped(next)
    setRefused(false)
  }
  return (
    <NumberField
      {...field}
      typed={typed}
      onType={type}
      onDone={done}
      refused={refused ? 'Not taken as a reading. Type what the meter shows, the figure alone: 0.2' : null}
    />
  )
}

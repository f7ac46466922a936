'use client'

import { useEffect, useRef, useState } from 'react'
import type { Quantity } from '@/core/units'
import { NumberField } from './NumberField'

interface ReadingFieldProps {
  label: string
  /** The reading as it is stored; empty where there is none. */
  stored: string
  quantity: Quantity
  disabled?: boolean
  testId?: string
  hint?: string
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
  useEffect(() => {
    told.current = stored
    setTyped(stored)
  }, [stored])
  const done = () => {
    if (typed === told.current) return
    const before = told.current
    told.current = typed
    // Refused, it stays in the field, and the next try is told again.
    if (!onRead(typed)) told.current = before
  }
  return <NumberField {...field} typed={typed} onType={setTyped} onDone={done} />
}

'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { inField, keysOn } from '../shell/keys'
import { useJob } from './JobProvider'
import { stages } from './stages'

/**
 * Keys of a job page: 1–8 stage, N next test, R first reading, T tick the current line, P its photo, Z and Shift Z undo and redo.
 * Caps lock changes none of them.
 */
export function JobKeys() {
  const router = useRouter()
  const { snapshot, history } = useJob()
  const jobId = snapshot.job.id
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!keysOn() || inField(event) || event.ctrlKey || event.metaKey || event.altKey) return
      const key = event.key.toLowerCase()
      const stage = stages[Number(key) - 1]
      if (stage) router.push(`/jobs/${jobId}/${stage.id}`)
      else if (key === 'n') press('[data-key="n"]') || router.push(`/jobs/${jobId}/measure`)
      else if (key === 'r') focusFirst() || router.push(`/jobs/${jobId}/measure`)
      else if (key === 'e') press('[data-key="e"]')
      else if (key === 't') tick(event)
      else if (key === 'p') press('[data-key="p"]')
      else if (key === 'z') history(event.shiftKey ? 'redo' : 'undo')
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [router, jobId, history])
  return null
}

/** A row is ticked by one press: a key that is held repeats nothing, and the next row takes none right behind it. */
const BETWEEN_TICKS_MS = 700
let lastTick = Number.NEGATIVE_INFINITY

function tick(event: KeyboardEvent): void {
  if (event.repeat || event.timeStamp - lastTick < BETWEEN_TICKS_MS) return
  lastTick = event.timeStamp
  press('[data-key="t"]')
}

function press(selector: string): boolean {
  const target = document.querySelector<HTMLElement>(selector)
  // What a press would assert is only brought under the hand: Enter says it.
  if (target?.dataset.asserts === undefined) target?.click()
  else target.focus()
  return target !== null
}

function focusFirst(): boolean {
  const fields = [...document.querySelectorAll<HTMLInputElement>('main input[data-number]:not(:disabled)')]
  const field = fields.find((each) => each.value === '') ?? fields[0]
  field?.focus()
  return field !== undefined
}

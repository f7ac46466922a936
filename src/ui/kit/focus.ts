'use client'

import { createContext, useContext } from 'react'
import type { StageFocus, StagePart } from '@/core/job/phone/stageFocus'

/** What a stage shows on a phone; null outside of a job. */
export const FocusContext = createContext<StageFocus | null>(null)

/** The class of a part of a stage: a phone leaves out what is not next. */
export function usePartClass(part: StagePart | undefined): string {
  const focus = useContext(FocusContext)
  return focus && part !== 'always' && !(part && focus.parts.includes(part)) ? 'not-next' : ''
}

/** Gives the class of a row by its id, and of one whose list knows that it comes now. */
export function useRowClass(): (id: string, ahead?: boolean) => string {
  const focus = useContext(FocusContext)
  return (id, ahead) =>
    focus && (ahead === false || (ahead === undefined && focus.rows.length > 0 && !focus.rows.includes(id)))
      ? 'not-next'
      : ''
}

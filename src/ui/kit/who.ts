import { newId } from '@/core/job'

const WHO = 'rest-cog/who'
const WINDOW = 'rest-cog/window'

/** Who works at this device, as they typed it; empty where nobody said. */
export const whoIsHere = (): string => localStorage.getItem(WHO) ?? ''

export const sayWho = (name: string): void => localStorage.setItem(WHO, name.trim().slice(0, 80))

/** The id of this window; another tab, and this one after it was closed, has another. */
export function windowId(): string {
  const known = sessionStorage.getItem(WINDOW)
  if (known) return known
  const id = newId(Date.now(), Math.random)
  sessionStorage.setItem(WINDOW, id)
  return id
}

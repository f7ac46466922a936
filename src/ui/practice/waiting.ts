import type { ErrorShape } from '@/core/errors'
import { notify } from '../kit/notify'
import type { Waiting } from './unsent'

const PREFIX = 'rest-cog/practice/'
const keyOf = (id: string) => `${PREFIX}${id}`

export function waitingOf(id: string): Waiting[] {
  const text = sessionStorage.getItem(keyOf(id))
  return text ? (JSON.parse(text) as Waiting[]) : []
}

export function setWaiting(id: string, list: Waiting[]): void {
  if (list.length === 0) sessionStorage.removeItem(keyOf(id))
  else sessionStorage.setItem(keyOf(id), JSON.stringify(list))
}

/**
 * Send what this tab holds of a round, the oldest first, each once the one before it is stored. What cannot be kept now stays
 * for the next time, with all behind it; where the server refuses one, the rest was done on top of it and goes too. Told both
 * times, so that nobody finds a shorter round later.
 */
export async function sendRound(id: string): Promise<void> {
  for (let next = waitingOf(id)[0]; next; next = waitingOf(id)[0]) {
    const { nth, act } = next
    const response = await fetch(`/api/practice/${id}`, {
      method: 'POST',
      keepalive: true,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ nth, act }),
    }).catch(() => null)
    if (!response) {
      notify('The server cannot be reached: what you do in this round waits in this tab.')
      return
    }
    const { error } = (await response.json()) as { error?: ErrorShape }
    if (error) notify(error.message)
    if (response.status >= 500) return
    setWaiting(id, error ? [] : waitingOf(id).filter((each) => each.nth !== nth))
  }
}

/** Send whatever rounds of this tab still hold; true where there was something. */
export async function sendWaiting(): Promise<boolean> {
  const ids = Object.keys(sessionStorage).flatMap((key) =>
    key.startsWith(PREFIX) ? [key.slice(PREFIX.length)] : [],
  )
  for (const id of ids) await sendRound(id)
  return ids.length > 0
}

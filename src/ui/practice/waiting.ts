import type { ErrorShape } from '@/core/errors'
import type { Act } from '@/core/plant'
import { notify } from '../kit/notify'

/** An act that the server has not answered for. */
export interface Waiting {
  nth: number
  act: Act
}
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

/** Keep one act; told where it could not be kept, so that nobody finds a shorter round later. */
export async function stow(id: string, { nth, act }: Waiting): Promise<void> {
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
  setWaiting(
    id,
    waitingOf(id).filter((each) => each.nth !== nth),
  )
  const answer = (await response.json()) as { error?: ErrorShape }
  if (answer.error) notify(answer.error.message)
}

/** Send whatever rounds of this tab still hold; true where there was something. */
export async function sendWaiting(): Promise<boolean> {
  const ids = Object.keys(sessionStorage).flatMap((key) =>
    key.startsWith(PREFIX) ? [key.slice(PREFIX.length)] : [],
  )
  for (const id of ids) for (const each of waitingOf(id)) await stow(id, each)
  return ids.length > 0
}

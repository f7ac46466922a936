import type { ErrorShape } from '@/core/errors'

/** Ask the server to change something; answers what it says, or throws its sentence. */
export async function send<T>(address: string, method: string, body?: object): Promise<T> {
  const response = await fetch(address, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body ?? {}),
  }).catch(() => null)
  if (!response) throw new Error('The server cannot be reached. Nothing was changed; try again.')
  const answer = (await response.json()) as T & { error?: ErrorShape }
  if (answer.error) throw new Error(answer.error.message)
  return answer
}

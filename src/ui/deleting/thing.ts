/** Ask the server something of a job or a machine that is deleted or brought back. */
export async function askThing<Answer>(method: string, kind: 'job' | 'machine', id: string): Promise<Answer> {
  const address = '/api/deleted'
  const response = await (method === 'GET'
    ? fetch(`${address}?kind=${kind}&id=${encodeURIComponent(id)}`)
    : fetch(address, {
        method,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ kind, id }),
      })
  ).catch(() => null)
  const body: unknown = await response?.json().catch(() => null)
  if (response?.ok) return body as Answer
  const message = (body as { error?: { message?: string } } | null)?.error?.message
  throw new Error(message ?? 'The server cannot be reached, so nothing was changed. Try again when it can.')
}

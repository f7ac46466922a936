import type { ArchiveReport, Taking } from '@/server/archive'

/** Well under what the server takes at once. */
const PIECE = 4_000_000

/**
 * Send an archive piece by piece, then have it brought in.
 *
 * @param onShare how much of it is sent, 0 to 1
 * @throws Error with the sentence of the server, or of a connection that is lost; nothing was brought in then
 */
export async function sendArchive(
  file: File,
  signal: AbortSignal,
  onShare: (share: number) => void,
  taking: Taking,
): Promise<ArchiveReport> {
  const id = await sendPieces(file, signal, onShare)
  return asked<ArchiveReport>(`/api/archive/${id}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(taking),
    signal,
  })
}

/**
 * Send a file piece by piece.
 *
 * @returns the id of the upload, under which the whole of it lies at the server
 * @throws Error with a sentence; what was sent is removed then
 */
export async function sendPieces(
  file: File,
  signal: AbortSignal,
  onShare: (share: number) => void,
): Promise<string> {
  const { id } = await asked<{ id: string }>('/api/archive', { method: 'POST', signal })
  const address = `/api/archive/${id}`
  try {
    for (let at = 0; at < file.size; at += PIECE) {
      await asked(`${address}?at=${at}`, { method: 'PUT', body: file.slice(at, at + PIECE), signal })
      onShare(Math.min(1, (at + PIECE) / file.size))
    }
    return id
  } catch (error) {
    void fetch(address, { method: 'DELETE' }).catch(() => {})
    throw error
  }
}

async function asked<Answer>(address: string, init: RequestInit): Promise<Answer> {
  const response = await fetch(address, init).catch((error: unknown) => {
    if (error instanceof DOMException && error.name === 'AbortError')
      throw new Error('Nothing was brought in.')
    throw new Error('The server cannot be reached, so nothing was brought in. Try again when it can.')
  })
  const body: unknown = await response.json().catch(() => null)
  if (response.ok) return body as Answer
  const message = (body as { error?: { message?: string } } | null)?.error?.message
  throw new Error(message ?? 'The archive could not be brought in. Nothing was changed.')
}

/**
 * Ask the server, with its sentence where it refuses.
 *
 * @throws Error with a sentence
 */
export async function asked<Answer>(address: string, method = 'GET', body?: object): Promise<Answer> {
  const response = await fetch(address, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  }).catch(() => null)
  const answer: unknown = await response?.json().catch(() => null)
  if (response?.ok) return answer as Answer
  const message = (answer as { error?: { message?: string } } | null)?.error?.message
  throw new Error(message ?? 'The server cannot be reached, so nothing was changed. Try again when it can.')
}

/** Bytes as a person reads them. @example sizeText(1_500_000) // '1.5 MB' */
export function sizeText(bytes: number): string {
  const units = ['bytes', 'kB', 'MB', 'GB', 'TB']
  const step = bytes < 1000 ? 0 : Math.min(units.length - 1, Math.floor(Math.log10(bytes) / 3))
  const value = bytes / 1000 ** step
  return `${step === 0 || value >= 100 ? Math.round(value) : Number(value.toPrecision(2))} ${units[step]}`
}

import { KEPT_ATTRIBUTE } from '@/workers/offline/kept'

/** Since when what this page shows is kept: it was opened without the server. Null for a page of the present. */
export function keptSince(): number | null {
  const since = Date.parse(document.documentElement.getAttribute(KEPT_ATTRIBUTE) ?? '')
  return Number.isNaN(since) ? null : since
}

/** The server has answered, and the page shows what stands now. */
export const endKept = (): void => document.documentElement.removeAttribute(KEPT_ATTRIBUTE)

const STORED = 'rest-cog-stored'

/** Something of a job was stored: what is kept of it on this device is older now. */
export const tellStored = (jobId: string): void => {
  window.dispatchEvent(new CustomEvent(STORED, { detail: jobId }))
}

/** @returns stops listening */
export function onStoredJob(told: (jobId: string) => void): () => void {
  const hear = (event: Event) => {
    if (event instanceof CustomEvent && typeof event.detail === 'string') told(event.detail)
  }
  window.addEventListener(STORED, hear)
  return () => window.removeEventListener(STORED, hear)
}

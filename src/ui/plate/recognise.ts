import type { PlateKind } from '@/core/plate'
import type { FromRecogniser, ToRecogniser } from '@/workers/recognise.worker'

/** What the worker read of a photo. */
export type Recognition = Extract<FromRecogniser, { kind: 'read' }>

export interface Progress {
  step: string
  share: number
}

/** A worker that has its networks open reads the next photo at once; unused, it goes after a while. */
const IDLE_MS = 120_000
let open: Worker | null = null
let idle: ReturnType<typeof setTimeout> | undefined

/** Begin to load the reader while the person is still taking the photo. */
export function warmUp(): void {
  worker().postMessage(null)
  restSoon()
}

function worker(): Worker {
  clearTimeout(idle)
  open ??= new Worker(new URL('../../workers/recognise.worker.ts', import.meta.url), { type: 'module' })
  return open
}

function end(): void {
  clearTimeout(idle)
  open?.terminate()
  open = null
}

function restSoon(): void {
  clearTimeout(idle)
  idle = setTimeout(end, IDLE_MS)
}

/**
 * Read a plate from a photo in a worker, with networks that ship with the application.
 * @throws DOMException AbortError when cancelled; Error with a sentence where the file is no picture
 */
export async function recognisePlate(
  photo: Blob,
  kind: PlateKind,
  onProgress: (progress: Progress) => void,
  signal: AbortSignal,
): Promise<Recognition> {
  signal.throwIfAborted()
  const reader = worker()
  try {
    const read = await new Promise<Recognition>((resolve, reject) => {
      signal.addEventListener('abort', () => reject(signal.reason))
      reader.onerror = () =>
        reject(new Error('The picture could not be read. Try a smaller one, or type the plate.'))
      reader.onmessage = ({ data }: MessageEvent<FromRecogniser>) => {
        if (data.kind === 'progress') onProgress(data)
        else if (data.kind === 'error') reject(new Error(data.message))
        else resolve(data)
      }
      const request: ToRecogniser = { photo, kind }
      reader.postMessage(request)
    })
    restSoon()
    return read
  } catch (error) {
    // What is half read cannot be stopped otherwise.
    end()
    throw error
  }
}

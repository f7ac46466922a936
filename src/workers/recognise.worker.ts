import { fromRgba, type Networks, type Picture, readPicture } from '@/core/ocr'
import { readingSize } from '@/core/ocr/frame'
import type { PlateKind } from '@/core/plate'
import { type ProposedField, readPlateWords } from '@/core/plate/words'
import { openNetworks } from './networks'

export type FromRecogniser =
  | { kind: 'progress'; step: string; share: number }
  | {
      kind: 'read'
      proposed: ProposedField[]
      unread: string[]
      picture: Blob
      width: number
      height: number
    }
  | { kind: 'error'; message: string }

/** A photo of a plate of this kind. */
export interface ToRecogniser {
  photo: Blob
  kind: PlateKind
}

const say = (message: FromRecogniser) => self.postMessage(message)

/** Share of the work that goes into loading, finding and reading. */
const LOADED = 0.35

let networks: Promise<Networks> | null = null

const opened = (): Promise<Networks> => {
  networks ??= openNetworks((share) =>
    say({ kind: 'progress', step: 'The reader of pictures is loading', share: LOADED * share }),
  ).catch((error: unknown) => {
    // Asked again, it is tried again.
    networks = null
    throw error
  })
  return networks
}

/** Reads a photo of a plate off the page's thread, or only loads what reads it; the worker is ended to cancel it. */
self.onmessage = async ({ data }: MessageEvent<ToRecogniser | null>) => {
  try {
    if (data === null) {
      await opened().catch(() => {})
      return
    }
    const photo = await pixelsOf(data.photo)
    say({ kind: 'progress', step: 'The reader of pictures is loading', share: 0.02 })
    const { words, picture } = await readPicture(photo, await opened(), {
      onProgress: (step, share) =>
        say({
          kind: 'progress',
          step: step === 'finding' ? 'The print is being looked for' : 'The print is being read',
          share: LOADED + (1 - LOADED) * share,
        }),
    })
    const { proposed, result } = readPlateWords(words, data.kind)
    const { width, height } = picture
    say({ kind: 'read', proposed, unread: result.unread, picture: await blobOf(picture), width, height })
  } catch (error) {
    say({ kind: 'error', message: error instanceof Error ? error.message : 'The picture could not be read.' })
  }
}

async function pixelsOf(photo: Blob): Promise<Picture> {
  const bitmap = await createImageBitmap(photo).catch(() => {
    throw new Error('This file is not a picture that can be read. Choose a JPEG, PNG or WebP file.')
  })
  const { width, height } = readingSize(bitmap.width, bitmap.height)
  const context = contextOf(new OffscreenCanvas(width, height))
  context.drawImage(bitmap, 0, 0, width, height)
  return fromRgba(context.getImageData(0, 0, width, height).data, width, height)
}

async function blobOf({ width, height, data }: Picture): Promise<Blob> {
  const canvas = new OffscreenCanvas(width, height)
  const pixels = new Uint8ClampedArray(width * height * 4).fill(255)
  for (let i = 0, j = 0; j < data.length; i += 4, j += 3) {
    pixels[i] = data[j] ?? 0
    pixels[i + 1] = data[j + 1] ?? 0
    pixels[i + 2] = data[j + 2] ?? 0
  }
  contextOf(canvas).putImageData(new ImageData(pixels, width, height), 0, 0)
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 })
}

function contextOf(canvas: OffscreenCanvas): OffscreenCanvasRenderingContext2D {
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser gives no canvas to draw on. Type the plate.')
  return context
}

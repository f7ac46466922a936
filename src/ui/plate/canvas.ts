import { type Frame, framedPixels, readingSize } from '@/core/ocr/frame'

const QUALITY = 0.92

/** A photo turned by quarters, drawn small enough to read. */
export function turnedPhoto(bitmap: ImageBitmap, quarterTurns: number): HTMLCanvasElement {
  const { width: w, height: h } = readingSize(bitmap.width, bitmap.height)
  const lies = quarterTurns % 2 === 1
  const canvas = canvasOf(lies ? h : w, lies ? w : h)
  const context = contextOf(canvas)
  context.translate(canvas.width / 2, canvas.height / 2)
  context.rotate((quarterTurns * Math.PI) / 2)
  context.drawImage(bitmap, -w / 2, -h / 2, w, h)
  return canvas
}

/** What lies inside a frame, as a picture of its own. */
export function cutPhoto(from: HTMLCanvasElement, frame: Frame): Promise<Blob> {
  const { x, y, width, height } = framedPixels(frame, from.width, from.height)
  const canvas = canvasOf(width, height)
  contextOf(canvas).drawImage(from, x, y, width, height, 0, 0, width, height)
  return blobOf(canvas)
}

export function blobOf(canvas: HTMLCanvasElement): Promise<Blob> {
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be drawn. Type the plate.'))),
      'image/jpeg',
      QUALITY,
    ),
  )
}

function canvasOf(width: number, height: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  return canvas
}

function contextOf(canvas: HTMLCanvasElement): CanvasRenderingContext2D {
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser gives no canvas to draw on. Type the plate.')
  return context
}

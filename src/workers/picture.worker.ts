import { preparePlate, toGrey } from '@/core/image'

/** Turns a photo into a readable picture off the page's thread. */
self.onmessage = async (event: MessageEvent<{ photo: Blob; quarterTurns: number }>) => {
  try {
    const bitmap = await createImageBitmap(event.data.photo)
    // A phone's photo is far larger than print needs.
    const scale = Math.min(1, 2400 / Math.max(bitmap.width, bitmap.height))
    const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)]
    const canvas = new OffscreenCanvas(width, height)
    const context = canvas.getContext('2d')!
    context.drawImage(bitmap, 0, 0, width, height)
    const { picture } = preparePlate(
      toGrey(context.getImageData(0, 0, width, height).data, width, height),
      event.data.quarterTurns,
    )
    const out = new OffscreenCanvas(picture.width, picture.height)
    const pixels = new Uint8ClampedArray(picture.width * picture.height * 4)
    for (let i = 0; i < picture.data.length; i++) {
      pixels[4 * i] = pixels[4 * i + 1] = pixels[4 * i + 2] = picture.data[i]!
      pixels[4 * i + 3] = 255
    }
    out.getContext('2d')!.putImageData(new ImageData(pixels, picture.width, picture.height), 0, 0)
    self.postMessage({
      picture: await out.convertToBlob({ type: 'image/png' }),
      width: picture.width,
      height: picture.height,
    })
  } catch {
    self.postMessage({
      error: 'This file is not a picture that can be read. Choose a JPEG, PNG or WebP file.',
    })
  }
}

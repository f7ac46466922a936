/** Enough to read a terminal's label, and a tenth of what a phone's camera makes. */
const LONGEST_SIDE = 1600

/**
 * A photo made small on the device, upright, and without where it was taken: it is drawn anew, so nothing of its file is kept.
 *
 * @throws Error with a sentence where it is no picture
 */
export async function shrink(photo: Blob): Promise<Blob> {
  const picture = await createImageBitmap(photo, { imageOrientation: 'from-image' }).catch(() => null)
  if (!picture) throw new Error('This file is not a picture that this browser can read.')
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('This picture could not be made smaller.'))),
      'image/jpeg',
      0.86,
    ),
  )
}

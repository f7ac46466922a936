import { readFileSync, statSync } from 'node:fs'
import { CoreError } from '../src/core/errors'
import { OneOf, Text } from '../src/core/input'
import { type Networks, type Picture, readPicture } from '../src/core/ocr'
import { PHOTO_SIDE } from '../src/core/ocr/frame'
import type { PlateKind } from '../src/core/plate'
import { readPlateWords } from '../src/core/plate/words'
import { type Tool, tool } from '../src/core/tools/types'
import { givenPath } from './givenPath'

class PlatePhotoDto {
  @Text({ max: 4000 }) file!: string
  @OneOf(['motor', 'capacitor', 'appliance'], { optional: true }) kind?: PlateKind
}

const MOST_BYTES = 60_000_000
const MOST_PIXELS = 120_000_000

let networks: Promise<Networks> | null = null

/** `cog plate-photo`: the plate tool from a picture file. No route offers it: it opens files by their names. */
export const platePhoto: Tool = tool({
  name: 'plate-photo',
  about: 'Reads a data plate from a picture file: PNG, JPEG or WebP.',
  inputs: [{ type: PlatePhotoDto, example: { file: 'plate.jpg', kind: 'motor' } }],
  run: async ({ file, kind }: PlatePhotoDto) => {
    const photo = await pixelsOf(file)
    // Opened once, and only where a picture is read.
    networks ??= import('./networks').then(({ openNetworks }) => openNetworks())
    const open = await networks
    const started = performance.now()
    const { words, turnedDegrees } = await readPicture(photo, open)
    const { result, proposed, text } = readPlateWords(words, kind)
    return {
      ...result,
      // As the screen trusts them: how surely the letters were told counts as well.
      fields: Object.fromEntries(
        proposed.map(({ key, field, confidence }) => [key, { ...field, confidence }]),
      ),
      text,
      words: words.map(({ text: word, confidence, box: { x0, y0, x1, y1 } }) => ({
        text: word,
        confidence,
        box: [
          [x0, y0],
          [x1, y0],
          [x1, y1],
          [x0, y1],
        ],
      })),
      turnedDegrees,
      milliseconds: Math.round(performance.now() - started),
    }
  },
})

async function pixelsOf(file: string): Promise<Picture> {
  const path = givenPath(file)
  let bytes: Buffer
  try {
    if (statSync(path).size > MOST_BYTES) throw tooLarge()
    bytes = readFileSync(path)
  } catch (error) {
    if (error instanceof CoreError) throw error
    throw new CoreError('no-picture', `There is no picture ${file} that can be opened.`, 'file')
  }
  const { default: sharp } = await import('sharp')
  const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
  const {
    width = 0,
    height = 0,
    format,
  } = await picture.metadata().catch((error: Error) => {
    throw /pixel limit/i.test(error.message) ? tooLarge() : noPicture(file)
  })
  if (!['png', 'jpeg', 'webp'].includes(format ?? '')) throw noPicture(file)
  if (width * height > MOST_PIXELS) throw tooLarge()
  const { data, info } = await picture
    .rotate()
    .resize({ width: PHOTO_SIDE, height: PHOTO_SIDE, fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .toColourspace('srgb')
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true })
    .catch(() => {
      throw noPicture(file)
    })
  return {
    width: info.width,
    height: info.height,
    data: info.channels === 3 ? data : threeOf(data, info.channels),
  }
}

/** Grey pictures come with one channel. */
function threeOf(data: Buffer, channels: number): Uint8Array {
  const out = new Uint8Array((data.length / channels) * 3)
  for (let i = 0, j = 0; i < data.length; i += channels, j += 3) out.fill(data[i] ?? 0, j, j + 3)
  return out
}

const noPicture = (file: string) =>
  new CoreError(
    'no-picture',
    `${file} is no picture that can be read. Name a PNG, JPEG or WebP file.`,
    'file',
  )
const tooLarge = () =>
  new CoreError(
    'too-large',
    'This picture is too large. Make it smaller than 60 MB and 120 million pixels.',
    'file',
  )

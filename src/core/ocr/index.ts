import type { RecognisedWord } from '../plate/recognised'
import { boxesOf, type TextBox } from './boxes'
import { heightOf, type ReadPiece, wordsOfPieces } from './layout'
import { alphabetOf, type Letter, lettersOf } from './letters'
import { cropped, type Picture, type Quad, resized, straightened, turned } from './picture'

export { fromRgba, type Picture } from './picture'

/** Numbers in the order that a network takes or gives them. */
export interface Tensor {
  data: Float32Array
  dims: number[]
}

/** The two networks: one finds text in a picture, the other reads one piece of it. */
export interface Networks {
  find: (input: Tensor) => Promise<Tensor>
  read: (input: Tensor) => Promise<Tensor>
  /** The characters that the reading network tells apart, in its order. */
  keys: string[]
}

export interface PictureRead {
  words: RecognisedWord[]
  /** Quarter turns clockwise that made it upright, in degrees. */
  turnedDegrees: number
  /** The picture as it was read: turned, and cut to the plate where that filled little of it. */
  picture: Picture
}

export interface ReadOptions {
  onProgress?: (step: 'finding' | 'reading', share: number) => void
  /** Throws where the person has cancelled. */
  check?: () => void
}

/** The longer side at which text is found; a plate that fills less is cut out and looked at again. */
const FIND_SIDE = 960
const SMALL_SHARE = 0.45
const LINE_HEIGHT = 48
/** Print on its head is read with less certainty than this. */
const READ_WELL = 0.88

/**
 * Read a picture of a plate: text is found, the picture is turned upright, a small plate is cut out, and each piece is read.
 *
 * @returns words with their places in `picture`, lines numbered from the top
 */
export async function readPicture(
  photo: Picture,
  networks: Networks,
  options: ReadOptions = {},
): Promise<PictureRead> {
  const alphabet = alphabetOf(networks.keys)
  const look: Look = async (picture) => {
    options.check?.()
    return findText(picture, networks)
  }
  const read: Read = async (from, quads, offset, span) => {
    const pieces: ReadPiece[] = []
    for (const [at, quad] of quads.entries()) {
      options.check?.()
      pieces.push({ quad, letters: await readPiece(from, quad, networks, alphabet) })
      options.onProgress?.('reading', offset + (span * (at + 1)) / quads.length)
    }
    return pieces
  }
  options.onProgress?.('finding', 0.1)
  const found = await framed(photo, look)
  options.onProgress?.('reading', 0.3)
  const { picture, boxes, turns, known } = await onItsFeet(found, look, read)
  const left = boxes.filter(({ quad }) => known.every((piece) => piece.quad !== quad))
  const rest = await read(
    picture,
    left.map(({ quad }) => quad),
    0.4,
    0.6,
  )
  const pieces = [...known, ...rest].filter(({ letters }) => letters.length > 0)
  return { words: wordsOfPieces(pieces), turnedDegrees: (turns % 4) * 90, picture }
}

type Look = (picture: Picture) => Promise<TextBox[]>
type Read = (from: Picture, quads: Quad[], offset: number, span: number) => Promise<ReadPiece[]>

interface Framed {
  picture: Picture
  boxes: TextBox[]
  /** Quarter turns clockwise so far. */
  turns: number
}

/** The plate cut out where it is a small part, and laid so that its lines run from side to side. */
async function framed(photo: Picture, look: Look): Promise<Framed> {
  let picture = photo
  let boxes = await look(picture)
  const cut = plateIn(picture, boxes)
  if (cut) {
    picture = cropped(picture, ...cut)
    boxes = await look(picture)
  }
  if (!standsOnSide(boxes)) return { picture, boxes, turns: 0 }
  picture = turned(picture, 1)
  return { picture, boxes: await look(picture), turns: 1 }
}

/** The longest pieces tell whether it stands on its head: what is read well does not. Answers what it has read already. */
async function onItsFeet(found: Framed, look: Look, read: Read): Promise<Framed & { known: ReadPiece[] }> {
  const longest = [...found.boxes]
    .sort((a, b) => lengthOf(b.quad) - lengthOf(a.quad))
    .slice(0, 3)
    .map(({ quad }) => quad)
  const known = await read(found.picture, longest, 0.3, 0.05)
  if (certainty(known) >= READ_WELL) return { ...found, known }
  const onHead = await read(
    found.picture,
    longest.map(([a, b, c, d]): Quad => [c, d, a, b]),
    0.35,
    0.05,
  )
  if (certainty(onHead) <= certainty(known) + 0.04) return { ...found, known }
  const picture = turned(found.picture, 2)
  return { picture, boxes: await look(picture), turns: found.turns + 2, known: [] }
}

const lengthOf = ([a, b]: Quad) => Math.hypot(b.x - a.x, b.y - a.y)

function certainty(pieces: ReadPiece[]): number {
  const letters = pieces.flatMap((piece) => piece.letters)
  return letters.length === 0
    ? 0
    : letters.reduce((sum, { confidence }) => sum + confidence, 0) / letters.length
}

/** Colours as the networks were taught: blue first, by mean and deviation of each. */
function tensorOf(
  { width, height, data }: Picture,
  mean: number[],
  deviation: number[],
  padTo = width,
): Tensor {
  const out = new Float32Array(3 * height * padTo)
  for (let c = 0; c < 3; c++)
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        out[(c * height + y) * padTo + x] =
          (data[3 * (y * width + x) + (2 - c)]! / 255 - mean[c]!) / deviation[c]!
  return { data: out, dims: [1, 3, height, padTo] }
}

async function findText(picture: Picture, networks: Networks): Promise<TextBox[]> {
  const factor = FIND_SIDE / Math.max(picture.width, picture.height)
  const side = (length: number) => Math.max(32, Math.round((length * Math.min(factor, 2)) / 32) * 32)
  const [width, height] = [side(picture.width), side(picture.height)]
  const map = await networks.find(
    tensorOf(resized(picture, width, height), [0.485, 0.456, 0.406], [0.229, 0.224, 0.225]),
  )
  const [fx, fy] = [picture.width / width, picture.height / height]
  return boxesOf({ width, height, data: map.data }).map(({ quad, score }) => ({
    score,
    quad: quad.map(({ x, y }) => ({ x: x * fx, y: y * fy })) as Quad,
  }))
}

/** Most of the text runs up or down. */
function standsOnSide(boxes: TextBox[]): boolean {
  const long = boxes.filter(({ quad }) => lengthOf(quad) > 1.6 * heightOf(quad))
  const steep = long.filter(({ quad: [a, b] }) => Math.abs(b.y - a.y) > Math.abs(b.x - a.x))
  const sum = (list: TextBox[]) => list.reduce((all, { quad }) => all + lengthOf(quad), 0)
  return sum(steep) > 0.5 * sum(long) && steep.length > 0
}

/** The part that the text fills, where it is a small part of the picture. */
function plateIn(picture: Picture, boxes: TextBox[]): [number, number, number, number] | null {
  if (boxes.length === 0) return null
  const group = largestCluster(boxes)
  const points = group.flatMap(({ quad }) => quad)
  const [x0, x1] = [Math.min(...points.map(({ x }) => x)), Math.max(...points.map(({ x }) => x))]
  const [y0, y1] = [Math.min(...points.map(({ y }) => y)), Math.max(...points.map(({ y }) => y))]
  const share = ((x1 - x0) * (y1 - y0)) / (picture.width * picture.height)
  if (share > SMALL_SHARE) return null
  const margin = 0.06 * Math.max(x1 - x0, y1 - y0)
  return [x0 - margin, y0 - margin, x1 + margin, y1 + margin]
}

/** Pieces that stand together: nearer to each other than three of their heights. */
function largestCluster(boxes: TextBox[]): TextBox[] {
  const left = new Set(boxes)
  let best: TextBox[] = []
  for (const first of boxes) {
    if (!left.delete(first)) continue
    const group = [first]
    for (let i = 0; i < group.length; i++)
      for (const other of left)
        if (
          apart(group[i]!.quad, other.quad) <
          3 * Math.max(heightOf(group[i]!.quad), heightOf(other.quad))
        ) {
          left.delete(other)
          group.push(other)
        }
    const sum = (list: TextBox[]) => list.reduce((all, { quad }) => all + lengthOf(quad), 0)
    if (sum(group) > sum(best)) best = group
  }
  return best
}

function apart(a: Quad, b: Quad): number {
  const span = (quad: Quad, key: 'x' | 'y') =>
    [Math.min(...quad.map((p) => p[key])), Math.max(...quad.map((p) => p[key]))] as const
  const gap = (key: 'x' | 'y') => {
    const [[a0, a1], [b0, b1]] = [span(a, key), span(b, key)]
    return Math.max(0, b0 - a1, a0 - b1)
  }
  return Math.hypot(gap('x'), gap('y'))
}

async function readPiece(
  picture: Picture,
  quad: Quad,
  networks: Networks,
  alphabet: { char: string; index: number }[],
): Promise<Letter[]> {
  const piece = straightened(picture, quad, LINE_HEIGHT, 2400)
  // The network was taught with pieces of at least this width, filled up behind.
  const padTo = Math.max(320, Math.ceil(piece.width / 8) * 8)
  const { data, dims } = await networks.read(tensorOf(piece, [0.5, 0.5, 0.5], [0.5, 0.5, 0.5], padTo))
  const [, steps, classes] = dims as [number, number, number]
  const filled = piece.width / padTo
  return lettersOf({ steps, classes, data }, alphabet)
    .filter(({ at }) => at <= filled + 0.02)
    .map((letter) => ({ ...letter, at: Math.min(1, letter.at / filled) }))
}

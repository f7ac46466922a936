/** A colour picture: three bytes a pixel (red, green, blue), rows from the top. */
export interface Picture {
  width: number
  height: number
  data: Uint8Array | Uint8ClampedArray
}

export interface Point {
  x: number
  y: number
}

/** Four corners of a piece of text: from its beginning on top, clockwise. */
export type Quad = [Point, Point, Point, Point]

/** Pixels of a canvas, without their transparency. */
export function fromRgba(rgba: Uint8ClampedArray, width: number, height: number): Picture {
  const data = new Uint8Array(width * height * 3)
  for (let i = 0, j = 0; j < data.length; i += 4, j += 3) {
    data[j] = rgba[i]!
    data[j + 1] = rgba[i + 1]!
    data[j + 2] = rgba[i + 2]!
  }
  return { width, height, data }
}

/** A quarter turn clockwise, so many times. */
export function turned(picture: Picture, quarterTurns: number): Picture {
  let from = picture
  for (let turn = 0; turn < quarterTurns; turn++) {
    const { width, height, data } = from
    const out = new Uint8Array(data.length)
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const [a, b] = [3 * (y * width + x), 3 * (x * height + (height - 1 - y))]
        out[b] = data[a]!
        out[b + 1] = data[a + 1]!
        out[b + 2] = data[a + 2]!
      }
    from = { width: height, height: width, data: out }
  }
  return from
}

/** A part of a picture; what lies outside is left off. */
export function cropped(
  { width, height, data }: Picture,
  x0: number,
  y0: number,
  x1: number,
  y1: number,
): Picture {
  const [left, top] = [Math.max(0, Math.floor(x0)), Math.max(0, Math.floor(y0))]
  const [w, h] = [Math.min(width, Math.ceil(x1)) - left, Math.min(height, Math.ceil(y1)) - top]
  const out = new Uint8Array(w * h * 3)
  for (let y = 0; y < h; y++) {
    const start = 3 * ((top + y) * width + left)
    out.set(data.subarray(start, start + 3 * w), 3 * y * w)
  }
  return { width: w, height: h, data: out }
}

/** Another size: the mean of what a pixel covers where it shrinks, else between the nearest four. */
export function resized(picture: Picture, width: number, height: number): Picture {
  const out = new Uint8Array(width * height * 3)
  const [fx, fy] = [picture.width / width, picture.height / height]
  const taps = (factor: number) => Math.max(1, Math.min(4, Math.round(factor)))
  const [tx, ty] = [taps(fx), taps(fy)]
  const sum = new Float32Array(3)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      sum.fill(0)
      for (let j = 0; j < ty; j++)
        for (let i = 0; i < tx; i++)
          addSample(picture, (x + (i + 0.5) / tx) * fx - 0.5, (y + (j + 0.5) / ty) * fy - 0.5, sum)
      const at = 3 * (y * width + x)
      for (let c = 0; c < 3; c++) out[at + c] = sum[c]! / (tx * ty)
    }
  return { width, height, data: out }
}

/** Adds the colour between pixels; beyond the edge the edge goes on. */
function addSample({ width, height, data }: Picture, x: number, y: number, sum: Float32Array): void {
  const cx = x < 0 ? 0 : Math.min(x, width - 1)
  const cy = y < 0 ? 0 : Math.min(y, height - 1)
  const x0 = cx | 0
  const y0 = cy | 0
  const dx = cx - x0
  const dy = cy - y0
  const a = 3 * (y0 * width + x0)
  const b = x0 + 1 < width ? a + 3 : a
  const below = y0 + 1 < height ? 3 * width : 0
  const [p, q, r, s] = [(1 - dx) * (1 - dy), dx * (1 - dy), (1 - dx) * dy, dx * dy]
  for (let c = 0; c < 3; c++)
    sum[c]! += data[a + c]! * p + data[b + c]! * q + data[a + below + c]! * r + data[b + below + c]! * s
}

/** The piece inside four corners, drawn straight at a given height. */
export function straightened(picture: Picture, [a, b, c, d]: Quad, height: number, most = 4000): Picture {
  const length = (Math.hypot(b.x - a.x, b.y - a.y) + Math.hypot(c.x - d.x, c.y - d.y)) / 2
  const rise = (Math.hypot(d.x - a.x, d.y - a.y) + Math.hypot(c.x - b.x, c.y - b.y)) / 2
  const width = Math.max(8, Math.min(most, Math.round((length * height) / Math.max(rise, 1))))
  const out = new Uint8Array(width * height * 3)
  const sum = new Float32Array(3)
  // Where the source has more pixels than the piece gets, a few are averaged.
  const taps = Math.max(1, Math.min(3, Math.round(rise / height)))
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      sum.fill(0)
      for (let j = 0; j < taps; j++)
        for (let i = 0; i < taps; i++) {
          const [u, v] = [(x + (i + 0.5) / taps) / width, (y + (j + 0.5) / taps) / height]
          const px = (1 - v) * ((1 - u) * a.x + u * b.x) + v * ((1 - u) * d.x + u * c.x)
          const py = (1 - v) * ((1 - u) * a.y + u * b.y) + v * ((1 - u) * d.y + u * c.y)
          addSample(picture, px - 0.5, py - 0.5, sum)
        }
      for (let k = 0; k < 3; k++) out[3 * (y * width + x) + k] = sum[k]! / (taps * taps)
    }
  return { width, height, data: out }
}

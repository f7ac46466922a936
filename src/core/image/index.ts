/** A grey picture: one byte a pixel, rows from the top. */
export interface Grey {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** Luma of RGBA pixels (Rec. 601). */
export function toGrey(rgba: Uint8ClampedArray, width: number, height: number): Grey {
  const data = new Uint8ClampedArray(width * height)
  for (let i = 0; i < data.length; i++)
    data[i] = 0.299 * rgba[4 * i]! + 0.587 * rgba[4 * i + 1]! + 0.114 * rgba[4 * i + 2]!
  return { width, height, data }
}

/** Recognition reads print best when lines are some 30 to 40 pixels high: about this many on the longer side. */
const WORKING_SIDE = 1500
/** Photos are turned by hand up to some five degrees. */
const MOST_SKEW = 6

export interface Prepared {
  picture: Grey
  /** Degrees it was turned back, clockwise positive. */
  turnedDegrees: number
}

/**
 * Make a photo of a plate readable: upright by quarter turns, even light, full contrast, dark print on light ground,
 * straightened.
 * @param quarterTurns clockwise, 0 to 3
 */
export function preparePlate(photo: Grey, quarterTurns = 0): Prepared {
  let picture = photo
  for (let turn = 0; turn < quarterTurns; turn++) picture = quarterTurn(picture)
  picture = resize(picture, WORKING_SIDE / Math.max(picture.width, picture.height))
  picture = evenLight(picture)
  const skew = skewOf(picture)
  if (Math.abs(skew) > 0.2) picture = rotate(picture, -skew)
  return { picture, turnedDegrees: -skew }
}

/** A quarter turn clockwise. */
export function quarterTurn({ width, height, data }: Grey): Grey {
  const out = new Uint8ClampedArray(data.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) out[x * height + (height - 1 - y)] = data[y * width + x]!
  return { width: height, height: width, data: out }
}

/** Bilinear, or the mean of the covered pixels where it shrinks. */
export function resize({ width, height, data }: Grey, factor: number): Grey {
  const [w, h] = [Math.max(1, Math.round(width * factor)), Math.max(1, Math.round(height * factor))]
  const out = new Uint8ClampedArray(w * h)
  const step = 1 / factor
  const reach = Math.max(1, Math.round(step))
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      if (reach > 1) {
        let sum = 0
        let count = 0
        const [x0, y0] = [Math.floor(x * step), Math.floor(y * step)]
        for (let dy = 0; dy < reach && y0 + dy < height; dy++) {
          for (let dx = 0; dx < reach && x0 + dx < width; dx++) {
            sum += data[(y0 + dy) * width + x0 + dx]!
            count++
          }
        }
        out[y * w + x] = sum / count
      } else out[y * w + x] = sample(data, width, height, (x + 0.5) * step - 0.5, (y + 0.5) * step - 0.5)
    }
  }
  return { width: w, height: h, data: out }
}

function sample(data: Uint8ClampedArray, width: number, height: number, x: number, y: number): number {
  const [cx, cy] = [Math.min(width - 1.001, Math.max(0, x)), Math.min(height - 1.001, Math.max(0, y))]
  const [x0, y0] = [Math.floor(cx), Math.floor(cy)]
  const [fx, fy] = [cx - x0, cy - y0]
  const at = y0 * width + x0
  const right = x0 + 1 < width ? 1 : 0
  const down = y0 + 1 < height ? width : 0
  const top = data[at]! * (1 - fx) + data[at + right]! * fx
  const bottom = data[at + down]! * (1 - fx) + data[at + down + right]! * fx
  return top * (1 - fy) + bottom * fy
}

/** Divide by the light around each pixel, so that shadow and glare go; light print on a dark plate is turned over. */
export function evenLight(source: Grey): Grey {
  const { width, height } = source
  const mean = boxMean(source, Math.max(12, Math.round(Math.min(width, height) / 12)))
  const ratio = new Float32Array(width * height)
  for (let i = 0; i < ratio.length; i++) ratio[i] = source.data[i]! / Math.max(8, mean[i]!)
  const sorted = Float32Array.from(ratio).sort()
  const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))]!
  const [low, middle, high] = [at(0.01), at(0.5), at(0.99)]
  // Print is the smaller part: where the tail is longer on the bright side, it is the bright one.
  const inverted = high - middle > middle - low
  const [dark, light] = inverted ? [high, Math.max(low, at(0.15))] : [low, Math.min(high, at(0.85))]
  const data = new Uint8ClampedArray(ratio.length)
  for (let i = 0; i < data.length; i++) data[i] = (255 * (ratio[i]! - dark)) / (light - dark || 1)
  return { width, height, data }
}

/** Mean of a square around each pixel, from an integral image. */
function boxMean({ width, height, data }: Grey, radius: number): Float32Array {
  const stride = width + 1
  const integral = new Float64Array(stride * (height + 1))
  for (let y = 0; y < height; y++) {
    let row = 0
    for (let x = 0; x < width; x++) {
      row += data[y * width + x]!
      integral[(y + 1) * stride + x + 1] = integral[y * stride + x + 1]! + row
    }
  }
  const out = new Float32Array(width * height)
  for (let y = 0; y < height; y++) {
    const [y0, y1] = [Math.max(0, y - radius), Math.min(height, y + radius + 1)]
    for (let x = 0; x < width; x++) {
      const [x0, x1] = [Math.max(0, x - radius), Math.min(width, x + radius + 1)]
      const sum =
        integral[y1 * stride + x1]! -
        integral[y0 * stride + x1]! -
        integral[y1 * stride + x0]! +
        integral[y0 * stride + x0]!
      out[y * width + x] = sum / ((y1 - y0) * (x1 - x0))
    }
  }
  return out
}

/** Degrees by which lines of print fall to the right: the angle at which rows of ink are sharpest. */
export function skewOf(picture: Grey): number {
  const small = resize(picture, Math.min(1, 500 / Math.max(picture.width, picture.height)))
  const ink: [number, number][] = []
  for (let y = 0; y < small.height; y++)
    for (let x = 0; x < small.width; x++) if (small.data[y * small.width + x]! < 110) ink.push([x, y])
  if (ink.length < 50) return 0
  const sharpness = (degrees: number) => {
    const slope = Math.tan((degrees * Math.PI) / 180)
    const rows = new Float64Array(small.height * 2 + small.width)
    const offset = small.width / 2 + small.height / 2
    for (const [x, y] of ink) rows[Math.round(y - slope * x + offset)]! += 1
    let sum = 0
    for (let i = 1; i < rows.length; i++) sum += (rows[i]! - rows[i - 1]!) ** 2
    return sum
  }
  let [best, most] = [0, sharpness(0) * 1.02]
  for (let degrees = -MOST_SKEW; degrees <= MOST_SKEW; degrees += 0.5) {
    const value = sharpness(degrees)
    if (value > most) [best, most] = [degrees, value]
  }
  for (let degrees = best - 0.4; degrees <= best + 0.41; degrees += 0.1) {
    const value = sharpness(degrees)
    if (value > most) [best, most] = [degrees, value]
  }
  return best
}

/** Turn clockwise about the middle; what comes in from outside is white. */
export function rotate({ width, height, data }: Grey, degrees: number): Grey {
  const angle = (degrees * Math.PI) / 180
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  const [cx, cy] = [width / 2, height / 2]
  const out = new Uint8ClampedArray(width * height)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [x - cx, y - cy]
      const [sx, sy] = [cx + dx * cos + dy * sin, cy - dx * sin + dy * cos]
      out[y * width + x] =
        sx < 0 || sy < 0 || sx > width - 1 || sy > height - 1 ? 255 : sample(data, width, height, sx, sy)
    }
  }
  return { width, height, data: out }
}

/** A frame drawn on a picture, in percent of its sides. */
export interface Frame {
  x: number
  y: number
  width: number
  height: number
}

export const WHOLE: Frame = { x: 0, y: 0, width: 100, height: 100 }
/** Less than this is a slip of the finger, no plate. */
const LEAST_SIDE = 24

/**
 * The pixels inside a frame; the whole picture where the frame is too small to hold print.
 *
 * @example framedPixels({ x: 25, y: 0, width: 50, height: 100 }, 800, 600) // { x: 200, y: 0, width: 400, height: 600 }
 */
export function framedPixels(frame: Frame, width: number, height: number): Frame {
  const x = Math.max(0, Math.round((frame.x / 100) * width))
  const y = Math.max(0, Math.round((frame.y / 100) * height))
  const cut = {
    x,
    y,
    width: Math.min(width - x, Math.round((frame.width / 100) * width)),
    height: Math.min(height - y, Math.round((frame.height / 100) * height)),
  }
  return Math.min(cut.width, cut.height) < LEAST_SIDE ? { x: 0, y: 0, width, height } : cut
}

/** Whether nothing is cut off. */
export const isWhole = ({ x, y, width, height }: Frame): boolean =>
  x < 1 && y < 1 && width > 98 && height > 98

/** Enough for the print of a plate; a phone's photo is far larger. */
export const PHOTO_SIDE = 2400

/**
 * The size at which a photo is read: no side longer than the print needs, never enlarged.
 *
 * @example readingSize(4800, 3600) // { width: 2400, height: 1800 }
 */
export function readingSize(width: number, height: number): { width: number; height: number } {
  const scale = Math.min(1, PHOTO_SIDE / Math.max(width, height))
  return { width: Math.round(width * scale), height: Math.round(height * scale) }
}

import type { Point, Quad } from './picture'

/** Where text probably is: 0 to 1 for each cell. */
export interface TextMap {
  width: number
  height: number
  data: Float32Array
}

/** A piece of text found, with the mean probability inside it. */
export interface TextBox {
  quad: Quad
  score: number
}

/** A cell more likely than this belongs to text; a piece whose mean is lower than that is none. */
const CELL = 0.3
const PIECE = 0.5
/** The map marks the middle of letters only: the piece is that much wider on all sides, in shares of its area by its rim. */
const GROW = 1.7
const LEAST_SIDE = 3

/** Pieces of text in a map: connected cells, the smallest rectangle round each, grown to whole letters. */
export function boxesOf(map: TextMap): TextBox[] {
  return components(map).flatMap((cells) => {
    const rect = smallestRectangle(hullOf(cells))
    if (!rect || Math.min(rect.width, rect.height) < LEAST_SIDE) return []
    const score = meanOf(map, cells)
    if (score < PIECE) return []
    const grow = (rect.width * rect.height * GROW) / (2 * (rect.width + rect.height))
    const big = { ...rect, width: rect.width + 2 * grow, height: rect.height + 2 * grow }
    return [{ quad: cornersOf(big), score }]
  })
}

function meanOf({ width, data }: TextMap, cells: Point[]): number {
  return cells.reduce((sum, { x, y }) => sum + data[y * width + x]!, 0) / cells.length
}

/** Groups of neighbouring cells that are likely text. */
function components({ width, height, data }: TextMap): Point[][] {
  const seen = new Uint8Array(width * height)
  const found: Point[][] = []
  for (let start = 0; start < data.length; start++) {
    if (seen[start] || data[start]! < CELL) continue
    seen[start] = 1
    const stack = [start]
    const cells: Point[] = []
    while (stack.length > 0) {
      const at = stack.pop() ?? 0
      const [x, y] = [at % width, Math.floor(at / width)]
      cells.push({ x, y })
      for (let dy = -1; dy <= 1; dy++)
        for (let dx = -1; dx <= 1; dx++) {
          const [nx, ny] = [x + dx, y + dy]
          const next = ny * width + nx
          if (nx < 0 || ny < 0 || nx >= width || ny >= height || seen[next] || data[next]! < CELL) continue
          seen[next] = 1
          stack.push(next)
        }
    }
    if (cells.length >= 6) found.push(cells)
  }
  return found
}

/** The convex hull, by Andrew's monotone chain. */
function hullOf(cells: Point[]): Point[] {
  // Only the ends of each row can lie on the hull.
  const rows = new Map<number, { min: number; max: number }>()
  for (const { x, y } of cells) {
    const row = rows.get(y)
    if (row) [row.min, row.max] = [Math.min(row.min, x), Math.max(row.max, x)]
    else rows.set(y, { min: x, max: x })
  }
  const points = [...rows]
    .flatMap(([y, { min, max }]) => [
      { x: min, y },
      { x: max + 1, y },
      { x: min, y: y + 1 },
      { x: max + 1, y: y + 1 },
    ])
    .sort((a, b) => a.x - b.x || a.y - b.y)
  const half = (list: Point[]) => {
    const chain: Point[] = []
    for (const point of list) {
      while (chain.length >= 2 && cross(chain.at(-2)!, chain.at(-1)!, point) <= 0) chain.pop()
      chain.push(point)
    }
    return chain.slice(0, -1)
  }
  return [...half(points), ...half([...points].reverse())]
}

const cross = (o: Point, a: Point, b: Point) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x)

interface Rectangle {
  centre: Point
  width: number
  height: number
  /** Of the long side, radians, between −90° and 90°. */
  angle: number
}

/** The smallest rectangle round a hull stands on one of its sides. */
function smallestRectangle(hull: Point[]): Rectangle | null {
  let best: Rectangle | null = null
  for (let i = 0; i < hull.length; i++) {
    const [a, b] = [hull[i]!, hull[(i + 1) % hull.length]!]
    const angle = Math.atan2(b.y - a.y, b.x - a.x)
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const along = hull.map(({ x, y }) => x * cos + y * sin)
    const across = hull.map(({ x, y }) => -x * sin + y * cos)
    const [u0, u1, v0, v1] = [
      Math.min(...along),
      Math.max(...along),
      Math.min(...across),
      Math.max(...across),
    ]
    const [width, height] = [u1 - u0, v1 - v0]
    if (best && width * height >= best.width * best.height) continue
    const [u, v] = [(u0 + u1) / 2, (v0 + v1) / 2]
    best = { centre: { x: u * cos - v * sin, y: u * sin + v * cos }, width, height, angle }
  }
  return best ? lying(best) : null
}

/** The long side is the width, read from the left. */
function lying(rect: Rectangle): Rectangle {
  let { width, height, angle } = rect
  if (height > width) {
    ;[width, height] = [height, width]
    angle += Math.PI / 2
  }
  while (angle > Math.PI / 2) angle -= Math.PI
  while (angle <= -Math.PI / 2) angle += Math.PI
  return { ...rect, width, height, angle }
}

function cornersOf({ centre, width, height, angle }: Rectangle): Quad {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  const corner = (u: number, v: number): Point => ({
    x: centre.x + u * cos - v * sin,
    y: centre.y + u * sin + v * cos,
  })
  const [w, h] = [width / 2, height / 2]
  return [corner(-w, -h), corner(w, -h), corner(w, h), corner(-w, h)]
}

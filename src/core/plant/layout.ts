import type { PlantBuild } from '../knowledge/plants/types'

/** A part of the machine as a box with its terminals, in the units of the drawing. */
export interface LayoutBox {
  id: BoxId
  x: number
  y: number
  width: number
  height: number
  /** The cover that hides all of it, or null. */
  behind: string | null
}

export interface LayoutDot {
  id: string
  x: number
  y: number
  box: BoxId
}

export interface Layout {
  width: number
  height: number
  boxes: LayoutBox[]
  dots: LayoutDot[]
}

const BOXES = [
  'known',
  'line',
  'switch',
  'light',
  'control',
  'board',
  'call',
  'air',
  'capacitor',
  'plug',
  'turn',
  'park',
  'compressor',
  'motor',
] as const
export type BoxId = (typeof BOXES)[number]

/** Which box a terminal belongs to, by the first of these that its name begins with. */
const BELONGS: [string, BoxId][] = [
  ['known', 'known'],
  ['ground', 'known'],
  ['line', 'line'],
  ['plus', 'line'],
  ['minus', 'line'],
  ['light', 'light'],
  ['switch', 'switch'],
  ['contactor', 'control'],
  ['coil', 'control'],
  ['board-plus', 'plug'],
  ['board-minus', 'plug'],
  ['board', 'board'],
  ['call', 'call'],
  ['chain', 'call'],
  ['command', 'call'],
  ['pressure', 'air'],
  ['capacitor', 'capacitor'],
  ['small', 'capacitor'],
  ['large', 'capacitor'],
  ['turn', 'turn'],
  ['park', 'park'],
  ['C', 'capacitor'],
  ['FAN', 'capacitor'],
  ['HERM', 'capacitor'],
  ['compressor', 'compressor'],
  ['fan-1', 'plug'],
  ['fan-2', 'plug'],
  ['lead', 'motor'],
  ['phase', 'motor'],
  ['fan-frame', 'motor'],
]

/** Columns from the supply on the left to the motor on the right. */
const COLUMN: Record<BoxId, 0 | 1 | 2> = {
  known: 0,
  line: 0,
  switch: 0,
  light: 0,
  control: 1,
  board: 1,
  call: 1,
  air: 1,
  plug: 1,
  capacitor: 1,
  turn: 1,
  park: 1,
  compressor: 2,
  motor: 2,
}
/** Two columns where the drawing is as wide as a phone. */
const NARROW_COLUMN: Record<BoxId, 0 | 1> = {
  known: 0,
  line: 0,
  switch: 0,
  light: 0,
  control: 0,
  board: 0,
  call: 0,
  air: 0,
  motor: 1,
  capacitor: 1,
  plug: 1,
  turn: 1,
  park: 1,
  compressor: 1,
}

interface Grid {
  width: number
  columns: { x: number; width: number }[]
  of: Record<BoxId, number>
}
const WIDE: Grid = {
  width: 720,
  columns: [
    { x: 14, width: 200 },
    { x: 236, width: 216 },
    { x: 482, width: 224 },
  ],
  of: COLUMN,
}
const NARROW: Grid = {
  width: 400,
  columns: [
    { x: 4, width: 194 },
    { x: 202, width: 194 },
  ],
  of: NARROW_COLUMN,
}
/** A thumb is 44 wide. */
const STEP = 62
const ROW = 58
/** A title, and under it the cover that is still on. */
const HEAD = 44
const GAP = 18
/** Room in the motor's box for its wheel. */
const WHEEL = 150

const boxOf = (terminal: string): BoxId =>
  BELONGS.find(([start]) => terminal === start || terminal.startsWith(start))?.[1] ?? 'board'

/** Boxes and terminals of a build, placed from its data alone; `narrow` for the width of a phone. */
export function layoutOf(build: PlantBuild, narrow = false): Layout {
  const grid = narrow ? NARROW : WIDE
  const groups = BOXES.flatMap((id) => {
    const own = build.terminals.filter((terminal) => boxOf(terminal.id) === id)
    return own.length > 0 ? [{ id, own }] : []
  })
  const next = [10, 10, 10]
  const boxes: LayoutBox[] = []
  const dots: LayoutDot[] = []
  for (const { id, own } of groups) {
    const column = grid.of[id]
    const { x, width } = grid.columns[column] ?? { x: 0, width: grid.width }
    const perRow = Math.max(1, Math.floor((width - 12) / STEP))
    const rows = Math.ceil(own.length / perRow)
    const extra = id === 'motor' ? WHEEL : 0
    const height = HEAD + rows * ROW + extra
    const y = next[column] ?? 10
    const covers = new Set(own.map(({ behind }) => behind))
    boxes.push({ id, x, y, width, height, behind: covers.size === 1 ? ([...covers][0] ?? null) : null })
    own.forEach((terminal, i) => {
      const inRow = Math.min(perRow, own.length - Math.floor(i / perRow) * perRow)
      const start = x + width / 2 - ((inRow - 1) * STEP) / 2
      dots.push({
        id: terminal.id,
        x: start + (i % perRow) * STEP,
        y: y + HEAD + Math.floor(i / perRow) * ROW + 18 + (id === 'motor' ? WHEEL : 0),
        box: id,
      })
    })
    next[column] = y + height + GAP
  }
  return { width: grid.width, height: Math.max(...next), boxes, dots }
}

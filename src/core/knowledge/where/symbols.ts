import type { ScenePart, Stroke } from './types'

const ink = (d: string): Stroke => ({ d, tone: 'ink' })

export const box = (x: number, y: number, w: number, h: number): string => `M${x} ${y}h${w}v${h}h${-w}z`
export const ring = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`

/** The electrical panel: a door of levers, one of them this machine’s. */
export const panel = (x: number, y: number): Stroke[] => [
  ink(
    `${box(x, y, 70, 108)}M${x + 12} ${y + 18}h46M${x + 12} ${y + 36}h46M${x + 12} ${y + 54}h18M${x + 12} ${y + 72}h46M${x + 12} ${y + 90}h46`,
  ),
  { d: box(x + 34, y + 48, 22, 12), tone: 'copper' },
]

/** A switch on a wall. */
export const wallPlate = (x: number, y: number): Stroke =>
  ink(`${box(x, y, 34, 52)}${box(x + 11, y + 14, 12, 24)}`)

export const thermostatBox = (x: number, y: number): Stroke =>
  ink(`${box(x, y, 50, 50)}${ring(x + 25, y + 25, 15)}`)

/** The pull-out box beside an outdoor unit. */
export const disconnectBox = (x: number, y: number): Stroke =>
  ink(`${box(x, y, 56, 84)}${box(x + 14, y + 16, 28, 26)}M${x + 28} ${y + 42}v22`)

/** A socket with the plug of the machine beside it. */
export const socket = (x: number, y: number): Stroke =>
  ink(`${box(x, y, 40, 54)}M${x + 14} ${y + 16}v14M${x + 26} ${y + 16}v14${ring(x + 20, y + 40, 3)}`)

/** A pipe that runs across, its cock with the handle along it. */
export const cock = (x: number, y: number): Stroke[] => [
  { d: `M${x - 44} ${y - 5}h88M${x - 44} ${y + 5}h88`, tone: 'pipe' },
  ink(`M${x - 14} ${y - 11}v22l28-22v22zM${x} ${y - 2}v-16M${x - 16} ${y - 18}h32`),
]

export const can = (x: number, y: number): Stroke => ({
  d: `M${x} ${y + 8}q14-10 28 0v42q-14 10-28 0zM${x + 7} ${y + 2}v-8M${x + 21} ${y + 2}v-8`,
  tone: 'copper',
})

export const contactorBlock = (x: number, y: number): Stroke =>
  ink(
    `${box(x, y, 46, 44)}M${x + 10} ${y}v-9M${x + 23} ${y}v-9M${x + 36} ${y}v-9M${x + 10} ${y + 44}v9M${x + 36} ${y + 44}v9`,
  )

export const circuitBoard = (x: number, y: number, w = 64, h = 48): Stroke =>
  ink(
    `${box(x, y, w, h)}${box(x + 8, y + 8, 14, 10)}${box(x + w - 24, y + 8, 14, 10)}M${x + 8} ${y + h - 12}h${w - 16}`,
  )

/** A motor from the side; its windings as strokes. */
export const motorSide = (x: number, y: number, w = 60, h = 46): Stroke[] => [
  { d: box(x, y, w, h), tone: 'copper' },
  {
    d: Array.from(
      { length: Math.floor((w - 12) / 9) },
      (_, i) => `M${x + 9 + i * 9} ${y + 8}v${h - 16}`,
    ).join(''),
    tone: 'copper',
  },
]

/** A centrifugal wheel in its scroll, from the end, the motor in its middle. */
export const scroll = (x: number, y: number, r: number): Stroke[] => [
  ink(
    `M${x} ${y - r * 1.45}a${r * 1.45} ${r * 1.45} 0 1 0 ${r * 1.45} ${r * 1.45}V${y - r * 0.9}h${r * 0.7}`,
  ),
  ink(`M${x} ${y - r * 1.45}H${x + r * 2.15}`),
  { d: ring(x, y, r), tone: 'teal' },
  {
    d: Array.from({ length: 12 }, (_, i) => {
      const a = (i * Math.PI) / 6
      return `M${(x + r * Math.cos(a)).toFixed(1)} ${(y + r * Math.sin(a)).toFixed(1)}L${(x + r * 0.82 * Math.cos(a + 0.16)).toFixed(1)} ${(y + r * 0.82 * Math.sin(a + 0.16)).toFixed(1)}`
    }).join(''),
    tone: 'teal',
  },
  { d: ring(x, y, r * 0.42), tone: 'copper' },
]

export const mains = (d: string): Stroke => ({ d, tone: 'mains' })
export const thin = (d: string): Stroke => ({ d, tone: 'control' })
export const outline = ink
export const soft = (d: string): Stroke => ({ d, tone: 'soft' })
export const air = (d: string): Stroke => ({ d, tone: 'teal' })
export const pipe = (d: string): Stroke => ({ d, tone: 'pipe' })

// What is said of the points that many machines share.

export const breakerPart = (x: number, y: number): ScenePart => ({
  id: 'breaker',
  label: 'breaker',
  find: 'In the electrical panel, mostly a grey metal door in a cellar, garage or hall. Its list may be wrong: turn the fan or its light on, push one lever after another to OFF, and have somebody call out when it stops. Then its own switch off again.',
  x,
  y,
  ring: [x + 27, y + 74, 34],
})

export const wallSwitchPart = (x: number, y: number): ScenePart => ({
  id: 'wall-switch',
  label: 'wall switch',
  find: 'On the wall, by the door or beside the machine: the one that starts it. Off, with tape over it.',
  x,
  y,
  ring: [x + 29, y + 26, 36],
})

export const thermostatPart = (x: number, y: number): ScenePart => ({
  id: 'thermostat',
  label: 'thermostat',
  find: 'On a wall in a living room or hall, a small box with a figure or a dial. Set its mode to OFF, and tell everybody.',
  x,
  y,
  ring: [x + 37, y + 25, 38],
})

export const serviceSwitchPart = (x: number, y: number): ScenePart => ({
  id: 'service-switch',
  label: 'service switch',
  find: 'On the cabinet or on the wall beside it. It looks like a light switch, sometimes with a red plate.',
  x,
  y,
  ring: [x + 29, y + 26, 36],
})

export const plugPart = (x: number, y: number): ScenePart => ({
  id: 'plug',
  label: 'plug',
  find: 'Follow the cord from the machine to the wall. Pull it by the plug, and tie it back where you see it.',
  x,
  y,
  ring: [x + 32, y + 27, 36],
})

export const gasPart = (x: number, y: number): ScenePart => ({
  id: 'gas-cock',
  label: 'gas cock',
  find: 'On the gas pipe just before the machine. Handle along the pipe is open, across the pipe is shut.',
  x,
  y,
  side: 'below',
  ring: [x, y - 32, 28],
})

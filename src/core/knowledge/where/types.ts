import type { IsolationPointId } from '../vocabulary'

/** What is shown in the drawing of an opened machine: points that are switched off, and parts that are worked at. */
export type ScenePartId =
  | IsolationPointId
  | 'cover'
  | 'proof-place'
  | 'motor-plug'
  | 'capacitor'
  | 'contactor'
  | 'board'
  | 'motor'
  | 'wheel'
  | 'drain'

/** A stroke of the drawing: its path, and what it is. */
export interface Stroke {
  d: string
  /** Ink outlines, soft what only surrounds, copper what is wound, teal what moves air, control thin wires, pipe gas or water. */
  tone: 'ink' | 'soft' | 'copper' | 'teal' | 'mains' | 'control' | 'pipe'
}

export interface ScenePart {
  id: ScenePartId
  label: string
  /** Where it is and how it looks, for somebody who has never seen one. */
  find: string
  /** Where its number stands, in the drawing's own units. */
  x: number
  y: number
  /** Which side of its number the label stands on. */
  side?: 'left' | 'right' | 'below'
  /** The middle and the radius of the ring that marks it; its number where left out. */
  ring?: [x: number, y: number, r: number]
  /** Parts of the templates that are this one. */
  lines?: string[]
}

/** The drawing of a family opened, 640 by 440 units. */
export interface Scene {
  /** How the machine of the drawing is built. */
  drawnFor: string
  strokes: Stroke[]
  /** In the order in which they are met. */
  parts: ScenePart[]
}

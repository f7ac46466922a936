import type { IsolationPointId, ObservationId } from '../../knowledge/vocabulary'
import type { Message } from '../../message'
import type { Machine } from '../machine'
import type { PlantWords } from '../says'
import type { HurtHow, PlantState } from '../state'

export const RANGES = ['volts-ac', 'volts-dc', 'low-z', 'ohm', 'microfarad', 'amps'] as const
export type Range = (typeof RANGES)[number]

export type Act =
  | { act: 'point'; id: IsolationPointId; to: 'off' | 'on' }
  | { act: 'held'; id: IsolationPointId }
  | { act: 'call'; on: boolean; speed?: string }
  | { act: 'cover'; id: string; to: 'off' | 'on' }
  | { act: 'wire'; id: string; end: 'from' | 'to'; to: string }
  | { act: 'meter'; range: Range; jack?: 'v' | 'a'; red: string; black: string }
  | { act: 'clamp'; wire: string }
  | { act: 'tester'; at: string }
  | { act: 'discharge'; a: string; b: string; ohm: number }
  | SenseAct
  | { act: 'wait'; minutes: number }
  | { act: 'run'; seconds: number }
  | { act: 'replace'; part: string; with?: ReplaceWith }
  | { act: 'odds'; of: Record<string, number> }
  | { act: 'decide'; cause: string }

/** What a person perceives without an instrument, at a place of the machine. */
export interface SenseAct {
  act: 'look' | 'listen' | 'smell' | 'touch' | 'turn' | 'push' | 'air'
  at?: string
}

export type ActName = Act['act']
export type ActOf<Name extends ActName> = Extract<Act, { act: Name }>

/** Figures of the part that is put in; what is left out is as the plate asks. */
export interface ReplaceWith {
  uF?: number
  volts?: number
}

export interface Reading {
  /** As the display shows it. */
  display: string
  /** Null: over-range. */
  value: number | null
  unit: 'V' | 'Ω' | 'µF' | 'A'
  uncertainty: number
}

export interface Hurt {
  how: HurtHow
  volts?: number
  joules?: number
}

/** What a person perceives or reads, as observations of the vocabulary. A number stands where the observation is a measure. */
export type Sense = Partial<Record<ObservationId, string | number | null>>

export interface Answer {
  ok: boolean
  minutes: number
  text: Message<keyof PlantWords>
  reading?: Reading
  sense?: Sense
  hurt?: Hurt
  broke?: string[]
  /** The procedure asks for something before this act that was not done. */
  against?: Message<keyof PlantWords>
}

/** Did it tell anything of the machine? */
export const tells = ({ sense }: Pick<Answer, 'sense'>): boolean =>
  sense !== undefined && Object.keys(sense).length > 0

/** Did it hurt, or would it have with other luck: something burnt, or done against the procedure. */
export const isDangerous = ({ hurt, against, broke }: Pick<Answer, 'hurt' | 'against' | 'broke'>): boolean =>
  Boolean(hurt ?? against ?? broke)

export interface Done {
  state: PlantState
  answer: Answer
}

/** Where an act stands: its machine, what was before it, and its place in the round. */
export interface Here {
  machine: Machine
  state: PlantState
  /** Place of the act in the round: the noise of the meter is drawn from it. */
  nth: number
}

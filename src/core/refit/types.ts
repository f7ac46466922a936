export const refitActions = [
  'unscrew',
  'loosen',
  'unplug',
  'disconnect',
  'pull-hose',
  'unclip',
  'lift-off',
  'slide-out',
  'cut-tie',
  'cut-wire',
  'unsolder',
  'break-seal',
  'drain',
  'mark',
  'measure',
  'photo',
  'bypass',
] as const
export type RefitAction = (typeof refitActions)[number]
/** What a line may say: a note is a line whose act nobody has said yet. */
export const lineActions = [...refitActions, 'note'] as const
export type LineAction = (typeof lineActions)[number]

export type BackAction =
  | 'screw'
  | 'tighten'
  | 'plug'
  | 'connect'
  | 'push-hose'
  | 'clip'
  | 'set-on'
  | 'slide-in'
  | 'tie'
  | 'splice'
  | 'solder'
  | 'seal'
  | 'transfer'
  | 'close-drain'
  | 'work'

export const switchKinds = [
  'door',
  'pressure',
  'limit',
  'rollout',
  'flame',
  'sail',
  'float',
  'thermal',
  'fuse',
  'overload',
  'refrigerant-pressure',
  'residual-current',
  'contactor',
  'other',
  'call',
  'ground',
  'breaker',
] as const
export type SwitchKind = (typeof switchKinds)[number]

export const sealPlaces = ['joint', 'outside'] as const
export type SealPlace = (typeof sealPlaces)[number]

export interface RefitStep {
  id: string
  /** `note`: a line whose act was not understood. */
  action: LineAction
  part: string
  count?: number
  fastener?: string
  cup?: string
  terminal?: string
  mark?: string
  movesToNewPart?: boolean
  renew?: { material: string; cureHours?: number }
  /** Between two parts (the default), so under the part that lies on it, or around them from outside. */
  sealAt?: SealPlace
  /** The line whose part lies on this seal. */
  seals?: string
  /** Steps that come before this one on the way in, so after it on the way back. */
  after?: string[]
  temporary?: boolean
  /** A fastener known to stay off. */
  extra?: boolean
  switch?: SwitchKind
  /** What was measured, in its own unit. */
  amount?: { value: number; unit: string }
  /** The part whose place a measure or a mark tells. */
  of?: string
}

/** A figure of the way in that is wanted again. */
export interface Figure {
  from: string
  /** What was measured or marked, in words. */
  part: string
  value?: number
  unit?: string
  mark?: string
}

/** A piece of work that fitting asks for: kinds of the match, and `turn-plate`, `set-mark`. */
export interface RefitWork {
  kind: string
  text: string
  part?: string
}

export interface BackStep {
  from: string
  action: BackAction
  part: string
  text: string
  checks: string[]
  /** What was measured or marked of this part on the way in. */
  figures?: Omit<Figure, 'part'>[]
}

export interface TallyLine {
  cup: string | null
  fastener: string | null
  removed: number
  refitted: number
}

export type RefitProblemCode =
  | 'cycle'
  | 'unknown-step'
  | 'unknown-act'
  | 'nothing-to-refit'
  | 'leftover'
  | 'forbidden-bypass'
  | 'figure-without-line'
  | 'order'

export interface RefitResult {
  steps: BackStep[]
  tally: TallyLine[]
  transfers: string[]
  renew: { material: string; part: string; cureHours: number }[]
  waitHours: number
  mustUndo: string[]
  /** `from`: the line that stands wrong, where one does; `cannot`: no hands can do it in that order. */
  problems: { code: RefitProblemCode; text: string; from?: string; cannot?: true }[]
}

/** Parts whose readings and acts may go on at the bench once they are out of the machine. */
export const benchParts = ['motor', 'capacitor', 'module'] as const
export type BenchPart = (typeof benchParts)[number]

/** A cover that may come off before the proof, or after it and before the discharge. */
export const accessKinds = ['', 'before-proof', 'before-discharge'] as const
export type Access = (typeof accessKinds)[number]

/** Acts on the machine by which a cover comes off; nothing else is a line of access. */
export const accessActions: LineAction[] = ['unscrew', 'unclip', 'lift-off', 'slide-out']

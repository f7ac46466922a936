import type { Reach } from '../energy/gate'
import type { JobSnapshot } from '../rows'
import type { Act, ActOf, By } from './actTypes'
import type { Draft } from './changes'
import type { Shape } from './shapes'

/**
 * What an act says about energy.
 * - `asserts`: something is off, dead, empty or over. It counts only when it is told at once.
 * - `reverts`: power may be back, or something stands no more. It is believed whenever it is told, and from then on.
 * - `hands`: work inside the machine, judged by the gate as it stood when it was done.
 * - `plain`: nothing.
 */
export type Energetic = 'asserts' | 'reverts' | 'hands' | 'plain'

type Kind = Act['kind']

export interface ActRule<K extends Kind = Kind> {
  energy: Energetic | ((act: ActOf<K>) => Energetic)
  /** Stays possible while a hard stop stands: saying it was a mistake, opening points, writing down. */
  duringStop: boolean
  /** Also possible while only what needs power has to stop: parting the load and reading it dead. */
  duringLiveStop: boolean
  /** Still written on a closed job. */
  afterClosing: boolean
  /**
   * What names the field that an act writes: acts on one field that follow each other are one step of undo. Null where each
   * act is a step of its own.
   */
  field: readonly Exclude<keyof ActOf<K>, 'kind'>[] | null
  /** It is typed letter by letter: only the newest text has to travel. */
  letters: boolean
  /** Where hands are at this act of work; null where it puts nobody's hands in. */
  reach?: (snapshot: JobSnapshot, act: ActOf<K>) => Reach | null
}

/** When an act is done and by whom. `now` in milliseconds since the epoch, `at` the same as an ISO time. */
export interface Doing {
  now: number
  at: string
  by: By
}

/** One kind of act as a whole: what it carries, what it may, and what it changes. */
export interface ActModule<K extends Kind> {
  input: { [Name in Exclude<keyof ActOf<K>, 'kind'>]-?: Shape }
  rule: ActRule<K>
  /** @throws CoreError where it is refused */
  plan: (snapshot: JobSnapshot, act: ActOf<K>, doing: Doing) => Draft
}

/** The acts of one room. Each file of acts has all of its kinds, or it does not compile. */
export type ActsOf<Kinds extends string> = { [K in Extract<Kind, Kinds>]: ActModule<K> }

type During = 'never' | 'live-stop' | 'any-stop'

/** What `rule` leaves to `writes`, `types` and `reaches`. */
type BareRule<K extends Kind> = Omit<ActRule<K>, 'field'> & { field: null }

/**
 * @param during which stops an act is possible under
 * @param afterClosing whether it is still written on a closed job
 */
export const rule = <K extends Kind>(
  energy: ActRule<K>['energy'],
  during: During = 'never',
  afterClosing = false,
): BareRule<K> => ({
  energy,
  duringStop: during === 'any-stop',
  duringLiveStop: during !== 'never',
  afterClosing,
  field: null,
  letters: false,
})

/** The rule of work inside the machine: it says where hands are, so that the gate can judge it whenever it is told. */
export const handsIn = <K extends Kind>(
  during: During,
  reach: NonNullable<ActRule<K>['reach']>,
): BareRule<K> => ({ ...rule<K>('hands', during), reach })

type FieldsOf<K extends Kind> = Exclude<keyof ActOf<K>, 'kind'>[]

/** An act that writes the field which these of its values name. */
export const writes = <K extends Kind>(own: BareRule<K>, ...field: FieldsOf<K>): ActRule<K> => ({
  ...own,
  field,
})

/** The same, typed letter by letter. */
export const types = <K extends Kind>(own: BareRule<K>, ...field: FieldsOf<K>): ActRule<K> => ({
  ...own,
  field,
  letters: true,
})

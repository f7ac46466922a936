import { type Act, type JobSnapshot, type LedgerRow, neededWaits, newId } from '@/core/job'
import { dischargeActs } from '@/core/job/energy/dischargeScript'
import { isolationActs, proofActs } from '@/core/job/energy/proofScript'
import { figuresAt } from '@/core/job/ledger/ledgerFigures'
import { refitOf } from '@/core/job/ledger/refitOf'
import { heardOf } from '@/core/job/proving/sounds'
import { measureOf, turns as TURNS } from '@/core/knowledge/measureKinds'
import type { Machine } from './machines'
import { type DemoSound, madeUpSound } from './sounds'

const MINUTE = 60_000

/** A job of the demo, told as acts at times before now. */
export interface DemoJob {
  machine: string
  symptom: string
  openedMinutesAgo: number
  findings: [string, string][]
  steps: DemoStep[]
}

export interface DemoStep {
  minutesAgo: number
  acts: (at: Scene) => Act[]
}

export interface Scene {
  snapshot: JobSnapshot
  id: () => string
  machine: Machine
}

let count = 0
/** Ids that sort with their time and never repeat, so that planting twice gives the same order. */
export function demoId(at: number): () => string {
  return () => {
    count += 1
    return newId(at, () => ((count * 7919) % 997) / 997)
  }
}

export const step = (minutesAgo: number, acts: (at: Scene) => Act[]): DemoStep => ({ minutesAgo, acts })
export const days = (count: number): number => count * 24 * 60
export const beforeNow = (minutesAgo: number, now: number): number => now - minutesAgo * MINUTE

export const finding =
  (observation: string, value: string) =>
  ({ id }: Scene): Act[] => [{ kind: 'finding.set', id: id(), observation: observation as 'sound', value }]

export const all =
  (...parts: ((at: Scene) => Act[])[]) =>
  (at: Scene): Act[] =>
    parts.flatMap((part) => part(at))

/** Every point opened and held, waits begun. */
export const isolate = ({ snapshot }: Scene): Act[] => [
  ...isolationActs(snapshot),
  ...neededWaits(snapshot).map((wait): Act => ({ kind: 'wait.start', id: wait.id })),
]

/** Days later every point that was left open is looked at again. */
export const stillOff = ({ snapshot }: Scene): Act[] =>
  snapshot.points.flatMap(({ id, openedAt }) => (openedAt ? [{ kind: 'point.still' as const, id }] : []))

/** Every feed proved, in the order of the procedure. */
export const prove =
  (volts = ['0.2', '0.1', '0.1']) =>
  ({ snapshot, id }: Scene): Act[] =>
    proofActs(snapshot, id, volts)

export const discharged = ({ snapshot }: Scene): Act[] => dischargeActs(snapshot)

/** An answer that the plan asks for. */
export const planned =
  (name: string, typed: string) =>
  ({ id }: Scene): Act[] => [{ kind: 'field.set', id: id(), part: 'plan', field: name, typed }]

export const field =
  (part: string, entries: Record<string, string>) =>
  ({ id }: Scene): Act[] =>
    Object.entries(entries).map(
      ([name, typed]): Act => ({ kind: 'field.set', id: id(), part, field: name, typed }),
    )

export const capacitor =
  (readings: Record<string, string>, part: 'old' | 'new' = 'old') =>
  ({ id }: Scene): Act[] =>
    Object.entries(readings).map(
      ([section, typed]): Act => ({
        kind: 'reading.set',
        id: id(),
        reading: 'capacitance',
        part,
        a: section,
        b: '',
        typed,
      }),
    )

export const leads =
  (names: string[], part: 'old' | 'new' = 'old') =>
  ({ id }: Scene): Act[] =>
    names.map((name): Act => ({ kind: 'lead.add', id: id(), part, name }))

export const ohms =
  (pairs: [string, string, string][], part: 'old' | 'new' = 'old') =>
  ({ id }: Scene): Act[] =>
    pairs.map(
      ([a, b, typed]): Act => ({ kind: 'reading.set', id: id(), reading: 'resistance', part, a, b, typed }),
    )

export const toFrame =
  (lead: string, typed = 'OL') =>
  ({ id }: Scene): Act[] => [
    { kind: 'reading.set', id: id(), reading: 'to-frame', part: 'old', a: lead, b: 'frame', typed },
  ]

export const decide =
  (cause: string, action: string, probability: number, option = '', reason = '') =>
  ({ id }: Scene): Act[] => [
    { kind: 'decision.set', id: id(), agreed: true, cause, action, option, reason, probability },
  ]

/** A suspect struck by hand, with the reason. */
export const strike =
  (cause: string, reason: string) =>
  ({ id }: Scene): Act[] => [
    { kind: 'belief.set', id: id(), cause: cause as 'wheel-loose', stance: 'struck', reason },
  ]

/** A test left out, and why. */
export const leaveOut =
  (observation: string, why: 'declined' | 'not-possible' | 'unknown') =>
  ({ id }: Scene): Act[] => [
    { kind: 'declined.set', id: id(), observation: observation as 'sound', on: true, why },
  ]

export const plant =
  (template: 'motor' | 'capacitor' | 'capacitor-dual') =>
  ({ id }: Scene): Act[] => [{ kind: 'ledger.plant', template, ids: Array.from({ length: 40 }, id) }]

/** Tick the first lines of the ledger. */
export const tick =
  (most: number) =>
  ({ snapshot }: Scene): Act[] =>
    snapshot.ledger
      .filter((line) => !line.doneAt)
      .slice(0, most)
      .flatMap((line): Act[] => [...asked(line), { kind: 'ledger.tick', id: line.id, on: true }])

/** What a line wants before it is ticked: a figure, how a wheel turns, or a word why there is no photo. */
function asked(line: LedgerRow): Act[] {
  const change = (wanted: Partial<LedgerRow>): Act[] => [{ kind: 'ledger.edit', id: line.id, change: wanted }]
  if (line.action === 'measure') return change({ figure: '1 1/8 in' })
  if (line.action === 'photo') return change({ without: 'both hands full, nobody to hold the phone' })
  const turns = line.action === 'mark' && measureOf(line.part)?.kind === 'turn'
  return turns ? change({ mark: TURNS.counterclockwise }) : []
}

export const back =
  (most: number) =>
  ({ snapshot }: Scene): Act[] =>
    refitOf(snapshot)
      .steps.slice(0, most)
      .flatMap((line): Act[] => [
        ...figuresAt(snapshot, line.from).map(
          ({ id }): Act => ({ kind: 'ledger.edit', id, change: { backFigure: 'as it was' } }),
        ),
        { kind: 'ledger.back', id: line.from, on: true },
      ])

/** A start that was watched: events by the seconds after the call. */
export const watched = (
  id: string,
  minutesAgo: number,
  seen: Record<string, number>,
  endedAfter: number,
): DemoStep[] => [
  step(minutesAgo, () => [{ kind: 'run.start', id }]),
  ...Object.entries(seen).map(([event, seconds]) =>
    step(minutesAgo - seconds / 60, () => [{ kind: 'run.mark', id, event, on: true }]),
  ),
  step(minutesAgo - endedAfter / 60, () => [{ kind: 'run.end', id }]),
]

export const sound =
  (way: 'before' | 'after', what: DemoSound) =>
  ({ id, snapshot }: Scene): Act[] => [
    { kind: 'sound.add', id: id(), way, ...madeUpSound(what, heardOf(snapshot)) },
  ]

export const checks =
  (passed: string[]) =>
  ({ id }: Scene): Act[] =>
    passed.map((checkId): Act => ({ kind: 'check.set', id: id(), checkId, result: 'pass', note: '' }))

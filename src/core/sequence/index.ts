import type { Sequence, SequenceEvent } from '../knowledge/sequences'

/** When each event of a run was seen, in seconds after the call, by its id. */
export type Seen = Record<string, number>

export type Timing =
  | 'ahead'
  | 'due'
  | 'overdue'
  | 'in-time'
  | 'early'
  | 'late'
  | 'missing'
  | 'unheard'
  | 'shown'
  | 'own'

export interface JudgedEvent {
  event: SequenceEvent
  /** Seconds after the call; null where it has not been seen. */
  seen: number | null
  /** When it is due, in seconds after the call; null where nothing tells yet. */
  window: readonly [number, number] | null
  timing: Timing
  /** Seconds out of the window; 0 within it. */
  off: number
}

/**
 * Each event of a sequence against its window. An event that was not seen passes its window on, widened by its own; an act
 * of the person's opens no window before it is done.
 *
 * @param seen seconds after the call
 * @param now seconds after the call; null when the run is over
 * @example judgeRun({ title: 'None', call: '', events: [] }, {}, 0) // []
 */
export function judgeRun(sequence: Sequence, seen: Seen, now: number | null): JudgedEvent[] {
  return sequence.events.map((event) => {
    const at = seen[event.id] ?? null
    if (event.own) return { event, seen: at, window: null, timing: 'own', off: 0 }
    const window = windowOf(sequence, event, seen)
    // What cannot come without it was seen: it came, and nobody tapped it.
    if (at === null && event.shownBy?.some((id) => seen[id] !== undefined))
      return { event, seen: at, window, timing: 'shown', off: 0 }
    return { event, seen: at, window, ...timed(event, at, window, now) }
  })
}

function timed(
  event: SequenceEvent,
  at: number | null,
  window: readonly [number, number] | null,
  now: number | null,
): { timing: Timing; off: number } {
  if (at !== null) {
    if (!window) return { timing: 'in-time', off: 0 }
    if (at < window[0]) return { timing: 'early', off: window[0] - at }
    return at > window[1] ? { timing: 'late', off: at - window[1] } : { timing: 'in-time', off: 0 }
  }
  if (event.quiet && (now === null || (window !== null && now > window[1])))
    return { timing: 'unheard', off: 0 }
  // What hangs on an act that was never done is not missing.
  if (now === null) return { timing: window ? 'missing' : 'unheard', off: 0 }
  if (!window || now < window[0]) return { timing: 'ahead', off: 0 }
  return now > window[1] ? { timing: 'overdue', off: now - window[1] } : { timing: 'due', off: 0 }
}

function windowOf(sequence: Sequence, event: SequenceEvent, seen: Seen): readonly [number, number] | null {
  const [earliest, latest] = event.window
  const at = seen[event.from]
  if (at !== undefined) return [at + earliest, at + latest]
  const from = sequence.events.find(({ id }) => id === event.from)
  if (!from) return [earliest, latest]
  if (from.own) return null
  const before = windowOf(sequence, from, seen)
  return before && [before[0] + earliest, before[1] + latest]
}

/** The event that comes next: the first that is neither seen nor passed by a later one. */
export function nextEvent(events: readonly SequenceEvent[], seen: Seen): SequenceEvent | null {
  const last = events.findLastIndex(({ id }) => seen[id] !== undefined)
  return events[last + 1] ?? null
}

/**
 * How one run differs from the one before, for each event that both have.
 *
 * @returns seconds later (or, below zero, earlier), whole
 */
export function comparedRuns(sequence: Sequence, run: Seen, before: Seen): { id: string; later: number }[] {
  return sequence.events.flatMap(({ id, own }) => {
    const [now, then] = [run[id], before[id]]
    return own || now === undefined || then === undefined ? [] : [{ id, later: Math.round(now - then) }]
  })
}

/** What did not come in a watch that is over, the first that fails: the rest waited for it. */
export const notCome = (events: readonly JudgedEvent[]): JudgedEvent | null =>
  events.find(({ timing }) => timing === 'missing') ?? null

/** Where the strip of a run ends, in seconds after the call: behind every window and everything seen. */
export const laneEnd = (events: readonly JudgedEvent[], now: number | null): number =>
  Math.max(10, now ?? 0, ...events.flatMap(({ seen, window }) => [seen ?? 0, window?.[1] ?? 0])) * 1.03

/** @example whenBegun(95_000) // '95 s' */
export const whenBegun = (ms: number): string => secondsText(Math.max(0, ms) / 1000)

/** How an event came against the watch before. */
export const differenceText = (later: number): string =>
  later === 0
    ? 'It came so before as well.'
    : `Before, it came ${secondsText(Math.abs(later))} ${later > 0 ? 'sooner' : 'later'}.`

const secondsText = (seconds: number): string => {
  const whole = Math.round(seconds)
  return whole < 100 ? `${whole} s` : `${Math.floor(whole / 60)} min ${whole % 60} s`
}

/**
 * The same in two or three words, beside the event while the start runs.
 *
 * @example eventShort({ seen: 9, window: [0, 5], timing: 'late', off: 4 }) // '9 s, 4 s late'
 */
export function eventShort({ seen, window, timing, off }: Omit<JudgedEvent, 'event'>): string {
  const came = secondsText(seen ?? 0)
  switch (timing) {
    case 'own':
      return seen === null ? '' : came
    case 'ahead':
      return window ? `${Math.round(window[0])}–${Math.round(window[1])} s` : ''
    case 'due':
      return 'may come now'
    case 'overdue':
      return `${secondsText(off)} overdue`
    case 'in-time':
      return came
    case 'early':
      return `${came}, ${secondsText(off)} early`
    case 'late':
      return `${came}, ${secondsText(off)} late`
    case 'missing':
      return 'did not come'
    case 'shown':
      return 'came, not tapped'
    case 'unheard':
      return 'not noticed'
  }
}

/**
 * What a judged event says, as a sentence.
 *
 * @example eventSentence({ seen: 9, window: [0, 5], timing: 'late', off: 4 }) // 'It came after 9 s, 4 s late.'
 */
export function eventSentence({ seen, window, timing, off }: Omit<JudgedEvent, 'event'>): string {
  const due = window ? `between ${secondsText(window[0])} and ${secondsText(window[1])}` : ''
  const came = `It came after ${secondsText(seen ?? 0)}`
  switch (timing) {
    case 'own':
      return seen === null ? 'You do this when you like.' : `You did it after ${secondsText(seen)}.`
    case 'ahead':
      return due ? `It is due ${due}.` : 'It is due once you have done that.'
    case 'due':
      return `It may come now: it is due ${due}.`
    case 'overdue':
      return `It is ${secondsText(off)} overdue.`
    case 'in-time':
      return `${came}, in time.`
    case 'early':
      return `${came}, ${secondsText(off)} earlier than usual.`
    case 'late':
      return `${came}, ${secondsText(off)} late.`
    case 'missing':
      return 'It did not come.'
    case 'shown':
      return 'Nobody tapped it; what came after it shows that it came.'
    case 'unheard':
      return window ? 'Nobody noticed it.' : 'It was not waited for.'
  }
}

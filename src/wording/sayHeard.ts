import { valueLabel } from '../core/knowledge/valueLabels'
import type { RecordingAdvice } from '../core/sound/advice'
import {
  type EnvelopeKind,
  type Heard,
  LIKELY,
  type SoundChange,
  type Suggested,
  type Suggestion,
  surenessOf,
  type ToldBeat,
} from '../core/sound/hear'
import { sound } from './en/sound'
import { say } from './say'

const KINDS: Partial<Record<EnvelopeKind, string>> = {
  'outer-race': 'grinding-outer',
  'inner-race': 'grinding-inner',
  ball: 'grinding-ball',
  turn: 'grinding-turn',
}

/** A suggestion as a question, with the figure that speaks for it. */
function saySuggestion(heard: Heard, value: Suggested): string {
  const turn = heard.rpm ? heard.rpm.value / 60 : null
  const beat = heard.envelope.find(({ what }) => !['blades', 'hum', 'knock'].includes(what))
  const squeal = heard.tones.find(({ what, hz }) => what === 'squeal' || (what === 'other' && hz > 1000))
  const slow = heard.envelope.find(({ hz }) => hz < 7)
  if (value === 'squeal' && !squeal) return said('suggest.squeal', { khz: 2 })
  if (value !== 'grinding')
    return said(`suggest.${value}`, { khz: (squeal?.hz ?? 0) / 1000, rate: slow?.hz ?? 1 })
  if (!beat || !turn) return said('suggest.grinding-unknown', { hz: beat?.hz ?? 0 })
  return said(`suggest.${KINDS[beat.what] ?? 'grinding'}`, { times: beat.hz / turn })
}

/** Each suggestion with its question, the likeliest first. */
export const saidSuggestions = (heard: Heard): (Suggestion & { text: string })[] =>
  heard.suggests.map((each) => ({ ...each, text: saySuggestion(heard, each.value) }))

const SAME_DB = 1.5
/** Tones from here up come from dry bearings, belts and relays, not from air or windings. Hz. */
const HIGH_HZ = 1000
/** Speeds that lie closer are one speed. Turns a minute. */
const SAME_RPM = 15

/** What differs between two recordings, each as a sentence. */
export function changeLines({
  levelDb,
  oddGone,
  oddNew,
  hum,
  rpm,
  beatsGone,
  beatsNew,
}: SoundChange): string[] {
  const loudness = Math.abs(levelDb) < SAME_DB ? 'same' : levelDb > 0 ? 'louder' : 'quieter'
  const tones = (list: number[]) => list.map((hz) => `${Math.round(hz)} Hz`).join(', ')
  const high = oddNew.some((hz) => hz > HIGH_HZ)
  return [
    said(`compare.${loudness}`, { db: Math.abs(levelDb) }),
    ...humLine(hum),
    ...(oddGone.length > 0 ? [said('compare.gone', { tones: tones(oddGone) })] : []),
    ...(oddNew.length > 0 ? [said(high ? 'compare.new-high' : 'compare.new', { tones: tones(oddNew) })] : []),
    ...beatsGone.slice(0, 1).map((beat) => beatLine('gone', beat)),
    ...beatsNew.slice(0, 1).map((beat) => beatLine('new', beat)),
    ...speedLine(rpm),
  ]
}

/** The same in one text, for `cog`. */
export const sayChange = (change: SoundChange): string => changeLines(change).join(' ')

function humLine({ hz, before, after, holds }: SoundChange['hum']): string[] {
  if (before !== null && after === null) return [said('compare.hum-gone', { hz })]
  if (before === null && after !== null) return [said(holds ? 'compare.hum-new' : 'compare.hum-out', { hz })]
  if (before === null || after === null || Math.abs(after - before) < SAME_DB) return []
  const key = after > before ? 'compare.hum-stronger' : 'compare.hum-weaker'
  return [said(key, { hz, db: Math.abs(after - before) })]
}

function beatLine(which: 'gone' | 'new', { hz, order, what }: ToldBeat): string {
  const named = said(`beat.${what}`, {})
  return order === null
    ? said(`compare.beat-${which}-hz`, { hz, what: named })
    : said(`compare.beat-${which}`, { times: order, what: named })
}

function speedLine({ before, after }: SoundChange['rpm']): string[] {
  if (after === null) return []
  const rpm = Math.round(after)
  return before === null || Math.abs(before - after) < SAME_RPM
    ? [said('compare.speed', { rpm })]
    : [said('compare.speed-changed', { rpm, was: Math.round(before) })]
}

/** How sure a suggestion is, by what was counted of such ones. */
export function sayingSure(suggestion: Suggestion): string {
  const told = surenessOf(suggestion)
  if (!told) return ''
  const { sure, counted } = told
  return [
    said(`sure.${sure}`, {}),
    ...(counted ? [said('sure.counted', { right: counted.right, of: counted.of })] : []),
    said('sure.alone', {}),
  ].join(' ')
}

/** What to tell whoever holds the phone while it records. */
export const adviceWords = (advice: RecordingAdvice): string => said(`advice.${advice}`, {})

/** One recording of a job in a line: its name, its level, its speed and what it may have been. */
export function recordingLine(
  side: 'before' | 'after',
  name: string,
  { seconds, levelDb, rpm, suggests }: Heard,
): string {
  const [top] = suggests
  return [
    said('side.said', { side: said(`side.${side}`, {}), name, seconds, below: -levelDb }),
    ...(rpm ? [said('side.speed', { rpm: Math.round(rpm.value) })] : []),
    ...(top && top.value !== 'none' && top.confidence >= LIKELY
      ? [said('side.maybe', { what: valueLabel('sound', top.value) })]
      : []),
  ].join(' ')
}

const said = (key: string, params: Record<string, string | number>): string => say({ key, params }, sound)

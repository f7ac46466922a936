import type { EnvelopeKind, Heard, HeardChange, Suggested, Suggestion } from '../core/sound/hear'
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

/** What differs between two recordings, in a sentence or three. */
export function sayChange({ levelDb, gone, newTones }: HeardChange): string {
  const tones = (list: number[]) => list.map((hz) => `${Math.round(hz)} Hz`).join(', ')
  const loudness = Math.abs(levelDb) < SAME_DB ? 'same' : levelDb > 0 ? 'louder' : 'quieter'
  return [
    said(`compare.${loudness}`, { db: Math.abs(levelDb) }),
    ...(gone.length > 0 ? [said('compare.gone', { tones: tones(gone) })] : []),
    ...(newTones.length > 0 ? [said('compare.new', { tones: tones(newTones) })] : []),
  ].join(' ')
}

const said = (key: string, params: Record<string, string | number>): string => say({ key, params }, sound)

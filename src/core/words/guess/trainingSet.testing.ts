import { isStopRule, type StopRuleId } from '../../knowledge/vocabulary'
import { dangerLookalikes, dangerVoices } from '../dangerVoices.testing'
import { heldOut } from '../heldOut.testing'
import { voices } from '../voices.testing'
import { harmlessFrames, pieces, tellingFrames } from './frames.testing'
import { laterDangers, laterLookalikes } from './laterVoices.testing'
import more from './moreVoices.json'
import others from './others.json'

/** A sentence to learn from: with the danger that it tells, or null. */
export interface Example {
  text: string
  stop: StopRuleId | null
}

const written: Example[] = [
  ...dangerVoices.map(([stop, text]) => ({ text, stop })),
  ...laterDangers.map(([stop, text]) => ({ text, stop })),
  ...dangerLookalikes.map((text) => ({ text, stop: null })),
  ...laterLookalikes.map((text) => ({ text, stop: null })),
  ...heldOut.map(({ text }) => ({ text, stop: null })),
  ...voices.flatMap(({ text, stops }) => examplesOf(text, stops ?? [])),
  ...Object.entries(more).flatMap(([stop, texts]) => texts.flatMap((text) => examplesOf(text, [stop]))),
]

/** A sentence once for each danger that it tells. */
function examplesOf(text: string, stops: readonly string[]): Example[] {
  const told = stops.filter(isStopRule)
  return told.length > 0 ? told.map((stop) => ({ text, stop })) : [{ text, stop: null }]
}

const isHeld = (place: number): boolean => place % 3 === 2

/** Sentences that people wrote, the third that is held back apart. */
export const learned = [
  ...written.filter((_, place) => !isHeld(place)),
  // Their own third was left out before.
  ...others.flatMap(({ text, stops }) => examplesOf(text, stops)),
]
export const held = written.filter((_, place) => isHeld(place))

/** One sentence out of a frame: each `{name}` a piece of that name, each `(a|b|)` one of its ways. */
function told(frame: string, random: () => number): string {
  const pick = (list: readonly string[]) => list[Math.floor(random() * list.length)] ?? ''
  let text = frame
  for (let round = 0; round < 6 && /[{(]/.test(text); round++)
    text = text
      .replace(/\(([^()]*)\)/g, (_, ways: string) => pick(ways.split('|')))
      .replace(/\{(\w+)\}/g, (_, name: string) => pick(pieces[name] ?? [name]))
  return text.replace(/\s+/g, ' ').trim()
}

/** So many sentences a frame, the same every time for the same `random`. */
export function madeUp(each: number, random: () => number): Example[] {
  const from = (frames: readonly string[], stop: StopRuleId | null) =>
    frames.flatMap((frame) => Array.from({ length: each }, () => ({ text: told(frame, random), stop })))
  return [
    ...Object.entries(tellingFrames).flatMap(([stop, frames]) => from(frames, stop as StopRuleId)),
    ...from(harmlessFrames, null),
  ]
}

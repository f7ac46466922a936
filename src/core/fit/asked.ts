import type { JobSnapshot } from '../job'
import { capacitorMatchInputOf, motorMatchInputOf } from '../job/parts/motorMatch'
import { type Asked, type AskLine, askForCapacitor, askForMotor } from '../match'
import { isByNumber } from '../match/askMotor'
import { inHouseholdUnits } from '../units/household'

/** What a job asks a seller for, in the words and units of its household. */
export interface AskedOfJob {
  /** All that must hold in one sentence, to be read aloud; empty while nothing of the old part is known. */
  say: string
  must: string[]
  /** What saves work. */
  better: string[]
  /** What must be measured of the old part first. */
  unknown: string[]
  buyToo: string[]
}

const NOTHING: AskedOfJob = { say: '', must: [], better: [], unknown: [], buyToo: [] }

/**
 * The windows of every figure for the old motor or capacitor of a job; of a motor that is programmed for its machine its
 * number alone.
 */
export function askedOf(snapshot: JobSnapshot, part: 'motor' | 'capacitor'): AskedOfJob {
  if (part === 'motor') {
    const { candidates: _, ...input } = motorMatchInputOf(snapshot, [])
    const asked = askForMotor(input)
    const lines = isByNumber(input.old)
      ? asked.asks.filter(({ rule }) => rule === 'part-number' || rule === 'kind')
      : asked.asks
    return inWords(snapshot, { ...asked, asks: lines.filter((line) => !isOfOneMachine(line)) })
  }
  const input = capacitorMatchInputOf(snapshot, [])
  return input
    ? inWords(snapshot, askForCapacitor(input))
    : { ...NOTHING, unknown: ['Type the label of the old capacitor, or what the motor asks for.'] }
}

/** No seller needs to be told that a motor made for one other machine does not serve. */
const isOfOneMachine = ({ field, anyOf }: AskLine): boolean =>
  field === 'unique' || anyOf?.[0]?.[0]?.field === 'unique'

/** What no seller offers unasked is no part of the sentence: it stands in the list alone. */
const UNSAID = ['kind', 'part-number', 'duty']

function inWords(snapshot: JobSnapshot, { asks, unknown, buyToo }: Asked): AskedOfJob {
  const said = (text: string) => inHouseholdUnits(text, snapshot.household.inches === 1)
  const texts = (hard: boolean) => [
    ...new Set(asks.filter((line) => line.hard === hard).map(({ text }) => said(text))),
  ]
  const must = texts(true)
  const spoken = asks
    .filter(({ hard, rule, anyOf }) => hard && !(UNSAID.includes(rule) && !anyOf && asks.length > 3))
    // Every motor has one speed.
    .filter(({ rule, min }) => rule !== 'speed-count' || (min ?? 0) > 1)
    .map(({ text }) => said(text).replace(/\.$/, ''))
  const [first = '', ...rest] = [...new Set(spoken)]
  return {
    say: first === '' ? '' : `${[first, ...rest.map(small)].join('; ')}.`,
    must,
    better: texts(false).filter((text) => !must.includes(text)),
    unknown: unknown.map(({ text }) => said(text)),
    buyToo: buyToo.map(({ text }) => said(text)),
  }
}

const small = (text: string) => `${text.slice(0, 1).toLowerCase()}${text.slice(1)}`

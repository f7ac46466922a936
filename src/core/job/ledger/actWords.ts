import type { BackStep, LineAction } from '../../refit/types'
import { capital } from '../../units/capital'
import type { LedgerRow } from '../rows'

/** Acts whose name says more than one says of them. */
const shorter: Record<string, string> = {
  'cut-tie': 'cut',
  'cut-wire': 'cut',
  'break-seal': 'break loose',
  'pull-hose': 'pull off',
}

/** @example actionWords('slide-out') // 'slide out' */
export const actionWords = (action: string): string => shorter[action] ?? action.replaceAll('-', ' ')

/** @example piecesOf(4, '1/4 hex long') // '4 × 1/4 hex long' */
export const piecesOf = (count: number | null, fastener: string): string =>
  fastener ? `${count ?? 1} × ${fastener}` : count ? `${count} ${count === 1 ? 'piece' : 'pieces'}` : ''

/** Acts that somebody does with the hands and nothing else: undone in the order in which they were done. */
const HANDS_ONLY: LineAction[] = ['unclip', 'unscrew', 'unplug', 'lift-off', 'slide-out', 'loosen']

/**
 * Whether a line wants nothing but hands, so that several may be said to be done at once: it takes no figure and no photo, parts
 * no wire at a terminal, stands for no while, and on the way in nothing is asked to be noted and no caution stands at it.
 */
export const wantsHandsOnly = (line: LedgerRow, way: 'in' | 'back'): boolean =>
  HANDS_ONLY.includes(line.action) &&
  line.terminal === '' &&
  line.temporary === 0 &&
  line.handsOff === 0 &&
  (way === 'back' || (!line.asks && !line.caution))

/** An act of the ledger as one says it: what to do, then what belongs to it, each a sentence. */
export interface SpokenAct {
  title: string
  details: string[]
}

/**
 * An act of the way in, in words that can be read aloud.
 *
 * @param caution what cannot be undone, or is easily broken
 */
export function spokenAct(line: LedgerRow, caution = ''): SpokenAct {
  const {
    action,
    part,
    terminal,
    count,
    fastener,
    cup,
    mark,
    asks,
    movesToNewPart,
    renewMaterial,
    cureHours,
  } = line
  const verb = actionWords(action)
  const pieces = piecesOf(count, fastener)
  return {
    title: capital(`${verb} ${part || 'this'}${terminal ? ` from ${terminal}` : ''}`),
    details: [
      pieces && cup ? `${pieces}, into cup ${cup}.` : pieces ? `${pieces}.` : cup ? `Into cup ${cup}.` : '',
      mark ? `Goes back: ${mark}.` : asks ? `Note first, or take a photo: ${asks}.` : '',
      movesToNewPart ? 'It goes onto the new part.' : '',
      renewMaterial
        ? `On the way back it is renewed with ${renewMaterial}${cureHours === null ? '' : `, which cures ${cureHours} hours`}.`
        : '',
      caution,
    ].filter(Boolean),
  }
}

/**
 * An act of the way back, in words that can be read aloud: what to do, what to take from which cup, what to look at after it.
 *
 * @example spokenBack(stepOf…, rowOf…).details // ['Check: it sits on the flat.']
 */
export function spokenBack(step: BackStep, row: LedgerRow): SpokenAct {
  const { count, fastener, cup, mark, terminal } = row
  const pieces = piecesOf(count, fastener)
  return {
    title: capital(step.text),
    details: [
      cup && !step.text.includes(`cup ${cup}`) ? `${pieces || 'Its fasteners'}, out of cup ${cup}.` : '',
      terminal && !step.text.includes(terminal) ? `To ${terminal}.` : '',
      mark && ![step.text, ...step.checks].some((said) => said.includes(mark)) ? `As it was: ${mark}.` : '',
      ...step.checks.map((check) => `Check: ${check}.`),
    ].filter(Boolean),
  }
}

import { workFigures } from '../knowledge/workFigures'
import type { MatchResult, Work } from './types'

/** What an hour of one's own counts where nobody has said: enough that two hours of filing outweigh a dearer part. */
const HOUR = 30

export interface Offer {
  price: number | null
  /** It lies on the person's own shelf. */
  own: boolean
}

/**
 * Minutes and money that a list of work takes.
 *
 * @example workCost([{ kind: 'cut-shaft', text: '' }, { kind: 'change-band', text: '' }]) // { minutes: 35, money: 14 }
 */
export function workCost(work: Pick<Work, 'kind'>[]): { minutes: number; money: number } {
  return work.reduce(
    (sum, { kind }) => ({
      minutes: sum.minutes + workFigures[kind].minutes,
      money: sum.money + workFigures[kind].money,
    }),
    { minutes: 0, money: 0 },
  )
}

/** Serves as it is, may serve once its open figures are known, serves with work, cannot. */
const classOf = ({ verdict, open }: MatchResult): number =>
  verdict === 'no' ? 3 : verdict === 'fits-with-work' ? 2 : open.length > 0 ? 1 : 0

/** Its own number, or one that is declared to replace it. */
const isDeclared = ({ rules }: MatchResult): boolean =>
  rules.some(({ rule, verdict }) => rule === 'part-number' && verdict === 'ok')

/**
 * The order in which a person would look at them: what lies on the shelf first, then what is declared to replace the old number,
 * the newest first, then what drops in, then by work in minutes and money, then by price; what cannot serve last, in the order
 * in which it was judged.
 *
 * @param offerOf what the part costs and whose it is
 */
export function ranked(results: MatchResult[], offerOf: (id: string) => Offer): MatchResult[] {
  const keyed = results.map((result, index) => {
    const offer = offerOf(result.id)
    const { minutes, money } = workCost(result.work)
    const group = classOf(result)
    const declared = isDeclared(result)
    return {
      result,
      keys:
        group === 3
          ? [1, 0, 0, group, 0, 0, index]
          : [
              0,
              offer.own ? 0 : 1,
              declared ? 0 : 1,
              group,
              // Among those that are declared the newest stands first, whatever it costs.
              declared ? 0 : money + (minutes * HOUR) / 60,
              offer.own || declared ? 0 : (offer.price ?? Number.MAX_SAFE_INTEGER),
              index,
            ],
    }
  })
  return keyed
    .sort((one, two) => {
      const at = one.keys.findIndex((key, index) => key !== two.keys[index])
      return at < 0 ? 0 : (one.keys[at] ?? 0) - (two.keys[at] ?? 0)
    })
    .map(({ result }) => result)
}

export interface Sieve {
  /** Words that the name has to hold, in any order. */
  text: string
  verdict: 'usable' | 'serves' | 'untold' | 'work' | 'no' | 'all'
  /** A rule that stands against it, or is open; empty: any. */
  rule: string
}

/** Those of the results that a person asks for. A part that is named is shown whatever its verdict: it is asked why not. */
export function sieved(results: MatchResult[], sieve: Sieve, nameOf: (id: string) => string): MatchResult[] {
  const words = sieve.text.toLowerCase().split(/\s+/).filter(Boolean)
  return results.filter((result) => {
    const group = classOf(result)
    const named = words.every((word) => nameOf(result.id).toLowerCase().includes(word))
    const wanted =
      words.length > 0 && sieve.verdict === 'usable'
        ? true
        : {
            usable: group < 3,
            serves: group === 0,
            untold: group === 1,
            work: group === 2,
            no: group === 3,
            all: true,
          }[sieve.verdict]
    const ruled =
      sieve.rule === '' || result.rules.some(({ rule, verdict }) => rule === sieve.rule && verdict !== 'ok')
    return named && wanted && ruled
  })
}

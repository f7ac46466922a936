import { CoreError } from '../../errors'
import { type Factors, factorise } from './lu'
import { type Net, nodesOf } from './net'

/** Adds what lies between two nodes, as its admittance in S; the ground has no row. */
export type Stamp = (a: string, b: string, real: number, imaginary?: number) => void

export interface NodeMatrix {
  index: ReadonlyMap<string, number>
  factors: Factors
}

/**
 * The node equations of a net, filled by `fill` and factorised.
 *
 * @throws CoreError `singular` where a part hangs on nothing
 */
export function nodeMatrix(net: Net, fill: (stamp: Stamp) => void): NodeMatrix {
  const names = nodesOf(net)
  const index = new Map(names.map((name, i) => [name, i]))
  const size = names.length
  const [re, im] = [new Float64Array(size * size), new Float64Array(size * size)]
  const add = (at: number, real: number, imaginary: number) => {
    re[at] = (re[at] ?? 0) + real
    im[at] = (im[at] ?? 0) + imaginary
  }
  fill((a, b, real, imaginary = 0) => {
    const [p, q] = [index.get(a), index.get(b)]
    for (const at of [p, q]) if (at !== undefined) add(at * size + at, real, imaginary)
    if (p === undefined || q === undefined) return
    add(p * size + q, -real, -imaginary)
    add(q * size + p, -real, -imaginary)
  })
  const factors = factorise(size, re, im)
  if (!factors) throw new CoreError('singular', 'A part of this machine hangs on nothing.', 'circuit')
  return { index, factors }
}

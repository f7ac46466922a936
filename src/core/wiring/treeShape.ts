import { isOf, singleWindingKinds } from '../knowledge/motorKinds'
import { plainLead, startWinding } from '../winding/roles'
import { type MotorShape, type Segment, windingLeads, X_PER_OHM } from './motorShape'
import { Nodes } from './nodes'
import { solveWiring, torqueOf } from './solve'
import type { MeasuredTree, WiringInput, WiringLead, WiringRole } from './types'

/** µF by which two places of the capacitor are compared where nobody has said any. */
const ANY_UF = 5

interface End {
  end: string
  inner: string
  segment: Segment
}

/**
 * The motor as its ohms show it, and nothing else: the end segment without a tap is the start winding, what is left is the
 * chain of main winding and taps. Where the start winding joins at the chain's end, that end is the neutral and the capacitor
 * sits on the speed in use. Where it joins in the middle, the neutral is the end with a second lead (the capacitor's return),
 * else the end behind the larger segment; without a return the plate decides, and the capacitor goes where it starts harder.
 */
export function treeShape(input: WiringInput, tree: MeasuredTree): MotorShape {
  const named = namedLeads(input, tree)
  const segments = segmentsOf(tree)
  const ends = endsOf(segments).sort((one, two) => two.segment.r - one.segment.r)
  const isTwin = (point: string) => (named.get(point)?.length ?? 0) > 1
  const reached = [...named].filter(([, leads]) => leads.length > 0).length
  const hasStart = !isOf(singleWindingKinds, input.motor.kind) && reached > 2
  const startEnd = hasStart
    ? startWinding(ends, reached, ({ end, inner }) => ({
        isTwin: isTwin(end),
        atJoint: touching(segments, inner) > 2,
      }))
    : undefined
  const start = startEnd ? { ...startEnd.segment, from: startEnd.inner, to: startEnd.end } : null
  const main = segments.filter((segment) => segment !== startEnd?.segment)
  const chain = fromNeutral(longestChain(main), start?.from, isTwin, main)
  const joint = start ? chain.indexOf(start.from) : 0
  const shape: MotorShape = {
    pointOf: new Map([...named].flatMap(([point, leads]) => leads.map(({ id }) => [id, point] as const))),
    chain,
    main,
    start,
    ...leadsOf(named, chain, start, joint > 0),
    beside: [...named].flatMap(([point, leads]) =>
      chain.includes(point) || point === start?.to ? [] : leads,
    ),
    capacitorOnNeutral: joint > 0,
  }
  if (joint <= 0 || isTwin(chain[0] ?? '') || startsHarder(shape, input)) return shape
  return { ...shape, ...leadsOf(named, chain, start, false), capacitorOnNeutral: false }
}

/** The leads of each point, without those that belong to no winding. */
function namedLeads({ motor }: WiringInput, tree: MeasuredTree): Map<string, WiringLead[]> {
  const own = windingLeads(motor)
  return new Map(
    tree.nodes.map(({ id, leads }) => [`n:${id}`, own.filter((lead) => leads.includes(lead.id))]),
  )
}

const segmentsOf = ({ segments }: MeasuredTree): Segment[] =>
  segments.flatMap(({ from, to, ohm }) =>
    ohm === null ? [] : [{ from: `n:${from}`, to: `n:${to}`, r: Math.max(1e-3, ohm), x: ohm * X_PER_OHM }],
  )

const touching = (segments: Segment[], point: string) =>
  segments.filter(({ from, to }) => from === point || to === point).length

function endsOf(segments: Segment[]): End[] {
  return segments
    .flatMap((segment) => [
      { end: segment.from, inner: segment.to, segment },
      { end: segment.to, inner: segment.from, segment },
    ])
    .filter(({ end }) => touching(segments, end) === 1)
}

/** The way of the most ohms from end to end. */
function longestChain(segments: Segment[]): string[] {
  let best: { points: string[]; r: number } = { points: [], r: -1 }
  const walk = (points: string[], at: string, r: number): void => {
    if (r > best.r) best = { points, r }
    for (const { from, to, r: more } of segments) {
      const next = from === at ? to : to === at ? from : null
      if (next !== null && !points.includes(next)) walk([...points, next], next, r + more)
    }
  }
  for (const { end } of endsOf(segments)) walk([end], end, 0)
  return best.points
}

/** Turned so that the end which every speed shares comes first. */
function fromNeutral(
  chain: string[],
  joint: string | undefined,
  isTwin: (point: string) => boolean,
  main: Segment[],
): string[] {
  const turned = [...chain].reverse()
  const [first, last] = [chain[0], turned[0]]
  if (first === undefined || last === undefined) return chain
  if (joint === first) return chain
  if (joint === last) return turned
  if (isTwin(first) !== isTwin(last)) return isTwin(first) ? chain : turned
  const ohmAt = (point: string) => main.find(({ from, to }) => from === point || to === point)?.r ?? 0
  return ohmAt(first) >= ohmAt(last) ? chain : turned
}

/** Which lead of each point does what; `beyond`: the capacitor belongs to the neutral's end. */
function leadsOf(
  named: Map<string, WiringLead[]>,
  chain: string[],
  start: Segment | null,
  beyond: boolean,
): Pick<MotorShape, 'neutral' | 'speeds' | 'starts' | 'returns' | 'spares'> {
  const split = (point: string | undefined, role: WiringRole) => {
    const leads = named.get(point ?? '') ?? []
    // Of the leads of one point the one that was called a return is the return; else the striped one.
    const plainOnes = leads.filter((lead) => lead.role !== 'capacitor-return')
    const plain = plainLead((plainOnes.length > 0 ? plainOnes : leads).map(({ id }) => id))
    return {
      own: leads.filter(({ id }) => id === plain).map((lead) => ({ ...lead, role })),
      twins: leads
        .filter(({ id }) => id !== plain)
        .map((lead) => ({ ...lead, role: 'capacitor-return' as const, twinOf: plain })),
    }
  }
  const [first, ...rest] = chain.filter((point) => (named.get(point)?.length ?? 0) > 0)
  const jointHasLead = start !== null && rest.includes(start.from)
  const neutral = split(first, beyond && jointHasLead ? 'run' : 'common')
  const speeds = rest.map((point, index) =>
    split(
      point,
      beyond && jointHasLead ? (point === start?.from ? 'common' : 'tap') : index === 0 ? 'run' : 'tap',
    ),
  )
  const starts = split(start?.to, 'start')
  const ofSpeeds = speeds.flatMap(({ twins }) => twins)
  return {
    neutral: neutral.own,
    speeds: speeds.flatMap(({ own }) => own),
    starts: starts.own,
    returns: beyond ? neutral.twins : ofSpeeds,
    spares: [...starts.twins, ...(beyond ? ofSpeeds : neutral.twins)],
  }
}

/** With its capacitor on the neutral's end the fastest speed starts at least as hard as with it on the speed itself. */
function startsHarder(shape: MotorShape, { supply, motor, capacitor }: WiringInput): boolean {
  const { chain, speeds, pointOf, start } = shape
  const [neutral] = chain
  const fastest = pointOf.get(speeds[0]?.id ?? '')
  if (!start || neutral === undefined || fastest === undefined) return true
  const uF = motor.needsUf ?? capacitor.uF ?? ANY_UF
  const torqueWith = (near: string): number => {
    const nodes = new Nodes()
    return Math.abs(
      torqueOf(solveWiring(nodes, [fastest, neutral], supply, shape, [{ from: near, to: start.to, uF }])),
    )
  }
  return torqueWith(neutral) >= torqueWith(fastest)
}

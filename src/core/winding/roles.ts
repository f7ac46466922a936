import { electronicKinds, isOf, singleWindingKinds } from '../knowledge/motorKinds'
import type { MotorKindId } from '../knowledge/vocabulary'
import { distancesFrom, type WindingTree } from './tree'
import type { LeadRole } from './types'

export interface Roles {
  roles: Record<string, LeadRole>
  speedsFastestFirst: string[]
  notes: string[]
}

/**
 * Which end segment of a tree is the start winding: the largest. Of four points and more an end with a second lead is where the
 * capacitor returns, and not it, where another end hangs on a joint of three: in a row without such a joint there is only the
 * largest to go by.
 *
 * @param ends the largest first
 */
export function startWinding<End>(
  ends: End[],
  points: number,
  of: (end: End) => { isTwin: boolean; atJoint: boolean },
): End | undefined {
  const [largest] = ends
  if (largest === undefined || points <= 3 || !of(largest).isTwin) return largest
  return ends.find((end) => !of(end).isTwin && of(end).atJoint) ?? largest
}

/** Names a maker gives to the lead that repeats another for the capacitor: mostly striped. */
const STRIPED = /strip|trac|[/-]\s*(white|wht|w)\b/i

/** Run and start measuring within this share of each other may be exchanged. */
const EXCHANGEABLE = 0.1

/**
 * What each lead is, from the tree. The start winding is the end segment with no tap (the largest where in doubt), the
 * common its inner end, `run` the fastest tap, `tap` the slower ones in order.
 */
export function assignRoles(tree: WindingTree, points: string[][], kind: MotorKindId | undefined): Roles {
  const none: Roles = { roles: {}, speedsFastestFirst: [], notes: [] }
  if (isOf(electronicKinds, kind)) {
    return { ...none, roles: Object.fromEntries(points.flat().map((lead) => [lead, 'line' as const])) }
  }
  const live = tree.nodes.map((point, node) => ({ point, node })).filter((entry) => entry.point >= 0)
  if (live.length < 2) return none
  if (live.length === 2)
    return named(
      points,
      [
        [live[0]!.point, 'common'],
        [live[1]!.point, 'run'],
      ],
      none,
    )

  const degree = (node: number) => tree.edges.filter((edge) => edge.a === node || edge.b === node).length
  const ends = tree.edges
    .flatMap((edge) => [
      { end: edge.a, inner: edge.b, ohm: edge.ohm },
      { end: edge.b, inner: edge.a, ohm: edge.ohm },
    ])
    .filter(({ end }) => degree(end) === 1)
    .sort((one, two) => two.ohm - one.ohm)
  // A motor without a start winding: the main winding is the largest end segment, its outer end the line.
  const single = isOf(singleWindingKinds, kind)
  const twins = (node: number) => (points[tree.nodes[node] ?? -1]?.length ?? 0) > 1
  const start = single
    ? null
    : startWinding(ends, live.length, ({ end, inner }) => ({
        isTwin: twins(end),
        atJoint: degree(inner) > 2,
      }))!
  let commonNode = single ? ends[0]!.end : ends[0]!.inner
  const notes: string[] = []
  if (tree.nodes[commonNode]! < 0) {
    // The start winding joins inside, where no lead comes out: the line is the outer end of the next largest segment.
    commonNode = ends.find((end) => end.end !== start?.end)!.end
    notes.push('The start winding joins where no lead comes out; the plate tells which lead is the line.')
  }
  const distance = distancesFrom(tree, commonNode)
  const joint = commonNode
  const main =
    start &&
    tree.nodes[joint]! >= 0 &&
    ends.find(({ end, inner }) => inner === joint && end !== start.end && twins(end))
  if (start && main && live.length > 3) return beyondJoint(tree, points, joint, start.end, main.end, notes)
  const speeds = live
    .filter(({ node }) => node !== commonNode && node !== start?.end)
    .sort((one, two) => distance[one.node]! - distance[two.node]!)
  const assigned: [number, LeadRole][] = [[tree.nodes[commonNode]!, 'common']]
  if (start) assigned.push([tree.nodes[start.end]!, 'start'])
  speeds.forEach(({ point }, index) => {
    assigned.push([point, index === 0 ? 'run' : 'tap'])
  })
  if (start && speeds.length === 1) {
    const run = distance[speeds[0]!.node]!
    if (Math.abs(run - start.ohm) <= EXCHANGEABLE * Math.max(run, start.ohm)) {
      notes.push(
        'Run and start winding measure within 10 % of each other: the two may be exchanged, which turns the motor the other way.',
      )
    }
  }
  const result = named(points, assigned, { ...none, notes })
  return { ...result, speedsFastestFirst: speeds.map(({ point }) => plainLead(points[point]!)) }
}

/**
 * A build that misleads: the twin end of the main winding is the line's other side, the taps lie beyond the joint of main
 * and start winding, and the joint's own lead is the fastest speed.
 */
function beyondJoint(
  tree: WindingTree,
  points: string[][],
  joint: number,
  start: number,
  main: number,
  notes: string[],
): Roles {
  const distance = distancesFrom(tree, joint)
  const pointOf = (node: number) => tree.nodes[node] ?? -1
  const taps = tree.nodes
    .map((point, node) => ({ point, node }))
    .filter(({ point, node }) => point >= 0 && ![joint, start, main].includes(node))
    .sort((one, two) => (distance[one.node] ?? 0) - (distance[two.node] ?? 0))
  const result = named(
    points,
    [
      [pointOf(joint), 'common'],
      [pointOf(start), 'start'],
      [pointOf(main), 'run'],
      ...taps.map(({ point }): [number, LeadRole] => [point, 'tap']),
    ],
    { roles: {}, speedsFastestFirst: [], notes },
  )
  const speeds = [pointOf(joint), ...taps.map(({ point }) => point)]
  return {
    ...result,
    speedsFastestFirst: speeds.map((point) => plainLead(points[point] ?? [])),
    notes: [
      ...notes,
      "This motor has its taps on the joint's side: the end with two leads is the line's other side (the neutral), and the joint's own lead is the fastest speed.",
    ],
  }
}

/** Of the leads of one point the plain one takes the role; its twin is the one for the capacitor. */
export function plainLead(leads: string[]): string {
  return leads.find((lead) => !STRIPED.test(lead)) ?? leads[0] ?? ''
}

function named(points: string[][], assigned: [number, LeadRole][], base: Roles): Roles {
  const roles: Record<string, LeadRole> = {}
  for (const [point, role] of assigned) {
    const leads = points[point]!
    const first = plainLead(leads)
    for (const lead of leads) roles[lead] = lead === first ? role : 'capacitor'
  }
  const speeds = assigned
    .filter(([, role]) => role === 'run' || role === 'tap')
    .map(([point]) => plainLead(points[point]!))
  return { ...base, roles, speedsFastestFirst: speeds }
}

import type { MotorKindId } from '../knowledge/vocabulary'
import { distancesFrom, type WindingTree } from './tree'
import type { LeadRole } from './types'

export interface Roles {
  roles: Record<string, LeadRole>
  speedsFastestFirst: string[]
  notes: string[]
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
  if (kind === 'ecm' || kind === 'bldc') {
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

  const ends = tree.edges
    .flatMap((edge) => [
      { end: edge.a, inner: edge.b, ohm: edge.ohm },
      { end: edge.b, inner: edge.a, ohm: edge.ohm },
    ])
    .filter(({ end }) => tree.edges.filter((edge) => edge.a === end || edge.b === end).length === 1)
    .sort((one, two) => two.ohm - one.ohm)
  // A motor without a start winding: the main winding is the largest end segment, its outer end the line.
  const single = kind === 'shaded-pole' || kind === 'brushed-dc'
  const start = single ? null : ends[0]!
  let commonNode = single ? ends[0]!.end : ends[0]!.inner
  const notes: string[] = []
  if (tree.nodes[commonNode]! < 0) {
    // The start winding joins inside, where no lead comes out: the line is the outer end of the next largest segment.
    commonNode = ends.find((end) => end.end !== start?.end)!.end
    notes.push('The start winding joins where no lead comes out; the plate tells which lead is the line.')
  }
  const distance = distancesFrom(tree, commonNode)
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
  return { ...result, speedsFastestFirst: speeds.map(({ point }) => firstLead(points[point]!)) }
}

/** Of the leads of one point the plain one takes the role; its twin is the one for the capacitor. */
function firstLead(leads: string[]): string {
  return leads.find((lead) => !STRIPED.test(lead)) ?? leads[0]!
}

function named(points: string[][], assigned: [number, LeadRole][], base: Roles): Roles {
  const roles: Record<string, LeadRole> = {}
  for (const [point, role] of assigned) {
    const leads = points[point]!
    const first = firstLead(leads)
    for (const lead of leads) roles[lead] = lead === first ? role : 'capacitor'
  }
  const speeds = assigned
    .filter(([, role]) => role === 'run' || role === 'tap')
    .map(([point]) => firstLead(points[point]!))
  return { ...base, roles, speedsFastestFirst: speeds }
}

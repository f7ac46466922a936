import { CoreError } from '../errors'
import { capacitorKinds, electronicKinds, isOf, startSwitchKinds } from '../knowledge/motorKinds'
import { formatOhm, significant } from '../units/format'
import { judgeByPlate } from './byPlate'
import { pairsThatSettle } from './determined'
import { type Fit, fitTree } from './fitTree'
import { oddCandidates } from './fourPoints'
import { defaultOhmMeter, ohmUncertainty, resistanceAt } from './meter'
import type { PointReading } from './place'
import { groupLeads, readingOf, SAME_POINT_OHM, SAME_POINT_SHARE, type ZeroedPair } from './points'
import { assignRoles } from './roles'
import { sumCheckOf } from './sumCheck'
import { distancesFrom } from './tree'
import {
  type OhmMeter,
  type Segment,
  type TreeNode,
  type WindingFault,
  type WindingInput,
  type WindingResult,
  type WindingVerdict,
  windingVerdicts,
} from './types'

/** A motor this hot may only have its protector open. */
const HOT_CELSIUS = 60
/** Below this to the frame a motor leaks; up to `DOUBTFUL` a multimeter cannot say. */
const GROUNDED_OHM = 1e6
const DOUBTFUL_OHM = 20e6
/** A meter's uncertainty is a limit; spread evenly inside it, one sigma is u/√3. */
const SIGMA_SHARE = 1 / Math.sqrt(3)
/** Beyond this many sigmas (1.5 times the meter's own limit) a reading disagrees with the others. */
const DISAGREES = 1.5 / SIGMA_SHARE
/** How many more readings are left out, one at a time, once one is found without which the rest agree. */
const FURTHER_TRIES = 5

/**
 * Judge a motor's windings from its pair resistances (capacitor disconnected, supply off).
 *
 * @param input 2 to 10 leads, readings in Ω as the meter showed them, null over-range
 * @returns the tree of segments, the role of each lead, what is wrong and which pairs would settle what is open
 * @throws CoreError `unknown-lead`, `duplicate-lead`, `same-lead`, `too-few-leads`, `too-many-leads`
 * @example judgeWinding({ leads: ['a', 'b', 'c'], pairs: [{ a: 'a', b: 'b', ohm: 20 }, { a: 'b', b: 'c', ohm: 40 }, { a: 'a', b: 'c', ohm: 60 }] }).roles // { a: 'run', b: 'common', c: 'start' }
 */
export function judgeWinding(input: WindingInput): WindingResult {
  const result = judgeAsRead(input)
  const odd = result.faults.filter(({ kind, leads }) => kind === 'inconsistent' && leads.length === 2)
  if (odd.length > 0) return withoutThe(odd, input)
  const twins = unreadTwins(input, result)
  return twins.length > 0 ? judgeWinding({ ...input, joined: [...(input.joined ?? []), ...twins] }) : result
}

/**
 * Readings that the others contradict: the tree, its twins and the roles are those of the rest, as if they had never been
 * taken; the verdict still names them.
 */
function withoutThe(odd: WindingFault[], input: WindingInput): WindingResult {
  const isOdd = (a: string, b: string) => odd.some(({ leads }) => leads.includes(a) && leads.includes(b))
  const rest = judgeWinding({ ...input, pairs: input.pairs.filter(({ a, b }) => !isOdd(a, b)) })
  const verdicts = [...odd, ...rest.faults].map(({ kind }): WindingVerdict => kind)
  return {
    ...rest,
    faults: [...odd, ...rest.faults],
    missing: rest.missing.filter(([a, b]) => !isOdd(a, b)),
    verdict: windingVerdicts.find((each) => verdicts.includes(each)) ?? rest.verdict,
  }
}

/**
 * Leads that nobody read against each other and that the other readings put on one point: a speed tap lies further from its
 * neighbour than `SAME_POINT_OHM`.
 */
function unreadTwins(input: WindingInput, { tree, missing }: WindingResult): [string, string][] {
  const pairs = zeroed(input)
  const readings = pairs.flatMap(({ ohm }) => (ohm !== null && ohm > SAME_POINT_OHM ? [ohm] : []))
  const most = Math.min(SAME_POINT_OHM, SAME_POINT_SHARE * Math.min(...readings))
  const leadsOf = (id: string) => tree.nodes.find((node) => node.id === id)?.leads ?? []
  return tree.segments.flatMap(({ from, to, ohm }): [string, string][] => {
    const [one, two] = [leadsOf(from), leadsOf(to)]
    const [a, b] = [one[0], two[0]]
    if (ohm === null || ohm > most || a === undefined || b === undefined) return []
    const isRead = one.some((lead) => two.some((other) => readingOf(pairs, lead, other) !== undefined))
    const isMissing = missing.some(([x, y]) => [x, y].includes(a) && [x, y].includes(b))
    return isRead || isMissing ? [] : [[a, b]]
  })
}

function judgeAsRead(input: WindingInput): WindingResult {
  checkNames(input)
  const meter = input.meter ?? defaultOhmMeter
  const pairs = zeroed(input)
  const points = groupLeads(input.leads, pairs, input.joined ?? [], meter, Boolean(input.leadOffsetOhm))
  const faults: WindingFault[] = []
  const notes: string[] = []
  judgeFrame(input, faults, notes)

  const islands = findIslands(points, pairs)
  const state = new Set<WindingVerdict>()
  const missing: [string, string][] = []
  judgeIslands(input, islands, points, pairs, faults, missing, state)

  const nodes: TreeNode[] = []
  const segments: Segment[] = []
  let worst = 0
  let roles = assignRoles({ nodes: [], edges: [] }, points, input.motorKind)
  for (const island of islands) {
    const built = buildIsland(island, points, pairs, meter, input, faults, missing)
    worst = Math.max(worst, built.worstResidual)
    appendTree(built.fit, island, points, nodes, segments)
    if (island.length === points.length || island.length >= 3) {
      roles = assignRoles(
        built.fit.tree,
        island.map((point) => points[point]!),
        input.motorKind,
      )
    }
  }
  linkIslands(islands, points, nodes, segments)
  judgeShorts(input, points, pairs, faults)
  const sumCheck = isThreePhase(input) || points.length !== 3 ? null : sumCheckOf(points, pairs, meter)
  if (sumCheck && !sumCheck.pass && !faults.some((fault) => fault.kind === 'inconsistent')) {
    faults.push({
      kind: 'inconsistent',
      leads: points.map((leads) => leads[0]!),
      text: `The largest reading, ${formatOhm(sumCheck.largestOhm)}, should equal the sum of the other two, ${formatOhm(sumCheck.sumOhm)}. Check that the capacitor and every wire are off, zero the leads, and read all three again.`,
    })
  }
  if (isThreePhase(input)) judgePhases(points, pairs, faults, notes)
  else judgeByPlate(input, roles.roles, pairs, faults, notes)
  for (const fault of faults) state.add(fault.kind)
  if (missing.length > 0) state.add('incomplete')
  const verdict = windingVerdicts.find((candidate) => state.has(candidate)) ?? 'good'
  const at20C =
    input.windingCelsius === undefined
      ? undefined
      : segments.map((segment) => ({
          ...segment,
          ohm: segment.ohm === null ? null : resistanceAt(segment.ohm, input.windingCelsius!, 20),
        }))
  return {
    sameLeads: points.filter((leads) => leads.length > 1),
    tree: { nodes, segments },
    roles: roles.roles,
    speedsFastestFirst: roles.speedsFastestFirst,
    sumCheck,
    worstResidualOhm: worst,
    verdict,
    faults,
    missing,
    doubtfulToFrame: doubtful(input),
    ...(at20C ? { at20C } : {}),
    notes: [...points.flatMap(sameInWords), ...notes, ...roles.notes],
  }
}

/** Leads that are one point, as a person says it: "brown-white is the same point as white". */
const sameInWords = (leads: string[]): string[] =>
  leads.slice(1).map((lead) => `${lead} is the same point as ${leads[0]}.`)

function checkNames(input: WindingInput): void {
  if (input.leads.length < 2) throw new CoreError('too-few-leads', 'Name at least two leads.', 'leads')
  if (input.leads.length > 10)
    throw new CoreError(
      'too-many-leads',
      'More than ten leads cannot be mapped. Leave out the ground lead and reversing plug.',
      'leads',
    )
  const known = new Set(input.leads)
  if (known.size < input.leads.length)
    throw new CoreError(
      'duplicate-lead',
      'Two leads have the same name. Name them apart, for example brown and brown-white.',
      'leads',
    )
  const must = (lead: string, path: string) => {
    if (!known.has(lead))
      throw new CoreError('unknown-lead', `"${lead}" is not among the leads ${input.leads.join(', ')}.`, path)
  }
  input.pairs.forEach((pair, index) => {
    must(pair.a, `pairs[${index}].a`)
    must(pair.b, `pairs[${index}].b`)
    if (pair.a === pair.b)
      throw new CoreError('same-lead', 'A pair needs two different leads.', `pairs[${index}]`)
    if (pair.ohm !== null && pair.ohm < 0)
      throw new CoreError(
        'negative-resistance',
        'A resistance cannot be negative. Zero the leads and read again.',
        `pairs[${index}].ohm`,
      )
  })
  input.toFrame?.forEach((reading, index) => {
    must(reading.lead, `toFrame[${index}].lead`)
  })
  input.joined?.forEach(([a, b], index) => {
    must(a, `joined[${index}][0]`)
    must(b, `joined[${index}][1]`)
  })
}

/** The last reading of a pair counts; offset taken off, never below nothing. */
function zeroed(input: WindingInput): ZeroedPair[] {
  const offset = input.leadOffsetOhm ?? 0
  const last = new Map<string, ZeroedPair>()
  for (const pair of input.pairs) {
    const ohm = pair.ohm === null ? null : Math.max(0, pair.ohm - offset)
    last.set([pair.a, pair.b].sort().join('\u0000'), { a: pair.a, b: pair.b, ohm })
  }
  return [...last.values()]
}

function judgeFrame(input: WindingInput, faults: WindingFault[], notes: string[]): void {
  for (const reading of input.toFrame ?? []) {
    if (reading.ohm === null) continue
    if (reading.ohm < GROUNDED_OHM) {
      faults.push({
        kind: 'grounded',
        leads: [reading.lead],
        text: `${reading.lead} reads ${formatOhm(reading.ohm)} to the frame: it leaks. Do not run this motor.`,
      })
    } else if (reading.ohm < DOUBTFUL_OHM) {
      notes.push(
        `${reading.lead} reads ${formatOhm(reading.ohm)} to the frame: doubtful. Dry the motor and read again, or have it tested at 500 V.`,
      )
    }
  }
}

const doubtful = ({ toFrame = [] }: WindingInput): string[] =>
  toFrame
    .filter(({ ohm }) => ohm !== null && ohm >= GROUNDED_OHM && ohm < DOUBTFUL_OHM)
    .map(({ lead }) => lead)

/** Points joined by finite readings. */
function findIslands(points: string[][], pairs: ZeroedPair[]): number[][] {
  const pointOf = new Map(points.flatMap((leads, point) => leads.map((lead) => [lead, point] as const)))
  const island = points.map((_, index) => index)
  for (const pair of pairs) {
    if (pair.ohm === null) continue
    const [from, to] = [island[pointOf.get(pair.b)!]!, island[pointOf.get(pair.a)!]!]
    island.forEach((at, index) => {
      if (at === from) island[index] = to
    })
  }
  const groups = new Map<number, number[]>()
  island.forEach((at, index) => {
    groups.set(at, [...(groups.get(at) ?? []), index])
  })
  return [...groups.values()].sort((one, two) => two.length - one.length)
}

function judgeIslands(
  input: WindingInput,
  islands: number[][],
  points: string[][],
  pairs: ZeroedPair[],
  faults: WindingFault[],
  missing: [string, string][],
  state: Set<WindingVerdict>,
): void {
  if (islands.length < 2) return
  const crossed = (one: number[], two: number[]) =>
    one.flatMap((p) =>
      two.flatMap((q) => points[p]!.flatMap((a) => points[q]!.map((b) => readingOf(pairs, a, b)))),
    )
  const unread: [string, string][] = []
  const apart: number[][] = []
  const [main, ...rest] = islands as [number[], ...number[][]]
  for (const island of rest) {
    const readings = crossed(island, main)
    if (readings.includes(null)) apart.push(island)
    else unread.push([points[main[0]!]![0]!, points[island[0]!]![0]!])
  }
  missing.push(...unread)
  if (apart.length === 0) return
  const hot = input.caseTooHot === true || (input.windingCelsius ?? 20) >= HOT_CELSIUS
  // A protector sits in the common: one point cut off from all the others, or everything cut off.
  const protectorLike =
    apart.every((island) => island.length === 1) && (apart.length === 1 || main.length === 1)
  const leads = apart.flatMap((island) => island.flatMap((point) => points[point]!))
  if (hot && protectorLike) {
    state.add('hot-retest')
    faults.push({
      kind: 'hot-retest',
      leads,
      text: `${leads.join(', ')} open while the motor is hot: perhaps only its protector. Let it cool for an hour and read again before calling it dead.`,
    })
  } else {
    faults.push({
      kind: 'open',
      leads,
      text: `Over-range between ${leads.join(', ')} and the rest: a winding or its lead is open.`,
    })
  }
}

interface BuiltIsland {
  fit: Fit
  worstResidual: number
}

function buildIsland(
  island: number[],
  points: string[][],
  pairs: ZeroedPair[],
  meter: OhmMeter,
  input: WindingInput,
  faults: WindingFault[],
  missing: [string, string][],
): BuiltIsland {
  // Said as the meter shows it, lead offset still in it.
  const offset = input.leadOffsetOhm ?? 0
  const local = new Map(
    island.flatMap((point, index) => points[point]!.map((lead) => [lead, index] as const)),
  )
  const sigmaOf = (ohm: number) => Math.max(1e-6, ohmUncertainty(ohm, meter) * SIGMA_SHARE)
  const inside = pairs.filter(
    (pair) => local.has(pair.a) && local.has(pair.b) && local.get(pair.a) !== local.get(pair.b),
  )
  for (const pair of inside.filter((candidate) => candidate.ohm === null)) {
    faults.push(
      contradicted(
        pair.a,
        pair.b,
        `${pair.a} to ${pair.b} shows over-range, but both reach the other leads. Read that pair again.`,
      ),
    )
  }
  const finite = inside.filter((pair): pair is ZeroedPair & { ohm: number } => pair.ohm !== null)
  const readings: PointReading[] = finite.map((pair) => ({
    a: local.get(pair.a)!,
    b: local.get(pair.b)!,
    ohm: pair.ohm,
    sigma: sigmaOf(pair.ohm),
  }))
  const candidates = oddCandidates(island.length, readings, DISAGREES)
  // Where no single reading explains the contradictions the tree is only a rough one, and not worth polishing.
  const hopeless = candidates?.size === 0
  let fit = fitTree(island.length, readings, hopeless ? 0 : undefined)
  let used = readings
  if (fit.worst.sigmas > DISAGREES && island.length > 3) {
    const odd = hopeless ? null : oddOneOut(island.length, readings, fit, candidates)
    if (odd) {
      const pair = finite[odd.index]!
      faults.push(
        contradicted(
          pair.a,
          pair.b,
          `${pair.a} to ${pair.b} reads ${formatOhm(pair.ohm + offset)}; the others say ${formatOhm(odd.expected + offset)}. Read that pair again.`,
        ),
      )
      fit = odd.fit
      used = readings.filter((_, index) => index !== odd.index)
    } else {
      faults.push({
        kind: 'inconsistent',
        leads: island.flatMap((point) => points[point]!),
        text: `The readings disagree by up to ${significant(Math.max(...fit.residuals.map(Math.abs)), 2)} Ω. Check that every wire is off, zero the leads and read again.`,
      })
    }
  }
  if (!hopeless && (!isThreePhase(input) || island.length > 2)) {
    for (const [a, b] of pairsThatSettle(island.length, used, fit, sigmaOf)) {
      missing.push([points[island[a]!]![0]!, points[island[b]!]![0]!])
    }
  }
  return {
    fit,
    worstResidual: fit.residuals.reduce((most, residual) => Math.max(most, Math.abs(residual)), 0),
  }
}

const contradicted = (a: string, b: string, text: string): WindingFault => ({
  kind: 'inconsistent',
  leads: [a, b],
  text,
})

/** The one reading without which the others agree, with the simplest tree; null where leaving out one does not help. */
function oddOneOut(
  points: number,
  readings: PointReading[],
  full: Fit,
  candidates: Set<number> | null,
): { index: number; expected: number; fit: Fit } | null {
  let best: { index: number; expected: number; fit: Fit; cost: number } | null = null
  const order = readings
    .map((_, index) => index)
    .filter((index) => candidates === null || candidates.has(index))
    .sort(
      (x, y) =>
        Math.abs(full.residuals[y]!) / readings[y]!.sigma - Math.abs(full.residuals[x]!) / readings[x]!.sigma,
    )
  let left = Number.POSITIVE_INFINITY
  for (const index of order) {
    if (left-- <= 0) break
    const rest = readings.filter((_, other) => other !== index)
    if (!connects(points, rest)) continue
    const fit = fitTree(points, rest)
    if (fit.worst.sigmas > DISAGREES) continue
    const cost = fit.chiSquare + 9 * fit.tree.edges.length
    if (best && cost >= best.cost) continue
    const check = readings[index]!
    const expected = check.ohm - residualOf(fit, check)
    best = { index, expected, fit, cost }
    // A simple explanation is found: a few more of the likeliest are tried, then the best of them is taken.
    if (fit.tree.edges.length === points - 1) left = Math.min(left, FURTHER_TRIES)
  }
  return best
}

function connects(points: number, readings: PointReading[]): boolean {
  const reached = new Set([0])
  for (let grown = true; grown; ) {
    grown = false
    for (const { a, b } of readings) {
      if (reached.has(a) !== reached.has(b)) {
        reached.add(a).add(b)
        grown = true
      }
    }
  }
  return reached.size === points
}

function residualOf(fit: Fit, reading: PointReading): number {
  const from = fit.tree.nodes.indexOf(reading.a)
  const path = distancesFrom(fit.tree, from)[fit.tree.nodes.indexOf(reading.b)]!
  return reading.ohm - path
}

function appendTree(
  fit: Fit,
  island: number[],
  points: string[][],
  nodes: TreeNode[],
  segments: Segment[],
): void {
  const id = new Map<number, string>()
  fit.tree.nodes.forEach((point, node) => {
    const name = `n${nodes.length + 1}`
    id.set(node, name)
    nodes.push({ id: name, leads: point >= 0 ? points[island[point]!]! : [], hidden: point < 0 })
  })
  for (const edge of fit.tree.edges)
    segments.push({ from: id.get(edge.a)!, to: id.get(edge.b)!, ohm: edge.ohm })
}

/** Parts that do not reach each other hang together by a segment without a value. */
function linkIslands(islands: number[][], points: string[][], nodes: TreeNode[], segments: Segment[]): void {
  const nodeOf = (island: number[]) => nodes.find((node) => node.leads[0] === points[island[0]!]![0])!.id
  for (const island of islands.slice(1))
    segments.push({ from: nodeOf(islands[0]!), to: nodeOf(island), ohm: null })
}

/** How many distinct points a healthy motor of the kind shows. */
function pointsNeeded(input: WindingInput): number {
  const two = [...capacitorKinds, ...startSwitchKinds, ...electronicKinds]
  return isOf(two, input.motorKind) ? Math.min(3, input.leads.length) : 2
}

function judgeShorts(
  input: WindingInput,
  points: string[][],
  pairs: ZeroedPair[],
  faults: WindingFault[],
): void {
  if (points.length >= pointsNeeded(input)) return
  const twins = points.find((leads) => leads.length > 1)
  if (!twins) return
  const ohm = readingOf(pairs, twins[0]!, twins[1]!)
  // Known to be joined, nobody may have read them.
  const how = typeof ohm === 'number' ? `read ${formatOhm(ohm)}, as one point,` : 'are one point,'
  faults.push({
    kind: 'shorted',
    leads: twins,
    text: `${twins.join(' and ')} ${how} where this motor needs a winding: shorted, or two leads of one point and another lead not listed.`,
  })
}

const isThreePhase = (input: WindingInput) => isOf(electronicKinds, input.motorKind)

/** The phases of an electronic motor agree within 10 %. */
function judgePhases(points: string[][], pairs: ZeroedPair[], faults: WindingFault[], notes: string[]): void {
  const finite = pairs.flatMap((pair) => (pair.ohm === null ? [] : [pair.ohm]))
  if (points.length !== 3 || finite.length < 3) return
  const [low, high] = [Math.min(...finite), Math.max(...finite)]
  if (high > low * 1.1) {
    faults.push({
      kind: 'inconsistent',
      leads: points.flat(),
      text: `The three phases differ by ${significant((high / low - 1) * 100, 2)} %; they should agree within 10 %. Read again with the module off.`,
    })
  } else notes.push('The three phases agree within 10 %.')
}

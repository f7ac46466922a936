import type { ConductorId, ProofPair, Tip } from '../../isolation/pairs'
import { isolationPlans } from '../../knowledge/isolation'
import { atSwitch, type ProofPlaceLook, proofPlaces } from '../../knowledge/proofPlaces'
import { wireColours } from '../../knowledge/wireColours'
import { DEAD_BATTERY, DEAD_MAINS, pairVerdict, STOP_MAINS } from '../../safety/proof'
import type { JobSnapshot } from '../rows'
import { proofPairsOf, switchesBefore, switchRole } from './place'
import type { FeedProof, ProofStep } from './proofs'

/** A conductor as it stands in the drawing of the place. */
export interface ShownWire {
  conductor: ConductorId
  /** Insulation colour by the habit of the region; `bare` copper. */
  colour: string
  /** What is written beside it: its colour, and what it is. */
  label: [string, string]
  /** Which probe goes on it. */
  probe: 'red' | 'black' | null
}

/** What a figure on the meter means at one pair. */
export interface Band {
  /** Volts: from here (or above it, itself left out), below there; null has no end. */
  from: number
  above: boolean
  below: number | null
  verdict: 'dead' | 'not-proven' | 'live'
}

export interface ShownPair {
  id: string
  /** The act in one sentence: “Red probe on the black wire, black probe on the bare copper wire”. */
  act: string
  /** What else the two may look like. */
  looks: string[]
  place: ProofPlaceLook
  wires: ShownWire[]
  current: 'ac' | 'dc'
  position: 1 | 2 | null
  bands: Band[]
}

/** The place as it looks: at the terminals of a switch that needs power to close, else that of the family. */
const placeOf = (snapshot: JobSnapshot, feed: number): ProofPlaceLook =>
  switchRole(snapshot, feed) === 'own-terminals' ? atSwitch : proofPlaces[snapshot.machine.family]

/** How one pair is read: the wires at the place by the colours of the region, both probes, the range, what a figure means. */
export function shownPair(snapshot: JobSnapshot, feed: number, id: string): ShownPair | null {
  const pairs = proofPairsOf(snapshot, feed)
  const pair = pairs.find((each) => each.id === id)
  if (!pair) return null
  const looks = wireColours[snapshot.household.region]
  const named = ({ conductor, feed: of }: Tip): string =>
    pair.one.feed === pair.two.feed ? looks[conductor].named : `${looks[conductor].named} of circuit ${of}`
  return {
    id,
    act: `Red probe on ${named(pair.one)}, black probe on ${named(pair.two)}.`,
    looks: [pair.one, pair.two].map(
      ({ conductor }) => `${nameOf(conductor)}: ${looks[conductor].colour}, ${looks[conductor].also}`,
    ),
    place: placeOf(snapshot, feed),
    wires: wiresOf(pair, pairs).map((tip) => ({
      conductor: tip.conductor,
      colour: looks[tip.conductor].colour,
      label: [
        looks[tip.conductor].colour.replace('-', '/'),
        pair.one.feed === pair.two.feed ? shortOf(tip.conductor) : `circuit ${tip.feed}`,
      ],
      probe: same(tip, pair.one) ? 'red' : same(tip, pair.two) ? 'black' : null,
    })),
    current: pair.current,
    position: pair.position,
    bands: bandsOf(snapshot, id),
  }
}

const same = (one: Tip, other: Tip): boolean => one.conductor === other.conductor && one.feed === other.feed

/** All that stands at the place, in the order in which the pairs name it; across two circuits these two alone. */
function wiresOf(pair: ProofPair, pairs: ProofPair[]): Tip[] {
  if (pair.one.feed !== pair.two.feed) return [pair.one, pair.two]
  const beside = pairs.filter(
    ({ one, two }) => one.feed === two.feed && isOther(one.conductor) === isOther(pair.one.conductor),
  )
  return beside
    .flatMap(({ one, two }) => [one, two])
    .filter((tip, place, all) => all.findIndex((each) => same(each, tip)) === place)
}

/** A supply beside the mains stands apart from it. */
const isOther = (conductor: ConductorId): boolean => conductor === 'other plus' || conductor === 'other minus'

const NAMES: Partial<Record<ConductorId, string>> = {
  L: 'live (L)',
  N: 'neutral (N)',
  'switched L': 'second live',
  'other plus': 'plus',
  'other minus': 'minus',
  'earth lead': 'known earth',
}
const nameOf = (conductor: ConductorId): string => NAMES[conductor] ?? conductor

const SHORT: Partial<Record<ConductorId, string>> = {
  'switched L': '2nd live',
  'other plus': 'plus',
  'other minus': 'minus',
  'earth lead': 'earth',
}
const shortOf = (conductor: ConductorId): string => SHORT[conductor] ?? conductor

/** What figures mean, by the very rule that judges them. Volts. */
function bandsOf(snapshot: JobSnapshot, id: string): Band[] {
  const { supply } = isolationPlans[snapshot.machine.family]
  const edges = [0, DEAD_BATTERY, DEAD_MAINS, STOP_MAINS]
  return edges
    .map((from) => ({ from, verdict: pairVerdict(id, from === STOP_MAINS ? from + 1 : from, supply) }))
    .filter(({ verdict }, place, all) => place === 0 || all[place - 1]?.verdict !== verdict)
    .map((band, place, all) => ({
      ...band,
      above: band.from === STOP_MAINS,
      below: all[place + 1]?.from ?? null,
    }))
}

export type WalkStep =
  | { kind: Exclude<ProofStep, 'begin' | 'read' | 'done'> }
  | { kind: 'pair'; pair: string }

/** The steps of one feed's proof in their order, and which of them comes now; null where all are done. */
export function proofWalk(snapshot: JobSnapshot, proof: FeedProof): { steps: WalkStep[]; at: number | null } {
  const setOn =
    switchRole(snapshot, proof.feed) === 'set-on' && switchesBefore(snapshot, proof.feed).length > 0
  const turned: WalkStep[] = setOn ? [{ kind: 'switch-on' }] : []
  const back: WalkStep[] = setOn ? [{ kind: 'switch-off' }] : []
  const steps: WalkStep[] = [
    { kind: 'tester-before' },
    ...turned,
    ...proof.pairs.map((pair): WalkStep => ({ kind: 'pair', pair })),
    ...back,
    { kind: 'tester-after' },
  ]
  if (proof.step === 'done') return { steps, at: null }
  const now = proof.step === 'begin' ? 'tester-before' : proof.step
  const open = proof.live?.pair ?? proof.open[0]
  const at = steps.findIndex((each) =>
    each.kind === 'pair' ? now === 'read' && each.pair === open : each.kind === now,
  )
  return { steps, at: at < 0 ? null : at }
}

/** Whether the household says that it has what dead is proved with. */
export const hasTester = ({ household }: JobSnapshot): boolean =>
  household.tools.split(' ').some((tool) => tool === 'meter' || tool === 'tester')

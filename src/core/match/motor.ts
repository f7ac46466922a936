import {
  capacitorRule,
  currentRule,
  frequencyRule,
  kindRule,
  phaseRule,
  powerRule,
  rotationRule,
  speedCountRule,
  speedRule,
  voltageRule,
} from './rules/electrical'
import {
  ambientRule,
  bearingRule,
  connectorRule,
  diameterRule,
  enclosureRule,
  leadLengthRule,
  lengthRule,
  mountRule,
  shaftDiameterRule,
  shaftEndsRule,
  shaftLengthRule,
} from './rules/mechanical'
import { supersessionDepths } from './supersession'
import {
  decidingRules,
  type MatchResult,
  type MatchVerdict,
  type MotorMatchInput,
  type MotorRule,
  type MotorSpec,
  motorRules,
  type Outcome,
  openRules,
  type RuleVerdict,
  type Work,
} from './types'

type Rule = (
  old: MotorSpec,
  candidate: MotorSpec,
  input: MotorMatchInput,
  depth: number | undefined,
) => Outcome | null

const rules: Record<MotorRule, Rule> = {
  'part-number': partNumberRule,
  kind: (old, candidate, _, depth) => kindRule(old, candidate, depth !== undefined),
  voltage: voltageRule,
  frequency: frequencyRule,
  phase: phaseRule,
  power: powerRule,
  speed: speedRule,
  'speed-count': speedCountRule,
  current: currentRule,
  rotation: rotationRule,
  capacitor: capacitorRule,
  diameter: diameterRule,
  length: lengthRule,
  'shaft-diameter': shaftDiameterRule,
  'shaft-length': shaftLengthRule,
  'shaft-ends': shaftEndsRule,
  mount: mountRule,
  enclosure: enclosureRule,
  'bearing-position': bearingRule,
  ambient: ambientRule,
  'lead-length': leadLengthRule,
  connector: connectorRule,
}

/** Cheap rules that turn most candidates away, first. */
const QUICK_FIRST: MotorRule[] = [
  'part-number',
  'kind',
  'speed',
  'power',
  'voltage',
  'mount',
  'shaft-diameter',
  'diameter',
]
const QUICK_ORDER: MotorRule[] = [...QUICK_FIRST, ...motorRules.filter((rule) => !QUICK_FIRST.includes(rule))]
const QUICK_RULES = QUICK_ORDER.map((name) => rules[name])
const QUICK_DECIDES = QUICK_ORDER.map((name) => decidingRules.has(name))

const COST: Record<RuleVerdict, number> = { ok: 0, work: 6, unknown: 3, no: 40 }
const CLASS_SCORE: Record<MatchVerdict, number> = { 'drop-in': 2000, 'fits-with-work': 1000, no: 0 }
const DECLARED_BONUS = 200

function partNumberRule(
  old: MotorSpec,
  candidate: MotorSpec,
  _: MotorMatchInput,
  depth: number | undefined,
): Outcome | null {
  const [a, b] = [old.partNumber ?? '?', candidate.partNumber ?? '?']
  if (depth === 0) return { verdict: 'ok', old: a, new: b, text: 'The same part number.' }
  if (depth !== undefined)
    return {
      verdict: 'ok',
      old: a,
      new: b,
      text: depth === 1 ? 'Declared to replace it.' : `Declared to replace it, over ${depth} numbers.`,
    }
  if (old.unique || candidate.unique) {
    const which = old.unique ? 'The old part' : 'This part'
    return { verdict: 'no', old: a, new: b, text: `${which} is unique to its machine: only by part number.` }
  }
  return null
}

/**
 * How far each of these parts stands from the old number, by what they declare and by what somebody recorded.
 *
 * @example chainDepths({ old: { id: 'old', partNumber: 'A' }, candidates: [{ id: 'c', replaces: ['B'] }], recorded: [{ from: 'A', to: 'B' }] }).get('c') // 2
 */
export const chainDepths = (
  { old, candidates, recorded = [] }: MotorMatchInput,
  among: MotorSpec[] = candidates,
): Map<string, number> =>
  supersessionDepths(old.partNumber, [
    ...among,
    // A number that somebody named and nobody sells is a step of the chain all the same.
    ...recorded.map(({ from, to }): MotorSpec => ({ id: RECORDED, partNumber: to, replaces: [from] })),
  ])
const RECORDED = 'recorded'

/**
 * Compare an old motor with candidates, rule by rule.
 *
 * @param depths how far each candidate stands from the old number in a chain, where the candidates are only a part of the list
 * @returns best first: drop-in, fits-with-work, no; `unknown` lowers the score and names what to measure
 * @example matchMotors({ old: { id: 'old', voltages: [115] }, candidates: [{ id: 'new', voltages: [230] }] }).results[0].verdict // 'no'
 */
export function matchMotors(
  input: MotorMatchInput,
  depths: Map<string, number> = chainDepths(input),
): { results: MatchResult[] } {
  const usable: Ranked[] = []
  const turnedAway: Ranked[] = []
  for (const candidate of input.candidates) {
    const ranked = quickly(input, candidate, depths.get(candidate.id))
    if (ranked.verdict === 'no') turnedAway.push(ranked)
    else usable.push(ranked)
  }
  usable.sort(byScore)
  const limit = input.limit ?? Number.POSITIVE_INFINITY
  // Those turned away are put in order only where some of them will be shown.
  const all = usable.length >= limit ? usable : [...usable, ...turnedAway.sort(byScore)]
  const shown = all.length > limit ? all.slice(0, limit) : all
  return {
    results: shown.map(({ candidate, depth, verdict, score }) => ({
      ...inFull(input, candidate, depth),
      verdict,
      score,
    })),
  }
}

/** What one rule says of one candidate, by its figures alone. */
export const ruleOutcome = (rule: MotorRule, input: MotorMatchInput, candidate: MotorSpec): Outcome | null =>
  rules[rule](input.old, candidate, input, undefined)

/** A candidate with its verdict and nothing of why: what a long list is sorted and counted by. */
export interface QuickVerdict {
  candidate: MotorSpec
  verdict: MatchVerdict
  score: number
  /** A rule that decides is open: nobody can tell yet. */
  open: boolean
}

/**
 * Verdicts of a long list without their reasons, in the order of the list.
 *
 * @example quickMotors({ old: { id: 'old', voltages: [115] }, candidates: [{ id: 'new', voltages: [230] }] })[0].verdict // 'no'
 */
export const quickMotors = (
  input: MotorMatchInput,
  depths: Map<string, number> = chainDepths(input),
): QuickVerdict[] => input.candidates.map((candidate) => quickly(input, candidate, depths.get(candidate.id)))

interface Ranked {
  candidate: MotorSpec
  depth: number | undefined
  verdict: MatchVerdict
  score: number
  open: boolean
}

const byScore = (one: Ranked, two: Ranked): number =>
  two.score - one.score ||
  (one.candidate.price ?? Number.MAX_VALUE) - (two.candidate.price ?? Number.MAX_VALUE)

/** Verdict and score; the first "no" ends it, and the later it comes the nearer the candidate was. */
function quickly(input: MotorMatchInput, candidate: MotorSpec, depth: number | undefined): Ranked {
  let cost = 0
  let work = false
  let open = false
  for (let place = 0; place < QUICK_RULES.length; place++) {
    const outcome = QUICK_RULES[place]!(input.old, candidate, input, depth)
    if (!outcome) continue
    if (outcome.verdict === 'no')
      return { candidate, depth, verdict: 'no', score: place + 1 + bonus(depth) / 10, open: false }
    work ||= outcome.verdict === 'work'
    open ||= outcome.verdict === 'unknown' && QUICK_DECIDES[place] === true
    cost += COST[outcome.verdict] + (outcome.cost ?? 0)
  }
  const verdict: MatchVerdict = work ? 'fits-with-work' : 'drop-in'
  return { candidate, depth, verdict, score: CLASS_SCORE[verdict] + bonus(depth) - cost, open }
}

/** Declared by number counts much, and the newest number of a chain the most. */
const bonus = (depth: number | undefined) => (depth === undefined ? 0 : DECLARED_BONUS + Math.min(depth, 50))

function inFull(
  input: MotorMatchInput,
  candidate: MotorSpec,
  depth: number | undefined,
): Pick<MatchResult, 'id' | 'rules' | 'work' | 'open'> {
  const results: MatchResult['rules'] = []
  const work: Work[] = []
  for (const name of motorRules) {
    const outcome = rules[name](input.old, candidate, input, depth)
    if (!outcome) continue
    results.push({
      rule: name,
      verdict: outcome.verdict,
      old: outcome.old,
      new: outcome.new,
      text: outcome.text,
    })
    work.push(...(outcome.work ?? []))
  }
  return { id: candidate.id, rules: results, work, open: openRules(results) }
}

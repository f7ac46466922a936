import { type CannotBoth, cannotBoth } from '../knowledge/cannotBoth'
import { chains, saysNone, saysVoltage } from '../knowledge/chains'
import { effects as allEffects } from '../knowledge/effects'
import { shortLabels, valueLabel } from '../knowledge/valueLabels'
import type { FamilyId, ObservationId } from '../knowledge/vocabulary'
import type { Diagnosis, Findings } from './types'

/** Two readings of one chain that cannot both be true. */
export interface Contradiction {
  earlier: ObservationId
  later: ObservationId
  text: string
}

/**
 * Readings that cannot both be true: voltage at a later point of a chain and none at an earlier one. Nothing is concluded
 * from such a pair; both are read again.
 *
 * @example contradictionsIn('furnace-blower', { 'supply-voltage': 'none', 'motor-voltage': 'normal' })[0].later // 'motor-voltage'
 */
export function contradictionsIn(family: FamilyId, findings: Findings): Contradiction[] {
  const found = chains[family].flatMap((chain) =>
    chain.flatMap((earlier, index) =>
      chain
        .slice(index + 1)
        .filter((later) => findings[earlier] === saysNone && saysVoltage.includes(findings[later] ?? ''))
        .map((later) => ({ earlier, later })),
    ),
  )
  return found.map(({ earlier, later }) => ({
    earlier,
    later,
    text: `“${shortLabels[earlier]}: ${valueLabel(earlier, findings[earlier] ?? '')}” and “${shortLabels[later]}: ${valueLabel(later, findings[later] ?? '')}” cannot both be true, unless a second supply feeds it. Treat it as live, and read both again on the same range, against the same reference.`,
  }))
}

/**
 * A push that starts it beside nothing happening is a finding told twice in two ways: which of them holds is asked again.
 */
export function pushAgainstNothing(findings: Findings): Diagnosis['conflicts'] {
  const starts = findings['nudge-start'] === 'starts-and-runs' || findings['nudge-start'] === 'starts-slowly'
  if (!starts || findings['fan-state'] !== 'dead' || findings['motor-voltage'] !== 'none') return []
  return [
    {
      observation: 'motor-voltage',
      value: 'none',
      text: 'A push starts it, and no voltage was read at the motor: both cannot be true. Read the voltage again.',
    },
  ]
}

/**
 * Findings of which one cannot be true beside the other: the weaker is asked again and counts for nothing meanwhile.
 */
const doubtsIn = (findings: Findings): CannotBoth[] =>
  cannotBoth.filter(({ one, other }) =>
    [one, other].every(({ observation, values }) => values.includes(findings[observation] ?? '')),
  )

/** What these findings bring about by themselves in a machine of this family. */
const broughtAbout = (family: FamilyId, findings: Findings) =>
  allEffects.filter(
    ({ families, when }) =>
      families.includes(family) && when.values.includes(findings[when.observation] ?? ''),
  )

/** What of the findings counts, and why the rest does not. */
export interface Counting {
  findings: Findings
  /** Pairs that cannot both be true: neither counts. */
  contradicted: Contradiction[]
  /** Pairs of which one is doubted: that one does not count. */
  doubts: CannotBoth[]
  /** Told, and an effect of the fault whatever it is. */
  effects: ObservationId[]
  /** Not worth asking: told, or known whatever the fault. */
  foregone: ObservationId[]
}

/**
 * The findings without what contradicts itself, what another makes doubtful, and what any fault would bring about.
 *
 * @example countingFindings('bath-exhaust-fan', { 'capacitor-look': 'none-fitted', 'capacitor-fan-reading': 'within' }).doubts[0].doubt // 'capacitor-look'
 */
export function countingFindings(family: FamilyId, told: Findings): Counting {
  const contradicted = contradictionsIn(family, told)
  const doubts = doubtsIn(told)
  const brought = broughtAbout(family, told)
  const said = brought.filter(({ of, values }) => values.includes(told[of] ?? ''))
  const out = new Set([
    ...contradicted.flatMap(({ earlier, later }) => [earlier, later]),
    ...doubts.map(({ doubt }) => doubt),
    ...said.map(({ of }) => of),
  ])
  const findings: Findings = { ...told }
  for (const observation of out) delete findings[observation]
  return {
    findings,
    contradicted,
    doubts,
    effects: [...new Set(said.map(({ of }) => of))],
    foregone: [...said.filter(({ again }) => !again), ...brought.filter(({ sure }) => sure)].map(
      ({ of }) => of,
    ),
  }
}

import { reversingSwitchFamilies } from './familyTraits'
import type { FamilyId, ObservationId } from './vocabulary'

/** Findings that say it turns the wrong way. */
export const wrongTurn: { observation: ObservationId; value: string }[] = [
  { observation: 'direction', value: 'wrong' },
  { observation: 'air-flow', value: 'wrong-way' },
  { observation: 'fan-state', value: 'runs-backwards' },
]

/** It turns the wrong way, however that was told: one finding. */
export const turnsWrong = (findings: Partial<Record<ObservationId, string>>): boolean =>
  wrongTurn.some(({ observation, value }) => findings[observation] === value)

/** One of a failed check's findings that says it turns the wrong way, among what is found by now. */
export const failedByTurn = (
  fails: { observation: ObservationId; value: string }[],
  findings: Partial<Record<ObservationId, string>>,
): boolean =>
  turnsWrong(findings) &&
  fails.some((fail) =>
    wrongTurn.some((each) => each.observation === fail.observation && each.value === fail.value),
  )

/** What sends air the wrong way, or looks like it, without the motor's leads: the cheapest look first. */
export function wrongTurnElsewhere(
  family: FamilyId,
  findings: Partial<Record<ObservationId, string>>,
): string[] {
  return [
    ...(reversingSwitchFamilies.includes(family)
      ? ['The fan’s own reversing switch stands the other way: slide it with the fan at rest.']
      : []),
    ...(findings['wiring-changed'] === 'no'
      ? [
          'Nobody has touched its wires: a weak capacitor or a failing motor lets it start either way. Read the capacitor before any lead is moved.',
        ]
      : ['A weak or wrong capacitor lets it start either way: read it.']),
    'The wheel or blade may sit the wrong way round on the shaft: a blade has a marked side, a wheel of forward curves turns toward the opening of its cups.',
    'A centrifugal wheel that turns backwards still blows forward, weakly: judge it by the arrow, not by the air.',
  ]
}

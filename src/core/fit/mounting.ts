import { fieldText } from '../job/fields'
import { chosenMotor } from '../job/parts/candidates'
import type { JobSnapshot } from '../job/rows'
import type { Work } from '../match'
import { lengthText } from '../units/household'

/** What a look at both motors side by side tells and no list of figures does: how the new one is held. */
export const mountingAsks = [
  {
    field: 'plate',
    label: 'Its mounting plate faces',
    choices: [
      { value: 'as-old', label: 'the same way as the old one' },
      { value: 'other-way', label: 'the other way' },
    ],
  },
  {
    field: 'holes',
    label: 'Its holes',
    choices: [
      { value: 'meet', label: 'meet the old ones' },
      { value: 'drill', label: 'do not meet: the plate is drilled' },
    ],
  },
  {
    field: 'arms',
    label: 'Arms, plate or damper of the old motor',
    choices: [
      { value: 'come-along', label: 'come with the new motor' },
      { value: 'move-over', label: 'move over to the new motor' },
    ],
  },
] as const

/** The work that the answers ask for; none while nothing is said. */
export function mountingWork(snapshot: JobSnapshot): Work[] {
  const fresh = chosenMotor(snapshot)
  if (!fresh) return []
  const said = (field: string) => fieldText(snapshot, 'fit', field)
  const circle = fresh.mount?.boltCircleMm
  const inches = snapshot.household.inches === 1
  return [
    ...(said('plate') === 'other-way'
      ? [
          {
            kind: 'turn-plate' as const,
            text: 'Turn the mounting plate round on the new motor, its notch to the same side as before, and measure the mark only then.',
          },
        ]
      : []),
    ...(said('holes') === 'drill'
      ? [
          {
            kind: 'drill-holes' as const,
            text: `Drill the plate for the new holes${circle ? `, on a circle of ${lengthText(circle, inches)}` : ''}: off the motor, deburred, no chips near the windings.`,
          },
        ]
      : []),
    ...(said('arms') === 'move-over'
      ? [
          {
            kind: 'transfer-parts' as const,
            text: 'Move arms, plate or damper from the old motor to the new one, each marked on which side it sat.',
          },
        ]
      : []),
  ]
}

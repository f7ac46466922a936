import type { ActionId, CauseId, ObservationId } from './vocabulary'

/** What is looked at before an action is called decided, where these findings stand. */
export interface Before {
  action: ActionId
  when: Partial<Record<ObservationId, readonly string[]>>
  /** One of these, the most telling first. */
  look: ObservationId[]
  text: string
  /** All of them, not any one. */
  all?: true
  /** Only where this cause has at least so much of the probability. */
  atLeast?: { cause: CauseId; probability: number }
  /** Where none of them can be made the action is still not decided: it would harm. */
  always?: true
  /** Asked for however the probabilities stand: it is a matter of safety. */
  atOnce?: true
}

/**
 * Looks that stand before a repair, since without them it meets the effect and not its cause, or switches on into a fault.
 * Whoever simulated these machines by their physics found three wrong answers in four among these.
 */
export const before: Before[] = [
  {
    action: 'restore-supply',
    when: { breaker: ['tripped-once', 'rcd-trips'] },
    look: ['to-frame'],
    text: 'It tripped. Before anything is switched on again, make it dead, disconnect the motor, and read its wires against its metal. Where nobody can read it, leave it off and call an electrician.',
    always: true,
    atOnce: true,
  },
  {
    action: 'restore-supply',
    when: { 'supply-voltage': ['none'] },
    look: ['breaker'],
    text: 'Nothing arrives: look at the breaker, fuse or RCD first, without touching it. One that stands off is switched on; one that tripped says that something behind it may be at fault.',
  },
  {
    action: 'replace-motor',
    when: { 'free-spin': ['seized', 'stiff', 'rubs'] },
    look: ['fouling'],
    atLeast: { cause: 'ice-or-debris', probability: 0.05 },
    text: 'It does not turn freely: look at the wheel first, made dead. Ice, a nest or a stone holds it as a bearing does, and a new motor would stand as still.',
  },
  {
    action: 'cool-and-retest',
    when: { 'cold-retest': ['now-good'] },
    look: ['free-spin', 'capacitor-fan-reading', 'fouling'],
    all: true,
    text: 'It was read again cold and is good: that is no repair. Look for what heated it: turned by hand, its capacitor, dirt on the wheel; then air and voltage.',
  },
]

import type { ObservationId, StopRuleId } from './vocabulary'

export interface StopTrigger {
  rule: StopRuleId
  observation: ObservationId
  values: string[]
  text: string
  /** Who to call. */
  call: string
}

/** Findings that stop the job before and regardless of any probability. */
export const stopTriggers: StopTrigger[] = [
  {
    rule: 'gas-smell',
    observation: 'smell',
    values: ['gas'],
    text: 'Smell of gas. Touch no switch, light no flame, leave, and call from outside.',
    call: 'The gas utility or the fire service, from outside.',
  },
  {
    rule: 'co-or-soot',
    observation: 'danger-signs',
    values: ['co-alarm', 'soot-or-rollout'],
    text: 'A CO alarm, soot or flame rolling out. Turn the appliance off, go into fresh air, get everybody out.',
    call: 'The fire service for the alarm; a licensed heating trade for the appliance.',
  },
  {
    rule: 'refrigerant',
    observation: 'danger-signs',
    values: ['oil-at-joint'],
    text: 'Oil at a pipe joint: refrigerant is leaving. Leave the circuit closed and the machine off.',
    call: 'A licensed refrigeration trade.',
  },
  {
    rule: 'water-on-electrics',
    observation: 'danger-signs',
    values: ['water-on-electrics'],
    text: 'Water on electrics. Do not touch it; switch the circuit off at the panel if you can do so dry.',
    call: 'An electrician.',
  },
  {
    rule: 'burnt-supply',
    observation: 'danger-signs',
    values: ['burnt-supply'],
    text: 'Burnt supply wires. Switch the circuit off at the panel and leave it off.',
    call: 'An electrician.',
  },
  {
    rule: 'breaker-retrips',
    observation: 'breaker',
    values: ['trips-again-at-once'],
    text: 'The breaker trips again at once. Leave it off: a breaker is reset once, never twice.',
    call: 'An electrician, unless the fault is found on the unplugged load.',
  },
  {
    rule: 'lost-neutral',
    observation: 'supply-voltage',
    values: ['high'],
    text: 'The supply is more than 10 % too high: perhaps a lost neutral. Main switch off.',
    call: 'The utility or an electrician, now.',
  },
]

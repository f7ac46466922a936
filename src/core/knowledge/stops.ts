import type { ObservationId, StopRuleId } from './vocabulary'

export interface StopTrigger {
  rule: StopRuleId
  observation: ObservationId
  values: string[]
  /** Only what needs power stops. */
  scope?: 'live'
  text: string
  /** Who to call. */
  call: string
}

export interface StopInfo {
  /** What it is, in a sentence; `stopNow.ts` has what to do this minute. */
  text: string
  /** Who to call. */
  call: string
  /** What it forbids: all work, or only what needs power, while dead readings of the parted load go on. */
  scope?: 'live'
}

/** The two that the regions of a household have; elsewhere people know their own. */
const EMERGENCY = 'Emergency number: 911, in Europe 112.'

/** What each stop rule means for the person in front of the machine. */
export const stopInfo: Record<StopRuleId, StopInfo> = {
  'gas-smell': {
    text: 'Smell of gas. Touch no switch, light no flame, leave, and call from outside.',
    call: `The gas utility or the fire service, from outside. ${EMERGENCY}`,
  },
  'co-or-soot': {
    text: 'A CO alarm, soot, flame rolling out, or people who feel ill while it runs. Get everybody into fresh air first, then call.',
    call: `The emergency service, from outside; after it a licensed heating trade for the appliance. ${EMERGENCY}`,
  },
  'fire-or-smoke': {
    text: 'Fire or smoke. Switch the breaker off from where you can reach it without passing the smoke, get everybody out, and call.',
    call: `The fire service. For smoke that is over and cold: an electrician, unless dead readings find the cause. ${EMERGENCY}`,
    scope: 'live',
  },
  'electric-shock': {
    text: 'Somebody got a shock or a tingle: metal that hands touch is live. Touch nobody who is still in contact; the breaker goes off first.',
    call: `The emergency service, and a doctor even if the person feels well. An electrician for the machine, unless a dead reading finds the leak. ${EMERGENCY}`,
    scope: 'live',
  },
  arcing: {
    text: 'Sparks or arcing. Current jumps a gap there, and it can start a fire. Switch the breaker off from where you can do so without touching the machine.',
    call: `The fire service if anything glows or smokes; else an electrician, unless a dead reading finds the place. ${EMERGENCY}`,
    scope: 'live',
  },
  refrigerant: {
    text: 'The refrigerant circuit is open or would have to be opened. Some refrigerants burn: touch no plug and no switch in that room.',
    call: 'A licensed refrigeration trade.',
  },
  'proof-failed': {
    text: 'It is not dead, and nobody knows what feeds it. Hands stay out.',
    call: 'An electrician.',
  },
  'breaker-retrips': {
    text: 'The breaker trips again at once. It stays off, and everything live stops here.',
    call: 'An electrician, unless a dead reading finds the fault in the parted load.',
    scope: 'live',
  },
  'water-on-electrics': {
    text: 'Water on electrics. Do not touch it; switch the circuit off at the panel if you can do so dry.',
    call: 'An electrician.',
  },
  'burnt-supply': {
    text: 'Burnt supply wires. Switch the circuit off at the panel and leave it off.',
    call: 'An electrician.',
  },
  'lost-neutral': {
    text: 'The supply is more than 10 % too high, or one leg is high and the other low: perhaps a lost neutral. Main switch off.',
    call: 'The utility or an electrician, now.',
  },
  'sealed-high-voltage': {
    text: 'This is sealed high-voltage equipment, such as a microwave oven. Its capacitor can kill with the plug out.',
    call: 'A service workshop for that appliance.',
  },
  'aluminium-or-no-ground': {
    text: 'Aluminium house wiring, or no ground where one is needed. A joint made the ordinary way burns, and a fault stays on the case. A double-insulated fan, two squares on its plate, needs no ground.',
    call: 'An electrician.',
  },
  'asbestos-suspect': {
    text: 'Insulation that may hold asbestos. Disturbing it is what harms.',
    call: 'A laboratory or a licensed remover, before any more work there.',
  },
  'rented-or-warranty': {
    text: 'Rented, or under warranty. Work on it may end the warranty, or be the landlord’s to order.',
    call: 'The landlord, or the seller.',
  },
  'not-sure': {
    text: 'You are not sure. That is reason enough to stop here.',
    call: 'Somebody who knows this machine, or a licensed trade.',
  },
}

/** In the order of life: what can kill now stands first, wherever several are told. */
export const stopOrder: StopRuleId[] = [
  'gas-smell',
  'co-or-soot',
  'fire-or-smoke',
  'electric-shock',
  'refrigerant',
  'arcing',
  'lost-neutral',
  'proof-failed',
  'water-on-electrics',
  'burnt-supply',
  'sealed-high-voltage',
  'breaker-retrips',
  'aluminium-or-no-ground',
  'asbestos-suspect',
  'rented-or-warranty',
  'not-sure',
]

/** Rules in the order of life, each once. */
export const inOrderOfLife = (rules: StopRuleId[]): StopRuleId[] =>
  stopOrder.filter((rule) => rules.includes(rule))

/**
 * What must be read, dead, before power may come back after these: the frame is clear, and no joint is loose or burnt. Until
 * then the dead tests go on, and find the leaking motor.
 */
export const clearedBy: Partial<
  Record<StopRuleId, { observation: ObservationId; value: string; how: string }[]>
> = {
  'electric-shock': [
    {
      observation: 'to-frame',
      value: 'clear',
      how: 'read each lead of the motor to its frame, dead: 20 MΩ or more',
    },
    { observation: 'connections', value: 'sound', how: 'look at every joint and at the ground, dead' },
  ],
  'fire-or-smoke': [
    {
      observation: 'to-frame',
      value: 'clear',
      how: 'read each lead of the motor to its frame, dead: 20 MΩ or more',
    },
    {
      observation: 'connections',
      value: 'sound',
      how: 'look at every joint, dead: none brown, loose or brittle',
    },
  ],
  arcing: [
    {
      observation: 'connections',
      value: 'sound',
      how: 'look at every joint, dead: none brown, loose or brittle',
    },
  ],
}

/** Findings that stop the job before and regardless of any probability. */
export const stopTriggers: StopTrigger[] = [
  {
    rule: 'gas-smell',
    observation: 'smell',
    values: ['gas'],
    text: 'Smell of gas. Touch no switch, light no flame, leave, and call from outside.',
    call: `The gas utility or the fire service, from outside. ${EMERGENCY}`,
  },
  {
    rule: 'co-or-soot',
    observation: 'danger-signs',
    values: ['co-alarm', 'soot-or-rollout'],
    text: 'A CO alarm, soot, flame rolling out, or people who feel ill while it runs. Get everybody into fresh air first, then call.',
    call: `The emergency service, from outside; after it a licensed heating trade for the appliance. ${EMERGENCY}`,
  },
  {
    rule: 'refrigerant',
    observation: 'danger-signs',
    values: ['oil-at-joint'],
    text: 'Oil at a pipe joint says that refrigerant is leaving. Some refrigerants burn: touch no plug and no switch in that room, open doors and windows, and go out.',
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
    scope: 'live',
    text: 'The breaker trips again at once. It stays off, and everything live stops here; dead readings of the parted load may go on.',
    call: 'An electrician, unless a dead reading finds the fault in the parted load.',
  },
  {
    rule: 'breaker-retrips',
    observation: 'breaker',
    values: ['trips-with-load-off'],
    text: 'The breaker trips even with the fan disconnected: the fault is in the house wiring. It stays off.',
    call: 'An electrician.',
  },
  {
    rule: 'lost-neutral',
    observation: 'supply-voltage',
    values: ['high'],
    text: 'The supply is more than 10 % too high: perhaps a lost neutral. Main switch off.',
    call: 'The utility or an electrician, now.',
  },
]

/** What a finding with this value stops the job for; mostly nothing. */
export const triggersOf = (observation: ObservationId, value: string): StopTrigger[] =>
  stopTriggers.filter((trigger) => trigger.observation === observation && trigger.values.includes(value))

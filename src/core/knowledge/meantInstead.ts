import type { StopRuleId } from './vocabulary'

/** What is often meant where words sound like a danger: offered where somebody says "not that", each kept as it was chosen. */
export const meantInstead: Record<StopRuleId, string[]> = {
  'gas-smell': [
    'It smells burnt, not of gas',
    'I only named the gas appliance',
    'There is no smell of gas now or before',
  ],
  'co-or-soot': [
    'I only named the alarm, it is quiet',
    'The flame burns where it should',
    'The dirt is dust, not soot',
  ],
  'fire-or-smoke': [
    'I only named a smoke detector',
    'It was smoke from cooking',
    'I only said what the blower is there for: nothing smokes',
    'It smells, but there is no smoke and no glow',
  ],
  'electric-shock': [
    'Nobody was shocked',
    'I meant that I was surprised',
    'It was a spark of a jumper or carpet, not of the machine',
  ],
  arcing: [
    'It is the igniter of the burner',
    'I meant something that did not spark',
    'There was no light and no crackle',
  ],
  refrigerant: ['No pipe is nicked and there is no oil', 'The hiss is air', 'I only named the refrigerant'],
  'proof-failed': ['The wind turns it', 'It only ran out after I switched it off', 'The breaker was not off'],
  'breaker-retrips': ['It tripped once and has held since', 'I only named the breaker'],
  'water-on-electrics': [
    'The water runs in its drain',
    'No wire, board or motor is wet',
    'It was wet long ago and is dry',
  ],
  'burnt-supply': ['It is not the socket, plug, breaker or house wire', 'The wire is brown by its colour'],
  'lost-neutral': ['The lights are as always', 'Only the lamp of this fan is dim'],
  'sealed-high-voltage': ['The machine is no microwave', 'I only named the microwave'],
  'aluminium-or-no-ground': [
    'The house wires are copper',
    'I meant a blade or a duct of aluminium',
    'The ground is there',
  ],
  'asbestos-suspect': ['It is glass wool or rock wool', 'There is no insulation where I work'],
  'rented-or-warranty': ['It is ours, and out of warranty', 'I only named the landlord'],
  'not-sure': ['I am sure of the next step', 'I only wondered'],
}

import type { PlanField } from '../job/energy/place'
import type { Region } from './wireColours'

/** A step of the proof as it is shown: what is done, why, and what helps somebody who is not sure. */
export interface StepHow {
  act: string
  why: string
  unsure: string[]
}

/** What the meter is tried on: a socket of the region, or a battery where the machine hangs on one. */
export interface KnownSource {
  kind: 'socket' | 'battery'
  /** What it shows there. */
  volts: number
}

const ON = {
  socket: {
    what: 'a socket that works',
    how: 'Unplug a lamp that lit, and put one tip into each of its two holes, fingers behind the guards. Only with a meter and leads that are marked CAT III 600 V.',
  },
  battery: {
    what: 'a battery that is charged, on V=',
    how: 'Red tip on plus, black tip on minus, of the caravan’s battery or a car’s. A small battery does as well if the meter shows what is printed on it.',
  },
}

/** Steps of the proof but the readings themselves. */
export const stepHow = {
  'tester-before': ({ kind, volts }: KnownSource): StepHow => ({
    act: `Try your meter on ${ON[kind].what}: it shows about ${volts} V.`,
    why: `A broken meter, a flat battery or a loose lead shows 0 as well, on wires that are live. ${ON[kind].how}`,
    unsure: [
      `It shows nothing: try another ${kind}, then the leads and the meter’s own battery. A meter that shows nothing proves nothing.`,
      ...(kind === 'socket'
        ? [
            'No such mark, or you would rather put nothing into a socket: a proving unit, a small box with a battery, serves as well. Ask for one where meters are sold.',
          ]
        : []),
      'You have neither: stop here. Somebody else proves it dead.',
    ],
  }),
  'switch-on': (_: KnownSource): StepHow => ({
    act: 'Set the switch before the fan ON. The breaker stays off.',
    why: 'A switch that is off cuts the wire before you: past it a meter shows 0 though the breaker may be the wrong one. First hands and tools out, and the wheel clear. If anything starts or lights up, the power is still on: stop.',
    unsure: [
      'You cannot see which way is ON: say so above, and each pair is read in both positions.',
      'The switch is a timer or a sensor: say so above, and the reading is taken at its own screws.',
    ],
  }),
  'switch-off': (_: KnownSource): StepHow => ({
    act: 'Set the switch off again, and hold it as before.',
    why: 'Two breaks in a row are better than one, and nobody takes a switch that is taped for a light.',
    unsure: ['Tape over it with a note is enough.'],
  }),
  'tester-after': ({ kind, volts }: KnownSource): StepHow => ({
    act: `Try your meter on the same ${kind} again: it still shows about ${volts} V.`,
    why: 'If its battery or a lead failed meanwhile, the readings between say nothing. Try it at the same two places as before.',
    unsure: [
      'It shows nothing now: the readings do not count. Mend the meter, or take another, and begin the proof again.',
    ],
  }),
} as const

/** What helps where somebody is not sure of a reading. */
export const readingUnsure: string[] = [
  'It shows 0.00 and does not change: press the tips harder, on bare metal. Insulation, paint and air show 0 as well.',
  'Figures that wander below 1 V are normal. So is a minus sign on direct current.',
  'The tip does not reach the metal: take nothing off for it. A thinner tip reaches further; without one, stop here.',
  'You cannot tell which wire is which: read every wire against every other, and each against the metal box. All of them have to be dead.',
]

export interface PlanHow {
  text: string
  why: string
  /** What helps where somebody is not sure. */
  unsure: string
}

/** Questions that the plan and the place depend on, in words for somebody who sees such a place for the first time. */
const planHow: Record<Exclude<PlanField, 'cold'> | 'feeds-by-plug', PlanHow> = {
  water: {
    text: 'Is an ice maker or a dispenser connected to water?',
    why: 'Without water there is no valve to shut.',
    unsure:
      'Look behind it: a thin tube of plastic or copper that goes to the wall is water. If you cannot see, take “yes”.',
  },
  'other-supply': {
    text: 'Does anything else feed it: a battery, a solar panel, an uninterruptible supply, a foreign 24 V?',
    why: 'Then these points are not all of it.',
    unsure:
      'Most machines have none. A second cable that you cannot follow, a solar panel, a control that belongs to another machine: take “yes”, and it is read as well.',
  },
  legs: {
    text: 'How many live wires does its supply have?',
    why: 'Two is 240 V, from a breaker of double width; three is three phases.',
    unsure:
      'Its plate says it: 208 or 240 V and 1 PH is two, 3 PH is three, 120 V is one. If you cannot read it, take “two”: one reading more, nothing lost.',
  },
  feeds: {
    text: 'How many circuits feed this housing?',
    why: 'A light, a heater or electric heat may bring its own, each with its own breaker and proof.',
    unsure:
      'Before you switch off: turn on fan, light and heater of it, then one breaker off. What still works hangs on another. If you cannot tell, take 2: one proof more, nothing lost.',
  },
  'feeds-by-plug': {
    text: 'How many cords with a plug run to this machine?',
    why: 'A second one feeds it as well, and is pulled like the first.',
    unsure: 'Go round the machine and follow each cord to the wall. One cord with one plug is 1.',
  },
  earth: {
    text: 'Is there a ground wire at that place: bare, green, or green and yellow?',
    why: 'Each wire is read against it as well: a live wire beside an open neutral shows 0 against the neutral.',
    unsure:
      'Look with a torch, cover off, hands out: ground ends at a green screw or on the metal box. No such wire and a plastic box: bring a long lead from a known earth, or stop here.',
  },
  'switched-live': {
    text: 'Does a second live wire come there, from a timer or a switch?',
    why: 'A fan that runs on after the light has two: one is always live.',
    unsure:
      'Count the wires from the house: three with the ground are the usual ones, four mean a second live one. If you cannot tell, take “yes”.',
  },
  switch: {
    text: 'Can you see whether the switch before it is on?',
    why: 'Past a switch that is off a wire can be live and show 0.',
    unsure:
      'A plain switch that stays up or down shows it. If two switches work the same fan, or you pull a chain or press a button, take “no”.',
  },
}

/** Where houses of Europe differ: 230 V between one live wire and neutral (IEC 60364; two live wires in parts of Norway and Belgium). */
const inEurope: Partial<Record<keyof typeof planHow, Partial<PlanHow>>> = {
  legs: {
    why: 'One, and neutral, is the usual 230 V of a house; two stand in parts of Norway and Belgium; three is three phases, 400 V.',
    unsure:
      'Its plate says it: 230 V or 1~ is one, and neutral; 400 V or 3~ is three. If you cannot read it, take “two”: one reading more, nothing lost.',
  },
  earth: {
    text: 'Is there an earth wire at that place: green and yellow?',
    unsure:
      'Look with a torch, cover off, hands out: earth ends at a screw with its sign, or on the metal box. No such wire and a plastic box: bring a long lead from a known earth, or stop here.',
  },
}

/**
 * What a question of the plan asks, why, and what helps where somebody is not sure, in the words of the region.
 *
 * @example planHowOf('legs', 'europe').why.startsWith('One, and neutral') // true
 */
export const planHowOf = (field: keyof typeof planHow, region: Region): PlanHow => ({
  ...planHow[field],
  ...(region === 'europe' ? inEurope[field] : {}),
})

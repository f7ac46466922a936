/** One answer of the first questions: what it sets, and what follows from it. */
export interface FirstAnswer {
  value: string
  label: string
  sets: {
    region?: 'north-america' | 'europe'
    inches?: 0 | 1
    fahrenheit?: 0 | 1
    catRated?: 0 | 1
    /** Ids of tools, separated by spaces. */
    tools?: string
  }
  follows: string
}

export interface FirstQuestion {
  id: string
  ask: string
  answers: FirstAnswer[]
}

/** What decides which tests are offered and how wires are named. Nothing of it is taken for answered before it is. */
export const firstQuestions: FirstQuestion[] = [
  {
    id: 'mains',
    ask: 'What comes out of your sockets?',
    answers: [
      {
        value: 'north-america',
        label: '120 V: black, white, bare or green wires',
        sets: { region: 'north-america', inches: 1, fahrenheit: 1 },
        follows: 'Lengths are in inches and temperatures in °F where you type no unit.',
      },
      {
        value: 'europe',
        label: '230 V: brown, blue, green and yellow wires',
        sets: { region: 'europe', inches: 0, fahrenheit: 0 },
        follows: 'Lengths are in millimetres and temperatures in °C where you type no unit.',
      },
      {
        value: 'unsure',
        label: 'not sure',
        sets: {},
        follows: 'The label of a kettle or a lamp says it: 120 V or 230 V. Until then 120 V is taken.',
      },
    ],
  },
  {
    id: 'meter',
    ask: 'What have you to measure with?',
    answers: [
      {
        value: 'none',
        label: 'nothing',
        sets: { tools: 'hand wooden-stick' },
        follows:
          'Looking, listening and turning by hand tell a good deal. But dead is proved with a meter or a two-pole tester: without one nothing inside is touched.',
      },
      {
        value: 'ohms',
        label: 'a meter for volts and ohms',
        sets: { tools: 'hand meter tester wooden-stick' },
        follows: 'Tests of capacitance are left out, and others take their place.',
      },
      {
        value: 'capacitance',
        label: 'one that reads µF as well',
        sets: { tools: 'hand meter meter-capacitance tester wooden-stick' },
        follows: 'Its accuracy stands under Household, if you want to set it.',
      },
      {
        value: 'unsure',
        label: 'not sure',
        sets: { tools: 'hand meter tester wooden-stick' },
        follows: 'A meter that reads capacitors has a setting named µF, nF or two short lines side by side.',
      },
    ],
  },
  {
    id: 'live',
    ask: 'Would you measure with the power on, where nothing else decides?',
    answers: [
      {
        value: 'no',
        label: 'no',
        sets: { catRated: 0 },
        follows: 'Such tests are not offered. What they would tell is left to somebody who is called.',
      },
      {
        value: 'yes',
        label: 'yes: meter and leads say CAT III 600 V',
        sets: { catRated: 1 },
        follows: 'Each such test can still be left out. Probes are clipped on while it is dead.',
      },
      {
        value: 'unsure',
        label: 'not sure',
        sets: { catRated: 0 },
        follows:
          'Then they are not offered. The marking stands beside the jacks of the meter and on the leads.',
      },
    ],
  },
]

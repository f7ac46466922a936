import {
  type CapacitorMatchInput,
  type CapSpec,
  type MotorMatchInput,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
} from '.'

/** A motor of which everything is known but its number. */
export const unnumbered: MotorSpec = {
  id: 'old',
  motorKind: 'psc',
  voltages: [208, 230],
  hz: [60],
  phase: 1,
  hp: 1 / 6,
  rpm: [825],
  speeds: 1,
  amps: 1.1,
  rotation: { direction: 'CW', viewedFrom: 'lead-end' },
  capacitor: { uF: 5, volts: 440 },
  diameterMm: 142,
  bodyLengthMm: 110,
  shaft: { diameterMm: 12.7, lengthMm: 120, flats: 1, ends: 1 },
  mount: { type: 'stud', boltCircleMm: 106, studLengthMm: 30 },
  enclosure: 'air-over',
  bearing: 'ball',
  ambientCelsius: 60,
  insulationClass: 'B',
  leadLengthMm: 900,
}

/** A motor of which everything is known. */
export const oldMotor: MotorSpec = { ...unnumbered, partNumber: 'OD-1' }

/** What the old motor is, what the new one is, and what else is told; each beside the motor of which everything is known. */
export type MotorCase = [
  old: Partial<MotorSpec>,
  candidate: Partial<MotorSpec>,
  more?: Partial<MotorMatchInput>,
]

/** What a rule says of each case, as a row of the sheet reads. */
export const motorRows = (rule: string, cases: Record<string, MotorCase>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(cases).map(([name, [old, candidate, more]]) => {
      const [result] = matchMotors({
        old: { ...oldMotor, ...old },
        candidates: [{ ...oldMotor, partNumber: 'ND-2', ...candidate, id: 'new' }],
        ...more,
      }).results
      return [name, row(result, rule)]
    }),
  )

type Result = ReturnType<typeof matchMotors>['results'][number]

/** `verdict: old → new. Sentence. [kinds of work that it asks for]`; work says what it is about, so its sentence finds it. */
function row(result: Result | undefined, rule: string): string {
  const found = result?.rules.find((each) => each.rule === rule)
  if (!result || !found) return 'no row'
  const work = result.work.filter(({ text }) => found.text.includes(text)).map(({ kind }) => kind)
  return `${found.verdict}: ${found.old} → ${found.new}. ${found.text}${work.length > 0 ? ` [${work.join(', ')}]` : ''}`
}

/** A dual capacitor of which everything is known. */
export const oldDual: CapacitorMatchInput['old'] = {
  sections: [
    { section: 'HERM', uF: 40 },
    { section: 'FAN', uF: 5 },
  ],
  volts: 370,
  duty: 'run',
  tolerancePercent: { minus: 6, plus: 6 },
  diameterMm: 64,
  heightMm: 110,
  shape: 'round',
  tabs: { C: 4, HERM: 3, FAN: 2 },
  temperatureCelsius: { min: -40, max: 70 },
}

export type CapacitorCase = [
  old: Partial<CapacitorMatchInput['old']>,
  candidate: Partial<CapSpec>,
  more?: Partial<CapacitorMatchInput>,
]

/** What a rule says of each capacitor, beside the dual of which everything is known. */
export const capacitorRows = (rule: string, cases: Record<string, CapacitorCase>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(cases).map(([name, [old, candidate, more]]) => {
      const { results } = matchCapacitors({
        old: { ...oldDual, ...old },
        ...more,
        candidates: [{ ...oldDual, ...candidate, id: 'new' }, ...(more?.candidates ?? [])],
      })
      return [
        name,
        row(
          results.find(({ id }) => id === 'new'),
          rule,
        ),
      ]
    }),
  )

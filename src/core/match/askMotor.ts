import { brushedKinds, electronicKinds, isOf, pscKinds } from '../knowledge/motorKinds'
import { motorKindIds, vocabulary } from '../knowledge/vocabulary'
import { convertRotation, fromShaftEnd } from '../rotation'
import { formatHp, significant } from '../units/format'
import type { Asked, AskLine } from './askTypes'
import { ruleOutcome } from './motor'
import { largestPower, smallestPower, WATTS_PER_HP } from './power'
import { hpOf, SPEED_TOLERANCE } from './rules/electrical'
import {
  CLASSES,
  held,
  SAME_MM,
  SAME_SHAFT_MM,
  SHAFT_LENGTH_SLACK_MM,
  SHAFT_LONGER_MM,
} from './rules/mechanical'
import { millimetres as mm } from './rules/outcome'
import { type MotorMatchInput, type MotorRule, type MotorSpec, motorRules } from './types'

type MotorAskInput = Omit<MotorMatchInput, 'candidates' | 'limit'>
type Lines = (old: MotorSpec, input: MotorAskInput) => AskLine[]

/**
 * The rules of the match turned round: the window of each figure in which any seller's motor must lie. A motor that breaks a
 * hard line is "no" in `matchMotors`, and one that tells every figure and is "no" there breaks a hard line; superseding numbers
 * apart, which no figure tells.
 *
 * @example askForMotor({ old: { id: 'old', rpm: [1000] } }).asks.find(({ rule }) => rule === 'speed').min // 950
 */
export function askForMotor(input: MotorAskInput): Asked {
  const { old } = input
  const byNumber = isByNumber(old)
  return {
    asks: motorRules.flatMap((rule) => linesOf[rule]?.(old, input) ?? []),
    unknown: unknownOf(input),
    buyToo: byNumber ? [] : buyTooOf(old),
  }
}

/** Motors that are programmed for their machine, or made for it alone: the number decides, and the figures only go with it. */
export const isByNumber = ({ motorKind, unique }: MotorSpec): boolean =>
  unique === true || isOf(electronicKinds, motorKind)

const line = (
  rule: MotorRule,
  hard: boolean,
  text: string,
  field: string,
  window: Pick<AskLine, 'min' | 'max' | 'oneOf' | 'covers'>,
): AskLine => ({ rule, field, ...window, hard, text })

const given = <T>(value: T | undefined | null, lines: (value: T) => AskLine[]): AskLine[] =>
  value === undefined || value === null ? [] : lines(value)

const linesOf: Partial<Record<MotorRule, Lines>> = {
  'part-number': (old) => [
    ...(old.unique ? [numberLine('part-number', old)] : []),
    orByNumber(
      old,
      line('part-number', true, 'No motor that is made for one machine alone.', 'unique', { oneOf: [false] }),
    ),
  ],
  kind: (old) =>
    old.motorKind === undefined
      ? given(old.partNumber, () => [
          orByNumber(
            old,
            line('kind', true, 'No electronic motor of another number.', 'motorKind', {
              oneOf: motorKindIds.filter((each) => !isOf(electronicKinds, each)),
            }),
          ),
        ])
      : kindLines(old, old.motorKind),
  voltage: (old, { supplyVolts }) =>
    ratings('voltage', 'voltages', supplyVolts === undefined ? old.voltages : [supplyVolts], 'V'),
  frequency: (old) => ratings('frequency', 'hz', old.hz, 'Hz'),
  phase: (old) =>
    given(old.phase, (phase) => [
      line('phase', true, phase === 1 ? 'One phase.' : `${phase} phases.`, 'phase', { oneOf: [phase] }),
    ]),
  power: (old) => {
    const hp = old.hp ?? hpOf(old.outputWatts)
    if (hp !== undefined) return [powerLine('hp', hp, 1, powerText(hp))]
    return given(old.inputWatts, (watts) => [
      powerLine(
        'inputWatts',
        watts / WATTS_PER_HP,
        WATTS_PER_HP,
        `${significant(watts, 3)} W of input, or one or two steps more, never less.`,
      ),
    ])
  },
  speed: (old) =>
    given(old.rpm?.[0], (rpm) => [
      line('speed', true, `${rpm} rpm, give or take 5 %.`, 'rpm.0', {
        min: rpm * (1 - SPEED_TOLERANCE),
        max: rpm * (1 + SPEED_TOLERANCE),
      }),
    ]),
  'speed-count': (old, { speedsUsed }) =>
    given(speedsUsed ?? old.speeds ?? old.rpm?.length, (needed) => [
      line('speed-count', true, `${needed} ${needed === 1 ? 'speed' : 'speeds'} or more.`, 'speeds', {
        min: needed,
      }),
      line('speed-count', false, 'No more speeds than that: each spare lead is capped by itself.', 'speeds', {
        max: needed,
      }),
    ]),
  current: (old, { controlAmps }) =>
    controlAmps !== undefined
      ? [
          line(
            'current',
            true,
            `At most ${significant(controlAmps, 3)} A, which the control may switch.`,
            'amps',
            {
              max: controlAmps,
            },
          ),
        ]
      : given(old.amps, (amps) => [
          line('current', false, `No more current than ${significant(amps, 3)} A.`, 'amps', { max: amps }),
        ]),
  rotation: (old) => given(fromShaftEnd(old.rotation), turnLines),
  capacitor: (old) =>
    given(old.capacitor, ({ uF, volts }) => [
      line('capacitor', false, `One that runs with ${significant(uF, 3)} µF, as is fitted.`, 'capacitor.uF', {
        min: uF / 1.01,
        max: uF / 0.99,
      }),
      ...given(volts, (most) => [
        line(
          'capacitor',
          false,
          `One whose capacitor needs no more than ${most} V, as is fitted.`,
          'capacitor.volts',
          { max: most },
        ),
      ]),
    ]),
  diameter: (old) =>
    given(old.diameterMm, (across) => [
      line('diameter', true, `Body at most ${mm(across + SAME_MM)} across.`, 'diameterMm', {
        max: across + SAME_MM,
      }),
      ...(held(old)
        ? [
            line('diameter', false, `Body ${mm(across)} across, as the band has it.`, 'diameterMm', {
              min: across - SAME_MM,
            }),
          ]
        : []),
    ]),
  length: (old) =>
    given(old.bodyLengthMm, (long) => [
      line('length', false, `Body no longer than ${mm(long)}.`, 'bodyLengthMm', { max: long + SAME_MM }),
    ]),
  'shaft-diameter': (old) =>
    given(old.shaft?.diameterMm, (across) => [
      line('shaft-diameter', true, `Shaft ${mm(across)} across, not thicker.`, 'shaft.diameterMm', {
        max: across + SAME_SHAFT_MM,
      }),
      line(
        'shaft-diameter',
        false,
        `Shaft ${mm(across)} across: a thinner one is bushed.`,
        'shaft.diameterMm',
        {
          min: across - SAME_SHAFT_MM,
        },
      ),
    ]),
  'shaft-length': (old) => [
    ...shaftLines('shaft.lengthMm', 'Shaft', old.shaft?.lengthMm),
    ...shaftLines('shaft.secondLengthMm', 'Second shaft end', old.shaft?.secondLengthMm),
  ],
  'shaft-ends': (old) =>
    given(old.shaft?.ends, (ends) => [
      line(
        'shaft-ends',
        true,
        ends === 1 ? 'A shaft end.' : 'A shaft that stands out at both ends.',
        'shaft.ends',
        {
          min: ends,
        },
      ),
      line('shaft-ends', false, `${ends} shaft ${ends === 1 ? 'end' : 'ends'}.`, 'shaft.ends', { max: ends }),
    ]),
  mount: mountLines,
  enclosure: (old, { outdoors }) => [
    ...(outdoors
      ? [
          line('enclosure', true, 'A closed body: it stands in the weather.', 'enclosure', {
            oneOf: ['air-over', 'enclosed'],
          }),
        ]
      : []),
    ...given(old.enclosure, (enclosure) => [
      line('enclosure', false, enclosureWords[enclosure], 'enclosure', { oneOf: [enclosure] }),
    ]),
  ],
  'bearing-position': (_, { position }) =>
    given(position, (stands) => [
      {
        rule: 'bearing-position',
        anyOf: [
          [line('bearing-position', true, '', 'bearing', { oneOf: ['ball'] })],
          [line('bearing-position', true, '', 'positions', { oneOf: [stands] })],
        ],
        hard: true,
        text: `Ball bearings, or a plate that names the position: ${positionWords[stands]}.`,
      },
    ]),
  ambient: (old) => [
    ...given(old.insulationClass, (letter) => {
      const at = CLASSES.indexOf(letter)
      return at < 0
        ? []
        : [
            line('ambient', true, `Insulation class ${letter} or a later letter.`, 'insulationClass', {
              oneOf: CLASSES.slice(at),
            }),
          ]
    }),
    ...given(old.ambientCelsius, (celsius) => [
      line('ambient', true, `For ${celsius} °C around it or more.`, 'ambientCelsius', { min: celsius }),
    ]),
  ],
  'lead-length': (old) =>
    given(old.leadLengthMm, (long) => [
      line('lead-length', false, `Leads at least ${mm(long)} long.`, 'leadLengthMm', { min: long - SAME_MM }),
    ]),
  connector: (old) =>
    given(old.connector, (plug) => [
      line('connector', false, `Plug ${plug}.`, 'connector', { oneOf: [plug] }),
    ]),
}

/** By its number alone; nothing serves while nobody has read it. */
const numberLine = (rule: MotorRule, { partNumber }: MotorSpec): AskLine =>
  line(
    rule,
    true,
    partNumber === undefined
      ? 'Only by its part number, which is not read yet.'
      : `Part number ${partNumber}, or one that its maker declares to replace it: this motor is made for its machine.`,
    'partNumber',
    { oneOf: partNumber === undefined ? [] : [partNumber] },
  )

function kindLines(old: MotorSpec, kind: NonNullable<MotorSpec['motorKind']>): AskLine[] {
  if (isOf(electronicKinds, kind)) {
    const same = line(
      'kind',
      true,
      'The same kind of electronic motor; without its part number nobody can tell which.',
      'motorKind',
      { oneOf: [kind] },
    )
    return [old.partNumber === undefined ? same : numberLine('kind', old)]
  }
  const brushed = isOf(brushedKinds, kind)
  const oneOf = motorKindIds.filter(
    (each) => !isOf(electronicKinds, each) && isOf(brushedKinds, each) === brushed,
  )
  return [
    orByNumber(
      old,
      line(
        'kind',
        true,
        brushed ? 'A motor with brushes, for a battery.' : 'No electronic motor, and none with brushes.',
        'motorKind',
        { oneOf },
      ),
    ),
    line('kind', false, `${vocabulary.motorKinds[kind]}.`, 'motorKind', {
      oneOf: isOf(pscKinds, kind) ? pscKinds : [kind],
    }),
  ]
}

/** What is declared by its number serves whatever it is. */
const orByNumber = ({ partNumber }: MotorSpec, asked: AskLine): AskLine =>
  partNumber === undefined
    ? asked
    : {
        rule: asked.rule,
        anyOf: [[asked], [line('part-number', true, '', 'partNumber', { oneOf: [partNumber] })]],
        hard: true,
        text: asked.text,
      }

/** Any one of the marked ratings is needed, all of them cost no question. */
function ratings(
  rule: MotorRule,
  field: 'voltages' | 'hz',
  values: number[] | undefined,
  unit: string,
): AskLine[] {
  if (!values?.length) return []
  const text = `For ${values.join(' to ')} ${unit}.`
  if (values.length === 1) return [line(rule, true, text, field, { covers: values })]
  return [
    {
      rule,
      anyOf: values.map((value) => [line(rule, true, '', field, { covers: [value] })]),
      hard: true,
      text: `For ${values.join(' or ')} ${unit}.`,
    },
    line(rule, false, text, field, { covers: values }),
  ]
}

const powerLine = (field: string, hp: number, factor: number, text: string): AskLine => {
  const most = largestPower(hp)
  return line('power', true, text, field, {
    min: smallestPower(hp) * factor,
    ...(Number.isFinite(most) ? { max: most * factor } : {}),
  })
}

/** The window as a seller says it: "1/4 hp to 1/2 hp". */
function powerText(hp: number): string {
  const most = largestPower(hp)
  return Number.isFinite(most)
    ? `${formatHp(hp)} to ${formatHp(most / 1.04)}, never less.`
    : `${formatHp(hp)} or more, never less.`
}

function turnLines(turn: 'CW' | 'CCW'): AskLine[] {
  const seenFrom = (viewedFrom: 'shaft-end' | 'lead-end'): AskLine[] => [
    line('rotation', true, '', 'rotation.direction', {
      oneOf: [convertRotation({ direction: turn, viewedFrom: 'shaft-end', wanted: viewedFrom }).direction],
    }),
    line('rotation', true, '', 'rotation.viewedFrom', { oneOf: [viewedFrom] }),
  ]
  const either = [seenFrom('shaft-end'), seenFrom('lead-end')]
  const words = turn === 'CW' ? 'clockwise' : 'counterclockwise'
  return [
    {
      rule: 'rotation',
      anyOf: [[line('rotation', true, '', 'rotation.reversible', { oneOf: [true] })], ...either],
      hard: true,
      text: `Turns ${words} seen from the shaft end, or reversible.`,
    },
    {
      rule: 'rotation',
      anyOf: either,
      hard: false,
      text: `Turns ${words} seen from the shaft end, as delivered.`,
    },
  ]
}

const shaftLines = (field: string, name: string, long: number | undefined): AskLine[] =>
  given(long, (least) => [
    line('shaft-length', true, `${name} at least ${mm(least)} long.`, field, {
      min: least - SHAFT_LENGTH_SLACK_MM,
    }),
    line('shaft-length', false, `${name} ${mm(least)} long: a longer one is cut.`, field, {
      max: least + SHAFT_LONGER_MM,
    }),
  ])

const mountWords: Record<string, string> = {
  stud: 'studs',
  'belly-band': 'a band around its body',
  lug: 'lugs',
  base: 'a base',
  bracket: 'a bracket',
}

function mountLines({ mount }: MotorSpec): AskLine[] {
  return [
    ...given(mount?.type, (type) => [
      line('mount', true, `Held by ${mountWords[type] ?? type}.`, 'mount.type', { oneOf: [type] }),
    ]),
    ...given(mount?.boltCircleMm, (circle) => [
      line('mount', true, `Holes on a circle of ${mm(circle)}.`, 'mount.boltCircleMm', {
        min: circle - SAME_MM,
        max: circle + SAME_MM,
      }),
    ]),
    ...given(mount?.studLengthMm, (long) => [
      line('mount', false, `Studs ${mm(long)} long: longer ones are trimmed.`, 'mount.studLengthMm', {
        min: long - SHAFT_LONGER_MM,
        max: long + SHAFT_LONGER_MM,
      }),
    ]),
  ]
}

const enclosureWords = {
  open: 'An open body, as the old one.',
  'air-over': 'An air-over body, cooled by its own fan.',
  enclosed: 'A closed body, as the old one.',
} as const

const positionWords = {
  'shaft-up': 'the shaft stands up',
  'shaft-down': 'the shaft hangs down',
  horizontal: 'the shaft lies level',
} as const

/** A motor of which everything is told: what a rule cannot judge beside it is missing of the old one. */
const TOLD: MotorSpec = {
  id: 'told',
  partNumber: 'told',
  voltages: [230],
  hz: [60],
  phase: 1,
  hp: 0.25,
  inputWatts: 250,
  rpm: [1075],
  speeds: 1,
  amps: 1,
  rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: false },
  capacitor: { uF: 5, volts: 370 },
  diameterMm: 140,
  bodyLengthMm: 120,
  shaft: { diameterMm: 12.7, lengthMm: 100, flats: 1, ends: 1 },
  mount: { type: 'stud', boltCircleMm: 100, studLengthMm: 20 },
  enclosure: 'enclosed',
  bearing: 'sleeve',
  positions: ['shaft-up'],
  ambientCelsius: 40,
  insulationClass: 'B',
  leadLengthMm: 500,
}

/** Rules that nothing of the old part decides. */
const SAYS_NOTHING: MotorRule[] = [
  'part-number',
  'enclosure',
  'lead-length',
  'ambient',
  'connector',
  'current',
]

/** Where a rule's sentence names a figure of the new motor, and there is none yet. */
const ownText: Partial<Record<MotorRule, string>> = {
  capacitor: 'Look for a capacitor: read its µF and volts, or note that there is none.',
}

function unknownOf(input: MotorAskInput): Asked['unknown'] {
  if (isByNumber(input.old))
    return input.old.partNumber === undefined
      ? [
          {
            rule: 'part-number',
            text: 'Read the part number on its plate: such a motor is replaced by number only.',
          },
        ]
      : []
  return motorRules.flatMap((rule) => {
    if (SAYS_NOTHING.includes(rule)) return []
    const outcome = ruleOutcome(rule, { ...input, candidates: [] }, TOLD)
    const isMissing =
      outcome?.verdict === 'unknown' &&
      (outcome.old === '?' || (rule === 'bearing-position' && !input.position))
    return isMissing ? [{ rule, text: ownText[rule] ?? outcome.text }] : []
  })
}

function buyTooOf({ capacitor }: MotorSpec): Asked['buyToo'] {
  if (capacitor === null) return []
  const was = capacitor
    ? `; the old motor's is ${significant(capacitor.uF, 3)} µF${capacitor.volts === undefined ? '' : `, ${capacitor.volts} V or more`}`
    : ''
  return [
    {
      kind: 'buy-capacitor',
      text: `The run capacitor that the new motor's own plate asks for${was}. Bought new with it, it is one failure less.`,
    },
  ]
}

import { classIn } from '../capacitor/safetyClass'
import { significant } from '../units/format'
import type { Asked, AskLine } from './askTypes'
import { type CapacitorMatchInput, percentOf, type Wanted, wantedSections } from './capacitor'
import { millimetres as mm } from './rules/outcome'

type CapacitorAskInput = Omit<CapacitorMatchInput, 'candidates' | 'limit'>

/**
 * The window of each figure in which a seller's capacitor must lie, the motor's own plate over the old label. Exact beside
 * `matchCapacitors` for parts that tell their sections; a part of many sections is made up by `combine`.
 *
 * @example askForCapacitor({ old: { sections: [{ section: 'single', uF: 5 }], volts: 370 } }).asks.find(({ rule }) => rule === 'voltage').min // 370
 */
export function askForCapacitor(input: CapacitorAskInput): Asked {
  const { old, motorNeeds } = input
  const wanted = wantedSections(input)
  const volts = Math.max(old.volts ?? 0, motorNeeds?.volts ?? 0)
  const duty = old.duty ?? 'run'
  const { max, min } = old.temperatureCelsius ?? {}
  return {
    asks: [
      capacitanceLine(wanted, percentOf(old)),
      ...(volts > 0
        ? [{ rule: 'voltage', field: 'volts', min: volts, hard: true, text: `${volts} V AC or more.` }]
        : []),
      {
        rule: 'duty',
        field: 'duty',
        oneOf: [duty],
        hard: true,
        text:
          duty === 'run' ? 'A run capacitor, no start capacitor.' : 'A start capacitor, no run capacitor.',
      },
      ...(max === undefined
        ? []
        : [
            {
              rule: 'temperature',
              field: 'temperatureCelsius.max',
              min: max,
              hard: true,
              text: `For ${max} °C or more.`,
            },
          ]),
      ...(min === undefined
        ? []
        : [
            {
              rule: 'temperature',
              field: 'temperatureCelsius.min',
              max: min,
              hard: true,
              text: `Down to ${min} °C.`,
            },
          ]),
      ...classLine(old.safetyClass),
      ...softLines(input, wanted),
    ],
    unknown:
      volts > 0
        ? []
        : [{ rule: 'voltage', text: 'Read the volts on the old label, or on the plate of the motor.' }],
    buyToo: [],
  }
}

/** One that parted itself when it failed is asked for again. */
const classLine = (printed = ''): AskLine[] =>
  classIn(printed)?.level === 2
    ? [
        {
          rule: 'safety-class',
          field: 'safetyClass',
          hard: true,
          text: `Class ${printed} on its label, or one that parts itself as well.`,
        },
      ]
    : []

const shown = (uF: number) => `${significant(uF, 4)} µF`

/** All sections in one can, or one section alone, whose partners are bought besides. */
function capacitanceLine(wanted: Wanted[], percent: number): AskLine {
  const window = (name: string, { uF }: Wanted): AskLine => ({
    rule: 'capacitance',
    field: `sections.${name}.uF`,
    min: uF * (1 - percent / 100),
    max: uF * (1 + percent / 100),
    hard: true,
    text: '',
  })
  const [first] = wanted
  const text = wanted.map(({ uF }) => shown(uF)).join(' + ')
  const anyOf =
    wanted.length === 1 && first
      ? [...new Set(['single', 'HERM', 'FAN', first.section])].map((name) => [window(name, first)])
      : [wanted.map((want) => window(want.section, want)), ...wanted.map((want) => [window('single', want)])]
  return {
    rule: 'capacitance',
    anyOf,
    hard: true,
    text:
      wanted.length === 1
        ? `${text}, within ${significant(percent, 2)} %.`
        : `${text} in one can, each within ${significant(percent, 2)} %; or single cans of these values, one for each.`,
  }
}

function softLines({ old }: CapacitorAskInput, wanted: Wanted[]): AskLine[] {
  const soft = (
    rule: string,
    field: string,
    text: string,
    window: Pick<AskLine, 'min' | 'max'>,
  ): AskLine => ({
    rule,
    field,
    ...window,
    hard: false,
    text,
  })
  const percent = percentOf(old)
  return [
    ...wanted.map((want) =>
      soft(
        'sections',
        `sections.${want.section}.uF`,
        wanted.length === 1
          ? 'One section alone.'
          : /^\d+$/.test(want.section)
            ? `One section of ${shown(want.uF)}, in one can with the others.`
            : `${shown(want.uF)} at ${want.section}, in one can.`,
        { min: want.uF * (1 - percent / 100), max: want.uF * (1 + percent / 100) },
      ),
    ),
    ...(old.tolerancePercent
      ? [
          soft('tolerance', 'tolerancePercent.plus', toleranceText(old.tolerancePercent, '+'), {
            max: old.tolerancePercent.plus,
          }),
          soft('tolerance', 'tolerancePercent.minus', toleranceText(old.tolerancePercent, '−'), {
            max: old.tolerancePercent.minus,
          }),
        ]
      : []),
    ...(old.diameterMm === undefined
      ? []
      : [soft('size', 'diameterMm', `At most ${mm(old.diameterMm)} across.`, { max: old.diameterMm + 1 })]),
    ...(old.heightMm === undefined
      ? []
      : [soft('size', 'heightMm', `At most ${mm(old.heightMm)} high.`, { max: old.heightMm + 1 })]),
  ]
}

/** Alike on both sides it is one figure, and said once. */
const toleranceText = ({ plus, minus }: { plus: number; minus: number }, side: '+' | '−'): string =>
  `Tolerance at most ${plus === minus ? `±${plus}` : side === '+' ? `+${plus}` : `−${minus}`} %.`

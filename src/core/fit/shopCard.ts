import { chosenCapacitor, chosenMotor, partName } from '../job/candidates'
import { fieldText } from '../job/fields'
import { motorMatchInputOf } from '../job/motorMatch'
import { motorPlateFields, oldCapacitor } from '../job/oldPart'
import type { JobSnapshot } from '../job/rows'
import { electronicKinds, isOf } from '../knowledge/motorKinds'
import { vocabulary } from '../knowledge/vocabulary'
import type { MotorSpec, WorkKind } from '../match'
import { type DataField, motorData } from '../match/motorData'
import { formatHp, significant } from '../units'
import { lengthText } from '../units/household'
import { workOfJob } from './work'

export interface ShopCard {
  /** What is asked for, in one line. */
  wanted: string
  plate: CardRow[]
  sizes: CardRow[]
  /** What a clerk may not give another of. */
  must: string[]
  may: string[]
  /** What is bought besides, from the work that the chosen parts ask for and from what the ledger renews. */
  besides: string[]
  /** What nobody has measured yet and the counter will ask. */
  notKnown: string[]
}

export interface CardRow {
  field: string
  label: string
  value: string
}

/** What a kind of work wants from the counter; nothing where hands and tools are enough. */
const bought: Partial<Record<WorkKind, string>> = {
  'bush-shaft': 'A shaft bushing, as the work list says.',
  'cap-unused-leads': 'Wire caps, one for each spare lead.',
  'extend-leads': 'Crimp splices and wire of the same gauge, rated for the heat of the cabinet.',
  'change-band': 'A belly band or a mounting bracket for the smaller body.',
  'adapt-connector': 'A plug or adapter of the old kind.',
  'jumper-sections': 'Jumpers with push-on terminals.',
  'wire-two-singles': 'A bracket for two cans, and a jumper between their commons.',
  'change-strap': 'A strap for the larger can.',
}

/** One page for the counter: what must match, what may differ, what to buy besides. Worked out from the job, nothing retyped. */
export function shopCardOf(snapshot: JobSnapshot, part: 'motor' | 'capacitor'): ShopCard {
  return part === 'motor' ? motorCard(snapshot) : capacitorCard(snapshot)
}

function motorCard(snapshot: JobSnapshot): ShopCard {
  const inches = snapshot.household.inches === 1
  const { old, outdoors, position } = motorMatchInputOf(snapshot, [])
  const chosen = chosenMotor(snapshot)
  const shown = (group: string) =>
    motorPlateFields.flatMap((field) => {
      const value = fieldText(snapshot, 'motor-old', field.field)
      return value && field.group === group
        ? [{ field: field.field, label: field.label, value: valueWords(field, value) }]
        : []
    })
  const kind = old.motorKind ? vocabulary.motorKinds[old.motorKind] : ''
  const electronic = isOf(electronicKinds, old.motorKind ?? null)
  const length = (mm: number) => lengthText(mm, inches)
  const must = electronic
    ? [
        `The same number${old.partNumber ? `, ${old.partNumber}` : ''}, or one that its maker declares to replace it: such a motor is programmed for its machine.`,
      ]
    : [
        ...known(old.voltages, (volts) => `Volts: ${volts.join('-')} V within its range.`),
        ...known(old.hz, (hz) => `${hz.join('/')} Hz, one phase.`),
        ...known(old.rpm?.[0], (rpm) => `Speed: ${rpm} rpm, within 5 %.`),
        ...known(old.shaft?.diameterMm, (mm) => `Shaft ${length(mm)} across, not larger.`),
        ...known(old.mount?.type, (type) =>
          old.mount?.boltCircleMm
            ? `Held by ${mountWords(type)}, on a circle of ${length(old.mount.boltCircleMm)}.`
            : `Held by ${mountWords(type)}.`,
        ),
        ...known(turnOf(old), (turn) => `Turns ${turn}, or either way.`),
        ...known(old.diameterMm, (mm) => `Body not over ${length(mm)} across.`),
        ...(outdoors ? ['Closed body: it stands in the weather.'] : []),
        ...(position
          ? [`Bearings for the shaft ${position.replace('shaft-', '').replace('horizontal', 'level')}.`]
          : []),
      ]
  return {
    wanted: chosen
      ? `${partName(snapshot, chosen)}, in place of this motor`
      : ['A motor in place of this one', kind.toLowerCase(), old.hp ? formatHp(old.hp) : '']
          .filter(Boolean)
          .join(', '),
    plate: shown('plate'),
    sizes: shown('size'),
    must,
    may: electronic
      ? []
      : [
          ...known(old.hp, (hp) => `Power: ${formatHp(hp)}, or one or two steps more, never less.`),
          'More speeds than are used: the spare leads are capped one by one.',
          ...known(old.shaft?.lengthMm, (mm) => `Shaft longer than ${length(mm)}: it is cut.`),
          'Another capacitor, if it is bought with it: the new motor’s own plate decides.',
          'Longer studs, longer leads, another maker, other colours of leads.',
        ],
    besides: besidesOf(snapshot),
    notKnown: electronic
      ? known(old.partNumber ? undefined : 'x', () => 'its part number')
      : [
          ...(old.rpm ? [] : ['speed']),
          ...(old.shaft?.diameterMm ? [] : ['shaft diameter']),
          ...(old.mount?.type ? [] : ['how it is held']),
          ...(turnOf(old) ? [] : ['which way it turns']),
          ...(old.hp ? [] : ['power']),
        ],
  }
}

function capacitorCard(snapshot: JobSnapshot): ShopCard {
  const old = oldCapacitor(snapshot)
  const chosen = chosenCapacitor(snapshot)
  const uF = old ? `${old.sections.map((section) => significant(section.uF, 4)).join('+')} µF` : ''
  const label = fieldText(snapshot, 'capacitor-old', 'label')
  const [needsUf, needsVolts] = [
    fieldText(snapshot, 'motor-old', 'capacitorUf'),
    fieldText(snapshot, 'motor-old', 'capacitorVolts'),
  ]
  return {
    wanted: chosen ? `${partName(snapshot, chosen)}, in place of this capacitor` : `A capacitor ${uF}`.trim(),
    plate: [
      ...(label ? [{ field: 'label', label: 'Its label', value: label }] : []),
      ...(needsUf
        ? [
            {
              field: 'needs',
              label: 'The motor asks for',
              value: `${needsUf} µF${needsVolts ? ` ${needsVolts} V` : ''}`,
            },
          ]
        : []),
    ],
    sizes: (['diameterMm', 'heightMm', 'shape'] as const).flatMap((field) => {
      const value = fieldText(snapshot, 'capacitor-old', field)
      return value
        ? [{ field, label: { diameterMm: 'Across', heightMm: 'Height', shape: 'Shape' }[field], value }]
        : []
    }),
    must: old
      ? [
          `${uF}, within the tolerance.`,
          ...known(old.volts, (volts) => `${volts} V or more.`),
          old.duty === 'start'
            ? 'A start capacitor, not a run capacitor.'
            : 'A run capacitor, not a start capacitor.',
        ]
      : [],
    may: [
      'Round or oval, where the strap and the space allow it.',
      ...(old && old.sections.length > 1
        ? ['Two single cans for one dual, with a bracket and a bridge between their commons.']
        : []),
    ],
    besides: besidesOf(snapshot),
    notKnown: old ? (old.volts ? [] : ['its volts']) : ['its label'],
  }
}

function besidesOf(snapshot: JobSnapshot): string[] {
  const work = workOfJob(snapshot)
  const renewed = snapshot.ledger
    .filter((line) => line.renewMaterial && !line.struckAt)
    .map((line) => `${capital(line.renewMaterial)}, for ${line.part}.`)
  const ties = snapshot.ledger.some(
    (line) => line.action === 'cut-tie' && !line.struckAt && !line.renewMaterial,
  )
  const kit = snapshot.fields.filter((field) => field.part === 'kit' && field.typed === 'missing')
  return [
    ...new Set([
      ...work.flatMap(({ kind, text }) => (kind === 'buy-capacitor' ? [text] : (bought[kind] ?? []))),
      ...renewed,
      ...(ties ? ['Cable ties.'] : []),
      ...kit.map(({ field }) => `${capital(field)}.`),
    ]),
  ]
}

/** A choice by its label, what is typed as it is. */
function valueWords(field: DataField, value: string): string {
  if (field.kind === 'text' || !('choices' in field.kind)) return value
  return field.kind.choices.find(([each]) => each === value)?.[1] ?? value
}

const mountWords = (type: string): string => {
  const field = motorData.find(({ field: name }) => name === 'mount')
  return field ? valueWords(field, type) : type
}

const known = <T>(value: T | undefined | null | '', words: (value: T) => string): string[] =>
  value === undefined || value === null || value === '' ? [] : [words(value)]

function turnOf({ rotation }: MotorSpec): string {
  if (!rotation?.direction) return ''
  const turn = rotation.direction === 'CW' ? 'clockwise' : 'counterclockwise'
  return `${turn}${rotation.viewedFrom ? `, seen from the ${rotation.viewedFrom.replace('-', ' ')}` : ''}`
}

const capital = (text: string) => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`

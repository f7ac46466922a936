import { fieldText } from '../job/fields'
import { chosenCapacitor, chosenMotor, isMadeUp, partName } from '../job/parts/candidates'
import { motorMatchInputOf } from '../job/parts/motorMatch'
import { motorPlateFields, oldCapacitor } from '../job/parts/oldPart'
import type { JobSnapshot } from '../job/rows'
import { electronicKinds, isOf } from '../knowledge/motorKinds'
import { type OtherPart, otherParts } from '../knowledge/otherParts'
import { vocabulary } from '../knowledge/vocabulary'
import type { WorkKind } from '../match'
import type { DataField } from '../match/motorData'
import { formatHp, significant } from '../units'
import { capital } from '../units/capital'
import { askedOf } from './asked'
import { estimateOf } from './estimate'
import { otherAskedOf, otherFields, otherPartOf } from './otherAsked'
import { workOfJob } from './work'

export interface ShopCard {
  /** What is asked for, in one line. */
  wanted: string
  /** The same with every figure that must hold, to be read aloud. */
  say: string
  plate: CardRow[]
  sizes: CardRow[]
  /** What a clerk may not give another of. */
  must: string[]
  /** What saves work where the seller has it. */
  better: string[]
  may: string[]
  /** What is bought besides, from the work that the chosen parts ask for and from what the ledger renews. */
  besides: string[]
  /** What it may cost, where the person said so. */
  price: string[]
  /** What nobody has measured yet and the counter will ask. */
  notKnown: string[]
}

/** What a page for the counter is made for. */
export type ShopPart = 'motor' | 'capacitor' | 'other'

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
export function shopCardOf(snapshot: JobSnapshot, part: ShopPart): ShopCard {
  if (part === 'other') return otherCard(snapshot)
  return part === 'motor' ? motorCard(snapshot) : capacitorCard(snapshot)
}

/** A part of the machine that is neither motor nor capacitor: its own figures, and nothing that the job does not know. */
function otherCard(snapshot: JobSnapshot): ShopCard {
  const id = otherPartOf(snapshot, snapshot.decisions[0]?.action)
  if (!id)
    return {
      wanted: 'A part',
      say: '',
      plate: [],
      sizes: [],
      must: [],
      better: [],
      may: [],
      besides: [],
      price: [],
      notKnown: [],
    }
  const part: OtherPart = otherParts[id]
  const asked = otherAskedOf(snapshot, id)
  return {
    wanted: `${part.label}, in place of this one`,
    say: asked.say,
    plate: part.fields.flatMap(({ field, label }) => {
      const value = fieldText(snapshot, otherFields(id), field)
      return value ? [{ field, label, value }] : []
    }),
    sizes: [],
    must: asked.must,
    better: [],
    may: ['Another maker, another colour of the case.'],
    besides: besidesOf(snapshot, []),
    price: estimateOf(snapshot, 'other'),
    notKnown: asked.unknown,
  }
}

function motorCard(snapshot: JobSnapshot): ShopCard {
  const { old } = motorMatchInputOf(snapshot, [])
  const shown = (group: string) =>
    motorPlateFields.flatMap((field) => {
      const value = fieldText(snapshot, 'motor-old', field.field)
      return value && field.group === group
        ? [{ field: field.field, label: field.label, value: valueWords(field, value) }]
        : []
    })
  const kind = old.motorKind ? vocabulary.motorKinds[old.motorKind] : ''
  const electronic = isOf(electronicKinds, old.motorKind ?? null)
  const asked = askedOf(snapshot, 'motor')
  return {
    wanted:
      boughtName(snapshot, 'motor', chosenMotor(snapshot)) ??
      ['A motor in place of this one', kind.toLowerCase(), old.hp ? formatHp(old.hp) : '']
        .filter(Boolean)
        .join(', '),
    say: asked.say,
    plate: shown('plate'),
    sizes: shown('size'),
    must: asked.must,
    better: asked.better,
    may: electronic ? [] : ['Longer leads, another maker, other colours of leads: colours say nothing.'],
    besides: besidesOf(snapshot, asked.buyToo),
    price: estimateOf(snapshot, 'motor'),
    notKnown: asked.unknown,
  }
}

/** The chosen part by its name, to be bought; none where it is made up, which no shop has. */
function boughtName(
  snapshot: JobSnapshot,
  part: 'motor' | 'capacitor',
  chosen: { id: string } | null,
): string | null {
  if (!chosen || isMadeUp(snapshot, chosen.id)) return null
  return `${partName(snapshot, chosen)}, in place of this ${part}`
}

function capacitorCard(snapshot: JobSnapshot): ShopCard {
  const old = oldCapacitor(snapshot)
  const asked = askedOf(snapshot, 'capacitor')
  const uF = old ? `${old.sections.map((section) => significant(section.uF, 4)).join('+')} µF` : ''
  const label = fieldText(snapshot, 'capacitor-old', 'label')
  const [needsUf, needsVolts] = [
    fieldText(snapshot, 'motor-old', 'capacitorUf'),
    fieldText(snapshot, 'motor-old', 'capacitorVolts'),
  ]
  return {
    wanted: boughtName(snapshot, 'capacitor', chosenCapacitor(snapshot)) ?? `A capacitor ${uF}`.trim(),
    say: asked.say,
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
    must: asked.must,
    may: [
      'Round or oval, where the strap and the space allow it.',
      ...(old && old.sections.length > 1
        ? ['Single cans for one of several sections, with a bracket and bridges between their commons.']
        : []),
    ],
    better: asked.better,
    besides: besidesOf(snapshot, asked.buyToo),
    price: estimateOf(snapshot, 'capacitor'),
    notKnown: asked.unknown,
  }
}

function besidesOf(snapshot: JobSnapshot, buyToo: string[]): string[] {
  const work = workOfJob(snapshot)
  const renewed = snapshot.ledger
    .filter((line) => line.renewMaterial && !line.struckAt)
    .map((line) => `${capital(line.renewMaterial)}, for ${line.part}.`)
  const ties = snapshot.ledger.some(
    (line) => line.action === 'cut-tie' && !line.struckAt && !line.renewMaterial,
  )
  const kit = snapshot.fields.filter((field) => field.part === 'kit' && field.typed === 'missing')
  // What the chosen part asks for stands before what any part would.
  const named = work.some(({ kind }) => kind === 'buy-capacitor' || kind === 'swap-capacitor')
  return [
    ...new Set([
      ...(named ? [] : buyToo),
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

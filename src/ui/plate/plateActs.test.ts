import { describe, expect, it } from 'vitest'
import { parseCapacitorLabel } from '@/core/capacitor'
import { planAct } from '@/core/job/acts/plan'
import { jobOn, NOW } from '@/core/job/job.testing'
import { type PlateFields, type PlateKind, readPlate } from '@/core/plate'
import { isKept, plateActs, valueText } from './plateActs'
import { oldPartTarget } from './target'

let count = 0
const id = () => `new-${++count}`

/** Everything read from a text, as the list of proposals shows it and as it is taken over. */
function taken(text: string, kind: PlateKind, target = oldPartTarget(kind)) {
  const { fields } = readPlate({ text, kind })
  const values = new Map<keyof PlateFields, string>()
  for (const [key, field] of Object.entries(fields))
    values.set(key as keyof PlateFields, valueText({ key, field } as Parameters<typeof valueText>[0]))
  return { values, acts: plateActs(kind, values, id, target) }
}
const typedInto = (acts: ReturnType<typeof plateActs>) =>
  Object.fromEntries(acts.flatMap((act) => (act.kind === 'field.set' ? [[act.field, act.typed]] : [])))

describe('a motor plate taken over', () => {
  const text =
    'MARROWBY\nMOD MB-C-1112  HP 1/6\nV 208-230 HZ 60 PH 1\nRPM 1075/900 A 1.1\nCAP 5 MFD 370V\nROT CCW SE  ENCL TEAO'

  it('keeps fractions as fractions, lists as lists, and the place it is seen from', () => {
    expect(typedInto(taken(text, 'motor').acts)).toMatchObject({
      hp: '1/6',
      voltages: '208-230',
      rpm: '1075/900',
      amps: '1.1',
      capacitorUf: '5',
      capacitorVolts: '370',
      rotation: 'CCW',
      viewedFrom: 'shaft-end',
      enclosure: 'air-over',
    })
  })

  it('names maker and model of the machine in one', () => {
    expect(taken(text, 'motor').acts).toContainEqual({
      kind: 'machine.edit',
      field: 'modelNumber',
      value: 'MARROWBY MB-C-1112',
    })
  })

  it('says nothing of the machine where its own label has said what it is', () => {
    const { acts } = taken(text, 'motor', { ...oldPartTarget('motor'), machineNamed: true })
    expect(acts.filter((act) => act.kind === 'machine.edit' && act.field === 'modelNumber')).toEqual([])
  })

  it('leaves out what the job does not keep, and keeps a turn that can be either', () => {
    const acts = plateActs(
      'motor',
      new Map<keyof PlateFields, string>([
        ['rotation', 'reversible'],
        ['serialNumber', '77'],
        ['enclosure', 'a shape nobody knows'],
      ]),
      id,
    )
    expect(acts).toMatchObject([{ field: 'rotation', typed: 'reversible' }])
  })

  it.each([
    ['TEAO', 'air-over'],
    ['TENV', 'enclosed'],
    ['IP55', 'enclosed'],
    ['ODP', 'open'],
    ['open', 'open'],
    ['IP21', 'open'],
  ])('reads the enclosure %s as %s', (printed, kept) => {
    expect(typedInto(plateActs('motor', new Map([['enclosure', printed]]), id)).enclosure).toBe(kept)
  })

  it('is made of acts that the job takes', () => {
    const job = jobOn('outdoor-unit-fan', 'psc')
    for (const act of taken(text, 'motor').acts) expect(() => planAct(job, act, NOW)).not.toThrow()
  })
})

describe('the label of an appliance taken over', () => {
  const text = 'HALVORSEN HOODS\nMODEL HH-60   S/N 4471-9\n120 V  60 HZ  2.4 A'

  it('names the machine, and gives its volts to no motor', () => {
    const { acts, values } = taken(text, 'appliance')
    expect(acts).toEqual([
      { kind: 'machine.edit', field: 'modelNumber', value: 'HALVORSEN HOODS HH-60' },
      { kind: 'machine.edit', field: 'serialNumber', value: '4471-9' },
    ])
    expect(values.has('voltages')).toBe(true)
    expect(isKept('appliance', 'voltages')).toBe(false)
    expect(isKept('motor', 'voltages')).toBe(true)
  })
})

describe('a capacitor label taken over', () => {
  it.each([
    ['45+5 MFD ±6% 440 VAC', '45+5 µF ±6 % 440 V'],
    ['35/5 uF 370V +10 -5 %', /35\+5 µF .* 370 V/],
    ['4 µF 450 V~', /^4 µF.* 450 V$/],
  ])('"%s" becomes one line', (text, line) => {
    const { acts } = taken(text, 'capacitor')
    expect(acts).toHaveLength(1)
    expect(typedInto(acts).label).toMatch(line)
  })

  it('reads back as the same capacitor', () => {
    for (const text of ['45+5 MFD ±6% 440 VAC', '7.5 uF 370 V', '88-108 MFD 250 V START']) {
      const label = typedInto(taken(text, 'capacitor').acts).label!
      const uF = (from: string) => parseCapacitorLabel(from).sections.map((section) => section.uF)
      expect(uF(label), label).toEqual(uF(text))
    }
  })

  it('of which nothing was read puts nothing into the job', () => {
    expect(plateActs('capacitor', new Map(), id)).toEqual([])
  })
})

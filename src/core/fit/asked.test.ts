import { describe, expect, it } from 'vitest'
import { act, id, jobOn, typed } from '../job/job.testing'
import { catalogueMotors } from '../knowledge/catalogue/motors'
import { askedOf } from './asked'
import { shopCardOf } from './shopCard'

const plate = {
  voltages: '208-230',
  hz: '60',
  hp: '1/4',
  rpm: '1075',
  shaftDiameterMm: '1/2 in',
  capacitorUf: '5',
  capacitorVolts: '370',
}
const fan = typed(jobOn('outdoor-unit-fan', 'psc'), 'motor-old', plate)

describe('what a job asks a seller for', () => {
  it('is one sentence with every figure that must hold, in the units of the household', () => {
    const { say } = askedOf({ ...fan, household: { ...fan.household, inches: 1 } }, 'motor')
    expect(say).toMatch(/^For 208 or 230 V; for 60 Hz; one phase; 1\/4 hp to 1\/2 hp, never less; 1075 rpm/)
    expect(say).toContain('shaft 1/2 in across, not thicker')
    expect(say).toContain('a closed body: it stands in the weather')
    expect(say).not.toContain('mm')
  })

  it('names what must be measured first, and what is bought with it', () => {
    const asked = askedOf(fan, 'motor')
    expect(asked.unknown.join(' ')).toContain('which way')
    expect(asked.buyToo.join(' ')).toContain('5 µF, 370 V or more')
  })

  it('of an electronic motor is its number, and nothing while that is not read', () => {
    const ecm = typed(jobOn('furnace-blower', 'ecm'), 'motor-old', { hp: '1/2', partNumber: 'HB-220' })
    expect(askedOf(ecm, 'motor').must).toEqual([
      'Part number HB-220, or one that its maker declares to replace it: this motor is made for its machine.',
    ])
    const unread = typed(jobOn('furnace-blower', 'ecm'), 'motor-old', { hp: '1/2' })
    expect(askedOf(unread, 'motor').unknown.join()).toContain('Read the part number')
  })

  it('of a capacitor that parted itself when it failed, for one that does so too', () => {
    const said = (label: string) => askedOf(typed(fan, 'capacitor-old', { label }), 'capacitor')
    expect(said('5 µF ±5 % 370 V P2').say).toMatch(
      /; class P2 on its label, or one that parts itself as well\.$/,
    )
    expect(said('5 µF ±5 % 370 V P2').must.at(-1)).toMatch(/^Class P2/)
    for (const label of ['5 µF 370 V', '5 µF 370 V P0', '5 µF 370 V P1'])
      expect(said(label).say).not.toContain('class')
  })

  it('of a capacitor goes by the motor, and asks for the label where there is none', () => {
    const label = typed(fan, 'capacitor-old', { label: '4 µF 370 V' })
    expect(askedOf(label, 'capacitor').say).toContain('5 µF')
    expect(askedOf(fan, 'capacitor')).toMatchObject({ say: '', unknown: [expect.stringContaining('label')] })
  })
})

describe('the card for the counter', () => {
  it('never names a made-up part as something to buy, though it was chosen', () => {
    const [madeUp] = catalogueMotors
    const kept = id()
    const chosen = act(
      fan,
      {
        kind: 'candidate.add',
        id: kept,
        part: 'motor',
        source: 'catalogue',
        ref: madeUp!.id,
        name: 'kept',
        motor: madeUp!,
      },
      { kind: 'field.set', id: id(), part: 'choice', field: 'motor', typed: kept },
    )
    const card = shopCardOf(chosen, 'motor')
    expect(card.wanted).toBe('A motor in place of this one, permanent split capacitor, one speed, 1/4 hp')
    expect(JSON.stringify(card)).not.toContain(madeUp!.partNumber)
  })

  it('names a part that somebody offered', () => {
    const own = id()
    const chosen = act(
      fan,
      { kind: 'candidate.add', id: own, part: 'motor', source: 'typed', ref: '', name: 'Corner shop 1/4' },
      { kind: 'field.set', id: id(), part: 'choice', field: 'motor', typed: own },
    )
    expect(shopCardOf(chosen, 'motor').wanted).toBe('Corner shop 1/4, in place of this motor')
  })

  it('tells what it may cost where somebody said so, and no guess of its own', () => {
    expect(shopCardOf(fan, 'motor').price).toEqual([])
    const told = typed(typed(fan, 'option-original', { cost: '145' }), 'option-hired', { cost: '400' })
    expect(shopCardOf(told, 'motor').price).toEqual([
      'About 145, as you put down for “Original motor or assembly”.',
    ])
    expect(shopCardOf(told, 'capacitor').price).toEqual([])
    const own = id()
    const listed = act(
      told,
      {
        kind: 'candidate.add',
        id: own,
        part: 'motor',
        source: 'shelf',
        ref: 'row-7',
        name: 'Tallis 1/4',
        motor: { id: 'row-7', hp: 0.25, voltages: [230], price: 84.5 },
      },
      { kind: 'field.set', id: id(), part: 'choice', field: 'motor', typed: own },
    )
    expect(shopCardOf(listed, 'motor').price[0]).toBe('84.5 for Tallis 1/4, by the price list it came with.')
  })

  it('says the sentence of the asks and lists them', () => {
    const card = shopCardOf(fan, 'motor')
    expect(card.say).toBe(askedOf(fan, 'motor').say)
    expect(card.must).toContain('1075 rpm, give or take 5 %.')
  })
})

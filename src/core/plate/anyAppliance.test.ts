import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readPlate } from '.'

interface Fact {
  text: string
  read: Record<string, unknown>
}
const fact = (field: string, value: unknown, ...ways: string[]): fc.Arbitrary<Fact> =>
  fc.constantFrom(...ways).map((text) => ({ text, read: { [field]: value } }))

const facts: fc.Arbitrary<Fact>[] = [
  fc.oneof(
    fact('modelNumber', 'DH-70', 'MODEL DH-70', 'MOD. DH-70', 'Model No. DH-70', 'M/N DH-70', 'TYPE DH-70'),
    fact('modelNumber', 'RX 200', 'MODEL: RX 200', 'Type RX 200'),
  ),
  fact('serialNumber', '77A1029', 'SERIAL 77A1029', 'S/N 77A1029', 'Ser. No. 77A1029', 'SER. 77A1029'),
  fc.oneof(
    fact('voltages', [120], '120 V', '120 VAC', '120V~'),
    fact('voltages', [230], '230 V', '230V~', '230 VAC'),
    fact('voltages', [208, 230], '208-230 V', '208/230 VAC'),
  ),
  fc.oneof(fact('hz', [60], '60 Hz', '60HZ'), fact('hz', [50], '50 Hz')),
  fc.oneof(fact('amps', [6.2], '6.2 A', '6.2 AMPS', '6,2 A'), fact('amps', [0.9], '0.9 A', '0,9A')),
  fc.oneof(fact('watts', 700, '700 W', '700W', '700 WATTS'), fact('watts', 1200, '1.2 kW', '1200 W')),
  fc.oneof(
    fact('fuelType', 'natural-gas', 'NATURAL GAS', 'FUEL: NATURAL GAS', 'NAT. GAS'),
    fact('fuelType', 'propane', 'PROPANE', 'LP GAS', 'FUEL PROPANE'),
    fact('fuelType', 'pellets', 'WOOD PELLETS', 'FUEL: PELLETS'),
    fact('fuelType', 'oil', 'FUEL OIL', 'OIL NO. 2'),
  ),
]
const near = (value: unknown): unknown =>
  typeof value === 'number' ? expect.closeTo(value, 6) : Array.isArray(value) ? value.map(near) : value

describe('the plate of an appliance', () => {
  it('is read the same in whatever order and spelling its facts are printed', () => {
    fc.assert(
      fc.property(
        fc.tuple(...facts),
        fc.uniqueArray(fc.nat(facts.length - 1), { minLength: 1, maxLength: facts.length }),
        fc.constantFrom('\n', '  ', '   '),
        (all, chosen, between) => {
          const some = chosen.map((place) => all[place]!)
          const text = some.map((each) => each.text).join(between)
          const { fields } = readPlate({ text, kind: 'appliance' })
          const values = Object.fromEntries(
            Object.entries(fields).map(([key, field]) => [key, (field as { value: unknown }).value]),
          )
          for (const { text: own, read } of some)
            for (const [field, value] of Object.entries(read))
              expect(values[field], `${own} in ${JSON.stringify(text)}`).toEqual(near(value))
        },
      ),
      { numRuns: 600 },
    )
  })

  it('never gains a field from a fact that is not on it', () => {
    fc.assert(
      fc.property(
        fc.tuple(...facts),
        fc.nat(facts.length - 1),
        fc.constantFrom('\n', '  '),
        (all, left, between) => {
          const some = all.filter((_, place) => place !== left).map((each) => each.text)
          const { fields } = readPlate({ text: some.join(between), kind: 'appliance' })
          for (const field of Object.keys(all[left]!.read))
            expect(fields, some.join(' | ')).not.toHaveProperty(field)
        },
      ),
      { numRuns: 400 },
    )
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { readPlate } from '.'

/** One fact, the ways it is printed, and what it must be read as. */
interface Fact {
  text: string
  read: Record<string, unknown>
}
const fact = (field: string, value: unknown, ...ways: string[]): fc.Arbitrary<Fact> =>
  fc.constantFrom(...ways).map((text) => ({ text, read: { [field]: value } }))

const motorFacts: fc.Arbitrary<Fact>[] = [
  fc.oneof(
    fact('hp', 1 / 6, 'HP 1/6', '1/6 HP', '1/6HP', 'H.P. 1/6'),
    fact('hp', 0.25, 'HP 1/4', '.25 HP', '1/4 HP', 'HP: 1/4'),
    fact('hp', 0.2, '.2 HP', 'HP .2', '1/5 HP', 'HP 1/5'),
  ),
  fc.oneof(
    fact('voltages', [208, 230], '208-230 V', 'V 208-230', '208/230V', 'VOLTS 208-230'),
    fact('voltages', [115], '115 V', 'V 115', '115V', 'VOLTS 115'),
    fact('voltages', [230], '230 V~', '230V', 'V 230'),
  ),
  fc.oneof(
    fact('hz', [60], '60 Hz', 'HZ 60', '60HZ', 'CYC 60', '60 CYCLES'),
    fact('hz', [50], '50 Hz', 'HZ 50', '50Hz'),
    fact('hz', [50, 60], '50/60 Hz', 'HZ 50/60', '50/60HZ'),
  ),
  fc.oneof(
    fact('rpm', [1075], '1075 RPM', 'RPM 1075', '1,075 RPM', '1075 min-1', '1075 r/min'),
    fact('rpm', [825], '825 RPM', 'RPM 825', '825RPM'),
  ),
  fc.oneof(
    fact('amps', [1.1], '1.1 A', 'A 1.1', 'AMPS 1.1', 'F.L.A. 1.1', '1,1 A', '1.1 AMPS'),
    fact('amps', [0.55], '0.55 A', 'AMPS .55', 'AMP 0.55', 'FLA .55'),
  ),
  fc.oneof(fact('phase', 1, 'PH 1', '1 PH', 'PHASE 1', '1PH'), fact('phase', 3, 'PH 3', '3 PH', 'PHASE 3')),
  fc.oneof(
    fact('insulationClass', 'B', 'INS CL B', 'INSUL. CLASS B', 'INS. B', 'CLASS B'),
    fact('insulationClass', 'F', 'INS CL F', 'CLASS F'),
  ),
  fc.oneof(fact('duty', 'continuous', 'DUTY CONT', 'CONT. DUTY', 'S1', 'CONTINUOUS')),
  fc.oneof(
    fact('thermalProtection', 'auto', 'THERMALLY PROTECTED', 'AUTO THERMAL PROTECTION'),
    fact('thermalProtection', 'none', 'NOT THERMALLY PROTECTED'),
    fact('thermalProtection', 'impedance', 'Z.P.', 'IMPEDANCE PROTECTED', 'IMP PROT'),
  ),
  fc.oneof(
    fact(
      'modelNumber',
      'MB-C-1112',
      'MOD MB-C-1112',
      'MODEL MB-C-1112',
      'Model No. MB-C-1112',
      'M/N: MB-C-1112',
    ),
    fact('modelNumber', 'Q55X', 'MOD. Q55X', 'MODELL Q55X', 'Typ Q55X'),
  ),
  fact('partNumber', '4471-20', 'P/N 4471-20', 'Part No. 4471-20', 'PART NUMBER: 4471-20', 'PART NO 4471-20'),
  fact('serialNumber', 'K0331', 'S/N K0331', 'SER. K0331', 'Serial No. K0331', 'SER. NO. K0331'),
  fc.oneof(
    fact('capacitorUf', 5, 'CAP 5 MFD', '5 µF', 'CAP. 5 uF', 'CAPACITOR 5 MFD'),
    fact('capacitorUf', 7.5, 'CAP 7.5 MFD', '7.5 uF', 'CAP 7,5 µF'),
  ),
  fc.oneof(fact('enclosure', 'TEAO', 'TEAO', 'ENCL TEAO'), fact('enclosure', 'IP44', 'IP44', 'IP 44')),
  fc.oneof(
    fact('rotation', 'CW', 'ROT CW', 'ROTATION CW', 'CW ROTATION'),
    fact('rotation', 'CCW', 'ROT CCW', 'ROTATION: CCW'),
    fact('rotation', 'reversible', 'REV', 'ROT REV', 'REVERSIBLE'),
  ),
]

const applianceFacts: fc.Arbitrary<Fact>[] = [
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

describe.each([
  ['motor', motorFacts],
  ['appliance', applianceFacts],
] as const)('the plate of a %s', (kind, facts) => {
  it('is read the same in whatever order and spelling its facts are printed', () => {
    fc.assert(
      fc.property(
        fc.tuple(...facts),
        fc.uniqueArray(fc.nat(facts.length - 1), { minLength: 1, maxLength: facts.length }),
        fc.constantFrom('\n', '  ', '   '),
        (all, chosen, between) => {
          const some = chosen.map((place) => all[place]!)
          const text = some.map((each) => each.text).join(between)
          const { fields } = readPlate({ text, kind })
          const values = Object.fromEntries(
            Object.entries(fields).map(([key, field]) => [key, (field as { value: unknown }).value]),
          )
          for (const { text: own, read } of some)
            for (const [field, value] of Object.entries(read))
              expect(values[field], `${own} in ${JSON.stringify(text)}`).toEqual(near(value))
        },
      ),
      { numRuns: samples(160, 4000) },
    )
  })

  it('never gains a field from a fact that is not on it', () => {
    fc.assert(
      fc.property(
        fc.tuple(...facts),
        fc.nat(facts.length - 1),
        fc.constantFrom('\n', '  '),
        (all, left, between) => {
          const some = all.filter((_, place) => place !== left)
          const { fields } = readPlate({ text: some.map((each) => each.text).join(between), kind })
          for (const field of Object.keys(all[left]!.read))
            expect(fields, some.map((each) => each.text).join(' | ')).not.toHaveProperty(field)
        },
      ),
      { numRuns: samples(110, 3000) },
    )
  })
})

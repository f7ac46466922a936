import type { ValueWord } from '../knowledge/plateLexicon'
import { marked, ofField, put, type Reading, readAmps, readHz, readVoltages } from './readings'
import { valuesIn } from './said'
import type { PlateFields } from './types'

const fuels: Partial<Record<ValueWord, NonNullable<PlateFields['fuelType']>['value']>> = {
  'natural-gas': 'natural-gas',
  propane: 'propane',
  oil: 'oil',
  pellets: 'pellets',
}

/** Fields of an appliance's plate: what the whole takes up, not what a lamp or a motor in it does. */
export function readAppliance(reading: Reading): void {
  const { scan, fields } = reading
  readHz(reading)
  readVoltages(reading)
  readAmps(reading)
  const watts = ofField(reading, 'watts')
  const whole =
    watts.find((figure) => marked(figure, 'total')) ??
    watts.find((figure) => marked(figure, 'input')) ??
    watts[0]
  if (whole) put(reading, 'watts', whole.values[0]!, whole)
  for (const { value, line, at } of valuesIn(scan)) {
    const fuel = fuels[value]
    if (fuel && !fields.fuelType) fields.fuelType = scan.field(fuel, [line[at]!], 0.94)
  }
}

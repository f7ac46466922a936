import { OneOf, Text } from '../input'

export class PlateDto {
  @Text({ max: 20_000 }) text!: string
  @OneOf(['motor', 'capacitor', 'appliance'], { optional: true }) kind?: 'motor' | 'capacitor' | 'appliance'
}

import { Num, OneOf, Text } from '@/core/input'

const some = { optional: true } as const
const flag = () => OneOf([0, 1], some)

/** What may be changed of a household; each field on its own. */
export class HouseholdChange {
  @Text({ ...some, max: 100 }) name?: string
  @OneOf(['north-america', 'europe'], some) region?: 'north-america' | 'europe'
  @flag() inches?: 0 | 1
  @flag() fahrenheit?: 0 | 1
  @Num({ ...some, min: 0, max: 20 }) ohmAccuracyPercent?: number
  @Num({ ...some, min: 0, max: 100 }) ohmCounts?: number
  @Num({ ...some, above: 0, max: 10 }) ohmResolution?: number
  @Num({ ...some, min: 0, max: 5 }) leadOffsetOhm?: number
  @Num({ ...some, min: 0, max: 20 }) capAccuracyPercent?: number
  @Num({ ...some, min: 0, max: 100 }) capCounts?: number
  @Num({ ...some, above: 0, max: 10 }) capResolutionUf?: number
  @Num({ ...some, nullable: true, above: 0, max: 100_000 }) capMaxUf?: number | null
  @OneOf(['label-limit', 'ten-percent'], some) school?: 'label-limit' | 'ten-percent'
  @Text({ ...some, max: 300 }) tools?: string
  @flag() catRated?: 0 | 1
  @flag() singleKeys?: 0 | 1
  @flag() demoParts?: 0 | 1
  @flag() introduced?: 0 | 1
  @OneOf(['light', 'dark', 'sun'], some) theme?: 'light' | 'dark' | 'sun'
}

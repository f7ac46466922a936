import { OneOf, Text } from '../input'

const ends = ['shaft-end', 'lead-end'] as const
const ways = ['clockwise', 'counterclockwise'] as const

export class ConvertRotationDto {
  @OneOf(['CW', 'CCW']) direction!: 'CW' | 'CCW'
  @OneOf(ends) viewedFrom!: 'shaft-end' | 'lead-end'
  @OneOf(ends) wanted!: 'shaft-end' | 'lead-end'
}

export class AxialRotationDto {
  @OneOf(['axial']) fan!: 'axial'
  @OneOf(ways) bladeSlopesDownToward!: 'clockwise' | 'counterclockwise'
  @OneOf(['discharge', 'intake']) viewedFrom!: 'discharge' | 'intake'
}

export class CentrifugalRotationDto {
  @OneOf(['centrifugal']) fan!: 'centrifugal'
  @OneOf(['forward', 'backward']) curve!: 'forward' | 'backward'
  @OneOf(ways) cupsOpenToward!: 'clockwise' | 'counterclockwise'
  @Text({ max: 60 }) viewedFrom!: string
}

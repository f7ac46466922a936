import { ToleranceInput } from '../capacitor/input'
import { MapOf, Nested, Num, OneOf, PlainList, PositiveOrList } from '../input'
import { type RecordedSureness, recordedSurenesses } from '../knowledge/recordingsCounted'
import type { CauseId, FamilyId, ToolId } from '../knowledge/vocabulary'
import {
  causeIds,
  familyIds,
  isObservation,
  type MotorKindId,
  motorKindIds,
  type ObservationId,
  observationIds,
  observationInfo,
  toolIds,
} from '../knowledge/vocabulary'

class WeightsInput {
  @Num({ optional: true, min: 0, max: 1000 }) perMinute?: number
  @Num({ optional: true, min: 0, max: 1000 }) riskFactor?: number
}

class PlateFiguresInput {
  @PositiveOrList({ optional: true, about: 'one figure, or all that the plate prints: [208, 230]' }) volts?:
    | number
    | number[]
  @Num({ optional: true, above: 0 }) hz?: number
  @Num({ optional: true, above: 0 }) controlVolts?: number
  @Num({ optional: true, above: 0 }) fanUf?: number
  @Num({ optional: true, above: 0 }) otherUf?: number
  @Nested(() => ToleranceInput, { optional: true }) tolerancePercent?: ToleranceInput
  @Num({ optional: true, above: 0 }) brushNewMm?: number
}

class KnownInput {
  @PlainList('string', { optional: true, values: causeIds }) strike?: CauseId[]
  @OneOf(causeIds, { optional: true }) set?: CauseId
}

function observationFault(key: string, value: unknown): string | null {
  if (!isObservation(key)) return `"${key}" is not an observation`
  const { values, measure } = observationInfo(key)
  if (typeof value === 'string')
    return values.includes(value) ? null : `${key} must be one of: ${values.join(', ')}`
  if (measure && (value === null || (typeof value === 'number' && Number.isFinite(value) && value >= 0)))
    return null
  return `${key} must be one of: ${values.join(', ')}${measure ? `, or a number in ${measure}` : ''}`
}

export class DiagnoseDto {
  @OneOf(familyIds) family!: FamilyId
  @OneOf(motorKindIds, { optional: true }) motorKind?: MotorKindId
  @Num({ optional: true, min: 0, max: 150 }) ageYears?: number
  @MapOf({ anyOf: [{ type: 'string' }, { type: 'number' }, { type: 'null' }] }, observationFault, {
    about: 'observation → value, or a number where it has a measure',
  })
  observations!: Partial<Record<ObservationId, string | number | null>>
  @OneOf(recordedSurenesses, { optional: true }) recorded?: RecordedSureness
  @PlainList('string', { optional: true, values: toolIds }) tools?: ToolId[]
  @PlainList('string', { optional: true, values: observationIds }) declined?: ObservationId[]
  @Nested(() => WeightsInput, { optional: true }) weights?: WeightsInput
  @Nested(() => PlateFiguresInput, { optional: true }) plate?: PlateFiguresInput
  @Nested(() => KnownInput, { optional: true }) known?: KnownInput
}

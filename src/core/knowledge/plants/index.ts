import type { FamilyId, MotorKindId } from '../vocabulary'
import { draftInducer, furnaceBlower, furnaceBlowerEcm, pelletStove } from './blowers'
import { caravanHeater, condenserFan, dehumidifier, ductless, freezerFan } from './coolers'
import { atticFan, bathFan, bathFanPsc, ceilingFan, heatRecovery, otherFan, rangeHood } from './houseFans'
import { outdoorUnit } from './outdoorUnit'
import type { PlantBuild } from './types'

/** Every machine that can be practised on; a further build of a family is a further entry. */
export const plantBuilds: PlantBuild[] = [
  outdoorUnit,
  furnaceBlower,
  furnaceBlowerEcm,
  draftInducer,
  bathFan,
  bathFanPsc,
  ceilingFan,
  rangeHood,
  atticFan,
  freezerFan,
  condenserFan,
  caravanHeater,
  ductless,
  pelletStove,
  heatRecovery,
  dehumidifier,
  otherFan,
]

/** The build of a family and kind; without a kind its first. */
export const plantBuild = (family: FamilyId, kind?: MotorKindId): PlantBuild | undefined =>
  plantBuilds.find((build) => build.family === family && (kind === undefined || build.kind === kind))
